import {
  after,
  EVERYBODY,
  flameHand,
  helper,
  judged,
  kit,
  light,
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

const smokeRingDrum: Written = {
  id: 'smoke-ring-drum',
  name: 'Smoke-ring drum',
  hook: 'A slap on a drum knocks a cup off a tower at the back of the hall.',
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
      'A barrel with a tarpaulin skin: first with nothing but air, then with smoke from the machine.',
      {
        goesAllowed: 6,
        results: [
          reads('reach', 'How far off the cup fell', 'm', {
            quantity: 'distance',
            resolution: 0.5,
            instrument: 'tape along the aisle',
            how: 'from the mouth of the drum to the farthest cup that fell',
            task: 'rings',
          }),
        ],
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
        prediction: {
          ask: 'How far does the air fly?',
          options: ['To row one', 'To row three', 'To the back wall'],
          answer: 2,
          ifFails: 0,
          reveal: 'All the way: watch the cups.',
          accepts: ['As far as the cups', 'To the end of the hall'],
          wrong: [
            {
              answer: 'Air can’t go that far, it spreads out',
              then: 'A puff does. This one rolls up into a ring, and a ring keeps its air to itself.',
            },
          ],
        },
        tasks: [
          prepare('roll-on', 'Roll the drum on, machine beside it', [40, 60, 90]),
          prepare('cups', 'Build the tower of cups at the back', [30, 45, 60], { place: 'wings' }),
          prepare('heat', 'Switch the smoke machine on', [10, 15, 20], {
            place: 'wings',
            hazards: ['hot'],
          }),
          settle('heating', 'Smoke machine heating', [240, 300, 360], {
            place: 'wings',
            after: [after('heat')],
            hazards: ['hot'],
          }),
          step('greet', 'Stand beside the drum', [40, 50, 60], {
            say: 'This barrel holds nothing but air. Shall I throw some at you?',
            after: [after('heating', 0, 1500), after('roll-on'), after('cups')],
          }),
          step('first', 'One dry slap at row three', [30, 40, 60], {
            say: 'Did anybody feel that?',
            cue: 'Hands up if you felt it',
            cues: [light('hall-half', 'Hall to half', '/house', '0.5', { at: 'start' })],
          }),
          step('fill', 'Fill the drum with smoke', [15, 20, 30], {
            eachGo: true,
            hands: [performer, helper],
            say: 'Now let us see what you felt.',
            hazards: ['smoke', 'hot'],
          }),
          step('rings', 'Three slow slaps, the last at the tower', [60, 70, 90], {
            eachGo: true,
            say: 'Watch the hole, then follow the ring with your finger.',
            careful: 'Aim over heads, never at a face near by.',
            hazards: ['smoke'],
            cues: [
              light('beam', 'Beam across the smoke', '/lights/beam', '0.8 gold', { at: 'start' }),
              light('beam-off', 'Beam out, hall back', '/lights/beam', '0', { at: 'done' }),
              light('hall-full', 'Hall to full', '/house', '1', { at: 'done' }),
            ],
          }),
          step('why', 'Draw the rolling ring in the air', [45, 55, 75], {
            say: 'The outside of the ring runs backwards, and so the whole ring rolls forward.',
            hazards: ['smoke'],
          }),
          reset('roll-off', 'Machine off, roll the drum off', [40, 60, 80], { hazards: ['hot'] }),
        ],
        kit: [
          kit('drum', 1, 'piece'),
          kit('smoke-machine', 1, 'piece'),
          kit('smoke-fluid', 20, 'mL', 'perGo'),
          kit('paper-cups', 6, 'piece', 'perShow', 'For the tower at the back'),
          kit('cable-tape', 1, 'piece'),
        ],
        needs: { clearM: 2, powerW: 900 },
        care: { disposal: 'Air the hall; fluid back in its bottle.' },
      },
      [
        ['smoke', 'Tell the venue; detectors isolated by the hall keeper only.', EVERYBODY],
        ['hot', 'The nozzle is not touched until it is cold.'],
        [
          'trailingCables',
          'Lead taped down along the wall, a ramp where anybody walks.',
          EVERYBODY,
        ],
        ['lifting', 'Rolled, not carried; two for a step.'],
      ],
    ),
  ],
};

const cloudBurst: Written = {
  id: 'cloud-burst',
  name: 'Cloud burst',
  hook: 'A bottle of clear air turns to fog in a blink.',
  idea: 'Air that expands suddenly cools, and the water in it comes out as cloud, drop by drop round specks of smoke.',
  keywords: ['weather', 'pressure', 'gas'],
  ageFrom: 6,
  ageTo: 99,
  energy: 5,
  talkPattern: 'predictShowExplain',
  pinnedNote: '',
  usualPosition: 'Rear',
  methods: [
    method(
      'foot-pump',
      'foot pump',
      'A clear bottle with a splash of warm water and a trace of smoke, pumped by foot and let go. The stopper is tied to the bottle.',
      {
        goesAllowed: 3,
        warning: 'A bang at the end. Cover your ears when we do.',
        settings: [
          set('water', 'Water', 5, 'mL'),
          set('limit', 'Never above', 100, 'kPa'),
          set('cord', 'Stopper tied by', 10, 'cm', 'the crew’s own'),
        ],
        tasks: [
          prepare('set', 'Set pump, stand and lamp at the rear', [60, 80, 100]),
          prepare('water', 'Put warm water in the bottle', [20, 30, 40], { place: 'wings' }),
          settle('warm', 'Air in the bottle getting damp', [60, 70, 90], {
            place: 'wings',
            after: [after('water')],
          }),
          step('predict', 'Show the empty bottle', [50, 60, 80], {
            say: 'Where do clouds come from? Let us make one indoors.',
            after: [after('warm', 0, 120)],
          }),
          step('smoke', 'Blow a match out and let its smoke in', [10, 15, 20], {
            eachGo: true,
            hands: [flameHand('performer'), helper],
            say: 'A speck of dust for every drop to sit on.',
            careful:
              'Match into the cup of water; the helper has the blanket. A further go: fresh warm water first.',
            gearOn: ['Goggles'],
            hazards: ['openFlame'],
          }),
          step('pump', 'Seat the stopper and pump', [30, 45, 60], {
            eachGo: true,
            hands: [performer, helper],
            say: 'Every push squeezes more air in. Feel how warm that makes it.',
            gearOn: ['Goggles', 'Ear muffs'],
            careful: 'Stopper points up, its cord tied, away from everybody.',
            hazards: ['pressure', 'loud'],
          }),
          step('hold', 'Hold, count, let go', [15, 20, 30], {
            eachGo: true,
            hands: [performer, helper],
            say: 'Three, two, one …',
            cue: 'Ears covered, everybody',
            sign: { watchFor: 'gauge steady', waitLeast: 5, waitMost: 20 },
            gearOn: ['Goggles', 'Ear muffs'],
            hazards: ['pressure', 'loud'],
          }),
          step('lights', 'Light the cloud from behind', [40, 60, 80], {
            eachGo: true,
            hands: [performer, helper],
            say: 'A cloud. It needed water, a speck of smoke, and a sudden cold.',
            gearOff: ['Ear muffs'],
          }),
          step('thanks', 'Thanks, and out by the side doors', [60, 80, 100], {
            say: 'Thank you. Look at the sky on your way home.',
          }),
          reset('vent', 'Vent the bottle and coil the hose', [60, 90, 120], {
            gearOn: ['Goggles'],
            hazards: ['pressure'],
          }),
        ],
        kit: [
          kit('cloud-bottle', 1, 'piece'),
          kit('foot-pump', 1, 'piece'),
          kit('warm-water', 5, 'mL', 'perGo'),
          kit('matches', 2, 'piece', 'perGo'),
          kit('match-cup', 1, 'piece'),
          kit('tap-water', 100, 'mL'),
          kit('fire-blanket', 1, 'piece'),
          kit('lamp', 1, 'piece'),
          kit('goggles', 2, 'piece'),
          kit('ear-muffs', 2, 'piece'),
        ],
        needs: { clearM: 4 },
        care: {
          disposal: 'Water away; bottle thrown out after fifty goes or any scratch.',
          extinguisher: 'blanket',
          heldBy: 'helper',
        },
        calculators: [
          judged('bang', { peak: 118, level: 95, at: 2, crew: 1, lasts: 0.2, plugs: 25 }),
        ],
        ruledOut: [
          {
            kind: 'projectile',
            why: 'The stopper is tied to the bottle by ten centimetres of cord.',
          },
        ],
      },
      [
        [
          'pressure',
          'Bottle made for it, gauge in sight, stopper up and tied, goggles on both.',
          EVERYBODY,
        ],
        ['loud', 'Ears covered on the count.', EVERYBODY],
        ['openFlame', 'One match, blown out at once, into water; blanket in the helper’s hand.'],
      ],
    ),
  ],
};

const crushedCan: Written = {
  id: 'crushed-can',
  name: 'Crushed can',
  hook: 'The air in the room crushes a can in a blink.',
  idea: 'Steam drives the air out; when it turns to water the outside air has nothing to push against.',
  keywords: ['air pressure', 'steam'],
  ageFrom: 6,
  ageTo: 99,
  energy: 3,
  talkPattern: 'predictShowExplain',
  pinnedNote: '',
  usualPosition: 'Left bench',
  methods: [
    method(
      'cold-bowl',
      'cold bowl',
      'A spoonful of water in a can, boiled, then turned over in cold water.',
      {
        goesAllowed: 3,
        warning: 'Something hot, and a crack at the end: front row, cover your ears when we say.',
        settings: [
          set('water', 'Water in the can', 12, 'mL', 'the crew’s own, weighed'),
          set('wait', 'After the first steam', 70, 's', 'the crew’s own'),
          set('power', 'Gets into the can', 45, 'W', 'timed once: 12 mL to the boil'),
        ],
        leaves: [
          {
            id: 'plate',
            kind: 'heat',
            where: 'position',
            time: { shortest: 600, likely: 900, longest: 1200 },
            hands: [],
          },
        ],
        tasks: [
          prepare('bowl', 'Fill the bowl with cold water and ice', [40, 60, 80]),
          prepare('switch-on', 'Switch the hot plate on', [5, 10, 15], {
            place: 'wings',
            hazards: ['hot'],
          }),
          settle('plate', 'Hot plate warming', [150, 180, 240], {
            place: 'wings',
            after: [after('switch-on')],
            hazards: ['hot'],
          }),
          prepare('can-on', 'Bring the plate on, water in the can', [15, 20, 30], {
            after: [after('plate', 0, 600), after('bowl')],
            hazards: ['hot'],
          }),
          settle('simmer', 'Can warming, no steam yet', [50, 60, 80], {
            after: [after('can-on')],
            hazards: ['hot'],
          }),
          // A further go: the fresh can warms meanwhile.
          step('press', 'Push on the table with one finger', [40, 50, 70], {
            eachGo: true,
            say: 'The air is pressing on you as hard as two people standing on your hand.',
            after: [after('simmer', 0, 120)],
            hazards: ['hot'],
          }),
          step('steam', 'Watch the can for steam', [75, 85, 95], {
            eachGo: true,
            say: 'When you can see the steam, call out.',
            cue: 'Call out when you see steam',
            gearOn: ['Goggles'],
            sign: { watchFor: 'first steam', waitLeast: 65, waitMost: 80 },
            careful: 'Never boil it dry: no steam left, off the plate.',
            hazards: ['hot'],
          }),
          step('flip', 'Flip the can into the cold water with the tongs', [10, 15, 20], {
            eachGo: true,
            say: 'Quiet now. Listen to the air push.',
            cue: 'Ears covered, front row',
            careful: 'Hold it by the foot, tongs palm up.',
            hazards: ['hot', 'loud', 'splash'],
          }),
          step('why', 'Lift it out, crumpled side to the room', [60, 80, 100], {
            say: 'I did not crush it. The whole room did.',
            gearOff: ['Goggles'],
            hazards: ['hot'],
          }),
          reset('refill', 'For another go, a fresh can with water onto the plate', [20, 30, 40], {
            eachGo: true,
            hazards: ['hot'],
          }),
          reset('off', 'Switch the plate off, guard it, empty the bowl', [40, 60, 80], {
            hazards: ['hot'],
          }),
        ],
        kit: [
          kit('hot-plate', 1, 'piece'),
          kit('drink-can', 1, 'piece', 'perGo', 'Holds 330 mL'),
          kit('tap-water', 1.2, 'L', 'perShow', '12 mL in each can, the rest in the bowl'),
          kit('cold-bowl', 1, 'piece'),
          kit('tongs', 1, 'piece'),
          kit('ice', 300, 'g'),
          kit('goggles', 1, 'piece'),
          kit('cable-tape', 1, 'piece'),
        ],
        needs: { water: true, powerW: 1500, clearM: 2 },
        care: {
          disposal: 'Cans for recycling; water down the sink; the plate packed when it is cold.',
        },
        calculators: [
          judged('steam-can', {
            power: setting('power'),
            water: setting('water'),
            holds: 330,
            metal: 14,
            waited: setting('wait'),
          }),
          judged('bang', { peak: 108, level: 85, at: 1, crew: 0.6, lasts: 0.2, hands: 'busy' }),
        ],
      },
      [
        ['hot', 'Tongs only; plate off and guarded until it is cool.', EVERYBODY],
        ['loud', 'A crack: front row told.', EVERYBODY],
        ['splash', 'Bowl half full, goggles on, nobody within two metres.'],
        [
          'trailingCables',
          'Lead taped down along the wall, a ramp where anybody walks.',
          EVERYBODY,
        ],
      ],
    ),
  ],
};

export const AIR: Written[] = [smokeRingDrum, cloudBurst, crushedCan];
