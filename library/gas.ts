/** Colours, gas, soap, and what the air holds up. */
import {
  set,
  EVERYBODY,
  after,
  helper,
  judged,
  kit,
  method,
  plainDemo,
  prepare,
  reset,
  setting,
  settle,
  step,
  type Written,
} from './write';

const cabbageColours: Written = plainDemo(
  'cabbage-colours',
  'Cabbage colours',
  'One purple juice turns red, blue and green.',
  'The dye of red cabbage changes with sour and soapy.',
  { keywords: ['acid', 'colour', 'indicator'], ageFrom: 5, energy: 2, usualPosition: 'Left bench' },
  method(
    'five-glasses',
    'five glasses',
    'Juice poured into five glasses that look empty or hold something clear.',
    {
      goesAllowed: 1,
      settings: [
        set('juice', 'Juice in each', 60, 'mL'),
        set('vinegar', 'Vinegar in the first', 1, 'tsp'),
        set('soda', 'Hydrogencarbonate in the fourth', 1, 'tsp'),
        set('washing', 'Washing soda in the fifth', 0.5, 'tsp'),
      ],
      needs: { water: true, clearM: 1 },
      care: { disposal: 'All down the sink with water.' },
      tasks: [
        prepare('chop', 'Chop the cabbage', [60, 90, 120], {
          place: 'wings',
          careful: 'Knife back in its sheath at once.',
        }),
        prepare('steep', 'Pour hot water on it', [30, 40, 60], {
          place: 'wings',
          after: [after('chop')],
          hazards: ['hot'],
        }),
        settle('draw', 'Juice drawing', [600, 900, 1200], {
          place: 'wings',
          after: [after('steep')],
          hazards: ['hot'],
        }),
        prepare('strain', 'Strain the juice into the jug', [30, 40, 60], {
          place: 'wings',
          after: [after('draw')],
        }),
        prepare(
          'line-up',
          'Stand five glasses out: vinegar, nothing, nothing, soda, washing soda',
          [40, 60, 80],
          { gearOn: ['Goggles'], hazards: ['splash'] },
        ),
        step('pour', 'Pour the same juice into each', [50, 70, 90], {
          eachGo: true,
          say: 'The same juice in every glass. Or is it?',
          cue: 'Say the colour',
          gearOn: ['Goggles'],
          after: [after('strain', 0, 7200)],
          hazards: ['splash'],
        }),
        step('mix', 'Tip the first into the fourth', [20, 30, 40], {
          say: 'Sour meets soapy: what colour now?',
          careful: 'It fizzes over: tray beneath.',
          hazards: ['splash'],
        }),
        step('why', 'Explain with the row of colours', [40, 60, 80], {
          say: 'The cabbage tells sour from soapy, and never says it in words.',
          gearOff: ['Goggles'],
        }),
        reset('clear', 'Clear the glasses', [40, 60, 80]),
      ],
      kit: [
        kit('red-cabbage', 200, 'g'),
        kit('tap-water', 350, 'mL', 'perShow', 'For 300 mL of juice, and what stays in the leaves'),
        kit('kettle', 1, 'piece'),
        kit('knife', 1, 'piece'),
        kit('sieve', 1, 'piece'),
        kit('jug', 1, 'piece'),
        kit('wide-bowl', 1, 'piece'),
        kit('stem-glass', 5, 'piece'),
        kit('vinegar', 1, 'tsp'),
        kit('bicarbonate', 1, 'tsp'),
        kit('washing-soda', 0.5, 'tsp'),
        kit('tray', 1, 'piece'),
        kit('goggles', 1, 'piece'),
      ],
    },
    [
      ['hot', 'Poured in the wings, and not touched until it is cold enough for a hand.'],
      ['splash', 'Goggles for whoever pours: washing soda irritates eyes.'],
      [
        'shatter',
        'Thick glasses without chips, on a tray; swept up before anybody steps.',
        EVERYBODY,
      ],
      ['slip', 'Wiped before the next comes on.'],
    ],
  ),
);

const fillingBalloon: Written = plainDemo(
  'filling-balloon',
  'Balloon that fills itself',
  'A balloon on a bottle stands up and swells.',
  'Acid and hydrogencarbonate give off far more gas than their own size.',
  { keywords: ['acid', 'gas', 'reaction'], ageFrom: 5, energy: 3, usualPosition: 'Left bench' },
  method(
    'vinegar',
    'vinegar',
    'Vinegar in a small bottle, powder in the balloon, tipped in at once.',
    {
      oneShot: true,
      goesAllowed: 2,
      settings: [
        set('vinegar', 'Vinegar', 100, 'mL'),
        set('powder', 'Hydrogencarbonate', 7, 'g'),
        set('balloon', 'Balloon holds', 4, 'L', 'measured once with the pump'),
      ],
      needs: { clearM: 1.5 },
      warning:
        'A balloon of latex: whoever is allergic to it, please keep your distance and tell us.',
      care: { disposal: 'Down the sink; balloon in the bin, never let fly outdoors.' },
      tasks: [
        prepare('powder', 'Fill the balloon with powder through the funnel', [40, 50, 70], {
          place: 'wings',
        }),
        prepare('bottle', 'Pour the vinegar in', [20, 30, 40], { place: 'wings' }),
        prepare('on', 'Stretch the balloon over the neck', [15, 20, 40], {
          after: [after('powder'), after('bottle')],
        }),
        step('tip', 'Lift the balloon and let the powder fall', [20, 30, 40], {
          eachGo: true,
          say: 'Nobody blows. Watch it breathe.',
          cue: 'Breathe in with it',
          gearOn: ['Goggles'],
        }),
        step('why', 'Weigh it with the eye', [40, 60, 80], {
          say: 'There is more in there than came out of the bottle. Where was it before?',
          gearOff: ['Goggles'],
        }),
        reset('off', 'Take the balloon off and rinse', [30, 40, 50]),
      ],
      kit: [
        kit('narrow-bottle', 1, 'piece'),
        kit('funnel', 1, 'piece'),
        kit('balloon', 1, 'piece', 'perGo'),
        kit('vinegar', 100, 'mL', 'perGo'),
        kit('bicarbonate', 7, 'g', 'perGo'),
        kit('goggles', 1, 'piece'),
      ],
      calculators: [
        judged('fizz', {
          acid: 'vinegar',
          amount: setting('vinegar'),
          carbonate: setting('powder'),
          holds: setting('balloon'),
          closed: 'stretches',
          lasts: 30,
        }),
      ],
    },
    [
      ['splash', 'Goggles; the bottle points at nobody.'],
      ['allergen', 'Latex: no balloon to anybody from the audience.', EVERYBODY],
      ['slip', 'Wiped before the next comes on.'],
    ],
  ),
);

const heldUpWater: Written = plainDemo(
  'held-up-water',
  'Water that stays up',
  'A tumbler of water hangs upside down on a card.',
  'The air pushes up harder than the water pushes down.',
  { keywords: ['air pressure', 'water'], ageFrom: 5, energy: 2, usualPosition: 'Floor' },
  method(
    'card',
    'card',
    'A full tumbler, a stiff card, turned over above a tray.',
    {
      goesAllowed: 3,
      settings: [set('water', 'Water', 200, 'mL')],
      needs: { water: true, clearM: 1 },
      care: { disposal: 'Water down the sink.' },
      leaves: [
        {
          id: 'spill',
          kind: 'water',
          where: 'position',
          time: { shortest: 20, likely: 40, longest: 90 },
          hands: [helper],
        },
      ],
      tasks: [
        prepare('fill', 'Fill the tumbler to the brim', [15, 20, 30]),
        step('turn', 'Card on, turn it over, hand away', [20, 30, 40], {
          eachGo: true,
          say: 'What holds it up? Guess before I let go.',
          cue: 'Say now',
        }),
        step('why', 'Turn it upright and explain', [30, 40, 60], {
          say: 'Everything in this room is pressed from all sides, all day.',
        }),
        reset('empty', 'Empty and wipe', [20, 30, 40]),
      ],
      kit: [
        kit('tumbler', 1, 'piece'),
        kit('stiff-card', 2, 'piece', 'perGo'),
        kit('tap-water', 200, 'mL', 'perGo'),
        kit('tray', 1, 'piece'),
        kit('towels', 1, 'piece'),
      ],
      calculators: [judged('enough-goes', { worked: 8, failed: 1, goes: 2 })],
    },
    [
      ['slip', 'Over a tray; wiped at once.'],
      ['shatter', 'Heavy tumbler without chips, held low over the tray.', EVERYBODY],
    ],
  ),
);

export const GAS_AND_COLOUR: Written[] = [cabbageColours, fillingBalloon, heldUpWater];
