/** The script as cards to hold: one a step, with what is said in it. */
import type { ScriptLine, ScriptSlot } from './script';

export interface ScriptCard {
  /** Of its slot in the running order, and which of its cards this is. */
  number: number;
  card: number;
  cards: number;
  demo: string;
  step: string;
  /** Seconds from the show’s start. */
  at: number;
  lines: ScriptLine[];
  cueToRoom: string;
  /** The hands of whoever speaks are at work: this one is learnt, not held. */
  byHeart: boolean;
}

/**
 * Cards in the order they are needed. Of one person: those of steps in which they speak, with what is said before and
 * between; else of all steps in which anybody does.
 */
export const cardsOf = (script: readonly ScriptSlot[], whose: string | null): ScriptCard[] =>
  script.flatMap(({ number, name, steps }) => {
    const spoken = steps.filter(({ lines }) =>
      lines.some(({ personId }) => whose === null || personId === whose),
    );
    return spoken.map((step, i) => ({
      number,
      card: i + 1,
      cards: spoken.length,
      demo: name,
      step: step.name,
      at: step.at,
      lines: step.lines,
      cueToRoom: step.cueToRoom,
      byHeart: step.lines.some(
        ({ personId, flags }) => flags.includes('hands') && (whose === null || personId === whose),
      ),
    }));
  });
