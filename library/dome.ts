/** The static dome. */
import {
  after,
  judged,
  kit,
  method,
  prepare,
  reads,
  reset,
  set,
  setting,
  sparkHand,
  step,
  type Written,
} from './write';

/** Trained in high voltage, both. */
const CHARGED = [sparkHand('performer'), sparkHand('helper')];

export const staticDome: Written = {
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
        results: [
          reads('up', 'Until the hair is up', 's', {
            quantity: 'time',
            resolution: 1,
            instrument: 'stopwatch',
            how: 'from motor on until all of it stands',
            better: 'less',
            task: 'charge',
            within: 1,
          }),
        ],
        volunteers: 1,
        warning:
          'Whoever has a heart device, a pump or a hearing aid: please sit at the back for the next one. First rows, tell us now.',
        forbids: ['water', 'foam', 'vapour'],
        settings: [
          set('radius', 'Dome, radius', 11, 'cm', 'measured once'),
          set('reached', 'Reaches of its highest', 60, 'percent', 'from the length of its sparks'),
        ],
        tasks: [
          prepare('place', 'Place the dome on a dry table', [50, 60, 90]),
          prepare('rod', 'Clip the earth rod on', [10, 15, 20], { after: [after('place')] }),
          step('fetch', 'Fetch the volunteer', [40, 60, 90], {
            say: 'Who has long, dry hair and a strong nerve? You can say no.',
            cue: 'Hands up, long hair',
          }),
          step('stand', 'Stand them on the crate, hand flat', [25, 40, 60], {
            eachGo: true,
            hands: CHARGED,
            say: 'Hand flat. Keep it there until I say. How do you feel?',
            careful: 'Crate dry; nothing metal within reach.',
            hazards: ['volunteerMoved'],
          }),
          step('charge', 'Motor on, watch the hair', [50, 70, 90], {
            eachGo: true,
            hands: CHARGED,
            say: 'Shake your head. Again!',
            cue: 'Two metres clear',
            sign: { watchFor: 'hair lifting', waitLeast: 20, waitMost: 45 },
            hazards: ['highVoltage', 'volunteerMoved'],
          }),
          step('earth', 'Motor off, earth the dome, hand off', [15, 20, 30], {
            eachGo: true,
            hands: CHARGED,
            say: 'Wait for the click. Now step down, and a big hand.',
            careful: 'Earth first, then hand off, then down.',
            hazards: ['highVoltage', 'volunteerMoved'],
          }),
          step('why', 'Dishes on, motor on again, then explain', [70, 90, 110], {
            hands: CHARGED,
            say: 'Every hair wants to be as far from the next as it can get.',
            careful: 'Two metres clear again; earthed before anybody comes near.',
            hazards: ['highVoltage'],
          }),
          reset('off', 'Earth the dome and take it off', [50, 70, 90], {
            hands: [sparkHand('anyone')],
            hazards: ['highVoltage'],
          }),
        ],
        kit: [
          kit('dome', 1, 'piece'),
          kit('earth-rod', 1, 'piece'),
          kit('plastic-crate', 1, 'piece'),
          kit('foil-dishes', 8, 'piece'),
          kit('cable-tape', 1, 'piece'),
        ],
        needs: { clearM: 2, powerW: 60 },
        care: { disposal: 'Dome earthed and left clipped.' },
        volunteerCard: {
          suits: 'long, clean, dry hair; steady on their feet; glad to come',
          mustNot: ['heartDevice', 'otherImplant', 'pregnant', 'looseJewellery', 'aloneInWish'],
          ask: 'Who has long, dry hair and a strong nerve, and no heart device, pump or hearing aid?',
          letGo: 'You can say no, now or at any time.',
          steps: [
            'Step up on the crate.',
            'Hand flat on the dome.',
            'Now the motor. Shake your head.',
          ],
          wayOff: 'Motor off, dome earthed, hand off, step down: in that order, a hand to hold.',
          fetchedIn: 'fetch',
        },
        calculators: [
          judged('dome', {
            radius: setting('radius'),
            reached: setting('reached'),
            person: 'crate',
            earthed: 'yes',
            asked: 'yes',
          }),
        ],
      },
      [
        [
          'highVoltage',
          'Trained hands, dry table, two metres clear, earthed before anybody touches it or steps down.',
          ['performer', 'crew', 'volunteer', 'audience'],
        ],
        ['volunteerMoved', 'A hand to step up and down by.', ['volunteer']],
        ['trailingCables', 'Lead taped down along the rear, a ramp where anybody walks.'],
      ],
    ),
  ],
};
