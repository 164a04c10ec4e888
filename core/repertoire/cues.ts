/**
 * What a step sets off beyond the stage: light, sound, a picture, a word to a helper. `Task.cue` is another
 * thing: what the audience is asked to do.
 */

export const CUE_MOMENTS = ['start', 'sign', 'after', 'done'] as const;
/** start: the step is on; sign: its sign is seen; after: so many seconds into it; done: it is done. */
export type CueMoment = (typeof CUE_MOMENTS)[number];

export const CUE_KINDS = ['light', 'sound', 'picture', 'message'] as const;
export type CueKind = (typeof CUE_KINDS)[number];

/** What goes to a device outside: over which of the house's outputs, and what. */
export interface Signal {
  /** Id of an output of the house; null while none is chosen. */
  output: string | null;
  /** OSC: its address, as “/lights/wash”. HTTP: what is added to the output's address. */
  send: string;
  /** OSC: its arguments as they are typed, parted by spaces: “0.5 blue 3”. */
  args: string;
}

export interface StepCue extends Signal {
  /** Unique within its task. */
  id: string;
  /** What the crew calls it. */
  name: string;
  kind: CueKind;
  at: CueMoment;
  /** Into the step, where it is `after`. */
  seconds: number;
  /** Sound, picture: id of a file of the house; null while none is chosen. */
  media: string | null;
  /** Message: to whom of the crew; null for everybody. */
  to: string | null;
  /** Message: its words. */
  words: string;
}

export const NO_SIGNAL: Signal = { output: null, send: '', args: '' };

export const blankCue = (id: string, name: string, kind: CueKind): StepCue => ({
  ...NO_SIGNAL,
  id,
  name,
  kind,
  at: 'start',
  seconds: 0,
  media: null,
  to: null,
  words: '',
});

/** A question that the audience answers before it sees. */
export interface Prediction {
  ask: string;
  /** Two at the least. */
  options: string[];
  /** Place of the one that comes true, from 0; null where that is open. */
  answer: number | null;
  /** Place of the one that comes true where it does not work; null where none does. */
  ifFails: number | null;
  /** Said with the answer; may be empty. */
  reveal: string;
  /** Answers in one’s own words that are right, too. */
  accepts: string[];
  /** What is often said and is wrong, and what to say then. */
  wrong: WrongAnswer[];
}

export interface WrongAnswer {
  answer: string;
  then: string;
}

/** What a question has besides its options, where nobody has said any of it. */
export const NO_ANSWERS: Pick<Prediction, 'ifFails' | 'accepts' | 'wrong'> = {
  ifFails: null,
  accepts: [],
  wrong: [],
};

/** Place of the option that comes true, by how it went; null where that is open, and where none does. */
export const cameTrue = ({ answer, ifFails }: Prediction, failed: boolean): number | null =>
  failed ? ifFails : answer;

/** An argument of an OSC message: whole numbers as int32, others as float32, the rest as strings. */
export type OscArg = { type: 'i' | 'f'; value: number } | { type: 's'; value: string };

const WHOLE = /^[+-]?\d+$/;
const NUMBER = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i;
const INT32 = 2 ** 31;

/** “0.5 blue 3 "two words"” as arguments (OSC 1.0, its four basic types but blobs). */
export function oscArgs(text: string): OscArg[] {
  const parts = text.match(/"[^"]*"|\S+/g) ?? [];
  return parts.map((part): OscArg => {
    if (part.startsWith('"') && part.endsWith('"') && part.length > 1)
      return { type: 's', value: part.slice(1, -1) };
    const value = Number(part);
    if (WHOLE.test(part) && value >= -INT32 && value < INT32) return { type: 'i', value };
    return NUMBER.test(part) && Number.isFinite(value)
      ? { type: 'f', value }
      : { type: 's', value: part };
  });
}

/** What is wrong with an OSC address (OSC 1.0: it begins with a slash, and some letters are patterns). */
export function addressFault(send: string): string | null {
  if (!send.startsWith('/')) return 'must begin with a slash, as /lights/wash';
  // oxlint-disable-next-line no-control-regex
  if (/[ #*,?[\]{}\u0000-\u001f\u007f-\uffff]/.test(send))
    return 'must be plain letters and figures, without spaces or any of # * , ? [ ] { }';
  return null;
}
