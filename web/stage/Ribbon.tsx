import type {
  AdviceTold,
  BlockTold,
  GapTold,
  PriceTold,
  Telling,
} from '../../core/stage/replan/tell';
import type { RunPlan } from '../../core/stage/types';
import { formatDuration } from '../../core/time/clock';
import { timeOf } from '../brief/dates';

const WIDTH = 1216;
const LEFT = 104;
/** Room for all futures: one fills it, two share it, and nothing beneath it moves. */
const ROWS = 56;
/** Dead air shorter than this is not hatched, in ms. */
const NO_GAP = 5000;

/** One way the night may go: its name, and its blocks in ms since 1970. */
export interface Future {
  name: string;
  blocks: readonly BlockTold[];
  gaps: readonly Pick<GapTold, 'from' | 'to'>[];
  /** Drawn back, where another is likelier. */
  faint: boolean;
}

interface RibbonProps {
  plan: RunPlan;
  startedAt: number;
  futures: readonly Future[];
  /** Slots that are advised to be left out. */
  doubtful: readonly string[];
  /** The slot that didn’t work just now. */
  failed: string | null;
  /** Milliseconds since 1970; at the start, all of it is looked at from outside. */
  now: number;
  finish: number;
  /** Eight shows of ten end between these two; null where they are not to be drawn. */
  range: { p10: number; p90: number } | null;
}

/** Stretches of one slot that follow one another are one bar. */
function joined(blocks: readonly BlockTold[]): BlockTold[] {
  const bars: BlockTold[] = [];
  for (const block of blocks) {
    if (block.to <= block.from && block.kind !== 'on') continue;
    const last = bars.at(-1);
    if (last?.slot === block.slot && last.kind === 'on' && block.from - last.to < 1000)
      last.to = block.to;
    else bars.push({ ...block });
  }
  return bars;
}

const isLong = ({ from, to }: Pick<GapTold, 'from' | 'to'>): boolean => to - from >= NO_GAP;

/** What there is to choose between now, and tonight as it stands where there is nothing. */
export function futuresOf(
  telling: Telling | null,
  advice: AdviceTold | null,
  ways: { moveOn: PriceTold; again: PriceTold } | null,
  ruleIsAgain: boolean,
): Future[] {
  if (ways) {
    const { moveOn, again } = ways;
    return [
      { name: 'move on', blocks: moveOn.blocks, gaps: moveOn.gaps, faint: ruleIsAgain },
      { name: 'again', blocks: again.blocks, gaps: again.gaps, faint: !ruleIsAgain },
    ];
  }
  const tonight: Future = {
    name: 'tonight',
    blocks: telling?.blocks ?? [],
    gaps: telling?.gaps ?? [],
    faint: false,
  };
  return advice
    ? [{ name: 'as advised', blocks: advice.blocks, gaps: advice.gaps, faint: true }, tonight]
    : [tonight];
}

/** Planned over tonight, on one axis; before a decision, both of its futures. */
export function Ribbon({
  plan,
  startedAt,
  futures,
  doubtful,
  failed,
  now,
  finish,
  range,
}: RibbonProps) {
  const ends = futures.flatMap(({ blocks }) => blocks.map(({ to }) => to));
  const last = Math.max(finish, startedAt + plan.end * 1000, now, range?.p90 ?? 0, ...ends);
  const span = (last - startedAt) * 1.03;
  const x = (ms: number): number => LEFT + ((ms - startedAt) / span) * (WIDTH - LEFT);
  const number = (id: string): number => plan.slots.findIndex((slot) => slot.id === id) + 1;
  const row = ROWS / Math.max(1, futures.length);
  const height = 20 + ROWS + 22;
  const hatch = 'url(#over)';
  const nowAt = Math.min(Math.max(x(now), LEFT + 20), WIDTH - 20);
  const finishAt = Math.min(Math.max(x(finish), LEFT + 90), WIDTH - 90);
  // The two words beneath the axis never lie on each other.
  const apart = Math.abs(nowAt - finishAt) > 130;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      width="100%"
      role="img"
      aria-label="Planned against tonight"
      style={{ display: 'block', marginTop: 4 }}
    >
      <defs>
        <pattern id="over" width="9" height="9" patternUnits="userSpaceOnUse">
          <path d="M0 9L9 0" stroke="var(--ember)" strokeWidth="2" />
        </pattern>
      </defs>
      <text x={0} y={13} fontSize={20} fill="var(--muted)">
        planned
      </text>
      {plan.slots.map((slot) => (
        <rect
          key={slot.id}
          x={x(startedAt + slot.start * 1000)}
          y={4}
          width={Math.max(1, x(startedAt + slot.end * 1000) - x(startedAt + slot.start * 1000) - 3)}
          height={8}
          rx={2}
          fill="var(--control)"
        />
      ))}
      {futures.map(({ name, blocks, gaps, faint }, i) => {
        const y = 20 + i * row;
        const size = row > 40 ? 24 : 19;
        return (
          <g key={name}>
            <text
              x={0}
              y={y + row / 2 + 5}
              fontSize={20}
              fontWeight={faint ? 400 : 700}
              fill={faint ? 'var(--muted)' : 'var(--ink)'}
            >
              {name}
            </text>
            {gaps.filter(isLong).map((gap) => (
              <g key={gap.from}>
                <rect
                  x={x(gap.from) + 1}
                  y={y + row / 4}
                  width={Math.max(0, x(gap.to) - x(gap.from) - 2)}
                  height={row / 2 - 2}
                  fill={hatch}
                  opacity={faint ? 0.6 : 1}
                />
                {x(gap.to) - x(gap.from) > 62 && (
                  <text
                    x={(x(gap.from) + x(gap.to)) / 2}
                    y={y + row / 2 + 6}
                    textAnchor="middle"
                    style={{ font: '700 19px Bricolage' }}
                    fill="var(--ember)"
                    stroke="var(--ground)"
                    strokeWidth={5}
                    paintOrder="stroke"
                  >
                    {formatDuration((gap.to - gap.from) / 1000)}
                  </text>
                )}
              </g>
            ))}
            {joined(blocks).map((block, n) => {
              const left = x(block.from);
              const right = x(block.to);
              const done = block.kind === 'over';
              // What is done is drawn once, as the trunk of both futures.
              const tall = done && i === 0 ? futures.length : 1;
              if (done && i > 0) return null;
              const on = block.kind === 'on';
              const bottom = y + (tall - 1) * row;
              const out = doubtful.includes(block.slot) && block.kind === 'toCome';
              const words = right - left > 16;
              // What is on is filled up to now: its number stands in the larger half.
              const filled = on ? Math.min(Math.max(x(now), left), right) : left;
              const inFilled = filled - left > right - filled;
              const middle = !on
                ? (left + right) / 2
                : inFilled
                  ? (left + filled) / 2
                  : (filled + right) / 2;
              return (
                <g key={`${block.slot}/${n}`}>
                  <rect
                    x={left + 1}
                    y={y + 1}
                    width={Math.max(2, right - left - 4)}
                    height={bottom - y + row - 6}
                    rx={3}
                    fill={done ? 'var(--person-on-stage)' : 'none'}
                    stroke={
                      done
                        ? 'none'
                        : out
                          ? 'var(--ember)'
                          : on || !faint
                            ? 'var(--ink)'
                            : 'var(--muted)'
                    }
                    strokeDasharray={out ? '5 4' : undefined}
                    strokeWidth={on ? 2 : 1.5}
                  />
                  {on && (
                    <rect
                      x={left}
                      y={y}
                      width={Math.max(0, Math.min(x(now), right) - left)}
                      height={bottom - y + row - 4}
                      rx={3}
                      fill="var(--ink)"
                    />
                  )}
                  {done && block.slot === failed && (
                    <rect
                      x={left + 1}
                      y={y + 1}
                      width={Math.max(2, right - left - 4)}
                      height={bottom - y + row - 6}
                      fill={hatch}
                    />
                  )}
                  {right > x(finish) && !done && (
                    <rect
                      x={Math.max(left, x(finish))}
                      y={y + 1}
                      width={Math.max(0, right - 3 - Math.max(left, x(finish)))}
                      height={row - 6}
                      fill={hatch}
                    />
                  )}
                  {words && (
                    <text
                      x={middle}
                      y={(y + bottom + row) / 2 + size / 3 - 2}
                      textAnchor="middle"
                      style={{ font: `700 ${tall > 1 ? 24 : size}px Bricolage` }}
                      fill={on && inFilled ? 'var(--ground)' : out ? 'var(--ember)' : 'var(--ink)'}
                      stroke={on || done ? 'none' : 'var(--ground)'}
                      strokeWidth={on || done ? 0 : 3}
                      paintOrder="stroke"
                    >
                      {number(block.slot)}
                    </text>
                  )}
                </g>
              );
            })}
          </g>
        );
      })}
      {range && (
        <path
          d={`M${x(range.p10) + 6} 30h-6V${ROWS + 6}h6M${x(range.p90) - 6} 30h6V${ROWS + 6}h-6`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2.5}
        >
          <title>Eight shows of ten end in here</title>
        </path>
      )}
      {now > startedAt && (
        <path d={`M${x(now)} 0V${height - 20}`} stroke="var(--ink)" strokeWidth={2} />
      )}
      <path d={`M${x(finish)} 0V${height - 20}`} stroke="var(--ember)" strokeWidth={4} />
      {apart && now > startedAt && (
        <text x={nowAt} y={height - 3} textAnchor="middle" fontSize={19} fill="var(--ink)">
          now
        </text>
      )}
      <text
        x={finishAt}
        y={height - 3}
        textAnchor="middle"
        fontSize={19}
        fontWeight={700}
        fill="var(--ink)"
      >
        hard finish {timeOf(finish)}
      </text>
    </svg>
  );
}
