import { useMemo } from 'react';
import { labelSide, curveOver } from '../../core/calculators/curve';
import {
  type NumberInput,
  type Calculator,
  toThreeFigures,
  type Values,
} from '../../core/calculators/calculator';
import { UNITS } from '../../core/units/units';
import { usePreferences } from '../app/preferences';
import { FACE, TOKENS } from '../app/tokens';
import Chart from '../parts/Chart';

interface CalculatorChartProps {
  calculator: Calculator;
  values: Values;
  over: string;
}

/** The figure over one input, with its limits drawn and where it stands now. */
export default function CalculatorChart({ calculator, values, over }: CalculatorChartProps) {
  const { mode } = usePreferences();
  const drawn = useMemo(() => {
    const t = TOKENS[mode];
    const text = { color: t.ink, fontFamily: FACE.heading, fontSize: 13 };
    const curve = curveOver(calculator, values, over);
    const input = calculator.inputs[over] as NumberInput;
    if (!curve || !calculator.curve) return null;
    const unit = input.unit === 'piece' ? '' : ` (${UNITS[input.unit].label})`;
    const named = `${input.label}${unit}`;
    const highest = Math.max(
      ...curve.points.map((p) => p.y ?? 0),
      ...curve.limits.map((limit) => limit.value),
    );
    return {
      label: `${calculator.curve.label} over ${input.label.toLowerCase()}; limits: ${
        curve.limits.map((limit) => `${limit.label} ${toThreeFigures(limit.value)}`).join(', ') ||
        'none'
      }${curve.now ? `; now ${toThreeFigures(curve.now.y)} ${calculator.curve.unit}` : ''}`,
      option: {
        grid: { left: 56, right: 24, top: 34, bottom: 48 },
        tooltip: { show: false },
        xAxis: {
          type: 'value',
          min: input.slide[0],
          max: input.slide[1],
          name: named,
          nameLocation: 'middle',
          nameGap: 28,
          nameTextStyle: { ...text, color: t.muted },
          axisLabel: { ...text, color: t.muted, hideOverlap: true },
          splitLine: { show: false },
          axisLine: { lineStyle: { color: t.lineStrong } },
        },
        yAxis: {
          type: 'value',
          max: highest > 0 ? Number((highest * 1.08).toPrecision(2)) : undefined,
          scale: true,
          name: `${calculator.curve.label} (${calculator.curve.unit})`,
          nameTextStyle: { ...text, color: t.muted, align: 'left' },
          axisLabel: { ...text, color: t.muted },
          splitLine: { lineStyle: { color: t.line } },
        },
        series: [
          {
            type: 'line',
            data: curve.points.map((p) => [p.x, p.y]),
            showSymbol: false,
            connectNulls: false,
            lineStyle: { color: t.ink, width: 2.5 },
            markLine: {
              symbol: 'none',
              silent: true,
              lineStyle: { color: t.muted, type: 'dashed' },
              label: {
                ...text,
                color: t.muted,
                position: labelSide(curve) === 'end' ? 'insideEndTop' : 'insideStartTop',
                formatter: '{b}',
              },
              data: curve.limits.map((limit) => ({
                name: `${limit.label}, ${toThreeFigures(limit.value)}`,
                yAxis: limit.value,
              })),
            },
          },
          {
            type: 'scatter',
            symbolSize: 14,
            itemStyle: { color: t.ember },
            data: curve.now ? [[curve.now.x, curve.now.y]] : [],
            label: {
              ...text,
              show: true,
              position: 'top',
              fontWeight: 700,
              formatter: () =>
                curve.now ? `${toThreeFigures(curve.now.y)} ${calculator.curve?.unit ?? ''}` : '',
            },
          },
        ],
      },
    };
  }, [calculator, values, over, mode]);
  return drawn && <Chart option={drawn.option} height={300} label={drawn.label} />;
}
