/** Told demonstrations: motion, turning, heat, and a gas that is made. */
import { told } from './told';
import { EVERYBODY, type Written } from './write';

const tableclothPull = told(
  'tablecloth-pull',
  `
Tablecloth pull @Left bench
people see: The cloth is gone, and the plates stand where they stood.
idea: What is at rest stays at rest while the cloth slips out faster than it can pull.
ages: 5 to 99
energy: 4

method: straight down
about: Heavy plates, a cloth without a hem, one pull down.
goes: 2
before:
Lay the cloth and 3 heavy plates, 1:00
show:
Walk round the table, 0:30
say: Who would bet a plate on it?
Pull straight down, 0:10, each go
wear: Goggles
careful: Down, never towards you; stand to the side.
cue: Count down from three
Say why they stayed, 0:40
clear:
Plates off, cloth folded, 1:00
needs: Smooth tablecloth without a hem, 3 Heavy plates, Goggles
`,
  {
    'straight down': {
      hazards: [
        ['shatter', 'Heavy plates that do not break; nobody within 1 m.', EVERYBODY],
        ['projectile', 'Front row at 2 m; pulled away from people.', EVERYBODY],
      ],
      needs: { clearM: 2, levelFloor: true },
      care: { disposal: 'Pieces swept up with gloves on.' },
    },
  },
  { keywords: ['inertia', 'friction'] },
);

const flameBalloon = told(
  'balloon-over-flame',
  `
The balloon that will not burst @Left bench
people see: One balloon bursts over a flame at once, the other hangs in it and only gets sooty.
idea: Water takes the heat away before the skin gets hot enough.
ages: 6 to 99
energy: 4

method: tea light
about: A dry balloon first, then one with water in it.
goes: 2
before:
Blow one balloon up, put 150 mL tap water in the other and blow it up, 1:40 (1:10–2:40), off stage
show:
Light the tea light, 0:15, performer (flame)
wear: Goggles
careful: Hair back, sleeves up.
The dry one over it, 0:15
cue: Cover your ears
say: As one would think.
The one with water over it, 0:40, each go
say: The same flame. What is different?
Show the soot at its bottom, 0:30
clear:
Candle out, balloon emptied, table wiped, 1:10
needs: 2 Balloons, 1 Tea light a show, 150 mL Tap water, 1 Long match a show, Cup of water for matches, Fire blanket, Goggles, 1 "Drying towels"
`,
  {
    'tea light': {
      hazards: [
        ['openFlame', 'On a bare table, blanket within reach.'],
        ['loud', 'Said before; ears covered for the first one.', EVERYBODY],
        ['latex', 'Asked before; pieces picked up.', EVERYBODY],
        ['slip', 'A tray under it, wiped at once.', EVERYBODY],
        ['hot', 'The bottom of the balloon is not touched.'],
      ],
      needs: { clearM: 1 },
      care: { extinguisher: 'blanket', heldBy: 'helper' },
    },
  },
  { keywords: ['heat', 'water', 'balloon'] },
);

const potPop = told(
  'pot-pop',
  `
The pot that pops @Floor
people see: A closed pot waits, and waits, and jumps.
idea: A gas that is made inside needs room, until the lid gives way.
ages: 6 to 99
energy: 4

method: fizzing tablet
about: A quarter of a tablet and a finger of water, lid down.
goes: 3
show:
Show the pot, the water and the tablet, 0:30
wear: Goggles
Pour 10 mL tap water in, tablet in, lid on, set it down lid first, 0:15, each go
cue: Count with me
careful: Then two steps back. Never lean over one that waits.
when the lid pops -> 0:08–0:40, Watch it jump, 0:35 (0:20–1:00), each go
say: What was it that got too big?
clear:
Wipe the floor, 1:00
needs: 2 "Snap-lid pot, 35 mL", 1 "Fizzing tablet, quarter", 10 mL Tap water, 2 Goggles
`,
  {
    'fizzing tablet': {
      hazards: [
        ['projectile', 'Upright, lid down; 3 m clear, nobody leans over it.', EVERYBODY],
        ['pressure', 'A lid that snaps open by itself; never a screwed or taped one.', EVERYBODY],
        ['loud', 'Said before.', EVERYBODY],
      ],
      needs: { clearM: 3, ceilingM: 4 },
      leaves: [
        {
          id: 'splash',
          kind: 'water',
          where: 'position',
          time: { shortest: 30, likely: 60, longest: 120 },
          hands: [{ role: 'anyone', count: 1, competence: null }],
        },
      ],
    },
  },
  { keywords: ['gas', 'pressure'] },
);

const longPendulum = told(
  'long-pendulum',
  `
The long pendulum @Centre table
people see: A heavy ball flies away from a chin, comes back, and stops just short of it.
idea: It never comes back higher than it was let go.
ages: 6 to 99
energy: 5

method: let go from the chin
about: Let go, never pushed; the head against a post.
goes: 2
before:
Hang the ball, hook and rope looked at by two, 8:00 (6:00–12:00), 2 helpers
careful: Nobody under it from now on.
show:
Lead it out to the chin, 0:40
say: If I only let go, how far does it come back?
careful: Head against the post, and it stays there.
Let go, 0:25 (0:20–0:35), each go
cue: Hold your breath
careful: Never push. Helper stands ready to catch it from the side.
Catch it and hold it still, 0:20, helper
Say why it stopped short, 0:50
clear:
Take the ball down, 4:00 (3:00–6:00), 2 helpers
needs: Heavy ball on a rope, Rated hook on a beam, Soft mat to drop on
`,
  {
    'let go from the chin': {
      hazards: [
        ['projectile', 'Let go, never pushed; its whole path is roped off.', EVERYBODY],
        ['lifting', 'Two lift it; nobody is under it.', ['crew']],
        ['workAtHeight', 'Hung by who is used to it, from a ladder that is held.', ['crew']],
      ],
      needs: { ceilingM: 6, clearM: 4, levelFloor: true },
    },
  },
  { keywords: ['energy', 'swing'] },
);

const wheelOnCord = told(
  'wheel-on-a-cord',
  `
The wheel that does not fall @Floor
people see: A wheel hangs by one end of its axle, upright, and walks round its cord.
idea: Spinning, it turns aside instead of tipping.
ages: 7 to 99
energy: 4

method: spun by hand
about: Still it falls; spun it stays.
goes: 3
volunteers: 1
show:
Hang it still and let go, 0:20
say: Of course.
Spin it up, 0:25, performer, helper, each go
careful: Sleeves and hair out of the spokes.
Let one handle go, 0:30, each go
cue: Show with an arm which way it walks
say: It should fall. Which way does it go?
A volunteer holds it spinning on both handles and tries to tip it, 1:10 (0:50–1:50)
careful: Stand behind them.
needs: Bicycle wheel with handles, Strong cord with a loop
`,
  {
    'spun by hand': {
      hazards: [
        ['volunteerMoved', 'Both feet on the floor; stood behind.', ['volunteer']],
        ['lifting', 'Taken over by two hands.', ['volunteer', 'crew']],
      ],
      needs: { clearM: 1.5, ceilingM: 3 },
      volunteerCard: {
        suits: 'Strong arms, hair tied back',
        ask: 'Who can hold a wheel?',
        mustNot: ['looseHair', 'looseJewellery', 'unsteady'],
      },
    },
  },
  { keywords: ['spin', 'gyroscope'] },
);

export const EASY_MOTION: Written[] = [
  tableclothPull,
  flameBalloon,
  potPop,
  longPendulum,
  wheelOnCord,
];
