import { useMemo } from 'react';
import { LONG_SHARE, type Load, loadPoints } from '../../core/ready/power';
import { formatClock } from '../../core/time/clock';
import { usePreferences } from '../app/preferences';
import { TOKENS } from '../app/tokens';
import Chart from '../parts/Chart';
import { axisText, timeAxis } from '../parts/timeAxis';

/** What a circuit bears over the show, with its fuse and what it bears for long drawn across. */
export default function PowerChart({ load, startOfDay }: { load: Load; startOfDay: number }) {
  const { mode } = usePreferences();
  const { circuit, peak } = load;
  const { option, label } = useMemo(() => {
    const t = TOKENS[mode];
    const text = axisText(t);
    const points = loadPoints(load);
    const at = (seconds: number): string => formatClock(startOfDay + seconds);
    // Ticks stand on whole five minutes of the clock.
    const start = (points[0]?.[0] ?? 0) + startOfDay;
    const first = Math.floor(start / 300) * 300 - startOfDay;
    const last = points.at(-1)?.[0] ?? 0;
    const most = Math.max(circuit.watts, peak) * 1.15;
    const tick = most > 2500 ? 1000 : 500;
    return {
      label: `${circuit.name}, ${circuit.watts} W: ${load.steps
        .map(({ at: from, watts }) => `${watts} W from ${at(from)}`)
        .join(', ')}`,
      option: {
        grid: { left: 52, right: 24, top: 16, bottom: 28 },
        tooltip: { show: false },
        xAxis: timeAxis(t, { first, last, step: 300, say: at }),
        yAxis: {
          type: 'value',
          min: 0,
          max: Math.ceil(most / tick) * tick,
          interval: tick,
          axisLine: { show: false },
          axisTick: { show: false },
          axisLabel: { ...text, formatter: '{value} W' },
          splitLine: { show: false },
        },
        series: [
          {
            type: 'line',
            step: 'end',
            data: points,
            showSymbol: false,
            lineStyle: { color: t.ink, width: 2.5 },
            areaStyle: { color: t.backgroundJob, opacity: 0.35 },
            markLine: {
              symbol: 'none',
              silent: true,
              label: { ...text, position: 'insideStartTop', formatter: '{b}' },
              data: [
                {
                  name: `fuse, ${circuit.watts} W`,
                  yAxis: circuit.watts,
                  lineStyle: { color: t.ember, type: 'solid', width: 2 },
                },
                {
                  name: `for long, ${Math.round(circuit.watts * LONG_SHARE)} W`,
                  yAxis: circuit.watts * LONG_SHARE,
                  lineStyle: { color: t.muted, type: 'dashed' },
                },
              ],
            },
          },
        ],
      },
    };
  }, [load, circuit, peak, startOfDay, mode]);
  return <Chart option={option} height={190} label={label} />;
}
