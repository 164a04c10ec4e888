/** Every reading over time: in shows filled, on the Bench a ring; the mean of all in its bracket. */
import { useMemo } from 'react';
import dayjs from 'dayjs';
import { figureUnit } from '../../core/readings/conversions';
import type { FigureTold, ReadingSummary } from '../../core/readings/record';
import { readingInFull } from '../../core/readings/words';
import { usePreferences } from '../app/preferences';
import { FACE, TOKENS } from '../app/tokens';
import Chart from '../parts/Chart';

const HEIGHT = 190;

export default function ReadingChart({ summary }: { summary: ReadingSummary }) {
  const mode = usePreferences((state) => state.mode);
  const option = useMemo(() => {
    const t = TOKENS[mode];
    const { result, figures, mean, low, high } = summary;
    const { unit, name } = figureUnit(result);
    const text = { color: t.muted, fontFamily: FACE.heading, fontSize: 13 };
    const point = ({ told, figure }: FigureTold): [number, number] => [told.at, figure.value];
    const shown = figures.filter(({ told }) => told.kind === 'performance');
    const others = figures.filter(({ told }) => told.kind !== 'performance');
    const values = figures.map(({ figure }) => figure.value);
    const pad = Math.max((Math.max(...values) - Math.min(...values)) * 0.15, Number.EPSILON);
    const across = (value: number | null, type: 'solid' | 'dotted') =>
      value === null
        ? []
        : [
            {
              yAxis: value,
              label: { show: false },
              lineStyle: { color: type === 'solid' ? t.ink : t.lineStrong, type, width: 1.5 },
            },
          ];
    return {
      grid: { left: 52, right: 16, top: 26, bottom: 28 },
      tooltip: {
        trigger: 'item',
        formatter: ({ dataIndex, seriesIndex }: { dataIndex: number; seriesIndex: number }) => {
          const one = (seriesIndex === 0 ? shown : others)[dataIndex];
          if (!one) return '';
          const { told } = one;
          const box = document.createElement('span');
          box.textContent = `${readingInFull(result, told.value)} · ${told.of || 'on the Bench'} · ${dayjs(told.at).format('D MMM')}`;
          return box;
        },
      },
      xAxis: {
        type: 'time',
        axisLabel: { ...text, hideOverlap: true, formatter: '{d} {MMM}' },
        axisLine: { lineStyle: { color: t.lineStrong } },
        axisTick: { show: false },
        splitLine: { show: false },
        boundaryGap: ['4%', '4%'],
      },
      yAxis: {
        type: 'value',
        name: `${name}${unit && `, ${unit}`}`,
        nameTextStyle: { ...text, align: 'left' },
        nameGap: 10,
        scale: true,
        min: (range: { min: number }) => Math.max(0, range.min - pad),
        axisLabel: { ...text, showMinLabel: false },
        splitLine: { lineStyle: { color: t.line } },
      },
      series: [
        {
          type: 'scatter',
          symbol: 'circle',
          symbolSize: 11,
          itemStyle: { color: t.ink },
          data: shown.map(point),
          markLine: {
            silent: true,
            symbol: 'none',
            data: [...across(mean, 'solid'), ...across(low, 'dotted'), ...across(high, 'dotted')],
          },
        },
        {
          type: 'scatter',
          symbol: 'circle',
          symbolSize: 10,
          itemStyle: { color: t.ground, borderColor: t.ink, borderWidth: 1.5 },
          data: others.map(point),
        },
      ],
    };
  }, [summary, mode]);
  const label = summary.figures
    .map(
      ({ told }) =>
        `${dayjs(told.at).format('D MMM')}: ${readingInFull(summary.result, told.value)}`,
    )
    .join('; ');
  return <Chart option={option} height={HEIGHT} label={label} />;
}
