/** Told demonstrations: what things are made of, and colour. */
import { told } from './told';
import { EVERYBODY, type Written } from './write';

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

export const MATTER_AND_COLOUR: Written[] = [starch, skewered, glassClock];
