/** A chart of the library, as SVG, in this application's faces and colours. Load it lazily. */
import Box from '@mui/material/Box';
import { BarChart, CustomChart, LineChart, ScatterChart } from 'echarts/charts';
import {
  AriaComponent,
  GridComponent,
  MarkLineComponent,
  TooltipComponent,
} from 'echarts/components';
import * as echarts from 'echarts/core';
import type { EChartsCoreOption } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

echarts.use([
  AriaComponent,
  BarChart,
  CustomChart,
  GridComponent,
  LineChart,
  MarkLineComponent,
  ScatterChart,
  SVGRenderer,
  TooltipComponent,
]);

interface ChartProps {
  option: EChartsCoreOption;
  height: number;
  /** What it shows, for those who can't see it. */
  label: string;
}

export default function Chart({ option, height, label }: ChartProps) {
  const box = useRef<HTMLDivElement>(null);
  const chart = useRef<echarts.ECharts | null>(null);
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const drawn = echarts.init(element, null, { renderer: 'svg' });
    chart.current = drawn;
    const observer = new ResizeObserver(() => drawn.resize());
    observer.observe(element);
    return () => {
      observer.disconnect();
      drawn.dispose();
      chart.current = null;
    };
  }, []);
  useEffect(() => {
    chart.current?.setOption({ animation: false, ...option }, { notMerge: true });
  }, [option]);
  // A chart is as wide as the page lets it be, and never holds the page that wide.
  return (
    <Box
      ref={box}
      role="img"
      aria-label={label}
      sx={{ height, width: '100%', contain: 'inline-size' }}
    />
  );
}
