/** What goes home with the audience of the library’s demonstrations: amounts as a kitchen has them. */
import { type HandOut, type HomeThing, NO_HAND_OUT } from '../core/repertoire/handOut';
import type { UnitId } from '../core/units/units';

const thing = (itemId: string, amount: number, unit: UnitId = 'piece'): HomeThing => ({
  id: itemId,
  itemId,
  amount,
  unit,
});

const at = (of: Partial<HandOut>): HandOut => ({ ...NO_HAND_OUT, ...of });
const lines = (...all: readonly string[]): string => all.join('\n');

export const HAND_OUTS: Readonly<Record<string, HandOut>> = {
  'smoke-ring-drum': at({
    atHome: 'never',
    whyNot: 'Stage fog comes out of a hot machine, and it takes a hall to thin out again.',
    questions: ['The ring flies, and the drum stays: what travels across the room?'],
  }),
  'cloud-burst': at({
    atHome: 'never',
    whyNot: 'A stopper that flies out of a pumped bottle hits as hard as a thrown ball.',
    questions: ['Where do you see a cloud when you let the air out of a bicycle tyre?'],
  }),
  'crushed-can': at({
    atHome: 'never',
    whyNot: 'Steam burns faster than hot water, and you can’t see it.',
    questions: ['Nobody pushed the can. Who or what did?'],
  }),
  'cold-flower': at({
    atHome: 'never',
    whyNot: 'The liquid burns, and as it boils away it takes the air of a room with it.',
    questions: ['Why does a petal break like glass, when a towel dipped in would not?'],
  }),
  'foam-fountain': at({
    saw: 'A cylinder that filled itself, and went on filling.',
    why: 'Hydrogen peroxide falls apart into water and oxygen, very slowly. Something in yeast makes it fast, and the soap catches every bubble.',
    atHome: 'adult',
    methodId: 'gentle',
    steps: lines(
      'Stand a small bottle on a tray in the sink. Goggles on.',
      'Pour in the peroxide from the chemist, as weak as it is sold there, and a squirt of washing-up liquid.',
      'Stir the yeast into three spoons of warm water, wait a minute, pour it in at once.',
      'Step back and look. Rinse it all down with plenty of water.',
    ),
    things: [
      thing('peroxide-3', 60, 'mL'),
      thing('yeast', 1, 'tsp'),
      thing('detergent', 1, 'squirt'),
      thing('warm-water', 45, 'mL'),
      thing('tray', 1),
    ],
    figures: [
      { settingId: 'peroxide', value: 60 },
      { settingId: 'yeast', value: 0.34 },
    ],
    without: ['oxidiser'],
    questions: [
      'Where did all that gas come from?',
      'Is the yeast used up? How could you find out?',
    ],
  }),
  'static-dome': at({
    atHome: 'never',
    whyNot: 'The dome is a high-voltage machine: only with somebody who is trained for it.',
    questions: ['Why does hair stand up one by one, and not in a bundle?'],
  }),
  'slow-falling-magnet': at({
    atHome: 'never',
    whyNot: 'Magnets as strong as that pinch, and two that are swallowed are an emergency.',
    questions: ['Copper is not magnetic. What holds the magnet back?'],
  }),
  'spinning-stool': at({
    saw: 'Arms in, and the stool turned faster without a push.',
    atHome: 'adult',
    steps: lines(
      'Sit on a chair that turns, far from every edge; somebody stands beside it.',
      'A full bottle in each hand, arms out. Have yourself turned slowly.',
      'Pull the bottles to your chest. Stop at once when you are giddy.',
    ),
    things: [thing('clear-bottle', 2)],
    figures: [{ settingId: 'weight', value: 0.5 }],
    questions: ['Who else pulls their arms in to turn faster?'],
  }),
  'balancing-forks': at({
    saw: 'Two forks on one match, and nothing beneath them.',
    atHome: 'alone',
    steps: lines(
      'Push the two forks into each other, so that they hold.',
      'A wooden stick goes between them, its other end on the rim of a paper cup full of water.',
      'Move the stick until it stays. Where would it have to touch?',
    ),
    things: [thing('forks', 2), thing('sticks', 1), thing('paper-cups', 1)],
    without: ['shatter'],
    questions: ['Where is the middle of all that weight? Point at it.'],
  }),
  'cabbage-colours': at({
    atHome: 'adult',
    steps: lines(
      'An adult pours hot water on chopped red cabbage, and lets it stand until it is cold.',
      'Pour the juice into three paper cups. Vinegar into one, baking powder into another.',
      'Try lemon, soap, milk. Nothing of it is drunk.',
    ),
    things: [
      thing('red-cabbage', 60, 'g'),
      thing('vinegar', 1, 'tsp'),
      thing('bicarbonate', 1, 'tsp'),
      thing('paper-cups', 3),
    ],
    without: ['shatter'],
    questions: ['What colour would the middle be, where neither wins?'],
  }),
  'filling-balloon': at({
    atHome: 'adult',
    steps: lines(
      'Pour the vinegar into a small bottle, the powder into the balloon.',
      'Stretch the balloon over the neck without letting anything fall.',
      'Lift it up, and hold the neck.',
    ),
    things: [
      thing('vinegar', 50, 'mL'),
      thing('bicarbonate', 3.5, 'g'),
      thing('balloon', 1),
      thing('clear-bottle', 1),
    ],
    figures: [
      { settingId: 'vinegar', value: 50 },
      { settingId: 'powder', value: 3.5 },
    ],
    questions: ['Would twice the powder make it twice as large?'],
  }),
  'bottle-diver': at({
    atHome: 'alone',
    methodId: 'sauce-sachet',
    steps: lines(
      'Fill the bottle to the brim. Drop the sachet in: it must just float.',
      'Screw the lid on. Squeeze, let go, squeeze.',
    ),
    things: [thing('clear-bottle', 1), thing('sauce-sachet', 1), thing('tap-water', 1, 'L')],
    questions: ['What in the sachet gets smaller when you squeeze?'],
  }),
  'rainbow-tray': at({
    atHome: 'alone',
    methodId: 'mirror-in-water',
    steps: lines(
      'Lean the mirror into a dish of water, in the sun by a window.',
      'Catch the colours on a white card. Never look into the sun, nor into its reflection.',
    ),
    things: [thing('mirror', 1), thing('tray', 1), thing('white-card', 1)],
    questions: ['Which colour is at the top?'],
  }),
  'walk-on-starch': at({
    atHome: 'adult',
    methodId: 'bowl-and-mallet',
    steps: lines(
      'Stir the water into the starch, until it drips slowly and feels hard when you hit it.',
      'Press it slowly, then fast. It goes into the bin afterwards, not down the sink.',
    ),
    things: [thing('cornflour', 200, 'g'), thing('tap-water', 120, 'mL')],
    questions: ['Is it a liquid? What would you say to somebody who says no?'],
  }),
  'falling-ruler': at({
    atHome: 'alone',
    steps: lines(
      'Somebody holds a ruler, its zero between your finger and thumb.',
      'They let go without a word. Where do you catch it? Do it ten times.',
    ),
    things: [thing('long-ruler', 1)],
    questions: ['Are you faster in the morning?'],
  }),
};
