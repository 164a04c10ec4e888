/** Told demonstrations: light, sound, the body. */
import { told } from './told';
import { EVERYBODY, type Written } from './write';

const rainbowTray = told(
  'rainbow-tray',
  `
Rainbow on the wall @Rear
people see: White light becomes a rainbow across the wall.
idea: Each colour bends by a little more than the one before it.
ages: 4 to 99
energy: 2

method: mirror in water
about: A mirror leaned in a tray of water, a torch, a white card.
goes: 3
before:
Pour 3 L tap water into the tray, mirror leaned in it, 1:30
show:
Lights low, torch on the mirror, 0:30
say: White light. Where are the colours?
Turn the mirror until the band is on the wall, 0:50 (0:30–1:40), each go
cue: Call the colours in their order
Stir the water, 0:20
say: Gone. Now let it lie still.
clear:
Empty the tray, 1:00
needs: Deep tray, 3 L Tap water a show, Flat mirror, Bright torch, Large white card

method: old disc
about: A music disc in a beam; no water.
goes: 5
show:
Lights low, torch on the disc, 0:30
Throw the colours over the ceiling, 0:50, each go
cue: Call the colours in their order
say: Thousands of fine lines, each sending its colour somewhere else.
needs: Old music disc, Bright torch
`,
  {
    'mirror in water': {
      hazards: [['slip', 'The tray is filled where it stands; wiped at once.', EVERYBODY]],
      needs: { water: true, dark: true },
    },
    'old disc': {
      hazards: [['shatter', 'No cracked disc; edges taped.']],
      needs: { dark: true },
    },
  },
  { keywords: ['light', 'rainbow', 'colours'] },
);

const lightStream = told(
  'light-in-the-stream',
  `
Light round the corner @Left bench
people see: A stream of water falls in a bow and carries the light along inside it.
idea: Light that meets the skin of the stream at a flat angle is thrown back into it.
ages: 6 to 99
energy: 3

method: torch behind a bottle
about: A torch, not a laser; the stream falls into a bowl.
goes: 2
before:
Fill the bottle with 1 L tap water, plug in, torch behind it, 1:20
show:
Lights low, torch on, 0:20
Pull the plug and let it flow, 0:40, each go
cue: Follow the light with a finger
say: Light goes straight. Does it?
Catch the stream in the hand, 0:30
say: The spot of light was in the water all the way down.
clear:
Empty the bowl, wipe the table, 1:10
needs: Clear bottle with a plugged side hole, 1 L Tap water, Bright torch, Wide bowl, 2 Drying towels
`,
  {
    'torch behind a bottle': {
      hazards: [['slip', 'Bowl and tray under it, wiped before the next.', EVERYBODY]],
      needs: { water: true, dark: true },
      leaves: [
        {
          id: 'drops',
          kind: 'water',
          where: 'position',
          time: { shortest: 60, likely: 120, longest: 240 },
          hands: [{ role: 'anyone', count: 1, competence: null }],
        },
      ],
    },
  },
  { keywords: ['light', 'water', 'reflection'] },
);

const hootTube = told(
  'hoot-tube',
  `
The tube that hoots @Floor
people see: A hose whirled overhead sings, and jumps from note to note.
idea: The faster its end flies, the faster air runs through it, and its ribs make it sing.
ages: 4 to 99
energy: 3

method: whirled
about: One note, then the next, then as many as the arm gives.
goes: 4
show:
Whirl it slowly, 0:30, each go
say: One note. How do I get a higher one?
Faster, one note at a time, 0:40, each go
cue: Sing it back
careful: The free end stays over the empty floor.
Close the lower end with a hand, 0:20
say: Silence. So what is singing?
needs: 1 "Ribbed hose, 80 cm"
`,
  {
    whirled: {
      hazards: [['projectile', 'Held with both hands at the end; 2 m clear all round.', EVERYBODY]],
      needs: { clearM: 2, ceilingM: 3 },
    },
  },
  { keywords: ['sound', 'notes', 'air'] },
);

const dancingSalt = told(
  'dancing-salt',
  `
Salt that dances @Left bench
people see: Nobody touches the bowl, and salt jumps on it in time.
idea: Sound is a shaking of the air, and the skin shakes with it.
ages: 4 to 99
energy: 3

method: shouted at
about: A tray is beaten above it, then the whole room shouts.
goes: 5
before:
Strew 5 g table salt on the film, 0:20
show:
Beat the tray close to it, 0:30
wear: Ear muffs
cue: Cover your ears
say: I never touched it.
Everybody shouts on three, 0:30, each go
cue: Shout ho on three
Say what crossed the room, 0:40
take off: Ear muffs
clear:
Brush the salt off, 0:30
needs: Bowl with cling film over it, 5 g Table salt, Metal tray, Wooden spoon, Ear muffs

method: loudspeaker
about: A speaker under the film; rings and stars form as the tone rises.
goes: 3
before:
Set the bowl on the loudspeaker, strew 5 g table salt, 0:50
show:
Turn the tone up slowly, 1:00 (0:40–1:30), each go
wear: Ear muffs
say: Watch for the first shape.
Stop at a star and show it, 0:30
say: Where it stands still, the salt lies.
take off: Ear muffs
clear:
Brush the salt off, speaker packed, 1:00
needs: Bowl with cling film over it, 5 g Table salt a show, Open loudspeaker with a tone source, "Camera on an arm, to the screen", Ear muffs
`,
  {
    'shouted at': {
      hazards: [['loud', 'Ears covered; three seconds at the most.', EVERYBODY]],
    },
    loudspeaker: {
      hazards: [
        ['loud', 'Measured in the first row; below the venue’s limit.', EVERYBODY],
        ['trailingCables', 'Lead taped down, a ramp where anybody walks.', EVERYBODY],
      ],
      needs: { powerW: 60 },
    },
  },
  { keywords: ['sound', 'vibration'] },
);

const strawPulse = told(
  'pulse-on-a-straw',
  `
Pulse on a straw @Centre table
people see: A straw on a wrist nods, once for every beat.
idea: Each beat of the heart is a push that runs along the arm.
ages: 7 to 99
energy: 2

method: on the screen
about: A pea of putty, a straw, a camera.
goes: 2
volunteers: 1
before:
Camera on, picture on the screen, 1:00
show:
Fetch the volunteer and sit them down, 0:50
Find the pulse and set the straw on it, 1:00 (0:40–1:40), each go
say: Keep still. Who sees it nod?
Count the beats, 0:40
cue: Count aloud
The volunteer marches, then it is counted again, 1:20
say: What changed, the push or how often?
needs: 2 g Soft putty, 1 Stiff paper straw, "Camera on an arm, to the screen"
`,
  {
    'on the screen': {
      hazards: [['trailingCables', 'Lead taped down, a ramp where anybody walks.', EVERYBODY]],
      needs: { powerW: 40 },
      volunteerCard: {
        suits: 'Likes to be seen on a screen; short sleeves',
        ask: 'Whose heart shall we see?',
        mustNot: ['unsteady', 'heartDevice'],
      },
    },
  },
  { keywords: ['heart', 'body', 'measuring'] },
);

const fallingRuler = told(
  'falling-ruler',
  `
Faster than a ruler @Floor
people see: A ruler falls, a hand closes, and the mark says how slow one is.
idea: Between seeing and closing the hand goes a fifth of a second.
ages: 6 to 99
energy: 3

method: one against the hall
about: A volunteer, then everybody with a neighbour.
goes: 4
volunteers: 1
show:
Fetch the volunteer, 0:40
Let the ruler fall, 0:25, each go
cue: Say now when you see it fall
Read the mark and turn it into time, 0:30
say: Twenty centimetres is a fifth of a second. Faster with a warning?
Everybody tries with a neighbour, 1:30 (1:00–2:30), 2 helpers
clear:
Collect the rulers, 1:00
needs: 10 "Ruler, 30 cm" a show
`,
  {
    'one against the hall': {
      hazards: [],
      volunteerCard: { suits: 'Anybody', ask: 'Who has the fastest hand?', mustNot: [] },
    },
  },
  { keywords: ['reaction time', 'body', 'measuring'] },
);

export const LIGHT_AND_SOUND: Written[] = [
  rainbowTray,
  lightStream,
  hootTube,
  dancingSalt,
  strawPulse,
  fallingRuler,
];
