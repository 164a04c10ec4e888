/** Flame, vapour and sound. */
import type { Demo } from '../core/repertoire/types';
import {
  after,
  EVERYBODY,
  flameHand,
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

const relitCandle: Demo = plainDemo(
  'relit-candle',
  'Relit candle',
  'A flame jumps down through the smoke to a candle that is out.',
  'The smoke of a candle is wax that has not burnt yet.',
  {
    keywords: ['flame', 'wax', 'vapour'],
    ageFrom: 7,
    energy: 2,
    usualPosition: 'Centre table',
  },
  method(
    'long-wick',
    'long wick',
    'Two thick candles, one put out with a snuffer, lit again from above through its smoke.',
    {
      goesAllowed: 5,
      settings: [set('wick', 'Wick', 1.5, 'cm'), set('height', 'Lit from above', 6, 'cm')],
      needs: { dark: false, windMost: 0.5, clearM: 1.5 },
      care: {
        disposal: 'Candles cold before they are packed; matches into water.',
        extinguisher: 'blanket',
        heldBy: 'helper',
      },
      warning: 'There will be a small flame.',
      tasks: [
        prepare('set', 'Set the candles on the tray', [30, 40, 60]),
        prepare('trim', 'Trim the wicks long', [20, 30, 45], { after: [after('set')] }),
        step('light', 'Light both candles', [20, 30, 40], {
          hands: [flameHand('performer')],
          say: 'What is it that burns: the string, or the wax?',
          gearOn: ['Goggles'],
        }),
        step('out', 'Put one out and hold the flame in its smoke', [15, 20, 40], {
          eachGo: true,
          hands: [flameHand('performer'), helper],
          say: 'Watch the smoke, not the candle.',
          cue: 'Nobody breathes out, front row',
          sign: { watchFor: 'a straight white thread of smoke', waitLeast: 0, waitMost: 3 },
          careful: 'Hair tied back, sleeves up.',
        }),
        step('why', 'Explain, both candles burning', [40, 60, 80], {
          say: 'The smoke was wax vapour. I lit the smoke, and it ran home.',
          gearOff: ['Goggles'],
        }),
        reset('cool', 'Put out and cool the candles', [40, 60, 90]),
      ],
      kit: [
        kit('thick-candle', 2, 'piece'),
        kit('matches', 4, 'piece', 'perGo'),
        kit('tray', 1, 'piece'),
        kit('fire-blanket', 1, 'piece'),
        kit('goggles', 1, 'piece'),
      ],
      calculators: [judged('enough-goes', { worked: 6, failed: 3, goes: 4 })],
      priorWorked: 6,
      priorFailed: 3,
    },
    [
      ['openFlame', 'On a tray, nothing that burns within a metre; blanket in a hand.', EVERYBODY],
      ['hot', 'Wax is not touched until it is dull.'],
    ],
  ),
);

const blueGhost: Demo = plainDemo(
  'blue-ghost',
  'Blue ghost in a bottle',
  'A blue flame runs down a bottle with a sigh.',
  'Only a mixture of vapour and air within a narrow range burns.',
  {
    keywords: ['flame', 'vapour', 'mixture'],
    ageFrom: 9,
    energy: 5,
    usualPosition: 'Rear',
    pinnedNote: 'Too rich on a warm night: pour away, then air it.',
  },
  method(
    'two-litre',
    'two-litre bottle',
    'A spoonful swirled in a stiff, wide-necked bottle, what stays liquid poured away, lit from above with a long lighter.',
    {
      oneShot: true,
      goesAllowed: 3,
      settings: [
        set('dose', 'Propan-2-ol', 2, 'mL'),
        set('bottle', 'Bottle', 2, 'L'),
        set('stroke', 'One stroke of the pump', 1, 'stroke'),
        set('airing', 'Strokes between goes', 24, 'piece', 'from 19.5 % oxygen, well mixed'),
      ],
      needs: { where: 'indoors', dark: true, clearM: 3, ceilingM: 3, windMost: 0.5 },
      care: {
        disposal: 'What was poured away goes back in the waste bottle, lid on, outdoors.',
        extinguisher: 'carbonDioxide',
        heldBy: 'helper',
      },
      warning: 'There will be a flame and a loud sigh. Stay in your seats.',
      leaves: [
        {
          id: 'vapour',
          kind: 'vapour',
          where: 'position',
          time: { shortest: 60, likely: 90, longest: 180 },
          hands: [],
        },
      ],
      forbids: ['oxygen', 'charge'],
      tasks: [
        prepare('stand', 'Stand the bottle on its mark', [20, 30, 40]),
        prepare('measure', 'Measure the dose out', [30, 40, 60], {
          place: 'wings',
          gearOn: ['Goggles'],
          careful: 'Stock bottle closed and carried away before anything is lit.',
        }),
        step('swirl', 'Swirl and pour away what is liquid', [40, 50, 70], {
          eachGo: true,
          hands: [flameHand('performer'), helper],
          say: 'A spoonful goes in. Nearly all of it comes out again.',
          gearOn: ['Goggles', 'Face shield'],
          careful: 'Stopper in, waste bottle closed and away.',
        }),
        step('light', 'Stopper out, light from above', [10, 15, 25], {
          eachGo: true,
          hands: [flameHand('performer'), helper],
          say: 'Quiet. It only speaks once.',
          cue: 'Three, two, one',
          careful: 'Arm’s length, never lean over the neck.',
        }),
        step('why', 'Show the water on the inside', [40, 60, 80], {
          say: 'Too little and nothing burns. Too much, and nothing burns either.',
          gearOff: ['Face shield', 'Goggles'],
        }),
        reset('air', 'Air the bottle with the pump', [40, 50, 70], {
          eachGo: true,
          careful: 'Never top up: air it, let it cool, then fill.',
        }),
      ],
      kit: [
        kit('stiff-bottle', 1, 'piece'),
        kit('propan2ol', 2, 'mL', 'perGo', 'From a small bottle, never from the stock'),
        kit('long-lighter', 1, 'piece'),
        kit('foot-pump', 1, 'piece'),
        kit('goggles', 2, 'piece'),
        kit('face-shield', 1, 'piece'),
      ],
      calculators: [
        judged('will-it-light', { dose: setting('dose'), vessel: setting('bottle') }),
        judged('another-go', { vessel: setting('bottle'), strokes: setting('airing') }),
      ],
      priorWorked: 4,
      priorFailed: 3,
    },
    [
      ['openFlame', 'Long lighter, face shield, nobody over the neck.', EVERYBODY],
      [
        'flammableVapour',
        'Small dose, stock closed and away, no other flame or spark near.',
        EVERYBODY,
      ],
      ['loud', 'A sigh, told before.', EVERYBODY],
      ['hot', 'Neck is not touched for five minutes.'],
    ],
  ),
);

const singingGlasses: Demo = plainDemo(
  'singing-glasses',
  'Singing glasses',
  'A wet finger makes a glass sing, and water makes it sing lower.',
  'A thing that shakes by itself has its own note; more to move makes it slower.',
  {
    keywords: ['sound', 'resonance', 'pitch'],
    ageFrom: 5,
    energy: 2,
    usualPosition: 'Left bench',
  },
  method(
    'three-glasses',
    'three glasses',
    'Three stemmed glasses with water to different heights, a finger round the rim.',
    {
      goesAllowed: 4,
      settings: [
        set('low', 'Water in the lowest', 180, 'mL'),
        set('high', 'In the highest', 40, 'mL'),
      ],
      needs: { water: true },
      care: { disposal: 'Water down the sink; glasses wrapped for the van.' },
      leaves: [
        {
          id: 'drops',
          kind: 'water',
          where: 'position',
          time: { shortest: 15, likely: 20, longest: 40 },
          hands: [performer],
        },
      ],
      tasks: [
        prepare('fill', 'Fill the glasses to their marks', [40, 60, 80]),
        prepare('wash', 'Wash the finger, no grease', [10, 15, 20], { place: 'wings' }),
        settle('still', 'Water coming to rest', [10, 20, 30], { after: [after('fill')] }),
        step('one', 'Make one sing', [20, 30, 60], {
          eachGo: true,
          say: 'Sing with it. Lower. There.',
          cue: 'Hum the note',
          after: [after('still')],
        }),
        step('three', 'All three, a helper from the front', [30, 40, 60], {
          eachGo: true,
          hands: [performer, helper],
          say: 'Which will be lowest: the full one or the empty one? Hands up.',
        }),
        step('why', 'Show the water shiver', [30, 45, 60], {
          say: 'The glass shakes the water, and heavy water makes it slow.',
        }),
        reset('empty', 'Empty the glasses', [20, 30, 40]),
      ],
      kit: [kit('stem-glass', 3, 'piece'), kit('tap-water', 340, 'mL'), kit('towels', 1, 'piece')],
      calculators: [judged('bang', { peak: 90, level: 75, at: 1, lasts: 20, crew: 0.5 })],
      priorWorked: 5,
      priorFailed: 1,
    },
    [['shatter', 'Thick glasses without chips; stop when it rattles.']],
  ),
);

export const FLAME_AND_SOUND: Demo[] = [relitCandle, blueGhost, singingGlasses];
