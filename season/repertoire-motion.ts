/** Air and drag, things that fly, magnets on sheets, charge in the hand. */
import type { Demo } from '../core/repertoire/types';
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
} from './write';

const paperFall: Demo = plainDemo(
  'paper-fall',
  'Paper that falls apart',
  'Two paper cones fall: the heavy one wins, the wide one does not.',
  'Air holds back what falls through it, more the faster and the wider it is.',
  { keywords: ['air', 'drag', 'falling'], ageFrom: 6, energy: 1, usualPosition: 'Floor' },
  method(
    'filter-cones',
    'filter cones',
    'Paper filter cones, one alone and four nested, dropped from a ladder’s height.',
    {
      goesAllowed: 6,
      settings: [set('height', 'Dropped from', 2.5, 'm'), set('nested', 'Nested', 4, 'piece')],
      needs: { ceilingM: 3, windMost: 0.5 },
      care: { disposal: 'Cones kept flat in the folder.' },
      tasks: [
        prepare('sort', 'Sort the cones', [15, 20, 30], { place: 'wings' }),
        step('guess', 'Hold both up', [20, 30, 40], {
          say: 'Four times as heavy. Four times as fast? Hands up for yes.',
          cue: 'Hands up',
        }),
        step('drop', 'Let both go at once', [10, 15, 20], {
          eachGo: true,
          say: 'Listen for two taps.',
        }),
        step('why', 'Drop one from half as high', [40, 50, 70], {
          say: 'Twice as fast, that is all: the air asks for the square.',
        }),
        reset('gather', 'Gather the cones', [10, 15, 20]),
      ],
      kit: [kit('filter-cone', 6, 'piece'), kit('step-stool', 1, 'piece')],
      priorWorked: 7,
    },
    [['lifting', 'Step-stool on level ground, a hand beside it.']],
  ),
);

const floatingBall: Demo = plainDemo(
  'floating-ball',
  'Ball on a stream',
  'A ball stands in the air and will not leave.',
  'A stream of air bends round a ball and holds it where it is.',
  { keywords: ['air', 'flow', 'energy'], ageFrom: 5, energy: 3, usualPosition: 'Left bench' },
  method(
    'dryer',
    'hair dryer',
    'A light ball over a hair dryer on cold, tilted until it nearly falls.',
    {
      goesAllowed: 5,
      settings: [set('tilt', 'Tilted by about', 30, 'piece', 'degrees, common practice')],
      needs: { powerW: 1200, windMost: 1 },
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
      kit: [kit('hair-dryer', 1, 'piece'), kit('light-ball', 2, 'piece')],
      priorWorked: 8,
      priorFailed: 1,
    },
    [
      ['slip', 'Lead taped down.'],
      ['loud', 'A dryer at arm’s length: short goes.'],
    ],
  ),
);

const bottleLaunch: Demo = plainDemo(
  'bottle-launch',
  'Bottle launch',
  'Water and air throw a bottle over the roof.',
  'What is pushed out backwards pushes the bottle forwards.',
  { keywords: ['air pressure', 'thrust', 'flight'], ageFrom: 7, energy: 5, usualPosition: 'Floor' },
  method(
    'slide-launcher',
    'pump and slide',
    'A drinks bottle a quarter full of water on a slide with a pin, pumped by foot, let go by a cord from six metres.',
    {
      goesAllowed: 3,
      warning: 'It goes up and it comes down. Everybody behind the line until we call.',
      settings: [
        set('speed', 'Leaves at', 18, 'mps', 'source not checked'),
        set('water', 'Water', 0.25, 'L'),
        set('limit', 'Never above', 300, 'kPa'),
        set('weight', 'Bottle empty weighs', 45, 'g', 'weighed once'),
      ],
      needs: { where: 'outdoors', clearM: 15, windMost: 6, water: true, levelFloor: true },
      care: {
        disposal: 'Bottle thrown out after ten goes or any crease.',
        extinguisher: 'none',
        heldBy: null,
      },
      leaves: [
        {
          id: 'puddle',
          kind: 'water',
          where: 'position',
          time: { shortest: 60, likely: 120, longest: 300 },
          hands: [],
        },
      ],
      tasks: [
        prepare('slide', 'Peg the slide down, pointing away', [120, 180, 240]),
        prepare('fill', 'Put the water in and seat the bottle', [40, 60, 80], {
          after: [after('slide')],
          gearOn: ['Goggles'],
        }),
        step('line', 'Walk the line', [40, 60, 90], {
          say: 'Behind the rope. Nobody runs for it, whatever it does.',
          cue: 'Everybody behind the rope',
          gearOn: ['Goggles'],
        }),
        step('pump', 'Pump to the mark and step back', [40, 60, 80], {
          eachGo: true,
          hands: [performer, helper],
          say: 'Watch the gauge with me. Stop me at the red.',
          careful: 'Never stand over the slide; gauge never above the mark.',
        }),
        step('go', 'Count down and pull', [15, 20, 30], {
          eachGo: true,
          hands: [performer, helper],
          say: 'Three, two, one …',
          cue: 'Three, two, one',
        }),
        step('why', 'Explain with the empty bottle', [40, 60, 80], {
          say: 'Half of it was air. The air is what paid for the flight.',
          gearOff: ['Goggles'],
        }),
        reset('peg', 'Take the slide up and mop', [60, 90, 120]),
      ],
      kit: [
        kit('launch-bottle', 1, 'piece', 'perGo'),
        kit('slide-launcher', 1, 'piece'),
        kit('foot-pump', 1, 'piece'),
        kit('tap-water', 250, 'mL', 'perGo'),
        kit('rope-line', 1, 'piece'),
        kit('goggles', 2, 'piece'),
      ],
      calculators: [
        judged('clear-zone', { speed: setting('speed'), height: 0.5, mass: setting('weight') }),
        judged('bang', { peak: 115, level: 90, at: 2, crew: 6, lasts: 0.3 }),
      ],
      priorWorked: 5,
      priorFailed: 2,
    },
    [
      ['projectile', 'Roped line, cord release, pointed away from everybody.', EVERYBODY],
      ['pressure', 'A drinks bottle made for fizz, never above the mark, no creases.', EVERYBODY],
      ['loud', 'A pop, told before.', EVERYBODY],
      ['splash', 'Goggles for both beside it.'],
      ['slip', 'The puddle is roped off until it has dried.'],
    ],
  ),
);

const sheetRace: Demo = plainDemo(
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
      settings: [
        set('thickness', 'Sheets are thick', 3, 'mm'),
        set('slope', 'Slope, degrees', 45, 'piece'),
      ],
      needs: { levelFloor: true },
      care: { disposal: 'Sheets wrapped singly; magnets in their steel box.' },
      tasks: [
        prepare('stand', 'Stand the sheets at one slope', [40, 60, 90]),
        step('guess', 'Ask which will be slowest', [30, 40, 50], {
          say: 'None of these is magnetic. So why would it matter?',
          cue: 'Point at the slowest',
        }),
        step('race', 'Let all four go together', [20, 30, 40], {
          eachGo: true,
          hands: [performer, helper],
          say: 'Three, two, one, go.',
        }),
        step('why', 'Name the metals in order', [50, 60, 80], {
          say: 'Copper carries currents best, and so it brakes best.',
        }),
        reset('wrap', 'Wrap the sheets', [40, 50, 60]),
      ],
      kit: [
        kit('copper-sheet', 1, 'piece'),
        kit('aluminium-sheet', 1, 'piece'),
        kit('brass-sheet', 1, 'piece'),
        kit('lead-sheet', 1, 'piece'),
        kit('magnet', 4, 'piece'),
      ],
      calculators: [
        judged('sliding-magnet', {
          one: 'copper',
          other: 'aluminium',
          oneThick: setting('thickness'),
          otherThick: setting('thickness'),
        }),
      ],
      priorWorked: 6,
      priorFailed: 1,
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

const chargedBalloon: Demo = plainDemo(
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
      calculators: [judged('dome', { radius: 12, reached: 8 })],
      priorWorked: 7,
      priorFailed: 2,
    },
    [['allergen', 'Latex: no balloon to anybody from the audience.', EVERYBODY]],
  ),
);

export const MOTION_AND_CHARGE: Demo[] = [
  paperFall,
  floatingBall,
  bottleLaunch,
  sheetRace,
  chargedBalloon,
];
