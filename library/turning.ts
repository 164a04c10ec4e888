import {
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
  step,
  type Written,
} from './write';

const slowFallingMagnet: Written = {
  id: 'slow-falling-magnet',
  name: 'Slow-falling magnet',
  hook: 'A magnet dropped through a copper pipe takes its time.',
  idea: 'A moving magnet makes currents in the copper, and they push back.',
  keywords: ['magnet', 'currents', 'braking'],
  ageFrom: 7,
  ageTo: 99,
  energy: 2,
  talkPattern: 'predictShowExplain',
  pinnedNote: '',
  usualPosition: 'Left bench',
  methods: [
    method(
      'copper-pipe',
      'copper pipe',
      'A copper and a plastic pipe side by side, a steel slug and a magnet, dropped together onto a mat.',
      {
        goesAllowed: 5,
        results: [
          reads('fall', 'Through the copper pipe', 's', {
            quantity: 'time',
            resolution: 0.1,
            instrument: 'stopwatch',
            how: 'from let go to the thud on the mat',
            task: 'drop-magnet',
            within: 0.2,
          }),
        ],
        volunteers: 2,
        warning:
          'A strong magnet now. Whoever has a heart device or an implant, please stay away from the table; first row, tell us now.',
        settings: [
          set('length', 'Pipe', 1, 'm', 'measured once'),
          set('bore', 'Bore', 20, 'mm', 'measured once'),
          set('wall', 'Wall', 3, 'mm', 'measured once'),
          set('wide', 'Magnet, across', 16, 'mm', 'measured once'),
          set('long', 'Magnet, high', 6, 'mm', 'measured once'),
        ],
        tasks: [
          prepare('stand', 'Stand the pipes up over the mat', [40, 50, 70]),
          step('drop-slug', 'Drop the steel slug', [30, 40, 50], {
            say: 'Straight down, as you would think.',
          }),
          step('drop-magnet', 'Drop the magnet', [30, 40, 50], {
            eachGo: true,
            say: 'Wait for it.',
            cue: 'Clap when it comes out',
            hazards: ['strongMagnet'],
          }),
          step('race', 'Fetch two, and let them race slug and magnet', [50, 60, 80], {
            eachGo: true,
            say: 'On your marks.',
            hazards: ['strongMagnet'],
          }),
          step('why', 'Look down the pipe', [50, 70, 90], {
            say: 'Copper is not magnetic. Yet it knows that the magnet is coming.',
          }),
          reset('lay-flat', 'Lay the pipes flat', [20, 30, 40]),
        ],
        kit: [
          kit('copper-pipe', 1, 'piece'),
          kit('plastic-pipe', 1, 'piece'),
          kit('magnet', 1, 'piece'),
          kit('steel-slug', 1, 'piece'),
          kit('drop-mat', 1, 'piece'),
        ],
        care: { disposal: 'Magnet back in its steel box.' },
        volunteerCard: {
          suits: 'anybody who can reach over the pipes',
          mustNot: ['heartDevice', 'otherImplant', 'looseJewellery', 'aloneInWish'],
          ask: 'Who has quick hands, and no heart device or implant?',
          letGo: 'You can say no, now or at any time.',
          steps: ['One each, held over the pipe.', 'Let go on three, hands away.'],
          wayOff: 'Slug and magnet back in my hand first, then down.',
          fetchedIn: 'race',
        },
        calculators: [
          judged('magnet-pipe', {
            metal: 'copper',
            inner: setting('bore'),
            wall: setting('wall'),
            long: setting('length'),
            magnetWide: setting('wide'),
            magnetLong: setting('long'),
          }),
        ],
      },
      [
        [
          'strongMagnet',
          'One magnet, in its steel box until it is dropped; kept from cards, phones and heart devices.',
          ['performer', 'crew', 'volunteer', 'audience'],
        ],
      ],
    ),
  ],
};

const spinningStool: Written = {
  id: 'spinning-stool',
  name: 'Spinning stool',
  hook: 'Pull your arms in and the room goes faster.',
  idea: 'Turning keeps its measure: nearer the middle means quicker.',
  keywords: ['turning', 'momentum'],
  ageFrom: 8,
  ageTo: 99,
  energy: 3,
  talkPattern: 'predictShowExplain',
  pinnedNote: '',
  usualPosition: 'Floor',
  methods: [
    method(
      'with-volunteer',
      'with volunteer',
      'A volunteer on the turning stool with a soft dumb-bell in each hand, a helper within reach.',
      {
        goesAllowed: 2,
        results: [
          reads('turns', 'Two turns with the arms in', 'frames', {
            quantity: 'count',
            resolution: 1,
            instrument: 'film of a telephone',
            how: 'from one shoulder facing to the same, twice',
            better: 'less',
            task: 'arms-in',
            becomes: {
              id: 'turns',
              given: [
                { id: 'turns', value: 2, within: 0 },
                { id: 'rate', value: 60, within: 0 },
              ],
            },
          }),
        ],
        volunteers: 1,
        settings: [
          set('start', 'Start no faster than', 12, 'rpm', 'calculated for a child, the fastest'),
          set('weight', 'Weight in each hand', 1, 'kg', 'weighed once'),
        ],
        tasks: [
          prepare('place', 'Place the stool on its mark', [20, 30, 40]),
          step('fetch', 'Fetch the volunteer and seat them', [50, 70, 90], {
            say: 'Who is steady on their feet? You can say no.',
            cue: 'Hands up',
          }),
          step('arms-out', 'Weights into their hands, arms out, one gentle push', [25, 35, 50], {
            eachGo: true,
            hands: [performer, helper],
            say: 'Arms wide. Say stop and we stop.',
            careful: 'Floor clear all round; helper within reach, loops round the wrists.',
            hazards: ['volunteerMoved'],
          }),
          step('arms-in', 'Arms in on three', [20, 30, 40], {
            eachGo: true,
            hands: [performer, helper],
            say: 'One, two, three, in!',
            cue: 'Count to three',
            careful: 'Helper within reach.',
            hazards: ['volunteerMoved'],
          }),
          step('off', 'Stand still, weights back, help them off', [20, 30, 50], {
            hands: [performer, helper],
            say: 'Feet up until it stops. A big hand!',
            hazards: ['volunteerMoved'],
          }),
          step('why', 'Skater’s turn, on your own feet', [50, 70, 90], {
            say: 'Nobody pushed. So where did the speed come from?',
          }),
          reset('clear', 'Carry the stool off', [20, 30, 40]),
        ],
        kit: [kit('stool', 1, 'piece'), kit('dumb-bells', 2, 'piece', 'perVolunteer')],
        needs: { levelFloor: true, clearM: 1.5 },
        care: { disposal: 'Nothing is used up.' },
        volunteerCard: {
          suits: 'steady, flat shoes, not just after lunch',
          mustNot: ['unsteady', 'epilepsy', 'pregnant', 'looseHair', 'aloneInWish'],
          ask: 'Who is steady on their feet?',
          letGo: 'Say stop and we stop.',
          steps: [
            'Sit, feet up.',
            'A weight in each hand, loops round the wrists.',
            'Arms out. A gentle push.',
            'Arms in on the count of three.',
          ],
          wayOff: 'Feet stay up until it stands still; weights back; then a hand to step off by.',
          fetchedIn: 'fetch',
        },
        calculators: [
          judged('turning', {
            who: 'child',
            start: setting('start'),
            weight: setting('weight'),
            most: 45,
          }),
        ],
      },
      [
        [
          'volunteerMoved',
          'Helper within reach in every part; slow start; feet up until it stands still.',
          ['volunteer'],
        ],
      ],
    ),
  ],
};

const balancingForks: Written = {
  id: 'balancing-forks',
  name: 'Balancing forks',
  hook: 'Two forks hang in the air from the end of a stick.',
  idea: 'A thing rests where its middle of weight hangs below what holds it.',
  keywords: ['balance', 'gravity'],
  ageFrom: 5,
  ageTo: 99,
  energy: 1,
  talkPattern: 'showThenExplain',
  pinnedNote: '',
  usualPosition: 'Left bench',
  methods: [
    method(
      'on-a-glass-rim',
      'on a glass rim',
      'Two forks, a stick and a heavy tumbler.',
      {
        goesAllowed: 3,
        settings: [set('stick', 'Stick', 7, 'cm')],
        tasks: [
          prepare('set', 'Set tumbler and forks', [20, 30, 40]),
          step('join', 'Join the forks and lay them on the rim', [40, 60, 120], {
            eachGo: true,
            say: 'This should fall. Tell me when to let go.',
            cue: 'Tell me when',
          }),
          step('spin', 'Give it a slow turn', [20, 30, 40], {
            eachGo: true,
            say: 'It would rather turn than fall.',
          }),
          step('why', 'Point to the middle of the weight', [50, 70, 90], {
            say: 'The weight hangs below the rim, where there is nothing at all.',
          }),
          reset('clear', 'Clear the tumbler', [10, 20, 30]),
        ],
        kit: [
          kit('forks', 1, 'pair'),
          kit('tumbler', 1, 'piece'),
          kit('sticks', 3, 'piece', 'perGo'),
        ],
        needs: { clearM: 1 },
        care: { disposal: 'Sticks into the bin.' },
      },
      [['shatter', 'Heavy tumbler without chips, in the middle of the table.', EVERYBODY]],
    ),
  ],
};

export const TURNING: Written[] = [slowFallingMagnet, spinningStool, balancingForks];
