/** Air and drag, things that fly, magnets on sheets, charge in the hand. */
import {
  after,
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
  type Written,
} from './write';

const paperFall: Written = plainDemo(
  'paper-fall',
  'Paper that falls apart',
  'Two paper cones fall: the heavy one wins, the wide one does not.',
  'Air holds back what falls through it, more the faster and the wider it is.',
  { keywords: ['air', 'drag', 'falling'], ageFrom: 6, energy: 1, usualPosition: 'Floor' },
  method(
    'filter-cones',
    'filter cones',
    'Paper filter cones, one alone and four nested, dropped together by two people on step-stools.',
    {
      goesAllowed: 6,
      settings: [set('height', 'Dropped from', 2.5, 'm'), set('nested', 'Nested', 4, 'piece')],
      needs: { ceilingM: 3, windMost: 0.5, levelFloor: true },
      care: { disposal: 'Cones kept flat in the folder.' },
      tasks: [
        prepare('sort', 'Sort the cones', [15, 20, 30], { place: 'wings' }),
        step('guess', 'Hold both up', [20, 30, 40], {
          say: 'Four times as heavy. Four times as fast? Hands up for yes.',
          cue: 'Hands up',
        }),
        step('drop', 'Both up on the stools, let go at once', [10, 15, 20], {
          eachGo: true,
          hands: [performer, helper],
          say: 'Listen for two taps.',
          careful: 'Both feet on the step, one hand free to hold on by.',
          hazards: ['workAtHeight'],
        }),
        step('why', 'Drop one from half as high', [40, 50, 70], {
          say: 'Twice as fast, that is all: the air asks for the square.',
        }),
        reset('gather', 'Gather the cones', [10, 15, 20]),
      ],
      kit: [kit('filter-cone', 6, 'piece'), kit('step-stool', 2, 'piece')],
    },
    [
      [
        'workAtHeight',
        'Two low step-stools with rubber feet on level ground, nobody higher than one step, no reaching out.',
      ],
    ],
  ),
);

const floatingBall: Written = plainDemo(
  'floating-ball',
  'Ball on a stream',
  'A ball stands in the air and will not leave.',
  'A stream of air bends round a ball and holds it where it is.',
  { keywords: ['air', 'flow', 'lift'], ageFrom: 5, energy: 3, usualPosition: 'Left bench' },
  method(
    'dryer',
    'hair dryer',
    'A light ball over a hair dryer on cold, tilted until it nearly falls.',
    {
      goesAllowed: 5,
      settings: [set('tilt', 'Tilted by about', 30, 'piece', 'degrees, common practice')],
      needs: { powerW: 1200, windMost: 1 },
      // A dryer on the mains and water do not go together.
      forbids: ['water', 'foam'],
      care: { disposal: 'Nothing is used up.' },
      tasks: [
        prepare('plug', 'Plug the dryer in, on cold', [15, 20, 30]),
        step('stand', 'Let the ball stand on the stream', [20, 30, 40], {
          eachGo: true,
          say: 'Nothing holds it. Except all of this moving air.',
        }),
        step('tilt', 'Tilt it slowly', [20, 30, 40], {
          eachGo: true,
          say: 'Now it should fall. Tell me when.',
          cue: 'Say now',
        }),
        step('volunteer', 'Somebody from the front tilts it', [40, 60, 80], {
          say: 'Slower than you think.',
        }),
        step('why', 'Explain with a hand in the stream', [30, 45, 60], {
          say: 'The air clings to the ball, and the ball leans on the air.',
        }),
        reset('off', 'Switch off and coil the lead', [15, 20, 30]),
      ],
      volunteers: 1,
      volunteerCard: {
        suits: 'anybody who can reach the table',
        mustNot: ['looseHair', 'aloneInWish'],
        ask: 'Who has a steady hand?',
        letGo: 'Give it back whenever you like.',
        steps: ['Hold the dryer by its handle.', 'Tilt it slowly towards the wall.'],
        wayOff: 'Dryer back in my hand first, then down.',
        fetchedIn: 'volunteer',
      },
      kit: [
        kit('hair-dryer', 1, 'piece'),
        kit('light-ball', 2, 'piece'),
        kit('cable-tape', 1, 'piece'),
      ],
    },
    [
      ['trailingCables', 'Lead taped down, a ramp where anybody walks.', EVERYBODY],
      ['hot', 'On cold; the grille is not touched.'],
    ],
  ),
);

const bottleLaunch: Written = plainDemo(
  'bottle-launch',
  'Bottle launch',
  'Water and air throw a bottle across the field.',
  'What is pushed out backwards pushes the bottle forwards.',
  { keywords: ['air pressure', 'thrust', 'flight'], ageFrom: 7, energy: 5, usualPosition: 'Floor' },
  method(
    'slide-launcher',
    'pump and slide',
    'A small drinks bottle with a soft weighted nose, a quarter full of water, on a slide with a pin; pumped and let go from six metres.',
    {
      goesAllowed: 3,
      warning: 'It goes up and it comes down. Everybody behind the line until we call.',
      settings: [
        set('bottle', 'Bottle', 0.5, 'L', 'measured once'),
        set('water', 'Water', 120, 'mL'),
        set('pressure', 'Pumped to', 80, 'kPa', 'low on purpose'),
        set('neck', 'Neck, inside', 21.7, 'mm', 'measured once'),
        set('weight', 'Bottle with its nose weighs', 60, 'g', 'weighed once'),
        set('width', 'Bottle, across', 6.5, 'cm', 'measured once'),
      ],
      needs: { where: 'outdoors', clearM: 30, windMost: 3, water: true, levelFloor: true },
      care: { disposal: 'Bottle thrown out after ten goes or any crease.' },
      tasks: [
        prepare('slide', 'Peg the slide down, pointing away', [120, 180, 240]),
        prepare('hose', 'Lay the long hose and the cord to the line', [40, 60, 80], {
          after: [after('slide')],
        }),
        prepare('fill', 'Put the water in and seat the bottle', [40, 60, 80], {
          after: [after('hose')],
          gearOn: ['Goggles'],
          hazards: ['splash'],
        }),
        step('line', 'Walk the line', [40, 60, 90], {
          say: 'Behind the rope. Nobody runs for it, whatever it does.',
          cue: 'Everybody behind the rope',
        }),
        step('pump', 'Pump from six metres, to the mark', [40, 60, 80], {
          eachGo: true,
          hands: [performer, helper],
          say: 'Watch the gauge with me. Stop me at the red.',
          gearOn: ['Goggles'],
          careful: 'Nobody nearer than the pump; gauge never above the mark.',
          hazards: ['pressure', 'projectile', 'splash'],
        }),
        step('go', 'Count down and pull', [15, 20, 30], {
          eachGo: true,
          hands: [performer, helper],
          say: 'Three, two, one …',
          cue: 'Three, two, one',
          gearOn: ['Goggles'],
          careful:
            'No release: open the vent at the pump, wait two minutes, then take the bottle off from the side.',
          hazards: ['pressure', 'projectile', 'loud', 'splash'],
        }),
        step('why', 'Explain with the empty bottle', [40, 60, 80], {
          say: 'Most of it was air. The air is what paid for the flight.',
        }),
        reset('again', 'Vent, fetch the bottle, fill and seat it', [60, 90, 120], {
          eachGo: true,
          gearOn: ['Goggles'],
          hazards: ['splash'],
        }),
        reset('peg', 'Take the slide up, coil the hose', [60, 90, 120]),
      ],
      kit: [
        kit('launch-bottle', 1, 'piece', 'perGo'),
        kit('slide-launcher', 1, 'piece'),
        kit('foot-pump', 1, 'piece'),
        kit('long-hose', 1, 'piece'),
        kit('tap-water', 120, 'mL', 'perGo'),
        kit('rope-line', 1, 'piece'),
        kit('goggles', 2, 'piece'),
      ],
      calculators: [
        judged('water-rocket', {
          volume: setting('bottle'),
          water: setting('water'),
          gauge: setting('pressure'),
          neck: setting('neck'),
          mass: setting('weight'),
          width: setting('width'),
          ground: 'hard',
        }),
        judged('bang', { peak: 112, level: 88, at: 2, crew: 6, lasts: 0.3 }),
      ],
    },
    [
      [
        'projectile',
        'Roped line thirty metres off, pin pulled by a cord, slide pegged down and pointed away.',
        EVERYBODY,
      ],
      [
        'pressure',
        'A drinks bottle made for fizz, no creases, never above the mark; vent valve at the pump.',
        EVERYBODY,
      ],
      ['loud', 'A pop, told before.', EVERYBODY],
      ['splash', 'Goggles for both at the pump.'],
    ],
  ),
);

const sheetRace: Written = plainDemo(
  'sheet-race',
  'Magnet race down metal',
  'Four sheets of metal, four magnets, four quite different speeds.',
  'A moving magnet makes currents in metal, and the better it carries them the more it is held back.',
  {
    keywords: ['magnet', 'currents', 'metals'],
    ageFrom: 9,
    energy: 2,
    usualPosition: 'Left bench',
  },
  method(
    'four-sheets',
    'four sheets',
    'Copper, aluminium, brass and lead of one thickness, a magnet let go on each.',
    {
      goesAllowed: 4,
      warning:
        'Strong magnets now. Whoever has a heart device or an implant, please stay away from the table; first row, tell us now.',
      settings: [
        set('thickness', 'Sheets are thick', 3, 'mm'),
        set('slope', 'Slope, degrees', 45, 'piece'),
      ],
      needs: { levelFloor: true },
      care: {
        disposal: 'Sheets wrapped singly; magnets in their steel box; hands washed after the lead.',
      },
      tasks: [
        prepare('stand', 'Stand the sheets at one slope, padded catch below', [40, 60, 90], {
          careful: 'Lead last, hands washed after it.',
        }),
        step('guess', 'Ask which will be slowest', [30, 40, 50], {
          say: 'None of these is magnetic. So why would it matter?',
          cue: 'Point at the slowest',
        }),
        step('race', 'Four magnets behind the bar, lift the bar', [20, 30, 40], {
          eachGo: true,
          hands: [performer, helper],
          say: 'Three, two, one, go.',
          careful: 'One magnet at a time from its box; a hand’s width between them.',
          hazards: ['strongMagnet'],
        }),
        step('why', 'Name the metals in order', [50, 60, 80], {
          say: 'Copper carries currents best, and so it brakes best.',
        }),
        reset('wrap', 'Magnets into their box, wrap the sheets, wash hands', [60, 80, 100], {
          hazards: ['strongMagnet'],
        }),
      ],
      kit: [
        kit('copper-sheet', 1, 'piece'),
        kit('aluminium-sheet', 1, 'piece'),
        kit('brass-sheet', 1, 'piece'),
        kit('lead-sheet', 1, 'piece'),
        kit('race-stand', 1, 'piece'),
        kit('drop-mat', 1, 'piece', 'perShow', 'Folded, as the catch'),
        kit('race-magnet', 4, 'piece'),
      ],
      calculators: [
        judged('sliding-magnet', {
          one: 'copper',
          other: 'aluminium',
          third: 'brass',
          fourth: 'lead',
          oneThick: setting('thickness'),
          otherThick: setting('thickness'),
          thirdThick: setting('thickness'),
          fourthThick: setting('thickness'),
        }),
      ],
    },
    [
      [
        'strongMagnet',
        'Kept from cards, phones and heart devices; two never within a hand of each other.',
        EVERYBODY,
      ],
    ],
  ),
);

const chargedBalloon: Written = plainDemo(
  'rolling-can',
  'Can that follows',
  'A can rolls after a balloon that never touches it.',
  'Charge in the balloon pulls on the charge in the metal.',
  { keywords: ['charge', 'electricity'], ageFrom: 5, energy: 3, usualPosition: 'Floor' },
  method(
    'balloon',
    'balloon',
    'A balloon rubbed on wool, held beside an empty can lying on a level table.',
    {
      goesAllowed: 4,
      settings: [set('gap', 'Held off by about', 10, 'cm')],
      needs: { levelFloor: true, windMost: 0.5 },
      care: { disposal: 'Balloon in the bin.' },
      forbids: ['water'],
      warning:
        'A balloon of latex: whoever is allergic to it, please keep your distance and tell us.',
      tasks: [
        prepare('dry', 'Dry the wool and the balloon', [20, 30, 40], { place: 'wings' }),
        settle('rest', 'Can coming to rest', [5, 10, 15], { after: [after('dry')] }),
        step('rub', 'Rub the balloon', [15, 20, 30], {
          eachGo: true,
          say: 'Hear it crackle.',
        }),
        step('lead', 'Lead the can along', [20, 30, 45], {
          eachGo: true,
          say: 'Nothing touches it. And it comes.',
          cue: 'Call it, like a dog',
        }),
        step('why', 'Explain with the crackle', [30, 45, 60], {
          say: 'Rubbing moved charge, and the can has charge of its own to move.',
        }),
        reset('gather', 'Gather up', [10, 15, 20]),
      ],
      kit: [
        kit('balloon', 1, 'piece', 'perGo'),
        kit('wool-cloth', 1, 'piece'),
        kit('drink-can', 2, 'piece'),
      ],
    },
    [['allergen', 'Latex: no balloon to anybody from the audience.', EVERYBODY]],
  ),
);

export const MOTION_AND_CHARGE: Written[] = [
  paperFall,
  floatingBall,
  bottleLaunch,
  sheetRace,
  chargedBalloon,
];
