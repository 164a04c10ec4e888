/** Told demonstrations: air, water, what things are made of, colour. */
import { told } from './told';
import { EVERYBODY, type Written } from './write';

const eggInBottle = told(
  'egg-in-bottle',
  `
The egg goes in @Left bench
people see: A peeled egg is too wide for the neck. Then the bottle takes it in by itself.
idea: Air that cools takes less room, and the air outside pushes the egg in.
ages: 5 to 99
energy: 3

method: hot water
about: The bottle is warmed with hot water and emptied; no flame.
goes: 2
before:
Peel the egg and wet it, 0:40, off stage
Fill the bottle with 300 mL warm water, 0:30
show:
Show that the egg sits on the neck, 0:30
say: It is too wide. Shall I push?
Pour the water out, 0:15
wear: Splash gloves
when steam at the neck -> 0:05–0:15, Set the egg on the wet neck, 0:15
cue: Count how long it takes
Watch it go in, 0:50 (0:30–1:40)
say: Nobody pushed. What did?
Blow into the bottle to get it out again, 0:30 (0:20–0:50)
clear:
Rinse the bottle, 0:40
needs: 1 Glass bottle with an egg-wide neck, 1 Peeled boiled egg, 300 mL Warm water, Kettle, 1 pair of Splash gloves

method: burning match
about: Two matches warm the air inside.
goes: 2
before:
Peel the egg and wet it, 0:40, off stage
show:
Show that the egg sits on the neck, 0:30
say: It is too wide. Shall I push?
Drop the burning matches in and set the egg on, 0:20, performer (flame)
wear: Goggles
careful: Hair back, sleeves up.
cue: Count how long it takes
Watch it go in, 0:20 (0:10–0:40)
say: The flame went out, and then it went in. What pushed?
clear:
Matches into water, bottle rinsed, 1:00
needs: 1 Glass bottle with an egg-wide neck, 1 Peeled boiled egg, 2 Long matches, 1 Cup of water for matches, 1 Fire blanket, Goggles
`,
  {
    'hot water': {
      hazards: [
        ['hot', 'Water below 60 °C; poured away from people, gloves on.'],
        ['shatter', 'Thick glass without a chip; warmed slowly.', EVERYBODY],
        ['allergen', 'Egg: hands washed, nobody eats it.', EVERYBODY],
      ],
      needs: { water: true },
      care: { disposal: 'Egg into the household waste.' },
    },
    'burning match': {
      hazards: [
        ['openFlame', 'On a bare table, blanket within reach, matches into water.'],
        ['shatter', 'Thick glass without a chip.', EVERYBODY],
        ['allergen', 'Egg: hands washed, nobody eats it.', EVERYBODY],
      ],
      needs: { clearM: 1 },
      care: {
        disposal: 'Egg into the household waste.',
        extinguisher: 'blanket',
        heldBy: 'helper',
      },
    },
  },
  { keywords: ['pressure', 'air', 'egg'] },
);

const strawThroughPotato = told(
  'straw-through-potato',
  `
Straw through a potato @Left bench
people see: A paper straw goes straight through a raw potato.
idea: With the end closed, the air inside keeps the straw from folding.
ages: 6 to 99
energy: 3

method: thumb on the end
about: First with the end open, then with a thumb on it.
goes: 3
show:
Try it with the end open, 0:25
say: It folds. Is the potato too hard, or the straw too soft?
Thumb on the end, and straight through, 0:20, each go
careful: Hold the potato at its side, never behind it.
cue: Hands up who saw it
Let somebody pull the straw and look through it, 0:40
say: A plug of potato, and the air that held the straw straight.
clear:
Wipe the juice, 0:30
needs: 1 Raw potato, 3 Stiff paper straws
`,
  {
    'thumb on the end': {
      hazards: [['projectile', 'The hand holds the side; nobody is behind it.', EVERYBODY]],
      leaves: [
        {
          id: 'juice',
          kind: 'water',
          where: 'position',
          time: { shortest: 20, likely: 30, longest: 60 },
          hands: [{ role: 'anyone', count: 1, competence: null }],
        },
      ],
    },
  },
  { keywords: ['pressure', 'air', 'strength'] },
);

const diver = told(
  'bottle-diver',
  `
The diver in the bottle @Left bench
people see: A diver in a bottle goes down and comes up as it is told.
idea: Pressed, the air in the diver takes less room, and the diver is too heavy to float.
ages: 5 to 99
energy: 2

method: dropper
about: A glass dropper that just floats.
goes: 5
before:
Fill the bottle with 500 mL tap water to the brim, 0:50
Fill the dropper until it just floats, 1:30 (0:50–3:00)
show:
Tell it to go down, and press, 0:30, each go
cue: Tell it yourselves: down, up, stop
Show the water rise in the dropper, 0:50
say: Look at the air in its head when I press.
clear:
Empty the bottle, 0:30
needs: 1 Clear drinks bottle with cap, 1 Glass dropper, 500 mL Tap water a show

method: sauce sachet
about: A sealed sachet with a clip; nothing that breaks.
goes: 5
before:
Try which sachet just floats, 2:00 (1:00–4:00)
Fill the bottle with 500 mL tap water to the brim, 0:50
show:
Tell it to go down, and press, 0:30, each go
cue: Tell it yourselves: down, up, stop
Show that the sachet gets thinner, 0:50
clear:
Empty the bottle, 0:30
needs: 1 Clear drinks bottle with cap, 3 Sealed sauce sachets a show, 2 Paper clips, 500 mL Tap water a show
`,
  {
    dropper: {
      hazards: [['slip', 'A tray under it; what is spilled is wiped at once.', EVERYBODY]],
      needs: { water: true },
    },
    'sauce sachet': {
      hazards: [['slip', 'A tray under it; what is spilled is wiped at once.', EVERYBODY]],
      needs: { water: true },
    },
  },
  { keywords: ['floating', 'pressure', 'water'] },
);

const liquidTower = told(
  'liquid-tower',
  `
Liquids that stack @Left bench
people see: Four liquids lie on each other, and each thing dropped in stops at its own floor.
idea: What is lighter for its size lies on top.
ages: 5 to 99
energy: 2

method: four layers
about: Syrup, coloured water, oil, and three small things.
goes: 1
before:
Colour 100 mL tap water, 0:40
show:
Pour 100 mL sugar syrup, 0:25
Pour the coloured water over a spoon, 0:40
say: Slowly. Will they mix?
Pour 100 mL cooking oil, 0:35
Drop the small things in one by one, 0:50
cue: Point to where it will stop
say: The nut falls all the way. The cork never gets wet.
clear:
Carry the glass off, 0:30
needs: 1 Tall straight glass, 100 mL Sugar syrup, 100 mL Tap water, 1 mL Food colour, 100 mL Cooking oil, 1 set of "Grape, cork and nut to drop in"
`,
  {
    'four layers': {
      hazards: [
        ['slip', 'Oil on the floor is wiped at once, with soap.', EVERYBODY],
        ['allergen', 'The nut stays in the glass; said before.', EVERYBODY],
      ],
      care: { disposal: 'Oil into a bottle for the waste, never down the drain.' },
    },
  },
  { keywords: ['density', 'floating', 'liquids'] },
);

const starch = told(
  'walk-on-starch',
  `
Hard when hit @Centre table
people see: White slime is a liquid in the hand and a stone under the fist.
idea: Pressed fast, its grains lock; left alone, they slide.
ages: 4 to 99
energy: 4

method: bowl and mallet
about: Half a kilogram in a bowl, hit with a mallet.
goes: 4
volunteers: 1
before:
Stir 500 g cornflour into 300 mL tap water, 3:00 (2:00–5:00)
show:
Let it run through the fingers, 0:30
Hit it with the mallet, 0:30, each go
wear: Goggles
cue: Duck!
say: Nothing splashed. Is it a liquid?
A volunteer puts a fist in slowly, then pulls fast, 1:00 (0:40–1:40)
clear:
Cover the bowl, wipe the table, 1:10
needs: Wide bowl, 500 g Cornflour a show, 300 mL Tap water a show, Rubber mallet, 2 Goggles, 2 Drying towels

method: trough to run on
about: Eight kilograms in a long trough; somebody runs over it.
goes: 3
volunteers: 1
before:
Stir 8 kg cornflour into 5 L tap water in the trough, 20:00 (15:00–30:00), 2 helpers, off stage
Carry the trough on, 1:00 (0:40–1:40), 2 helpers
show:
Let it drip from a spoon, 0:30
The volunteer runs over it and back, 1:00 (0:40–1:40), performer, helper, each go
say: Stand still now, and see.
careful: A hand to hold on both sides.
Pull the volunteer out by both hands, 0:30
clear:
Feet washed, floor wiped, 3:00 (2:00–5:00), 2 helpers
needs: Long shallow trough, 8 kg Cornflour a show, 5 L Tap water a show, Wooden spoon, 6 Drying towels, Soft mat to drop on
`,
  {
    'bowl and mallet': {
      hazards: [
        ['splash', 'Goggles for both; front row at 2 m.', ['performer', 'volunteer']],
        ['slip', 'Wiped before anybody walks there.', EVERYBODY],
      ],
      needs: { water: true, clearM: 2 },
      care: { disposal: 'Into the household waste, never down the drain: it sets.' },
      volunteerCard: {
        suits: 'Anybody with sleeves up',
        ask: 'Who dares to hit it?',
        mustNot: ['looseJewellery'],
      },
    },
    'trough to run on': {
      hazards: [
        ['slip', 'A hand on both sides, a mat at both ends, bare feet.', ['volunteer', 'crew']],
        ['lifting', 'Full it is carried by four, or filled where it stands.', ['crew']],
      ],
      needs: { water: true, clearM: 3, levelFloor: true },
      care: { disposal: 'Into the household waste, never down the drain: it sets.' },
      volunteerCard: {
        suits: 'Sure on their feet, shoes and socks off',
        ask: 'Who can run on water?',
        mustNot: ['unsteady', 'pregnant'],
        wayOff: 'Along the mat, to the towel',
      },
    },
  },
  { keywords: ['slime', 'liquids', 'grains'] },
);

const skewered = told(
  'skewered-balloon',
  `
Skewered balloon @Left bench
people see: A skewer goes in at one side of a balloon and out at the other, and nothing bursts.
idea: At the knot and at the dark end the skin is least stretched, and it closes round the wood.
ages: 5 to 99
energy: 3

method: knot to end
about: One that bursts first, at the side; then the one that does not.
goes: 3
before:
Blow up the balloons, not quite full, 1:30 (1:00–2:30), off stage
show:
Prick one at its side, 0:20
wear: Goggles
cue: Cover your ears
say: That was easy. Now without the bang.
Twist the oiled skewer in beside the knot and out at the end, 0:50 (0:30–1:20), each go
careful: Point away from your own hand.
Walk the first row with it, 0:30
clear:
Skins into the bag, 0:20
needs: 3 Balloons a show, 2 Long wooden skewers a show, 1 mL Cooking oil, Balloon pump, Goggles
`,
  {
    'knot to end': {
      hazards: [
        ['loud', 'Said before; ears covered for the first one.', EVERYBODY],
        ['latex', 'Asked before; no volunteer with a latex allergy, pieces picked up.', EVERYBODY],
        ['projectile', 'Goggles; the point away from hands and people.'],
      ],
    },
  },
  { keywords: ['rubber', 'stretch', 'balloon'] },
);

const glassClock = told(
  'glass-clock',
  `
Clock in a glass @Left bench
people see: Clear water turns black all at once, and to the second.
idea: Vitamin C uses up the iodine as it forms; when it is gone, starch and iodine show.
ages: 8 to 99
energy: 4

method: one glass
about: One glass, a count of about forty.
goes: 2
before:
Crush and dissolve 1 vitamin C tablet, 500 mg in 60 mL warm water, 1:30 (1:00–2:30), off stage
wear: Goggles, Splash gloves
Stir 5 mL of it and 3 mL iodine tincture 2 % into 60 mL warm water, 0:40, off stage
careful: It must have gone clear.
Stir 10 mL hydrogen peroxide 3 % and 5 mL liquid starch into 60 mL warm water, 0:40, off stage
show:
Pour the one into the other and start the count, 0:20, each go
wear: Goggles, Splash gloves
cue: Count with me
Count, 0:45 (0:30–1:20), each go
say: Say when. Nobody knows the second.
Say what ran out, 0:50
take off: Goggles, Splash gloves
clear:
Glasses into the waste tub, 1:00
wear: Splash gloves
needs: 2 Tall straight glasses a go, 1 "Vitamin C tablet, 500 mg", 180 mL Warm water, 3 mL Iodine tincture 2 %, 10 mL Hydrogen peroxide 3 %, 5 mL Liquid starch, 2 Goggles, 2 pairs of Splash gloves

method: row of three
about: Three glasses with different strengths turn one after the other.
goes: 1
before:
Make the three pairs of glasses up, 5:00 (4:00–7:00), off stage
wear: Goggles, Splash gloves
careful: Marked one to three; each clear before it is carried.
show:
Pour all three pairs together, 0:30, performer, helper
wear: Goggles, Splash gloves
cue: Point to the one that goes first
Watch them turn one by one, 1:10 (0:50–1:50)
say: The same clock with more and less to use up.
Say what ran out, 0:50
take off: Goggles, Splash gloves
clear:
Glasses into the waste tub, 1:30
wear: Splash gloves
needs: 6 Tall straight glasses, 1 "Vitamin C tablet, 500 mg", 540 mL Warm water, 9 mL Iodine tincture 2 %, 30 mL Hydrogen peroxide 3 %, 15 mL Liquid starch, 2 Goggles, 2 pairs of Splash gloves
`,
  {
    'one glass': {
      hazards: [
        ['splash', 'Goggles and gloves; front row at 1.5 m.'],
        ['slip', 'A tray under it.', EVERYBODY],
      ],
      care: {
        disposal:
          'A crushed vitamin tablet takes the colour out; then down the drain with much water, where the venue allows it.',
      },
    },
    'row of three': {
      hazards: [
        ['splash', 'Goggles and gloves; front row at 1.5 m.'],
        ['slip', 'A tray under it.', EVERYBODY],
      ],
      care: {
        disposal:
          'A crushed vitamin tablet takes the colour out; then down the drain with much water, where the venue allows it.',
      },
    },
  },
  { keywords: ['reaction', 'clock', 'colour'] },
);

const risingWater = told(
  'rising-water',
  `
The candle that drinks @Left bench
people see: A glass over a candle goes dark, and the water climbs into it.
idea: The hot air leaves in bubbles at first; what stays cools and takes less room.
ages: 5 to 99
energy: 2

method: tea light
about: One tea light in a bowl of coloured water.
goes: 3
before:
Pour 300 mL tap water with colour into the bowl, 0:40
show:
Light the tea light, 0:20, performer (flame)
careful: Hair back, sleeves up.
Set the glass over it, 0:20, each go
cue: Say stop when it goes out
Watch the water climb, 0:30 (0:20–0:50), each go
say: Look for the bubbles. What left, so that water could come in?
clear:
Candle out and cold, bowl emptied, 1:00
needs: Wide bowl, 1 Tea light, 300 mL Tap water a show, 1 mL Food colour a show, Tall straight glass, 1 Long match, Cup of water for matches, Fire blanket
`,
  {
    'tea light': {
      hazards: [
        ['openFlame', 'On a bare table, blanket within reach.'],
        ['slip', 'A tray under it.', EVERYBODY],
      ],
      care: { extinguisher: 'blanket', heldBy: 'helper', disposal: 'Water down the drain.' },
    },
  },
  { keywords: ['candle', 'air', 'water'] },
);

export const EASY_STILL: Written[] = [
  eggInBottle,
  strawThroughPotato,
  diver,
  liquidTower,
  starch,
  skewered,
  glassClock,
  risingWater,
];
