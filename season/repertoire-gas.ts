/** Colours, gas, soap, and what the air holds up. */
import type { Demo } from '../core/repertoire/types';
import { COLD_GEAR } from './repertoire-air';
import {
  after,
  coldHand,
  EVERYBODY,
  helper,
  judged,
  kit,
  method,
  performer,
  plainDemo,
  prepare,
  reset,
  set,
  setting,
  settle,
  step,
} from './write';

const cabbageColours: Demo = plainDemo(
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
      goesAllowed: 2,
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
        kit('wide-bowl', 1, 'piece'),
        kit('stem-glass', 5, 'piece'),
        kit('vinegar', 1, 'tsp'),
        kit('bicarbonate', 1, 'tsp'),
        kit('washing-soda', 0.5, 'tsp'),
        kit('tray', 1, 'piece'),
        kit('goggles', 1, 'piece'),
      ],
      priorWorked: 6,
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

const fillingBalloon: Demo = plainDemo(
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
        prepare('powder', 'Fill the balloon with powder', [40, 50, 70], { place: 'wings' }),
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
      priorWorked: 7,
      priorFailed: 1,
    },
    [
      ['splash', 'Goggles; the bottle points at nobody.'],
      ['allergen', 'Latex: no balloon to anybody from the audience.', EVERYBODY],
      ['slip', 'Wiped before the next comes on.'],
    ],
  ),
);

const fogBubbles: Demo = plainDemo(
  'fog-bubbles',
  'Fog bubbles',
  'A bubble as big as a head fills with fog.',
  'Dry ice turns to gas without turning to liquid, and the gas blows the bubble.',
  {
    keywords: ['cold', 'sublimation', 'soap'],
    ageFrom: 5,
    energy: 4,
    usualPosition: 'Centre table',
  },
  method(
    'bowl',
    'soap skin on a bowl',
    'A little dry ice in warm water in a wide bowl, a soap film drawn over the rim with a strip of cloth.',
    {
      goesAllowed: 4,
      warning: 'Very cold things on the table. Nobody touches the white pieces.',
      settings: [set('ice', 'Dry ice', 80, 'g'), set('water', 'Warm water', 600, 'mL')],
      needs: { water: true, clearM: 2 },
      care: {
        disposal:
          'Dry ice left over, and the bowl with what is in it, stand outdoors, open, until it has gone; whoever is there is told that its gas takes the place of air.',
      },
      leaves: [
        {
          id: 'wet',
          kind: 'water',
          where: 'position',
          time: { shortest: 30, likely: 45, longest: 60 },
          hands: [performer],
        },
      ],
      tasks: [
        prepare('bowl', 'Set bowl and cloth', [30, 40, 50]),
        prepare('warm', 'Pour warm water', [20, 30, 40], { after: [after('bowl', 0, 300)] }),
        step('drop', 'Tip the dry ice in with the long tongs', [15, 20, 30], {
          eachGo: true,
          hands: [coldHand('performer')],
          say: 'It does not melt. It goes straight to gas.',
          gearOn: ['Goggles', 'Loose insulated gloves'],
          careful: 'Tongs, never fingers; bowl open, never a lid.',
          hazards: ['cryogen', 'asphyxiant'],
        }),
        step('skin', 'Draw the film over the rim', [20, 30, 50], {
          eachGo: true,
          hands: [performer, helper],
          say: 'One breath of a whole hall, in a skin of soap.',
          cue: 'Count until it bursts',
          gearOff: ['Loose insulated gloves'],
          careful: 'Gloves off: the cloth is wet. Nobody reaches into the bowl.',
          hazards: ['asphyxiant', 'slip'],
        }),
        step('why', 'Explain while it falls over the edge', [40, 60, 80], {
          say: 'The gas is heavier than the air: see how it runs off the table.',
          hazards: ['asphyxiant'],
        }),
        reset(
          'out',
          'Carry the bowl outdoors, open, and leave it until it has gone',
          [40, 60, 90],
          {
            hands: [coldHand('anyone')],
            gearOn: ['Goggles', 'Loose insulated gloves'],
            careful: 'Nobody bends over it; its gas is told where it stands.',
            hazards: ['cryogen', 'asphyxiant'],
          },
        ),
        reset('wipe', 'Wipe the table', [30, 45, 60], { hazards: ['slip'] }),
      ],
      kit: [
        kit('wide-bowl', 1, 'piece'),
        kit('dry-ice', 80, 'g', 'perGo', 'In an open box, never a closed one'),
        kit('warm-water', 600, 'mL', 'perGo'),
        kit('detergent', 2, 'squirt'),
        kit('long-tongs', 1, 'piece'),
        kit('towels', 2, 'piece'),
        kit('cold-gloves', 1, 'pair'),
        kit('goggles', 1, 'piece'),
      ],
      calculators: [
        judged('cold-in-water', {
          kind: 'dryIce',
          cold: setting('ice'),
          water: setting('water'),
          from: 40,
        }),
      ],
      priorWorked: 5,
      priorFailed: 2,
    },
    [
      ['cryogen', 'Tongs and loose dry gloves; pieces stay in the bowl.', EVERYBODY],
      [
        'asphyxiant',
        'Doors open; nobody lies down or sits a small child beside the table.',
        EVERYBODY,
      ],
      ['slip', 'Wiped before anybody else works there.'],
    ],
  ),
);

const heldUpWater: Demo = plainDemo(
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
      priorWorked: 8,
      priorFailed: 1,
    },
    [
      ['slip', 'Over a tray; wiped at once.'],
      ['shatter', 'Heavy tumbler without chips, held low over the tray.', EVERYBODY],
    ],
  ),
);

const shrinkingBalloon: Demo = plainDemo(
  'shrinking-balloon',
  'Shrinking balloon',
  'A fat balloon goes into a small flask, and comes out fat again.',
  'Air that is cooled that far takes up next to no room.',
  { keywords: ['cold', 'gas', 'nitrogen'], ageFrom: 6, energy: 4, usualPosition: 'Centre table' },
  method(
    'long-balloon',
    'long balloon',
    'A long balloon of air pushed with tongs into liquid nitrogen, then taken out.',
    {
      goesAllowed: 2,
      warning:
        'Very cold liquid on the table. Stay in your seats until we say. Balloons are of latex: tell us if you are allergic.',
      settings: [
        set('balloon', 'Balloon weighs', 3, 'g', 'weighed once'),
        set('skin', 'Skin, thick', 0.3, 'mm', 'measured once'),
        set('liquid', 'Liquid in the flask', 500, 'mL'),
      ],
      needs: { clearM: 3 },
      care: { disposal: 'What is over stands outdoors, lid loose, until it has gone.' },
      tasks: [
        prepare('blow', 'Pump the balloon up', [20, 30, 40], { place: 'wings' }),
        prepare('pour', 'Pour a little to chill the flask', [60, 90, 120], {
          place: 'wings',
          hands: [coldHand('anyone')],
          gearOn: COLD_GEAR,
          careful: 'Vent clear, lid loose, never closed.',
          hazards: ['cryogen', 'asphyxiant'],
        }),
        settle('chill', 'Flask chilling', [480, 600, 900], {
          place: 'wings',
          after: [after('pour')],
          hazards: ['cryogen', 'asphyxiant'],
        }),
        prepare('top-up', 'Top the flask up', [40, 60, 90], {
          place: 'wings',
          hands: [coldHand('anyone')],
          gearOn: COLD_GEAR,
          after: [after('chill', 0, 3000)],
          hazards: ['cryogen', 'asphyxiant'],
        }),
        prepare('carry', 'Bring the flask on', [30, 40, 60], {
          hands: [coldHand('anyone')],
          gearOn: COLD_GEAR,
          after: [after('top-up', 0, 1200), after('blow')],
          hazards: ['cryogen'],
        }),
        step('in', 'Push the balloon in with the long tongs', [40, 60, 80], {
          eachGo: true,
          hands: [coldHand('performer')],
          say: 'Where does all that air go?',
          cue: 'Hold your breath with it',
          gearOn: COLD_GEAR,
          careful: 'Nothing absorbent at the wrists.',
          hazards: ['cryogen', 'asphyxiant'],
        }),
        step('out', 'Lift it out and let it grow', [30, 45, 60], {
          eachGo: true,
          hands: [coldHand('performer')],
          say: 'And here it comes back.',
          hazards: ['cryogen'],
        }),
        step('why', 'Explain with the fat balloon', [40, 60, 80], {
          say: 'The same air, the same balloon. Only colder, and then warm again.',
        }),
        reset('off', 'Take the flask off', [40, 60, 90], {
          hands: [coldHand('anyone')],
          gearOn: COLD_GEAR,
          hazards: ['cryogen'],
        }),
      ],
      kit: [
        kit('cold-flask', 1, 'piece', 'perShow', '', { chilled: true }),
        kit('nitrogen', 0.5, 'L', 'perGo'),
        kit('balloon', 1, 'piece', 'perGo'),
        kit('long-tongs', 1, 'piece'),
        kit('goggles', 2, 'piece'),
        kit('cold-gloves', 2, 'pair'),
        kit('face-shield', 2, 'piece'),
      ],
      calculators: [
        judged('chill', {
          kind: 'nitrogen',
          material: 'rubber',
          mass: setting('balloon'),
          thick: setting('skin'),
          there: setting('liquid'),
        }),
      ],
      priorWorked: 4,
      priorFailed: 1,
    },
    [
      [
        'cryogen',
        'Trained hands, loose dry gloves, goggles and shield for each, long tongs; no closed vessel.',
        EVERYBODY,
      ],
      ['asphyxiant', 'Doors open; all that was fetched counts in the air of the room.', EVERYBODY],
      ['allergen', 'Latex: no balloon to anybody from the audience.', EVERYBODY],
    ],
  ),
);

export const GAS_AND_COLOUR: Demo[] = [
  cabbageColours,
  fillingBalloon,
  fogBubbles,
  heldUpWater,
  shrinkingBalloon,
];
