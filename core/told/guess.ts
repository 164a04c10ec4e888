/** What is taken where a text says nothing: how long a step is, how far that may be off, and when it is done. */
import { speakingTime } from '../repertoire/script';
import type { Estimate, Phase } from '../repertoire/types';

/** What kind of thing a step is: those of one kind are off by as much. */
export const STEP_FAMILIES = [
  'talk',
  'gear',
  'volunteer',
  'wait',
  'setUp',
  'clear',
  'hand',
] as const;
export type StepFamily = (typeof STEP_FAMILIES)[number];

interface FamilyFacts {
  /** Shortest and longest as shares of the likely time. Our own marks. */
  shortest: number;
  longest: number;
  /** Seconds of a step whose time nobody said. Our own mark. */
  usual: number;
  words: string;
}

export const FAMILY: Readonly<Record<StepFamily, FamilyFacts>> = {
  talk: { shortest: 0.8, longest: 1.35, usual: 40, words: 'talking' },
  gear: { shortest: 0.65, longest: 1.7, usual: 15, words: 'putting something on' },
  volunteer: { shortest: 0.7, longest: 1.8, usual: 60, words: 'with a volunteer' },
  wait: { shortest: 0.85, longest: 1.35, usual: 120, words: 'waiting' },
  setUp: { shortest: 0.8, longest: 1.5, usual: 60, words: 'setting up' },
  clear: { shortest: 0.75, longest: 1.5, usual: 45, words: 'clearing' },
  hand: { shortest: 0.75, longest: 1.6, usual: 30, words: 'done by hand' },
};

const TALK =
  /^(?:say|tell|ask|explain|introduce|describe|discuss|talk|welcome|greet|thank|question|why|bow|show of hands|recap|sum up)\b/i;
const VOLUNTEER = /\bvolunteers?\b/i;
const GEAR = /^(?:goggles|gloves|ear|coat|lab coat|apron|visor|face shield|mask)\b.*\b(?:on|off)$/i;

export function familyOf(name: string, phase: Phase, saysOnly: boolean): StepFamily {
  if (phase === 'settle') return 'wait';
  if (phase === 'reset') return 'clear';
  if (GEAR.test(name)) return 'gear';
  if (phase === 'prepare') return 'setUp';
  if (VOLUNTEER.test(name)) return 'volunteer';
  if (saysOnly || TALK.test(name)) return 'talk';
  return 'hand';
}

/** Figures that one would say: to the second at first, then to five and to ten. */
function readable(seconds: number): number {
  const step = seconds < 20 ? 1 : seconds < 120 ? 5 : seconds < 1200 ? 10 : 60;
  return Math.round(seconds / step) * step;
}

/** One time with its ends guessed: shortest ≤ likely ≤ longest, in whole seconds. */
export function spreadOf(likely: number, family: StepFamily): Estimate {
  const { shortest, longest } = FAMILY[family];
  return {
    shortest: Math.min(likely, Math.max(Math.min(1, likely), readable(likely * shortest))),
    likely,
    longest: Math.max(likely, readable(likely * longest)),
  };
}

/** Whole seconds it takes to say this. */
export const speaking = (words: string): number => Math.ceil(speakingTime(words));

/** Seconds of a step whose time nobody said. */
export function usualTime(family: StepFamily, say: string): number {
  const spoken = speaking(say);
  return Math.max(FAMILY[family].usual, readable(spoken));
}

const PREPARING =
  /^(?:lay|set up|set out|set|fill|pour|put|place|heat|warm|chill|cool|charge|soak|mix|build|plug|switch|hang|tape|cut|weigh|measure|rig|boil|freeze|inflate|blow up|crush|stack|load|unpack|roll|connect|dissolve|make|prepare|get|line up|clamp|screw|fit|mark|count out|lay out|stretch)\b/i;
const CLEARING =
  /^(?:wipe|mop|sweep|clean|clear|pack|put away|rinse|wash|empty|dry|collect|pick up|tidy|throw away|bin|roll off|carry off|unplug|switch off|take down|air)\b|\boff$/i;

/** What the guess of a phase goes by. */
export interface PhaseClue {
  name: string;
  isWait: boolean;
  /** Something is said, shown or watched for with it: there is an audience. */
  isShown: boolean;
}

/**
 * When each step is done, by its words and its place: everything up to the last wait before anything is said or
 * shown, or else what comes first and is a preparation by its verb, is done before; what comes last and clears
 * is done after. Something is always shown.
 */
export function guessPhases(steps: readonly PhaseClue[]): ('prepare' | 'perform' | 'reset')[] {
  const shown = steps.findIndex(({ isShown }) => isShown);
  const before = shown < 0 ? steps.length : shown;
  const waits = steps.slice(0, before).findLastIndex(({ isWait }) => isWait);
  let first = waits + 1;
  if (waits < 0) while (first < before && PREPARING.test(steps[first]?.name ?? '')) first++;
  let last = steps.length;
  while (last > first && !steps[last - 1]?.isShown && CLEARING.test(steps[last - 1]?.name ?? ''))
    last--;
  // Without anything between them, the last of the one or the first of the other is what is shown.
  if (first >= last) {
    if (last < steps.length) last++;
    else first = Math.max(0, first - 1);
  }
  return steps.map((_, i) => (i < first ? 'prepare' : i < last ? 'perform' : 'reset'));
}
