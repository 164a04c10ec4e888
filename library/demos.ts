/** The demonstrations that come with the application. Amounts are at the small end; records are nobody’s. */
import { staticDome } from './dome';
import { foamFountain } from './foam';
import type { Family } from '../core/repertoire/families';
import { NO_HAND_OUT } from '../core/repertoire/handOut';
import { guessFace } from '../core/repertoire/face';
import type { Demo } from '../core/repertoire/types';
import { AIR } from './air';
import { COLD, MORE_COLD } from './cold';
import { AIR_AND_WATER } from './easy-air-water';
import { LIGHT_AND_SOUND } from './easy-light-sound';
import { MATTER_AND_COLOUR } from './easy-matter';
import { EASY_MOTION } from './easy-motion';
import { FLAME_AND_SOUND } from './fire';
import { GAS_AND_COLOUR } from './gas';
import { HAND_OUTS } from './handOuts';
import { MOTION_AND_CHARGE } from './motion';
import { TURNING } from './turning';
import type { Written } from './write';

/** What each is about. */
const ABOUT: Readonly<Record<string, Family>> = {
  'smoke-ring-drum': 'air',
  'cloud-burst': 'air',
  'crushed-can': 'air',
  'cold-flower': 'cold',
  'foam-fountain': 'gas',
  'static-dome': 'charge',
  'slow-falling-magnet': 'magnet',
  'spinning-stool': 'turning',
  'balancing-forks': 'motion',
  'relit-candle': 'flame',
  'blue-ghost': 'flame',
  'singing-glasses': 'sound',
  'cabbage-colours': 'colour',
  'filling-balloon': 'gas',
  'held-up-water': 'water',
  'fog-bubbles': 'cold',
  'shrinking-balloon': 'cold',
  'paper-fall': 'motion',
  'floating-ball': 'air',
  'bottle-launch': 'motion',
  'sheet-race': 'magnet',
  'rolling-can': 'charge',
  'egg-in-bottle': 'air',
  'straw-through-potato': 'air',
  'bottle-diver': 'water',
  'liquid-tower': 'water',
  'walk-on-starch': 'matter',
  'skewered-balloon': 'matter',
  'glass-clock': 'colour',
  'rising-water': 'flame',
  'tablecloth-pull': 'motion',
  'balloon-over-flame': 'flame',
  'rainbow-tray': 'light',
  'light-in-the-stream': 'light',
  'hoot-tube': 'sound',
  'dancing-salt': 'sound',
  'pot-pop': 'gas',
  'long-pendulum': 'motion',
  'wheel-on-a-cord': 'turning',
  'pulse-on-a-straw': 'body',
  'falling-ruler': 'body',
};

/** Each has a figure of its own, called as it is. */
function dressed(demo: Written & { told?: string }): Demo {
  const face = { ...guessFace(`${demo.name} ${demo.hook}`), figure: demo.id };
  return {
    ...demo,
    family: ABOUT[demo.id] ?? null,
    face,
    told: demo.told ?? '',
    origin: null,
    picture: null,
    handOut: HAND_OUTS[demo.id] ?? NO_HAND_OUT,
  };
}

export const LIBRARY_DEMOS: Demo[] = [
  ...AIR,
  ...COLD,
  foamFountain,
  staticDome,
  ...TURNING,
  ...FLAME_AND_SOUND,
  ...GAS_AND_COLOUR,
  ...MORE_COLD,
  ...MOTION_AND_CHARGE,
  ...AIR_AND_WATER,
  ...MATTER_AND_COLOUR,
  ...EASY_MOTION,
  ...LIGHT_AND_SOUND,
].map(dressed);
