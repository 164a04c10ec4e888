/** One figure’s evidence on the axis of its kind: the guess in a grey bracket, each go a dot, what they say in black. */
import type { LearnedFigure } from '../../core/after/learned';
import { formatDuration } from '../../core/time/clock';
import { tapePath } from '../parts/tapeShape';

const WIDTH = 250;
const HEIGHT = 58;
const EDGE = 10;
const DOT = 3.2;
const GUESS_Y = 10;
const LEARNED_Y = 48;

interface Axis {
  from: number;
  until: number;
}

export const axisOf = (figures: readonly LearnedFigure[]): Axis => {
  const all = figures.flatMap(({ guess, planned, taken }) => [
    guess.shortest,
    guess.longest,
    planned.likely,
    ...taken.map(({ seconds }) => seconds),
  ]);
  if (all.length === 0) return { from: 0, until: 60 };
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const pad = Math.max(5, (most - least) * 0.06);
  return { from: Math.max(0, least - pad), until: most + pad };
};

const bracket = (left: number, right: number, y: number, high: number): string =>
  `M${left + 4} ${y - high}H${left}V${y + high}H${left + 4}M${right - 4} ${y - high}H${right}V${y + high}H${right - 4}`;

/** Dots that would lie on one another are stacked. */
function stacked(places: readonly number[]): { x: number; level: number }[] {
  const heights = new Map<number, number>();
  return places.map((x) => {
    const column = Math.round(x / (DOT * 2 + 1));
    const level = heights.get(column) ?? 0;
    heights.set(column, level + 1);
    return { x, level };
  });
}

interface Props {
  figure: LearnedFigure;
  axis: Axis;
  /** Began then, in milliseconds since 1970: its goes are the show’s own. */
  run: number | null;
}

export function FigurePlot({ figure, axis, run }: Props) {
  const { guess, learned, taken } = figure;
  const x = (seconds: number): number =>
    EDGE +
    ((Math.min(axis.until, Math.max(axis.from, seconds)) - axis.from) / (axis.until - axis.from)) *
      (WIDTH - 2 * EDGE);
  const dots = stacked(taken.map(({ seconds }) => x(seconds)));
  const label =
    `Guessed ${formatDuration(guess.shortest)} to ${formatDuration(guess.longest)}. ` +
    `Took ${taken.map(({ seconds }) => formatDuration(seconds)).join(', ')}.`;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width="100%" role="img" aria-label={label}>
      <path
        d={bracket(x(guess.shortest), x(guess.longest), GUESS_Y, 5)}
        stroke="var(--muted)"
        strokeWidth={1.5}
        fill="none"
      />
      <path
        d={`M${x(guess.shortest)} ${GUESS_Y}H${x(guess.longest)}`}
        stroke="var(--muted)"
        strokeDasharray="1 4"
        strokeWidth={1.5}
      />
      <path
        d={`M${x(guess.likely)} ${GUESS_Y - 5}V${GUESS_Y + 5}`}
        stroke="var(--muted)"
        strokeWidth={2}
      />
      {taken.map(({ at, rehearsed }, i) => {
        const dot = dots[i];
        return (
          dot && (
            <circle
              key={`${at}/${i}`}
              cx={dot.x}
              cy={LEARNED_Y - 8 - dot.level * (DOT * 2 + 1)}
              r={DOT}
              fill={rehearsed ? 'var(--ground)' : at === run ? 'var(--ember)' : 'var(--ink)'}
              stroke={at === run ? 'var(--ember)' : 'var(--ink)'}
              strokeWidth={1.2}
            />
          )
        );
      })}
      <path
        d={bracket(x(learned.meanLow), x(learned.meanHigh), LEARNED_Y, 5)}
        stroke="var(--ink)"
        strokeWidth={1.8}
        fill="none"
      />
      <path
        d={`M${x(learned.meanLow)} ${LEARNED_Y}H${x(learned.meanHigh)}`}
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      <path d={tapePath(x(learned.mean) - 5, LEARNED_Y - 6, 10, 12)} fill="var(--ink)" />
    </svg>
  );
}
