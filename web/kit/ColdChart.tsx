import { useMemo } from 'react';
import type { ColdBudget } from '../../core/kit/cold/budget';
import { coldSeries } from '../../core/kit/cold/series';
import { formatClock, parseClock } from '../../core/time/clock';
import { dimensionOf, fromBase, UNITS } from '../../core/units/units';
import { readableUnit } from '../../core/units/format';
import { usePreferences } from '../app/preferences';
import { FACE, TOKENS } from '../app/tokens';
import Chart from '../parts/Chart';
import { axisText, timeAxis } from '../parts/timeAxis';

interface Label {
  data: [number, number, string];
}

/** What is left over the day: it runs down by itself and drops at every draw. */
export default function ColdChart({ budget, start }: { budget: ColdBudget; start: string }) {
  const { mode, system } = usePreferences();
  const { option, label } = useMemo(() => {
    const t = TOKENS[mode];
    const text = { color: t.ink, fontFamily: FACE.heading, fontSize: 13 };
    const { points, draws } = coldSeries(budget, parseClock(start));
    const most = Math.max(...points.map(([, amount]) => amount));
    const unit = readableUnit(most, dimensionOf(budget.item.unit), system);
    const shown = (base: number): number => Number(fromBase(base, unit).toPrecision(3));
    const first = points[0]?.[0] ?? 0;
    const last = points.at(-1)?.[0] ?? 0;
    return {
      label: `${budget.item.name} over the day: ${draws
        .map(
          (d) =>
            `${shown(d.before)} before and ${shown(d.after)} ${UNITS[unit].label} after ${d.demoName}`,
        )
        .join(', ')}`,
      option: {
        grid: { left: 48, right: 24, top: 34, bottom: 28 },
        tooltip: { show: false },
        xAxis: timeAxis(t, { first, last, step: 1800, say: formatClock }),
        yAxis: {
          type: 'value',
          min: 0,
          name: UNITS[unit].label,
          nameTextStyle: axisText(t),
          axisLabel: axisText(t),
          splitLine: { lineStyle: { color: t.line } },
        },
        series: [
          {
            type: 'line',
            data: points.map(([at, amount]) => [at, shown(amount)]),
            showSymbol: false,
            lineStyle: { color: t.ink, width: 2.5 },
            areaStyle: { color: t.personOnStage, opacity: 0.5 },
            markLine: {
              symbol: 'none',
              silent: true,
              lineStyle: { color: t.muted, type: 'dashed' },
              label: { ...text, color: t.muted, formatter: 'reserve', position: 'insideStartTop' },
              data: budget.reserve > 0 ? [{ yAxis: shown(budget.reserve) }] : [],
            },
          },
          {
            type: 'scatter',
            symbol: 'rect',
            symbolSize: [10, 3],
            itemStyle: { color: t.ember },
            data: draws.map((d) => [d.at, shown(d.before), d.demoName]),
            label: {
              ...text,
              show: true,
              position: 'top',
              distance: 6,
              formatter: ({ data }: Label) => data[2],
            },
            labelLayout: { moveOverlap: 'shiftY' },
          },
        ],
      },
    };
  }, [budget, start, mode, system]);
  return <Chart option={option} height={220} label={label} />;
}
