import Box from '@mui/material/Box';
import type { BoughtPack } from '../../../core/inventory/shoppingLine';
import type { Standing, StockStep, Wanting } from '../../../core/inventory/stockAhead';
import type { StockedLot } from '../../../core/inventory/types';
import type { Item } from '../../../core/repertoire/item';
import { dimensionOf } from '../../../core/units/units';
import dayjs from 'dayjs';
import { dayWords, today } from '../../brief/dates';
import { useWidth } from '../../parts/useWidth';
import { BASE, type Frame, HEIGHT, LEFT, frameOf, labelsOf, stepPath, ticksOf } from './aheadShape';

interface PictureProps {
  item: Item;
  past: readonly StockStep[];
  steps: readonly StockStep[];
  standing: Standing;
  wanting: readonly Wanting[];
  order: BoughtPack | null;
  width: number;
  amount: (base: number) => string;
}

/** Bottles that are drawn; of more, the first to be used. */
const BOTTLES = 3;
const BOTTLE = 62;
const NECK = 22;

const INK = { fill: 'none', stroke: 'var(--ink)', strokeWidth: 2 } as const;
/** Words stand before the lines that run behind them. */
const halo = { paintOrder: 'stroke', stroke: 'var(--ground)', strokeWidth: 4 } as const;
const SMALL = { ...halo, font: '500 13px Atkinson', fill: 'var(--muted)' } as const;
const STRONG = { ...halo, font: '700 15px Bricolage', fill: 'var(--ink)' } as const;
const small = { style: SMALL } as const;
const strong = { style: STRONG } as const;
const inBottle = { style: { ...STRONG, stroke: 'none' } } as const;
const ember = { style: { ...STRONG, fill: 'var(--ember)' } } as const;

const bottlePath = (x: number, foot: number, shoulder: number): string => {
  const [right, middle] = [x + BOTTLE, x + BOTTLE / 2];
  const [left, end] = [middle - NECK / 2, middle + NECK / 2];
  return `M${x + 4} ${foot}H${right - 4}q4 0 4-4V${shoulder}C${right} ${shoulder - 14} ${end} ${shoulder - 10} ${end} ${shoulder - 20}H${left}C${left} ${shoulder - 10} ${x} ${shoulder - 14} ${x} ${shoulder}V${foot - 4}q0 4 4 4Z`;
};

/** What is no liquid lies in something open. */
const cratePath = (x: number, foot: number, level: number): string =>
  `M${x} ${Math.min(level, foot - 26) - 8}V${foot}H${x + BOTTLE}V${Math.min(level, foot - 26) - 8}`;

interface BottleProps {
  isLiquid: boolean;
  frame: Frame;
  lot: StockedLot;
  /** Base units below it. */
  from: number;
  x: number;
  until: string | null;
  wanting: readonly Wanting[];
  amount: (base: number) => string;
}

/** One lot as a bottle that stands on what lies under it; what is in it is parted by who takes it. */
function Bottle({ isLiquid, frame, lot, from, x, until, wanting, amount }: BottleProps) {
  const foot = frame.y(from);
  const level = frame.y(from + lot.stock);
  const shoulder = Math.min(level, foot - 26) - 8;
  const right = x + BOTTLE;
  const middle = x + BOTTLE / 2;
  const takers = wanting.flatMap(({ showId, from: lots }) => {
    const base = lots.find(({ lotId }) => lotId === lot.id)?.base ?? 0;
    return base > 0 ? [{ showId, base }] : [];
  });
  let below = from + lot.stock;
  return (
    <g>
      <path
        d={isLiquid ? bottlePath(x, foot, shoulder) : cratePath(x, foot, level)}
        {...INK}
        fill="var(--card)"
      />
      {isLiquid && (
        <rect
          x={middle - NECK / 2 - 3}
          y={shoulder - 30}
          width={NECK + 6}
          height={10}
          rx={2}
          fill="var(--ink)"
        />
      )}
      <rect
        x={x + 2}
        y={level}
        width={BOTTLE - 4}
        height={Math.max(0, foot - level - 2)}
        fill="var(--line-strong)"
      />
      {takers.map(({ showId, base }) => {
        const top = frame.y(below);
        below -= base;
        const bottom = frame.y(below);
        return (
          <g key={showId}>
            <path
              d={`M${x + 2} ${bottom}H${right - 2}`}
              stroke="var(--ink)"
              strokeWidth={1}
              strokeDasharray="3 3"
            />
            {bottom - top > 15 && (
              <text x={middle} y={(top + bottom) / 2 + 5} textAnchor="middle" {...inBottle}>
                {amount(base)}
              </text>
            )}
          </g>
        );
      })}
      {until && (
        <text x={middle} y={isLiquid ? shoulder - 36 : shoulder - 6} textAnchor="middle" {...small}>
          {dayjs(until).format('D MMM YYYY')}
        </text>
      )}
    </g>
  );
}

function Labels({
  frame,
  steps,
  amount,
}: {
  frame: Frame;
  steps: readonly StockStep[];
  amount: PictureProps['amount'];
}) {
  return labelsOf(frame, steps).map(({ step, x, lane }) => {
    const at = frame.x(step.day, false);
    const isShort = step.short > 0;
    const what =
      step.kind === 'come' ? 'on its way' : step.kind === 'spoils' ? 'out of date' : step.title;
    return (
      <g key={`${step.day}/${step.kind}/${step.showId ?? ''}`}>
        <path
          d={`M${at} ${lane + 22}V${frame.y(step.stock - Math.min(0, step.change))}`}
          stroke={isShort ? 'var(--ember)' : 'var(--line-strong)'}
        />
        <text x={x + 4} y={lane} {...(isShort ? ember : strong)}>
          {step.kind === 'come' ? '+ ' : ''}
          {amount(step.amount)}
        </text>
        <text x={x + 4} y={lane + 17} {...small}>
          {what.length > 20 ? `${what.slice(0, 19)}…` : what}
        </text>
      </g>
    );
  });
}

/** What is missing, hatched below nothing. */
const Short = ({
  frame,
  steps,
  amount,
}: {
  frame: Frame;
  steps: readonly StockStep[];
  amount: PictureProps['amount'];
}) => {
  const first = steps.find(({ short }) => short > 0);
  if (!first) return null;
  const x = frame.x(first.day, false);
  const isLeft = x > frame.width - 130;
  return (
    <g>
      <rect
        x={x}
        y={BASE}
        width={36}
        height={20}
        fill="url(#ahead-short)"
        stroke="var(--ember)"
        strokeWidth={1.75}
      />
      <text
        x={isLeft ? x - 6 : x + 42}
        y={BASE + 15}
        textAnchor={isLeft ? 'end' : 'start'}
        {...ember}
      >
        {amount(first.short)} short
      </text>
    </g>
  );
};

/** Days of the axis that stand free of each other. */
function Days({
  frame,
  past,
  steps,
}: {
  frame: Frame;
  past: readonly StockStep[];
  steps: readonly StockStep[];
}) {
  const [pastEnd, from] = frame.today;
  const middle = (pastEnd + from) / 2;
  const taken: number[] = [middle];
  const free = (x: number): boolean => taken.every((other) => Math.abs(other - x) > 78);
  const days = [
    ...past.map((step) => ({ day: step.day, x: frame.x(step.day, true) })),
    ...steps.map((step) => ({ day: step.day, x: frame.x(step.day, false) })),
  ].filter(({ day, x }) => day !== today() && free(x) && taken.push(x));
  return (
    <>
      <text x={middle} y={BASE + 42} textAnchor="middle" {...strong}>
        today
      </text>
      {days.map(({ day, x }) => (
        <g key={`${day}/${x}`}>
          <path d={`M${x} ${BASE}v6`} stroke="var(--ink)" />
          <text
            x={Math.min(Math.max(x, 40), frame.width - 40)}
            y={BASE + 42}
            textAnchor="middle"
            {...small}
          >
            {dayWords(day)}
          </text>
        </g>
      ))}
    </>
  );
}

function OrderBy({ frame, order }: { frame: Frame; order: BoughtPack }) {
  const by = order.orderBy < today() ? today() : order.orderBy;
  const [x, end] = [frame.x(by, false), frame.x(order.neededBy, false)];
  const isLeft = x > frame.width / 2;
  return (
    <g stroke="var(--ember)" strokeWidth={2}>
      <path d={`M${x} ${BASE + 62}H${end}M${end} ${BASE + 56}v12`} fill="none" />
      <circle cx={x} cy={BASE + 62} r={5} fill="var(--ground)" />
      <text
        x={isLeft ? x - 10 : end + 10}
        y={BASE + 67}
        textAnchor={isLeft ? 'end' : 'start'}
        {...ember}
      >
        order by {dayWords(order.orderBy)}
      </text>
    </g>
  );
}

const sentence = (step: StockStep, amount: PictureProps['amount']): string =>
  `${dayWords(step.day)}: ${step.kind === 'show' ? step.title : step.kind === 'come' ? 'comes' : step.kind === 'spoils' ? 'out of date' : step.title || 'changed'} ${amount(step.amount)}, then ${amount(step.stock)}${step.short > 0 ? `, ${amount(step.short)} short` : ''}`;

/** As wide as the page lets it be. */
export function AheadPicture(props: Omit<PictureProps, 'width'>) {
  const [ref, width] = useWidth();
  return (
    <Box ref={ref} sx={{ mt: 1, overflow: 'hidden', minHeight: HEIGHT }}>
      {width > 0 && <Picture {...props} width={width} />}
    </Box>
  );
}

function Picture(props: PictureProps) {
  const { item, past, steps, standing, wanting, order, width, amount } = props;
  const { held, usable } = standing;
  const bottles = standing.lots.slice(0, BOTTLES);
  const frame = frameOf(past, steps, held, { width, today: today(), bottles: bottles.length });
  const [pastEnd, from] = frame.today;
  const ahead = steps.filter(({ kind, day }) => kind !== 'spoils' || day > today());
  return (
    <svg
      width={width}
      height={HEIGHT}
      role="img"
      aria-label={`The stock over time. ${[...past, ...steps].map((step) => sentence(step, amount)).join('; ')}`}
      style={{ display: 'block' }}
    >
      <defs>
        <pattern
          id="ahead-short"
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0v6" stroke="var(--ember)" strokeWidth={2} />
        </pattern>
      </defs>
      {ticksOf(frame.most).map((base) => (
        <g key={base}>
          <path d={`M62 ${frame.y(base)}H${width - 8}`} stroke="var(--line)" />
          <text x={56} y={frame.y(base) + 5} textAnchor="end" {...small}>
            {amount(base)}
          </text>
        </g>
      ))}
      {past.length > 0 && (
        <path
          d={`${stepPath(frame, past, 0, true)}V${BASE}H${LEFT}Z`}
          fill="var(--sunk)"
          stroke="none"
        />
      )}
      <path d={`${stepPath(frame, ahead, usable, false)}V${BASE}H${from}Z`} fill="var(--sunk)" />
      {past.length > 0 && <path d={stepPath(frame, past, 0, true)} {...INK} strokeWidth={2.5} />}
      <path
        d={`M${pastEnd} ${frame.y(held)}H${(pastEnd + from) / 2}V${frame.y(usable)}H${from}`}
        {...INK}
        strokeDasharray="4 4"
      />
      <path d={stepPath(frame, ahead, usable, false)} {...INK} strokeWidth={2.5} />
      <path d={`M62 ${BASE}H${width - 8}`} stroke="var(--ink)" strokeWidth={2} />
      {bottles.map(({ lot, under, until }, i) => (
        <Bottle
          key={lot.id}
          {...{ frame, lot, wanting, amount }}
          isLiquid={dimensionOf(item.unit) === 'volume'}
          from={under}
          x={pastEnd + 10 + i * 74}
          until={until}
        />
      ))}
      <Labels frame={frame} steps={ahead} amount={amount} />
      <Short frame={frame} steps={steps} amount={amount} />
      <Days frame={frame} past={past} steps={ahead} />
      {order && <OrderBy frame={frame} order={order} />}
    </svg>
  );
}
