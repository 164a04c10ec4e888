/** Flame, vapour and sound. */
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
  type Written,
} from './write';

/** Who lights, and who stands beside with what puts it out: both trained. */
const LIT = [flameHand('performer'), flameHand('helper')];

const relitCandle: Written = plainDemo(
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
      settings: [
        set('wick', 'Wick', 1.8, 'cm', 'longer than the crew’s first tries'),
        set('height', 'Lit from above', 6, 'cm'),
        set(
          'burn',
          'Burning before it is put out',
          90,
          's',
          'until the wax round the wick is clear',
        ),
      ],
      needs: { windMost: 0.5, clearM: 1.5 },
      care: {
        disposal: 'Candles cold before they are packed; matches into the cup of water.',
        extinguisher: 'blanket',
        heldBy: 'helper',
      },
      warning: 'There will be a small flame. Stay in your seats.',
      tasks: [
        prepare('set', 'Set tray, candles, snuffer and cup of water', [30, 40, 60]),
        prepare('trim', 'Trim the wicks long', [20, 30, 45], { after: [after('set')] }),
        step('light', 'Light both candles, match into the water', [20, 30, 40], {
          hands: LIT,
          say: 'What is it that burns: the string, or the wax?',
          gearOn: ['Goggles'],
          hazards: ['openFlame', 'hot'],
        }),
        step('burn', 'Let them burn until the wax is clear', [60, 90, 120], {
          hands: LIT,
          say: 'Look at the pool of wax. Ask the one beside you what it is for.',
          hazards: ['openFlame', 'hot'],
        }),
        step('out', 'Snuff one and hold the other’s flame in its smoke', [15, 20, 40], {
          eachGo: true,
          hands: LIT,
          say: 'Watch the smoke, not the candle.',
          cue: 'Nobody breathes out, front row',
          sign: { watchFor: 'a straight white thread of smoke', waitLeast: 0, waitMost: 3 },
          careful: 'Hair tied back, sleeves up.',
          hazards: ['openFlame', 'hot'],
        }),
        step('why', 'Explain, both candles burning', [40, 60, 80], {
          hands: LIT,
          say: 'The smoke was wax vapour. I lit the smoke, and it ran home.',
          hazards: ['openFlame', 'hot'],
        }),
        reset('cool', 'Snuff both and let them cool on the tray', [40, 60, 90], {
          hands: [flameHand('anyone')],
          hazards: ['hot'],
        }),
      ],
      kit: [
        kit('thick-candle', 2, 'piece'),
        kit('matches', 4, 'piece', 'perGo'),
        kit('match-cup', 1, 'piece'),
        kit('tap-water', 100, 'mL'),
        kit('snuffer', 1, 'piece'),
        kit('tray', 1, 'piece'),
        kit('fire-blanket', 1, 'piece'),
        kit('goggles', 2, 'piece'),
      ],
      calculators: [judged('enough-goes', { worked: 6, failed: 3, goes: 4 })],
    },
    [
      [
        'openFlame',
        'On a tray, nothing that burns within a metre; blanket in the helper’s hand throughout.',
        EVERYBODY,
      ],
      ['hot', 'Wax is not touched until it is dull.'],
    ],
  ),
);

const blueGhost: Written = plainDemo(
  'blue-ghost',
  'Blue ghost in a bottle',
  'A blue flame runs down a bottle with a sigh.',
  'Only a mixture of vapour and air within a narrow range burns.',
  {
    keywords: ['flame', 'vapour', 'mixture'],
    ageFrom: 9,
    energy: 5,
    usualPosition: 'Rear',
    pinnedNote: '',
  },
  method(
    'two-litre',
    'two-litre bottle',
    'A spoonful swirled in a stiff plastic bottle with a wide neck, what stays liquid poured away, lit from above behind a screen.',
    {
      oneShot: true,
      goesAllowed: 2,
      settings: [
        set('dose', 'Propan-2-ol', 2, 'mL'),
        set('bottle', 'Bottle', 2, 'L'),
        set('neck', 'Neck, inside', 45, 'mm', 'measured once'),
        set('drain', 'Held upside down for', 15, 's', 'the crew’s own'),
      ],
      needs: { where: 'indoors', dark: true, clearM: 4, ceilingM: 3, windMost: 0.5 },
      care: {
        disposal:
          'What was poured away stays in the waste bottle, stopper in, outdoors; used bottles are aired outdoors.',
        extinguisher: 'carbonDioxide',
        heldBy: 'helper',
      },
      warning: 'There will be a flame and a loud sigh. Stay in your seats.',
      leaves: [
        {
          id: 'vapour',
          kind: 'vapour',
          where: 'stage',
          time: { shortest: 120, likely: 180, longest: 300 },
          hands: [],
        },
      ],
      forbids: ['oxygen', 'charge', 'heat', 'vapour'],
      tasks: [
        prepare('stand', 'Stand bottles and screen on the mark', [30, 40, 50]),
        prepare('measure', 'Measure 2 mL out, stock bottle closed', [30, 40, 60], {
          place: 'wings',
          hands: [flameHand('anyone')],
          gearOn: ['Goggles'],
          careful: 'Stock bottle stoppered and outdoors before anything is lit.',
          hazards: ['flammableVapour'],
        }),
        step('swirl', 'Swirl a fresh bottle, pour away, stopper it', [40, 50, 70], {
          eachGo: true,
          hands: LIT,
          say: 'A spoonful goes in. Nearly all of it comes out again.',
          gearOn: ['Goggles', 'Face shield'],
          careful: 'Waste bottle stoppered, and the helper carries it off.',
          hazards: ['flammableVapour'],
        }),
        step('light', 'Stopper out and away, light from above', [10, 15, 25], {
          eachGo: true,
          hands: LIT,
          say: 'Quiet. It only speaks once.',
          cue: 'Three, two, one',
          gearOn: ['Goggles', 'Face shield'],
          careful:
            'Behind the screen, arm’s length, never over the neck. Helper: extinguisher, pin out.',
          hazards: ['flammableVapour', 'openFlame', 'loud', 'hot', 'pressure', 'shatter'],
        }),
        step('why', 'Show the water on the inside', [40, 60, 80], {
          hands: LIT,
          say: 'Too little and nothing burns. Too much, and nothing burns either.',
          hazards: ['hot'],
        }),
        reset('air', 'Carry the used bottles outdoors', [40, 50, 70], {
          hands: [flameHand('anyone')],
          careful: 'Never topped up: a used bottle is aired and cold before it is filled again.',
        }),
      ],
      kit: [
        kit('stiff-bottle', 1, 'piece', 'perGo', 'A fresh one for each go'),
        kit('propan2ol', 2, 'mL', 'perGo', 'From a small bottle, never from the stock'),
        kit('dose-syringe', 1, 'piece'),
        kit('waste-bottle', 1, 'piece'),
        kit('long-lighter', 1, 'piece'),
        kit('clear-screen', 1, 'piece'),
        kit('extinguisher', 1, 'piece'),
        kit('goggles', 2, 'piece'),
        kit('face-shield', 2, 'piece'),
      ],
      calculators: [
        judged('will-it-light', {
          liquid: 'propan2ol',
          dose: setting('dose'),
          vessel: setting('bottle'),
          neck: setting('neck'),
          material: 'plastic',
          stopper: 'out',
          surplus: 'poured',
          drains: setting('drain'),
        }),
        judged('bang', { peak: 104, level: 88, at: 2, crew: 0.8, lasts: 2 }),
      ],
    },
    [
      ['openFlame', 'Long lighter, face shield, screen, nobody over the neck.', EVERYBODY],
      [
        'flammableVapour',
        'Two millilitres; stock closed and outdoors; no other flame or spark about.',
        EVERYBODY,
      ],
      ['loud', 'A sigh, told before.', EVERYBODY],
      ['hot', 'The neck is not touched for five minutes.'],
      ['pressure', 'Wide neck open, stopper out and away before the flame comes near.', EVERYBODY],
      [
        'shatter',
        'Stiff plastic that does not shatter, never thin glass; screen before it.',
        EVERYBODY,
      ],
      ['toxicVapour', 'A few millilitres, doors open before and after.'],
      ['splash', 'Poured with a measure, goggles and shield on.'],
    ],
  ),
);

const singingGlasses: Written = plainDemo(
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
        set('middle', 'In the middle one', 110, 'mL'),
        set('high', 'In the highest', 40, 'mL'),
      ],
      needs: { water: true, clearM: 1 },
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
        prepare('wash', 'Wash the finger, no grease', [10, 15, 20], {
          place: 'wings',
          hands: [performer],
        }),
        settle('still', 'Water coming to rest', [10, 20, 30], { after: [after('fill')] }),
        step('one', 'Make one sing', [20, 30, 60], {
          eachGo: true,
          say: 'Sing with it. Lower. There.',
          cue: 'Hum the note',
          after: [after('still')],
        }),
        step('three', 'All three, with a helper', [30, 40, 60], {
          eachGo: true,
          hands: [performer, helper],
          say: 'Which will be lowest: the full one or the empty one? Hands up.',
        }),
        step('why', 'Show the water shiver', [30, 45, 60], {
          say: 'The glass shakes the water, and the more of it there is, the slower it shakes.',
        }),
        reset('empty', 'Empty the glasses', [20, 30, 40]),
      ],
      kit: [kit('stem-glass', 3, 'piece'), kit('tap-water', 330, 'mL'), kit('towels', 1, 'piece')],
      calculators: [judged('bang', { peak: 90, level: 75, at: 1, lasts: 20, crew: 0.5 })],
      ruledOut: [{ kind: 'loud', why: 'A glass sings no louder than a voice: measured.' }],
    },
    [
      [
        'shatter',
        'Thick glasses without chips; stop when it rattles; swept up before anybody steps.',
      ],
      ['slip', 'Wiped before the next comes on.'],
    ],
  ),
);

export const FLAME_AND_SOUND: Written[] = [relitCandle, blueGhost, singingGlasses];
