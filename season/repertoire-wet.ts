import type { Demo, Task } from '../core/repertoire/types';
import {
  set,
  after,
  helper,
  judged,
  kit,
  method,
  performer,
  prepare,
  reset,
  setting,
  settle,
  sparkHand,
  step,
} from './write';

const foamClearing: Task[] = [
  reset('wipe', 'Wipe the table', [60, 80, 120]),
  settle('dry', 'Table drying', [200, 240, 300], { after: [after('wipe')] }),
];

const foamFountain: Demo = {
  id: 'foam-fountain',
  name: 'Foam fountain',
  hook: 'A spoonful of something sends foam over the rim.',
  idea: 'A catalyst lets peroxide fall apart into water and oxygen all at once.',
  keywords: ['catalyst', 'oxygen', 'foam'],
  ageFrom: 5,
  ageTo: 99,
  energy: 4,
  talkPattern: 'predictShowExplain',
  pinnedNote: 'Narrow neck or nothing: in the wide jar it only creeps.',
  usualPosition: 'Centre table',
  methods: [
    method(
      'gentle',
      'gentle method',
      'Shop peroxide and yeast: slow to rise, kind to hands and table.',
      {
        oneShot: true,
        goesAllowed: 2,
        settings: [
          set('peroxide', 'Peroxide', 120, 'mL'),
          set('strength', 'Strength', 3, 'percent'),
          set('yeast', 'Yeast', 1, 'tbsp'),
        ],
        tasks: [
          prepare('tray', 'Set tray and cylinder', [60, 80, 100]),
          prepare('stir', 'Stir the yeast into warm water', [30, 40, 60], { place: 'wings' }),
          settle('soak', 'Yeast soaking', [240, 300, 420], {
            place: 'wings',
            after: [after('stir')],
          }),
          step('predict', 'Hold up the two cups', [60, 80, 100], {
            say: 'One of these is alive. What happens when they meet?',
            after: [after('soak', 0, 900)],
          }),
          step('colour', 'Add detergent and colour', [30, 40, 50], {
            eachGo: true,
            say: 'Pick a colour!',
            cue: 'Shout a colour',
            gearOn: ['Goggles'],
          }),
          step('pour', 'Pour the yeast in and step back', [50, 70, 90], {
            eachGo: true,
            hands: [performer, helper],
            say: 'Stand back, and let it do the work.',
            gearOn: ['Goggles', 'Splash gloves'],
          }),
          step('why', 'Feel the outside of the cylinder', [60, 80, 100], {
            say: 'It is warm. Falling apart gives heat away.',
            gearOff: ['Goggles'],
          }),
          ...foamClearing,
        ],
        kit: [
          kit('cylinder', 1, 'piece', 'perGo', '', { instead: ['narrow-bottle'] }),
          kit('tray', 1, 'piece'),
          kit('peroxide-3', 120, 'mL', 'perGo', '', {
            instead: ['peroxide-9'],
            strength: { value: 3, kind: 'massPerVolume' },
          }),
          kit('yeast', 1, 'tbsp', 'perGo'),
          kit('warm-water', 3, 'tbsp', 'perGo'),
          kit('detergent', 1, 'squirt', 'perGo'),
          kit('colour', 6, 'drop', 'perGo'),
          kit('towels', 4, 'piece'),
          kit('goggles', 2, 'piece'),
          kit('gloves', 1, 'pair'),
        ],
        needs: { water: true, clearM: 1.5 },
        care: { disposal: 'Foam and yeast down the sink with water.' },
        calculators: [
          judged('foam', {
            amount: setting('peroxide'),
            strength: setting('strength'),
            kind: 'massPerVolume',
            water: 55,
          }),
        ],
        priorWorked: 3,
      },
      [
        ['splash', 'Goggles on whoever is at the table.'],
        ['slip', 'Wiped and dried before anybody else works there.'],
      ],
    ),
    method(
      'lively',
      'lively method',
      'Stronger peroxide and an iodide salt: fast, hot, taller. More care, less of everything.',
      {
        oneShot: true,
        goesAllowed: 1,
        warning: 'The foam is warm and is not for touching.',
        settings: [
          set('peroxide', 'Peroxide', 40, 'mL'),
          set('strength', 'Strength', 9, 'percent'),
          set('iodide', 'Iodide', 2, 'g'),
        ],
        tasks: [
          prepare('tray', 'Set tray and cylinder', [60, 80, 100]),
          prepare('measure', 'Measure the peroxide', [50, 70, 90], {
            place: 'wings',
            gearOn: ['Goggles', 'Splash gloves'],
          }),
          step('predict', 'Hold up the clear cylinder', [60, 70, 90], {
            say: 'It looks like water. It is not.',
          }),
          step('tip', 'Tip the salt in and step back', [30, 40, 50], {
            eachGo: true,
            hands: [performer, helper],
            say: 'Three, two, one.',
            cue: 'Stay in your seats',
            gearOn: ['Goggles', 'Splash gloves'],
            careful: 'Nobody leans over the neck.',
          }),
          step('why', 'Point out the steam', [60, 80, 100], {
            say: 'All that, from a pinch of salt that is still there at the end.',
            gearOff: ['Goggles'],
          }),
          ...foamClearing,
        ],
        kit: [
          kit('cylinder', 1, 'piece', 'perGo', '', { instead: ['narrow-bottle'] }),
          kit('tray', 1, 'piece'),
          kit('peroxide-9', 40, 'mL', 'perGo', 'Fresh bottle, vented cap'),
          kit('iodide', 2, 'g', 'perGo'),
          kit('detergent', 1, 'squirt', 'perGo'),
          kit('colour', 4, 'drop', 'perGo'),
          kit('towels', 6, 'piece'),
          kit('goggles', 2, 'piece'),
          kit('gloves', 2, 'pair'),
        ],
        needs: { water: true, clearM: 2 },
        care: { disposal: 'Thinned with ten times its water, down the sink; cylinder rinsed.' },
        calculators: [
          judged('foam', {
            amount: setting('peroxide'),
            strength: setting('strength'),
            kind: 'massPerVolume',
            water: 15,
          }),
        ],
        priorWorked: 2,
        priorFailed: 1,
      },
      [
        ['oxidiser', 'Away from paper and cloth; fresh bottle with a vented cap.'],
        ['corrosive', 'Gloves and goggles for both; water at hand.'],
        ['hot', 'Foam is not touched.'],
        ['slip', 'Wiped and dried before anybody else works there.'],
      ],
    ),
  ],
};

const staticDome: Demo = {
  id: 'static-dome',
  name: 'Static dome',
  hook: 'Somebody’s hair stands up, and foil dishes fly off by themselves.',
  idea: 'Charge of one kind pushes itself apart, along every hair.',
  keywords: ['charge', 'electricity', 'hair'],
  ageFrom: 8,
  ageTo: 99,
  energy: 5,
  talkPattern: 'showThenExplain',
  pinnedNote: '',
  usualPosition: 'Centre table',
  methods: [
    method(
      'hair',
      'hair',
      'A volunteer on a dry crate with a hand on the dome.',
      {
        goesAllowed: 2,
        volunteers: 1,
        warning: 'Anybody with a heart device: please sit at the back for the next one.',
        forbids: ['water', 'foam', 'vapour'],
        settings: [set('voltage', 'About', 200, 'kV')],
        tasks: [
          prepare('place', 'Place the dome on a dry table', [50, 60, 90]),
          prepare('rod', 'Clip the earth rod on', [10, 15, 20], { after: [after('place')] }),
          step('fetch', 'Fetch the volunteer', [40, 60, 90], {
            say: 'Who has long, dry hair and a strong nerve? You can say no.',
            cue: 'Hands up, long hair',
          }),
          step('stand', 'Stand them on the crate, hand flat', [25, 40, 60], {
            eachGo: true,
            hands: [performer, sparkHand('helper')],
            say: 'Hand flat. Keep it there until I say. How do you feel?',
            careful: 'Crate dry; nothing metal within reach.',
          }),
          step('charge', 'Motor on, watch the hair', [50, 70, 90], {
            eachGo: true,
            hands: [performer, sparkHand('helper')],
            say: 'Shake your head. Again!',
            cue: 'Two metres clear',
            sign: { watchFor: 'hair lifting', waitLeast: 20, waitMost: 45 },
          }),
          step('earth', 'Motor off, earth the dome, hand off', [15, 20, 30], {
            eachGo: true,
            hands: [performer, sparkHand('helper')],
            say: 'Wait for the click. Now step down, and a big hand.',
            careful: 'Earth first, then hand off, then down.',
          }),
          step('why', 'Foil dishes, then explain', [70, 90, 110], {
            say: 'Every hair wants to be as far from the next as it can get.',
          }),
          reset('off', 'Earth the dome and take it off', [50, 70, 90], {
            hands: [sparkHand('anyone')],
          }),
        ],
        kit: [
          kit('dome', 1, 'piece'),
          kit('earth-rod', 1, 'piece'),
          kit('plastic-crate', 1, 'piece'),
          kit('foil-dishes', 8, 'piece'),
        ],
        needs: { clearM: 2, powerW: 60 },
        care: { disposal: 'Dome earthed and left clipped.' },
        volunteerCard: {
          suits: 'long, clean, dry hair; steady on their feet; glad to come',
          mustNot: ['heartDevice', 'otherImplant', 'pregnant', 'looseJewellery', 'aloneInWish'],
          ask: 'Who has long, dry hair and a strong nerve?',
          letGo: 'You can say no, now or at any time.',
          steps: [
            'Step up on the crate.',
            'Hand flat on the dome.',
            'Now the motor. Shake your head.',
          ],
          wayOff: 'Motor off, dome earthed, hand off, step down: in that order, a hand to hold.',
          fetchedIn: 'fetch',
        },
        calculators: [judged('dome', { radius: 11, reached: 60 })],
        priorWorked: 4,
        priorFailed: 1,
      },
      [
        ['highVoltage', 'Dry table, two metres clear, earthed before anybody steps down.'],
        ['volunteerMoved', 'A hand to step up and down by.', ['volunteer']],
      ],
    ),
  ],
};

export const WET_AND_HIGH: Demo[] = [foamFountain, staticDome];
