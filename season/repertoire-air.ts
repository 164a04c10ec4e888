import type { Demo } from '../core/repertoire/types';
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
  prepare,
  reset,
  settle,
  step,
} from './write';

const smokeRingDrum: Demo = {
  id: 'smoke-ring-drum',
  name: 'Smoke-ring drum',
  hook: 'A slap on a drum knocks a cup off a head at the back of the hall.',
  idea: 'Air pushed through a round hole rolls into a ring that carries itself along.',
  keywords: ['air', 'vortex', 'pressure'],
  ageFrom: 5,
  ageTo: 99,
  energy: 4,
  talkPattern: 'predictShowExplain',
  pinnedNote: '',
  usualPosition: 'Floor',
  methods: [
    method(
      'big-drum',
      'big drum',
      'A barrel with a tarpaulin skin, filled from the smoke machine.',
      {
        goesAllowed: 6,
        warning: 'There will be stage smoke. The hall keeper knows about the detectors.',
        leaves: [
          {
            id: 'smoke',
            kind: 'smoke',
            where: 'stage',
            time: { shortest: 30, likely: 45, longest: 90 },
            hands: [],
          },
        ],
        settings: [set('hole', 'Hole', 22, 'cm'), set('puffs', 'Puffs of smoke', 3, 'piece')],
        tasks: [
          prepare('roll-on', 'Roll the drum on', [40, 60, 90]),
          prepare('heat', 'Switch the smoke machine on', [10, 15, 20], { place: 'wings' }),
          settle('heating', 'Smoke machine heating', [240, 300, 360], {
            place: 'wings',
            after: [after('heat')],
          }),
          prepare('fill', 'Fill the drum with smoke', [30, 45, 60], {
            after: [after('heating', 0, 1500), after('roll-on')],
          }),
          settle('hanging', 'Smoke hanging in the drum', [10, 15, 20], { after: [after('fill')] }),
          step('greet', 'Stand beside the drum', [40, 50, 60], {
            say: 'This barrel holds nothing but air. Shall I throw some at you?',
            after: [after('hanging', 0, 300)],
          }),
          step('first', 'One dry slap at row three', [30, 40, 60], {
            eachGo: true,
            say: 'Did anybody feel that?',
            cue: 'Hands up if you felt it',
          }),
          step('rings', 'Three slow slaps, smoke showing', [60, 80, 100], {
            eachGo: true,
            say: 'Watch the hole, then follow the ring with your finger.',
            careful: 'Aim over heads, never at a face near by.',
          }),
          step('why', 'Draw the rolling ring in the air', [45, 60, 80], {
            say: 'The outside of the ring runs backwards, and so the whole ring rolls forward.',
          }),
          reset('roll-off', 'Roll the drum off', [40, 60, 80]),
        ],
        kit: [
          kit('drum', 1, 'piece'),
          kit('smoke-machine', 1, 'piece'),
          kit('smoke-fluid', 20, 'mL', 'perGo'),
          kit('paper-cups', 6, 'piece', 'perShow', 'For the tower at the back'),
        ],
        needs: { clearM: 2, powerW: 900 },
        care: { disposal: 'Air the hall; fluid back in its bottle.' },
        priorWorked: 6,
      },
      [['smoke', 'Tell the venue; detectors isolated by the hall keeper only.', EVERYBODY]],
    ),
  ],
};

const coldFlower: Demo = {
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
          set('depth', 'Depth of liquid', 8, 'cm'),
        ],
        tasks: [
          prepare('pour', 'Pour a little to chill the flask', [60, 90, 120], {
            place: 'wings',
            hands: [coldHand('anyone')],
            gearOn: ['Face shield', 'Loose insulated gloves'],
            careful: 'Door open, lid loose, never in a closed vessel.',
          }),
          settle('chill', 'Flask chilling', [480, 600, 900], {
            place: 'wings',
            after: [after('pour')],
          }),
          prepare('top-up', 'Top the flask up', [40, 60, 90], {
            place: 'wings',
            hands: [coldHand('anyone')],
            gearOn: ['Face shield', 'Loose insulated gloves'],
            after: [after('chill', 0, 3000)],
          }),
          prepare('carry', 'Bring the flask and the tray on', [30, 40, 60], {
            hands: [coldHand('anyone')],
            after: [after('top-up', 0, 1500)],
          }),
          step('soft', 'Crush a soft petal', [40, 50, 60], {
            say: 'It bends, it squashes. It smells of summer.',
          }),
          step('dip', 'Dip the flower and count', [40, 50, 60], {
            eachGo: true,
            hands: [performer, coldHand('helper')],
            say: 'Listen to it boil. It is boiling because the flower is too hot for it.',
            cue: 'Count down from thirty with me',
            gearOn: ['Goggles', 'Loose insulated gloves', 'Face shield'],
            sign: { watchFor: 'boiling dies down', waitLeast: 3, waitMost: 15 },
            careful: 'Nothing absorbent at the wrists.',
          }),
          step('crush', 'Crush it over the tray', [20, 30, 40], {
            eachGo: true,
            say: 'And now it breaks like a window.',
            cue: 'Quiet. Listen',
          }),
          step('why', 'Pass the tray along the table edge', [80, 110, 140], {
            say: 'The water inside has frozen so hard that it can’t bend any more.',
            gearOff: ['Face shield'],
          }),
          reset('take-off', 'Take the flask off and sweep up', [60, 90, 120], {
            hands: [coldHand('anyone')],
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
          kit('tray', 1, 'piece'),
          kit('goggles', 1, 'piece'),
          kit('cold-gloves', 2, 'pair'),
          kit('face-shield', 1, 'piece'),
        ],
        needs: { clearM: 3 },
        care: {
          disposal:
            'What is over stands outdoors, lid loose, until it has gone; bits swept up cold.',
        },
        calculators: [
          judged('chill', { kind: 'nitrogen', material: 'watery', mass: 15, there: 600 }),
        ],
        priorWorked: 5,
      },
      [
        ['cryogen', 'Loose dry gloves for cold objects, face shield to pour, no closed vessel.'],
        ['asphyxiant', 'Doors open; less than two litres in the room.', EVERYBODY],
        ['shatter', 'Crush low, over the tray.', EVERYBODY],
      ],
    ),
  ],
};

const cloudBurst: Demo = {
  id: 'cloud-burst',
  name: 'Cloud burst',
  hook: 'A bottle of clear air turns to fog in a blink.',
  idea: 'Air that expands suddenly cools, and the water in it comes out as cloud.',
  keywords: ['weather', 'pressure', 'gas'],
  ageFrom: 6,
  ageTo: 99,
  energy: 5,
  talkPattern: 'predictShowExplain',
  pinnedNote: 'Wet the stopper before it goes in: it seats at the first push.',
  usualPosition: 'Rear',
  methods: [
    method(
      'foot-pump',
      'foot pump',
      'A clear bottle with a splash of warm water, pumped by foot and let go.',
      {
        goesAllowed: 3,
        warning: 'A bang at the end. Cover your ears when we do.',
        settings: [set('water', 'Water', 5, 'mL'), set('limit', 'Never above', 100, 'kPa')],
        tasks: [
          prepare('set', 'Set pump and stand at the rear', [60, 80, 100]),
          prepare('water', 'Put warm water in the bottle', [20, 30, 40], { place: 'wings' }),
          settle('warm', 'Bottle warming', [420, 480, 600], {
            place: 'wings',
            after: [after('water')],
          }),
          step('predict', 'Show the empty bottle', [50, 60, 80], {
            say: 'Where do clouds come from? Let us make one indoors.',
            after: [after('warm', 0, 720)],
          }),
          step('pump', 'Seat the stopper and pump', [40, 60, 80], {
            eachGo: true,
            hands: [performer, helper],
            say: 'Every push squeezes more air in. Feel how warm that makes it.',
            gearOn: ['Goggles', 'Ear muffs'],
            careful: 'Stopper points up, away from everybody.',
          }),
          step('hold', 'Hold, count, let go', [15, 20, 30], {
            eachGo: true,
            say: 'Three, two, one …',
            cue: 'Ears covered, everybody',
            sign: { watchFor: 'gauge steady', waitLeast: 5, waitMost: 20 },
          }),
          step('lights', 'Light the cloud from behind', [40, 60, 80], {
            eachGo: true,
            say: 'A cloud. It needed nothing but water, room, and a sudden cold.',
          }),
          step('thanks', 'Thanks, and out by the side doors', [60, 80, 100], {
            say: 'Thank you. Come and see it all close up, one row at a time.',
            gearOff: ['Goggles', 'Ear muffs'],
          }),
          reset('vent', 'Vent the bottle and coil the hose', [60, 90, 120]),
        ],
        kit: [
          kit('cloud-bottle', 1, 'piece'),
          kit('foot-pump', 1, 'piece'),
          kit('warm-water', 5, 'mL', 'perGo'),
          kit('goggles', 2, 'piece'),
          kit('ear-muffs', 2, 'piece'),
        ],
        needs: { clearM: 4 },
        care: { disposal: 'Water away; bottle thrown out after fifty goes or any scratch.' },
        calculators: [
          judged('bang', { peak: 118, level: 95, at: 2, crew: 1, lasts: 0.2 }),
          judged('clear-zone', { speed: 6, height: 1.2, mass: 12 }),
        ],
        priorWorked: 4,
        priorFailed: 1,
      },
      [
        ['pressure', 'Bottle made for it, gauge in sight, stopper up, goggles on both.'],
        ['loud', 'Ears covered on the count.', EVERYBODY],
        ['projectile', 'Nobody above the bottle.', EVERYBODY],
      ],
    ),
  ],
};

const crushedCan: Demo = {
  id: 'crushed-can',
  name: 'Crushed can',
  hook: 'The air in the room crushes a can in a blink.',
  idea: 'Steam drives the air out; when it turns to water the outside air has nothing to push against.',
  keywords: ['air pressure', 'steam'],
  ageFrom: 6,
  ageTo: 99,
  energy: 3,
  talkPattern: 'predictShowExplain',
  pinnedNote: 'Count from the first steam you can see, not from the first sound.',
  usualPosition: 'Left bench',
  methods: [
    method(
      'cold-bowl',
      'cold bowl',
      'A spoonful of water in a can, boiled, then turned over in cold water.',
      {
        goesAllowed: 3,
        settings: [set('water', 'Water in the can', 15, 'mL')],
        tasks: [
          prepare('bowl', 'Fill the bowl with cold water and ice', [40, 60, 80]),
          prepare('switch-on', 'Switch the hot plate on', [5, 10, 15], { place: 'wings' }),
          settle('plate', 'Hot plate warming', [150, 180, 240], {
            place: 'wings',
            after: [after('switch-on')],
          }),
          prepare('can-on', 'Bring the plate on, can in place', [15, 20, 30], {
            after: [after('plate', 0, 600), after('bowl')],
          }),
          settle('simmer', 'Can coming to the boil', [50, 60, 80], { after: [after('can-on')] }),
          step('press', 'Push on the table with one finger', [40, 50, 70], {
            say: 'The air is pressing on you as hard as two people standing on your hand.',
            after: [after('simmer', 0, 120)],
          }),
          step('steam', 'Watch the can for steam', [75, 85, 95], {
            eachGo: true,
            say: 'When you can see the steam, call out.',
            cue: 'Call out when you see steam',
            gearOn: ['Goggles'],
            sign: { watchFor: 'first steam', waitLeast: 75, waitMost: 90 },
          }),
          step('flip', 'Flip the can into the cold water', [10, 15, 20], {
            eachGo: true,
            say: 'Quiet now. Listen to the air push.',
            cue: 'Ears covered, front row',
            careful: 'Hold it by the foot, tongs palm up.',
          }),
          step('why', 'Energy it out, crumpled side to the room', [60, 80, 100], {
            say: 'I did not crush it. The whole room did.',
            gearOff: ['Goggles'],
          }),
          reset('off', 'Switch the plate off and empty the bowl', [40, 60, 80]),
        ],
        kit: [
          kit('hot-plate', 1, 'piece'),
          kit('drink-can', 1, 'piece', 'perGo'),
          kit('cold-bowl', 1, 'piece'),
          kit('tongs', 1, 'piece'),
          kit('ice', 300, 'g'),
          kit('goggles', 1, 'piece'),
        ],
        needs: { water: true, powerW: 1500, clearM: 2 },
        care: { disposal: 'Cans for recycling; water down the sink.' },
        calculators: [
          judged('bang', { peak: 108, level: 85, at: 1, crew: 0.6, lasts: 0.2, hands: 'busy' }),
        ],
        priorWorked: 7,
        priorFailed: 1,
      },
      [
        ['hot', 'Tongs only; plate off and guarded until it is cool.'],
        ['loud', 'A crack: front row told.', EVERYBODY],
      ],
    ),
  ],
};

export const AIR_AND_COLD: Demo[] = [smokeRingDrum, coldFlower, cloudBurst, crushedCan];
