/** Every reading a ring, the mean of a level on tape in its bracket, the plateau a floor, waste hatched. */
import type { CustomSeriesRenderItem } from 'echarts/types/dist/shared';
import { useMemo } from 'react';
import { roundedTo } from '../../core/statistics/rounded';
import { shareWords } from '../../core/trials/claim';
import { usePreferences } from '../app/preferences';
import { FACE, TOKENS, type Tokens } from '../app/tokens';
import Chart from '../parts/Chart';
import { tapePath } from '../parts/tapeShape';
import type { OpenTrial } from './useTrial';

/** Width of the axis’ figures; the table below begins where the drawing does. */
export const AXIS = 64;
const HEIGHT = 280;
const HATCH = 9;

interface Drawn {
  /** Place of the level, from 1. */
  x: number;
  value: number;
  /** From the left, of so many. */
  nth: number;
  of: number;
  asked: boolean;
}

type Api = Parameters<CustomSeriesRenderItem>[1];

const point = (api: Api, x: number, y: number): [number, number] =>
  api.coord([x, y]) as [number, number];
const column = (api: Api): number => (api.size?.([1, 0]) as number[] | undefined)?.[0] ?? 60;

/** Rings of a level in its left half, rounds from left to right. */
const ring =
  (all: readonly Drawn[], t: Tokens): CustomSeriesRenderItem =>
  (params, api) => {
    const one = all[params.dataIndex];
    if (!one) return null;
    const [middle, y] = point(api, one.x, one.value);
    const width = column(api);
    const step = Math.min(13, (width * 0.52) / Math.max(1, one.of));
    const x = middle - width * 0.43 + step * (one.nth + 0.5);
    return {
      type: 'circle',
      shape: { cx: x, cy: y, r: 4.5 },
      style: {
        fill: t.ground,
        stroke: one.asked ? t.ember : t.ink,
        lineWidth: one.asked ? 2.5 : 1.5,
      },
    };
  };

interface Mean {
  x: number;
  mean: number;
  low: number | null;
  high: number | null;
  words: string;
  chosen: boolean;
}

/** Room that a mean takes below its bracket, in px. */
const LABEL = 20;

const bracket =
  (all: readonly Mean[], t: Tokens): CustomSeriesRenderItem =>
  (params, api) => {
    const one = all[params.dataIndex];
    if (!one) return null;
    const [middle, y] = point(api, one.x, one.mean);
    const width = column(api);
    const x = middle + width * 0.27;
    const half = Math.min(13, width * 0.14);
    const colour = one.chosen ? t.ember : t.ink;
    const corner = (value: number, towards: number) => {
      const at = point(api, one.x, value)[1];
      return {
        type: 'polyline' as const,
        shape: {
          points: [
            [x - half + 3, at + towards],
            [x - half + 3, at],
            [x + half - 3, at],
            [x + half - 3, at + towards],
          ],
        },
        style: { stroke: t.ink, lineWidth: 1.75, fill: 'none' },
      };
    };
    const bottom = one.low === null ? y + 6 : Math.max(y + 6, point(api, one.x, one.low)[1]);
    const top = one.high === null ? y - 6 : Math.min(y - 6, point(api, one.x, one.high)[1]);
    const { y: from, height } = params.coordSys as unknown as { y: number; height: number };
    // Where there is no room below it, before the axis, it stands above.
    const isLow = bottom + LABEL > from + height;
    return {
      type: 'group',
      children: [
        ...(one.low === null || one.high === null
          ? []
          : [corner(one.high, 7), corner(one.low, -7)]),
        {
          type: 'path',
          shape: { pathData: tapePath(x - half, y - 3.5, half * 2, 7) },
          style: { fill: colour },
        },
        {
          type: 'text',
          x,
          y: isLow ? top - 4 : bottom + 4,
          style: {
            text: one.words,
            align: 'center',
            verticalAlign: isLow ? 'bottom' : 'top',
            fill: colour,
            font: `700 13px ${FACE.heading}`,
          },
        },
      ],
    };
  };

interface Floor {
  from: number;
  to: number;
  height: number;
  words: string;
  /** Place from which more is no better, or worse; null where it is not said. */
  waste: number | null;
}

/** Room for the words on the floor, px. */
const FLOOR_WORDS = 122;

const floor =
  (one: Floor, t: Tokens): CustomSeriesRenderItem =>
  (_params, api) => {
    const width = column(api);
    const [start, y] = point(api, one.from, one.height);
    const end = point(api, one.to, one.height)[0] + width / 2;
    const [, ground] = point(api, one.from, api.value(1) as number);
    const left = one.waste === null ? end : point(api, one.waste, one.height)[0] - width / 2;
    const lines = [];
    for (let x = left - (ground - y); x < end; x += HATCH) {
      // A line of the hatching at 45°, cut off at the sides.
      const [x1, x2] = [Math.max(x, left), Math.min(x + (ground - y), end)];
      if (x2 > x1)
        lines.push({
          type: 'line' as const,
          shape: { x1, y1: ground - (x1 - x), x2, y2: ground - (x2 - x) },
          style: { stroke: t.lineStrong, lineWidth: 1 },
        });
    }
    return {
      type: 'group',
      children: [
        ...lines,
        ...(one.waste === null
          ? []
          : [
              {
                type: 'line' as const,
                shape: { x1: left, y1: y, x2: left, y2: ground },
                style: { stroke: t.ink, lineWidth: 1.25, lineDash: [3, 3] },
              },
              {
                type: 'text' as const,
                // Kept on the chart where the last column is narrow.
                x: Math.min(left + 12, end - FLOOR_WORDS),
                y: ground - 46,
                style: {
                  text: one.words,
                  fill: t.ink,
                  font: `700 15px ${FACE.heading}`,
                  backgroundColor: t.ground,
                  padding: [6, 8],
                  lineHeight: 18,
                },
              },
            ]),
        {
          type: 'line',
          shape: { x1: start - width * 0.45, y1: y, x2: end, y2: y },
          style: { stroke: t.ink, lineWidth: 2.5 },
        },
      ],
    };
  };

function drawingOf({ trial, levels, goes, plan, analysis, claim }: OpenTrial) {
  const rounds = new Map(plan.map(({ go, round }) => [go, round]));
  const asked = new Set(analysis.outliers.map(({ go }) => go));
  const yesNo = trial.measure.quantity === 'yesNo';
  const rings = levels.flatMap((level, i): Drawn[] => {
    const own = goes
      .filter(({ levelId, state }) => levelId === level.id && state === 'read')
      .sort((a, b) => (rounds.get(a.go) ?? a.go) - (rounds.get(b.go) ?? b.go));
    return own.map((one, nth) => ({
      x: i + 1,
      value: one.value ?? 0,
      nth,
      of: own.length,
      asked: asked.has(one.go),
    }));
  });
  const means = analysis.levels.map((result): Mean => {
    const { level, mean, low, high } = result;
    return {
      x: levels.findIndex(({ id }) => id === level.id) + 1,
      mean,
      low,
      high,
      words: yesNo
        ? shareWords(result)
        : String(roundedTo(mean, high === null || low === null ? null : (high - low) / 2)),
      chosen: level.id === claim.level,
    };
  });
  const { plateau } = analysis;
  const at = plateau ? analysis.levels[plateau.at] : undefined;
  const drawn = plateau !== null && at !== undefined && ['waste', 'worse'].includes(plateau.more);
  const place = (id: string): number => levels.findIndex((one) => one.id === id) + 1;
  const from =
    plateau?.more === 'worse' ? (plateau.worseFrom ?? plateau.at + 1) : (plateau?.at ?? 0) + 1;
  const wasteFrom = analysis.levels[from]?.level.id;
  const last = analysis.levels.at(-1)?.level.id;
  const floorOf: Floor | null =
    drawn && last !== undefined
      ? {
          from: place(at.level.id),
          to: place(last),
          height: plateau.more === 'waste' ? plateau.floor : at.mean,
          words: plateau.more === 'waste' ? 'More is waste\nfrom here' : 'More is worse\nfrom here',
          waste: wasteFrom === undefined ? null : place(wasteFrom),
        }
      : null;
  return { rings, means, floor: floorOf };
}

export default function TrialChart({ open }: { open: OpenTrial }) {
  const { mode } = usePreferences();
  const option = useMemo(() => {
    const t = TOKENS[mode];
    const { rings, means, floor: ground } = drawingOf(open);
    const { levels, trial } = open;
    const all = [
      ...rings.map(({ value }) => value),
      ...means.flatMap(({ low, high }) => [low, high].filter((one) => one !== null)),
    ];
    const [least, most] = [Math.min(...all), Math.max(...all)];
    const yesNo = trial.measure.quantity === 'yesNo';
    // From zero where that does not push everything to the top.
    const fromZero = least >= 0 && least < most * 0.6;
    const span = most - least || 1;
    const [low, high] = yesNo
      ? [-0.16, 1.06]
      : [fromZero ? 0 : least - span * 0.12, most + span * 0.08];
    const text = { color: t.muted, fontFamily: FACE.heading, fontSize: 13 };
    return {
      grid: { left: AXIS, right: 4, top: 14, bottom: 8 },
      xAxis: {
        type: 'value',
        min: 0.5,
        max: levels.length + 0.5,
        axisLabel: { show: false },
        axisTick: { show: false },
        splitLine: { show: false },
        axisLine: { lineStyle: { color: t.ink } },
      },
      yAxis: {
        type: 'value',
        ...(all.length > 0 ? { min: low, max: high } : { min: 0, max: 1 }),
        axisLabel: {
          ...text,
          showMinLabel: fromZero && !yesNo,
          showMaxLabel: false,
          ...(yesNo && { formatter: (value: number) => ({ 0: 'no', 1: 'yes' })[value] ?? '' }),
        },
        splitLine: { lineStyle: { color: t.line } },
        ...(yesNo && { interval: 1 }),
      },
      series: [
        ...(ground
          ? [{ type: 'custom', renderItem: floor(ground, t), data: [[ground.from, low]], z: 1 }]
          : []),
        {
          type: 'custom',
          renderItem: ring(rings, t),
          data: rings.map(({ x, value }) => [x, value]),
          z: 3,
        },
        {
          type: 'custom',
          renderItem: bracket(means, t),
          data: means.map(({ x, mean }) => [x, mean]),
          z: 4,
        },
      ],
    };
  }, [open, mode]);
  const label = open.analysis.levels
    .map(({ level, mean, n }) => `${level.label}: ${roundedTo(mean, null)} (${n})`)
    .join('; ');
  return (
    <Chart
      option={option}
      height={HEIGHT}
      label={`${open.trial.measure.name} by ${open.trial.variable.name.toLowerCase()}. ${label}`}
    />
  );
}
