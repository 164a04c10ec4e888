/** Cues of a step, the question put to the audience, and where signals go. */
import {
  addressFault,
  CUE_KINDS,
  CUE_MOMENTS,
  type CueKind,
  type CueMoment,
  type Prediction,
  type Signal,
  type StepCue,
  type WrongAnswer,
} from '../core/repertoire/cues';
import { Holds, Id, OneOf, OrNull, Part, PartList, Text, TextList, Whole } from './fields';

export class SignalBody implements Signal {
  @OrNull()
  @Id()
  output!: string | null;

  @Text(200)
  send!: string;

  @Text(200)
  args!: string;
}

export class StepCueBody extends SignalBody implements StepCue {
  @Id()
  id!: string;

  @Text(60, 1)
  name!: string;

  @OneOf(CUE_KINDS)
  kind!: CueKind;

  @OneOf(CUE_MOMENTS)
  at!: CueMoment;

  @Whole(0, 3600)
  seconds!: number;

  @OrNull()
  @Id()
  media!: string | null;

  @OrNull()
  @Id()
  to!: string | null;

  @Text(200)
  words!: string;
}

export class WrongAnswerBody implements WrongAnswer {
  @Text(120, 1)
  answer!: string;

  @Text(300)
  then!: string;
}

export class PredictionBody implements Prediction {
  @Text(120, 1)
  ask!: string;

  @Holds<PredictionBody>((p) =>
    Array.isArray(p.options) && p.options.length < 2 ? 'must be two at the least' : null,
  )
  @TextList(5, 40)
  options!: string[];

  @Holds<PredictionBody>((p) =>
    typeof p.answer === 'number' && Array.isArray(p.options) && p.answer >= p.options.length
      ? 'must be one of the options'
      : null,
  )
  @OrNull()
  @Whole(0, 4)
  answer!: number | null;

  @Holds<PredictionBody>((p) =>
    typeof p.ifFails === 'number' && Array.isArray(p.options) && p.ifFails >= p.options.length
      ? 'must be one of the options'
      : null,
  )
  @OrNull()
  @Whole(0, 4)
  ifFails!: number | null;

  @Text(200)
  reveal!: string;

  @TextList(6, 80)
  accepts!: string[];

  @PartList(() => WrongAnswerBody, 6)
  wrong!: WrongAnswerBody[];
}

export const OUTPUT_KINDS = ['osc', 'http'] as const;
export type OutputKind = (typeof OUTPUT_KINDS)[number];

/** A device outside that signals go to. */
export interface Output {
  id: string;
  name: string;
  kind: OutputKind;
  /** osc: “host:port”; http: an address that what is sent is added to. */
  address: string;
}

const HOST_PORT = /^(\[[0-9a-f:]+\]|[A-Za-z0-9.-]{1,253}):(\d{1,5})$/i;

/** Host and port of an OSC output; null for what is none. */
export function hostAndPort(address: string): { host: string; port: number } | null {
  const [, host = '', port = ''] = HOST_PORT.exec(address) ?? [];
  const number = Number(port);
  return host === '' || number < 1 || number > 65_535
    ? null
    : { host: host.replace(/^\[|\]$/g, ''), port: number };
}

function outputFault({ kind, address }: { kind: unknown; address: unknown }): string | null {
  if (typeof address !== 'string') return null;
  if (kind === 'osc' && !hostAndPort(address))
    return 'must be a host and a port, as 192.168.4.20:8000';
  if (kind === 'http' && !/^https?:\/\/[^\s/?#]+/i.test(address))
    return 'must begin with http:// or https://';
  return null;
}

export class OutputBody implements Output {
  @Id()
  id!: string;

  @Text(40, 1)
  name!: string;

  @OneOf(OUTPUT_KINDS)
  kind!: OutputKind;

  @Holds<OutputBody>(outputFault)
  @Text(300, 1)
  address!: string;
}

/** A cue of a show, to be fired by hand. */
export class FireBody {
  @Id()
  slot!: string;

  @Id()
  task!: string;

  @Id()
  cue!: string;
}

export const SIGNAL_NAMES = ['blackout', 'lightsBack', 'houseUp', 'houseDown'] as const;
export type SignalName = (typeof SIGNAL_NAMES)[number];

/** What is on keys of the stage, whatever is on. */
export type StageSignals = Record<SignalName, Signal>;

export class StageSignalsBody implements StageSignals {
  @Part(() => SignalBody)
  blackout!: SignalBody;

  @Part(() => SignalBody)
  lightsBack!: SignalBody;

  @Part(() => SignalBody)
  houseUp!: SignalBody;

  @Part(() => SignalBody)
  houseDown!: SignalBody;
}

/** Why it can’t be sent; null for what can. */
export const signalFault = (kind: OutputKind | null, { output, send }: Signal): string | null =>
  output === null
    ? 'goes nowhere yet: choose an output'
    : kind === null
      ? 'goes to an output that is not there any more'
      : kind === 'osc'
        ? addressFault(send)
        : null;
