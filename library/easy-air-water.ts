/** Told demonstrations: air and water. */
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

export const AIR_AND_WATER: Written[] = [
  eggInBottle,
  strawThroughPotato,
  diver,
  liquidTower,
  risingWater,
];
