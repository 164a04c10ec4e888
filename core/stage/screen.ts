/** What the audience sees on a screen of its own: driven from the stage, and nothing of it private. */
import type { MarkShape } from '../brief/types';
import { cameTrue } from '../repertoire/cues';
import type { Live, RunClaim, RunEvent, RunPlan, RunSlot } from './types';

export const SCREEN_MODES = [
  'auto',
  'question',
  'reveal',
  'ears',
  'countDown',
  'countUp',
  'blank',
  'claim',
] as const;
/** auto: the title, and what the audience is asked to do in the step on stage; claim: what a trial found out. */
export type ScreenMode = (typeof SCREEN_MODES)[number];

/** What was last chosen for the screen. */
export interface ScreenState {
  mode: ScreenMode;
  /** The slot that was on stage then. */
  slot: string | null;
  /** Milliseconds since 1970. */
  at: number;
  /** Of what counts: for how long; null for without end. */
  seconds: number | null;
  /** Of a claim: the trial that found it out. */
  claim: string | null;
}

export const SCREEN_AT_FIRST: ScreenState = {
  mode: 'auto',
  slot: null,
  at: 0,
  seconds: null,
  claim: null,
};

/** Longer than this nobody counts down, in seconds. */
export const COUNT_MOST = 3600;

/** What is pressed for the claim of a trial. */
export const claimText = (trialId: string): string => `claim/${trialId}`;

/** What a press asks for: one of the modes, a claim with the trial that it is of; null for nothing known. */
export function askedMode(text: string | null): { mode: ScreenMode; claim: string | null } | null {
  const [first, ...rest] = (text ?? '').split('/');
  const mode = SCREEN_MODES.find((one) => one === first);
  if (!mode || (mode === 'claim') !== rest.length > 0) return null;
  return { mode, claim: mode === 'claim' ? rest.join('/') : null };
}

export function screenAfter(live: Live, { at, text, value }: RunEvent): ScreenState {
  const asked = askedMode(text);
  if (!asked) return live.screen;
  const { mode, claim } = asked;
  const seconds = value === null ? null : Math.min(COUNT_MOST, Math.max(0, value));
  return { mode, slot: live.slot, at, seconds, claim };
}

/** Hands counted for each option of a slot's question, as they were added and taken off. */
export type Tallies = Readonly<Record<string, readonly number[]>>;

export const ROUNDS = ['before', 'after'] as const;
/** Asked before it is seen, and once more when it was. */
export type Round = (typeof ROUNDS)[number];

const HANDS_MOST = 100_000;

/** What is pressed for hands of an option, from 0. */
export const tallyText = (round: Round, option: number): string =>
  round === 'before' ? String(option) : `${round}/${option}`;

const TALLY = /^(?:(after)\/)?(\d)$/;

/** What a press for hands is of; null for nothing known. */
export function askedTally(text: string | null): { round: Round; option: number } | null {
  const [, later, option] = TALLY.exec(text ?? '') ?? [];
  return option === undefined
    ? null
    : { round: later ? 'after' : 'before', option: Number(option) };
}

/** The hands of a slot in a round; none where nobody was counted. */
export function handsOf(
  { tallies, talliesAfter }: Pick<Live, 'tallies' | 'talliesAfter'>,
  slot: string,
  round: Round = 'before',
): readonly number[] | null {
  const of = round === 'before' ? tallies : talliesAfter;
  return (Object.hasOwn(of, slot) ? of[slot] : undefined) ?? null;
}

export function tallied(plan: RunPlan, live: Live, { slot, text, value }: RunEvent): Live {
  const options = plan.slots.find(({ id }) => id === slot)?.prediction?.options ?? [];
  const asked = askedTally(text);
  if (slot === null || !asked || asked.option >= options.length) return live;
  const { round, option } = asked;
  const known = handsOf(live, slot, round);
  const counts = options.map((_option, i) => {
    const hands = known?.[i] ?? 0;
    return i === option ? Math.min(HANDS_MOST, Math.max(0, hands + Math.round(value ?? 0))) : hands;
  });
  return round === 'before'
    ? { ...live, tallies: { ...live.tallies, [slot]: counts } }
    : { ...live, talliesAfter: { ...live.talliesAfter, [slot]: counts } };
}

export interface PublicOption {
  words: string;
  hands: number;
  /** Once it is revealed. */
  comesTrue: boolean;
}

/** In ms since 1970. */
export type PublicWords =
  | { kind: 'title' }
  | { kind: 'cue'; words: string }
  | { kind: 'ears' }
  | { kind: 'blank' }
  | { kind: 'claim'; words: string; evidence: string; reasoning: string }
  | { kind: 'count'; from: number; to: number | null }
  | {
      kind: 'question';
      ask: string;
      options: PublicOption[];
      /** Until hands are counted; null for without end. */
      until: number | null;
      from: number;
      /** Null until it is revealed; empty where nothing is said with it. */
      reveal: string | null;
    };

export interface PublicScreen {
  title: string;
  phase: Live['phase'];
  slot: { id: string; number: number; of: number; name: string; mark: MarkShape | null } | null;
  says: PublicWords;
}

/** Modes that go with the slot they were chosen for: the next one begins with its title. */
const OF_THE_SLOT = new Set<ScreenMode>([
  'question',
  'reveal',
  'ears',
  'countDown',
  'countUp',
  'claim',
]);

/** What is asked of the audience in the step on stage, once it is its turn. */
function cueOf(slot: RunSlot | undefined, live: Live): string {
  return live.phase === 'running' && !live.failed ? (slot?.steps[live.step]?.cue ?? '') : '';
}

/** Of any slot: a finale goes by what was found in another. */
const claimIn = (plan: RunPlan, trialId: string | null): RunClaim | undefined =>
  plan.slots.flatMap(({ claims }) => claims).find((one) => one.trialId === trialId);

function wordsOf(plan: RunPlan, slot: RunSlot | undefined, live: Live): PublicWords {
  const { mode, at, seconds, slot: chosenFor } = live.screen;
  const stale = OF_THE_SLOT.has(mode) && chosenFor !== live.slot;
  switch (stale ? 'auto' : mode) {
    case 'blank':
      return { kind: 'blank' };
    case 'claim': {
      const claim = claimIn(plan, live.screen.claim);
      if (!claim) return { kind: 'title' };
      const { words, evidence, reasoning } = claim;
      return { kind: 'claim', words, evidence, reasoning };
    }
    case 'ears':
      return { kind: 'ears' };
    case 'countDown':
      return { kind: 'count', from: at, to: at + (seconds ?? 0) * 1000 };
    case 'countUp':
      return { kind: 'count', from: at, to: null };
    case 'question':
    case 'reveal': {
      const asked = slot?.prediction;
      if (!slot || !asked) return { kind: 'title' };
      const shown = mode === 'reveal';
      // Counted once more after it was seen, these are the hands that are up.
      const hands = (shown ? null : handsOf(live, slot.id, 'after')) ?? handsOf(live, slot.id);
      const failed = live.slots[slot.id]?.goes.at(-1)?.outcome === 'failed';
      const right = cameTrue(asked, failed);
      return {
        kind: 'question',
        ask: asked.ask,
        options: asked.options.map((words, i) => ({
          words,
          hands: hands?.[i] ?? 0,
          comesTrue: shown && i === right,
        })),
        from: at,
        until: shown || seconds === null ? null : at + seconds * 1000,
        // What is said with the answer says that it worked.
        reveal: shown ? (failed ? '' : asked.reveal) : null,
      };
    }
    default: {
      const words = cueOf(slot, live);
      return words === '' ? { kind: 'title' } : { kind: 'cue', words };
    }
  }
}

export function publicScreen(plan: RunPlan, live: Live): PublicScreen {
  const at = plan.slots.findIndex(({ id }) => id === live.slot);
  const slot = plan.slots[at];
  return {
    title: plan.title,
    phase: live.phase,
    slot: slot
      ? {
          id: slot.id,
          number: at + 1,
          of: plan.slots.length,
          name: slot.name,
          mark: slot.position?.mark ?? null,
        }
      : null,
    says: wordsOf(plan, slot, live),
  };
}
