/** What liquid nitrogen and dry ice do. */
import type { Hand, Task } from '../core/repertoire/types';
import {
  set,
  EVERYBODY,
  after,
  coldHand,
  helper,
  judged,
  kit,
  method,
  performer,
  plainDemo,
  prepare,
  reset,
  setting,
  settle,
  step,
  type Written,
} from './write';

/** What everybody wears who pours, carries or reaches into something that cold. */
const COLD_GEAR = ['Goggles', 'Face shield', 'Loose insulated gloves'];
/** Both trained with cold liquids. */
const COLD_HANDS: Hand[] = [coldHand('performer'), coldHand('helper')];

/** A little boils away to chill the flask, and it is topped up, in the wings. */
const chilledFlask = (careful: string): Task[] => [
  prepare('pour', 'Pour a little to chill the flask', [60, 90, 120], {
    place: 'wings',
    hands: [coldHand('anyone')],
    gearOn: COLD_GEAR,
    careful,
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
];

const coldFlower: Written = {
  id: 'cold-flower',
  name: 'Cold flower',
  hook: 'A flower goes in soft and comes out like glass.',
  idea: 'At very low temperatures the water in a petal is a brittle solid.',
  keywords: ['cold', 'states of matter', 'nitrogen'],
  ageFrom: 6,
  ageTo: 99,
  energy: 4,
  talkPattern: 'showThenExplain',
  pinnedNote: '',
  usualPosition: 'Centre table',
  methods: [
    method(
      'dip-and-shatter',
      'dip and shatter',
      'One flower, one dip, crushed over the tray. A second flower stands by.',
      {
        goesAllowed: 2,
        warning: 'Very cold liquid on the table. Stay in your seats until we say.',
        settings: [
          set('dip', 'Time in the cold', 30, 's'),
          set('petal', 'Petals and stem, thick', 2, 'mm', 'measured once'),
          set('liquid', 'Liquid in the flask', 600, 'mL'),
        ],
        tasks: [
          ...chilledFlask('Door open, lid loose, never in a closed vessel.'),
          prepare('carry', 'Bring the flask and the tray on', [30, 40, 60], {
            hands: [coldHand('anyone')],
            gearOn: COLD_GEAR,
            after: [after('top-up', 0, 1500)],
            hazards: ['cryogen'],
          }),
          step('soft', 'Crush a soft petal', [40, 50, 60], {
            say: 'It bends, it squashes. It smells of summer.',
          }),
          step('dip', 'Dip the flower with the long tongs and count', [40, 50, 60], {
            eachGo: true,
            hands: COLD_HANDS,
            say: 'Listen to it boil. It is boiling because the flower is too hot for it.',
            cue: 'Count down from thirty with me',
            gearOn: COLD_GEAR,
            sign: { watchFor: 'boiling dies down', waitLeast: 3, waitMost: 15 },
            careful: 'Nothing absorbent at the wrists.',
            hazards: ['cryogen', 'asphyxiant'],
          }),
          step('crush', 'Crush it low over the tray', [20, 30, 40], {
            eachGo: true,
            hands: [coldHand('performer')],
            say: 'And now it breaks like a window.',
            cue: 'Quiet. Listen',
            hazards: ['cryogen', 'shatter'],
          }),
          step('why', 'Show the tray along the table edge', [80, 110, 140], {
            say: 'The water inside has frozen so hard that it can’t bend any more.',
            careful: 'Nobody touches the bits until they are wet.',
            hazards: ['shatter'],
          }),
          reset('take-off', 'Take the flask off and sweep up', [60, 90, 120], {
            hands: [coldHand('anyone')],
            gearOn: COLD_GEAR,
            hazards: ['cryogen'],
          }),
        ],
        kit: [
          kit('cold-flask', 1, 'piece', 'perShow', '', { chilled: true }),
          kit(
            'nitrogen',
            0.6,
            'L',
            'perGo',
            'Topped up once; leave what is over to evaporate outdoors',
          ),
          kit('flower', 1, 'piece', 'perGo', 'Soft petals, short stem', { chilled: true }),
          kit('long-tongs', 1, 'piece'),
          kit('tray', 1, 'piece'),
          kit('goggles', 2, 'piece'),
          kit('cold-gloves', 2, 'pair'),
          kit('face-shield', 2, 'piece'),
        ],
        needs: { clearM: 3 },
        care: {
          disposal:
            'What is over stands outdoors, lid loose, until it has gone; bits swept up cold.',
        },
        calculators: [
          judged('chill', {
            kind: 'nitrogen',
            material: 'watery',
            mass: 15,
            thick: setting('petal'),
            there: setting('liquid'),
          }),
        ],
      },
      [
        [
          'cryogen',
          'Trained hands, loose dry gloves, goggles and shield for each, long tongs, no closed vessel.',
          EVERYBODY,
        ],
        [
          'asphyxiant',
          'Doors open; all that was fetched counts in the air of the room.',
          EVERYBODY,
        ],
        ['shatter', 'Crushed low, over the tray; swept up before anybody comes near.', EVERYBODY],
      ],
    ),
  ],
};

const fogBubbles: Written = plainDemo(
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
          careful:
            'Tongs, never fingers; bowl open, never a lid. A further go: fresh warm water first.',
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
        kit('film-cloth', 1, 'piece'),
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

const shrinkingBalloon: Written = plainDemo(
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
        ...chilledFlask('Vent clear, lid loose, never closed.'),
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
          cue: 'Say when it is gone',
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
        kit('balloon-pump', 1, 'piece'),
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

/** In a show of the season, and more to choose from. */
export const COLD: Written[] = [coldFlower];
export const MORE_COLD: Written[] = [fogBubbles, shrinkingBalloon];
