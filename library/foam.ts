/** Foam from peroxide, gentle and lively. */
import type { Residue, Substitute, Task } from '../core/repertoire/types';
import {
  after,
  EVERYBODY,
  helper,
  judged,
  kit,
  method,
  performer,
  prepare,
  reads,
  reset,
  set,
  setting,
  settle,
  step,
  type Written,
} from './write';

/** Does for the cylinder, and its bore is another. */
const NARROW: Substitute[] = [
  {
    itemId: 'narrow-bottle',
    times: 1,
    unit: 'piece',
    figures: [{ settingId: 'bore', value: 2.8 }],
  },
];

/** What is left of the stronger one still stains and irritates. */
const foamClearing = (gearOn: string[]): Task[] => [
  reset('wipe', 'Wipe the table', [60, 80, 120], { gearOn, hazards: ['slip'] }),
  settle('dry', 'Table drying', [200, 240, 300], { after: [after('wipe')], hazards: ['slip'] }),
];

/** Wet until it is wiped and dried, and oxygen about for a while. */
const foamLeaves: Residue[] = [
  {
    id: 'wet',
    kind: 'foam',
    where: 'position',
    time: { shortest: 260, likely: 320, longest: 420 },
    hands: [],
  },
  {
    id: 'oxygen',
    kind: 'oxygen',
    where: 'stage',
    time: { shortest: 60, likely: 90, longest: 180 },
    hands: [],
  },
];

export const foamFountain: Written = {
  id: 'foam-fountain',
  name: 'Foam fountain',
  hook: 'A spoonful of something sends foam over the rim.',
  idea: 'A catalyst lets peroxide fall apart into water and oxygen all at once.',
  keywords: ['catalyst', 'oxygen', 'foam'],
  ageFrom: 5,
  ageTo: 99,
  energy: 4,
  talkPattern: 'predictShowExplain',
  pinnedNote: '',
  usualPosition: 'Centre table',
  methods: [
    method(
      'gentle',
      'gentle method',
      'Shop peroxide and yeast: slow to rise, kind to hands and table.',
      {
        oneShot: true,
        goesAllowed: 2,
        results: [
          reads('height', 'Height of the foam', 'cm', {
            resolution: 2,
            instrument: 'board marked every 2 cm',
            how: 'the highest mark the foam covers',
          }),
        ],
        settings: [
          set('peroxide', 'Peroxide', 110, 'mL'),
          set('strength', 'Strength', 3, 'percent'),
          set('yeast', 'Yeast', 1, 'tbsp'),
          set('cylinder', 'Cylinder holds', 0.5, 'L', 'measured once'),
          set('bore', 'Bore', 5, 'cm', 'measured once'),
        ],
        leaves: foamLeaves,
        prediction: {
          ask: 'How far will the foam come?',
          options: ['Stays in the glass', 'Over the rim', 'Up to the roof'],
          answer: 1,
          ifFails: 0,
          reveal: 'Over the rim, and it keeps on coming.',
          accepts: ['It overflows', 'Out at the top'],
          wrong: [
            {
              answer: 'The yeast breathes it out',
              then: 'In dough it does, in an hour. This takes ten seconds: too fast for breathing.',
            },
          ],
        },
        tasks: [
          prepare('tray', 'Set tray and cylinder', [60, 80, 100]),
          prepare('stir', 'Stir the yeast into warm water', [30, 40, 60], { place: 'wings' }),
          settle('soak', 'Yeast soaking', [240, 300, 420], {
            place: 'wings',
            after: [after('stir')],
          }),
          step('predict', 'Hold up the two cups', [60, 80, 100], {
            say: [
              'Two cups. This one could be water, and is not: it is peroxide, weak, from a first-aid box. And yours?',
              'Helper: Mine was asleep in a packet for a year. Ten minutes ago I gave it warm water, and it woke up.',
              'Performer: One of these is alive, then. What happens when they meet? A hand up for each: it stays in the glass, it comes over the rim, it goes up to the roof.',
              'Helper: Most of you are for the rim.',
            ].join('\n'),
            after: [after('soak', 0, 900)],
          }),
          step('colour', 'Pour the peroxide in, add detergent and colour', [30, 40, 50], {
            eachGo: true,
            say: [
              'First a squirt of this, so that we can see what is otherwise gone at once. Gas that comes out of a liquid is off into the room before you have looked. Soap catches it. It puts a thin coat round every bubble, and foam is nothing but a crowd of coats with nobody visible inside. People who look for what can’t be seen do that all the time: they give it a coat, and then they look at the coat. It is the same with dust in a beam of light, and with fog on a cold morning. And a colour, only because I like it.',
              'Room: A colour!',
              'Helper: That one it is. Ten drops.',
            ].join('\n'),
            cue: 'Shout a colour',
            gearOn: ['Goggles'],
            hazards: ['splash', 'oxidiser'],
          }),
          step('pour', 'Pour the yeast in and step back', [50, 70, 90], {
            eachGo: true,
            hands: [performer, helper],
            say: [
              'Helper: Goggles on, gloves on. Front row, lean back a little.',
              'Performer: Three, two, one, all of it at once. Stand back, and let it do the work.',
            ].join('\n'),
            gearOn: ['Goggles', 'Splash gloves'],
            hazards: ['splash', 'slip', 'oxidiser'],
          }),
          step('why', 'Feel the outside of the cylinder', [60, 80, 100], {
            say: [
              'Helper: It is warm!',
              'Performer: Falling apart gives heat away. The yeast is only the doorman: it holds the door, and it is still there when everybody is out. That is a catalyst.',
            ].join('\n'),
            gearOff: ['Splash gloves'],
            hazards: ['slip'],
          }),
          ...foamClearing([]),
        ],
        kit: [
          kit('cylinder', 1, 'piece', 'perGo', '', {
            instead: NARROW,
          }),
          kit('tray', 1, 'piece'),
          kit('measuring-cup', 2, 'piece'),
          kit('peroxide-3', 110, 'mL', 'perGo', '', {
            // A third of it has as much peroxide in it.
            instead: [
              {
                itemId: 'peroxide-9',
                times: 0.3,
                unit: 'mL',
                figures: [
                  { settingId: 'peroxide', value: 33 },
                  { settingId: 'strength', value: 9 },
                ],
              },
            ],
            strength: { value: 3, kind: 'massPerVolume' },
          }),
          kit('yeast', 1, 'tbsp', 'perGo'),
          kit('warm-water', 3, 'tbsp', 'perGo'),
          kit('detergent', 1.5, 'squirt', 'perGo'),
          kit('colour', 10, 'drop', 'perGo'),
          kit('towels', 4, 'piece'),
          kit('goggles', 2, 'piece'),
          kit('gloves', 2, 'pair'),
        ],
        needs: { water: true, clearM: 1.5 },
        care: { disposal: 'Foam and yeast down the sink with water.' },
        calculators: [
          judged('foam', {
            amount: setting('peroxide'),
            strength: setting('strength'),
            kind: 'massPerVolume',
            water: 55,
            catalyst: 'yeast',
            vessel: setting('cylinder'),
            bore: setting('bore'),
          }),
        ],
      },
      [
        ['splash', 'Goggles on whoever is at the table.', EVERYBODY],
        ['oxidiser', 'A cupful of weak peroxide; no flame on the stage, oxygen comes off.'],
        ['slip', 'Wiped and dried before anybody else works there.'],
      ],
    ),
    method(
      'lively',
      'lively method',
      'Stronger peroxide and an iodide salt: fast, scalding, taller. More care, less of everything.',
      {
        oneShot: true,
        goesAllowed: 1,
        results: [
          reads('height', 'Height of the foam', 'cm', {
            resolution: 2,
            instrument: 'board marked every 2 cm',
            how: 'the highest mark the foam covers',
          }),
        ],
        warning: 'The foam is scalding, and stains. Nobody touches it; stay in your seats.',
        settings: [
          set('peroxide', 'Peroxide', 40, 'mL'),
          set('strength', 'Strength', 9, 'percent'),
          set('iodide', 'Iodide', 2, 'g'),
          set('cylinder', 'Cylinder holds', 0.5, 'L', 'measured once'),
          set('bore', 'Bore', 5, 'cm', 'measured once'),
        ],
        leaves: foamLeaves,
        tasks: [
          prepare('tray', 'Set tray and cylinder', [60, 80, 100]),
          prepare('measure', 'Measure the peroxide', [50, 70, 90], {
            place: 'wings',
            gearOn: ['Goggles', 'Splash gloves'],
            hazards: ['corrosive', 'oxidiser'],
          }),
          step('predict', 'Peroxide, detergent and colour into the cylinder', [60, 70, 90], {
            say: 'It looks like water. It is not.',
            gearOn: ['Goggles', 'Splash gloves'],
            hazards: ['corrosive', 'oxidiser'],
          }),
          step('tip', 'Tip the salt in and step back', [30, 40, 50], {
            eachGo: true,
            hands: [performer, helper],
            say: 'Three, two, one.',
            cue: 'Stay in your seats',
            gearOn: ['Goggles', 'Splash gloves'],
            careful: 'Nobody leans over the neck; the foam scalds.',
            hazards: ['corrosive', 'oxidiser', 'hot', 'slip', 'toxicVapour'],
          }),
          step('why', 'Point out the steam', [60, 80, 100], {
            say: 'All that, from a pinch of salt that is still there at the end.',
            hazards: ['hot', 'slip'],
          }),
          ...foamClearing(['Goggles', 'Splash gloves']),
        ],
        kit: [
          kit('cylinder', 1, 'piece', 'perGo', '', {
            instead: NARROW,
          }),
          kit('tray', 1, 'piece'),
          kit('measuring-cup', 1, 'piece'),
          kit('peroxide-9', 40, 'mL', 'perGo', 'Fresh bottle, vented cap'),
          kit('iodide', 2, 'g', 'perGo'),
          kit('detergent', 1, 'tsp', 'perGo'),
          kit('colour', 4, 'drop', 'perGo'),
          kit('towels', 6, 'piece'),
          kit('goggles', 2, 'piece'),
          kit('gloves', 2, 'pair'),
        ],
        needs: { water: true, clearM: 2.5 },
        care: { disposal: 'Thinned with ten times its water, down the sink; cylinder rinsed.' },
        calculators: [
          judged('foam', {
            amount: setting('peroxide'),
            strength: setting('strength'),
            kind: 'massPerVolume',
            water: 15,
            catalyst: 'iodide',
            dose: setting('iodide'),
            vessel: setting('cylinder'),
            bore: setting('bore'),
          }),
        ],
      },
      [
        [
          'oxidiser',
          'Away from paper, cloth and flame; fresh bottle with a vented cap.',
          EVERYBODY,
        ],
        ['corrosive', 'Gloves and goggles for both; water to rinse with at hand.'],
        ['hot', 'Scalding foam is not touched; everybody out of its reach.', EVERYBODY],
        ['slip', 'Wiped and dried before anybody else works there.'],
        [
          'toxicVapour',
          'A little iodine comes off: doors open, nobody breathes over it; it stains.',
        ],
      ],
    ),
  ],
};
