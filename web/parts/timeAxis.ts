import { FACE, type Tokens } from '../app/tokens';

interface TimeAxis {
  /** Ends, in seconds from wherever `say` counts. */
  first: number;
  last: number;
  /** Seconds of the finest step between two ticks. */
  step: number;
  say: (seconds: number) => string;
}

/** Figures beside a chart's axes. */
export const axisText = (t: Tokens) => ({
  color: t.muted,
  fontFamily: FACE.heading,
  fontSize: 13,
});

/** The axis of the clock beneath a chart: some six ticks, the last without its label. */
export const timeAxis = (t: Tokens, { first, last, step, say }: TimeAxis) => ({
  type: 'value' as const,
  min: first,
  max: last,
  interval: Math.max(step, Math.ceil((last - first) / 6 / step) * step),
  axisLabel: { ...axisText(t), formatter: say, hideOverlap: true, showMaxLabel: false },
  splitLine: { show: false },
  axisLine: { lineStyle: { color: t.lineStrong } },
});
