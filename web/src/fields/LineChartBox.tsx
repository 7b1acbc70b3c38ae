import { LineChart } from 'echarts/charts';
import { GridComponent, LegendComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { init, use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

use([LineChart, GridComponent, LegendComponent, MarkLineComponent, TooltipComponent, SVGRenderer]);

/** Lines are told apart by these, never by colour. */
const DASHES = ['solid', 'dashed', 'dotted', [8, 3, 2, 3], [2, 2]] as const;

interface MarkedPlace {
  readonly label: string;
  readonly x?: number;
  readonly y?: number;
}

export interface ChartLine {
  readonly name: string;
  readonly points: readonly (readonly [number, number | null])[];
}

interface LineChartBoxProps {
  readonly label: string;
  readonly lines: readonly ChartLine[];
  /** shaded between these, with no line of its own */
  readonly band?: readonly (readonly [x: number, low: number, high: number])[];
  readonly marks: readonly MarkedPlace[];
  readonly x: { readonly name: string; readonly min?: number; readonly max?: number };
  readonly y: { readonly name: string; readonly max?: number };
  readonly write: (value: number) => string;
}

/** The lower edge of the band unseen, what lies over it shaded. */
const bandSeries = (band: NonNullable<LineChartBoxProps['band']>, ink: string) => {
  const unseen = {
    type: 'line',
    stack: 'band',
    stackStrategy: 'all',
    symbol: 'none',
    silent: true,
    lineStyle: { opacity: 0 },
    tooltip: { show: false },
  };
  return [
    { ...unseen, data: band.map(([x, low]) => [x, low]) },
    { ...unseen, areaStyle: { color: ink, opacity: 0.18 }, data: band.map(([x, low, high]) => [x, high - low]) },
  ];
};

/** Lines over one quantity in the view's own ink, told apart by their dashes. */
export const LineChartBox = ({ label, lines, band, marks, x, y, write }: LineChartBoxProps) => {
  const holder = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = holder.current;
    if (!element) return undefined;
    const ink = getComputedStyle(document.documentElement).getPropertyValue('--ink').trim() || '#223';
    const axis = {
      axisLabel: { color: ink },
      nameTextStyle: { color: ink },
      nameLocation: 'middle',
      splitLine: { lineStyle: { color: ink, opacity: 0.15 } },
    };
    const chart = init(element, undefined, { renderer: 'svg' });
    chart.setOption({
      animation: false,
      textStyle: { fontFamily: getComputedStyle(element).fontFamily, color: ink },
      grid: { left: 52, right: 16, top: 62, bottom: 40 },
      legend: {
        top: 0,
        data: lines.map(({ name }) => name),
        textStyle: { color: ink },
        itemWidth: 34,
        itemStyle: { opacity: 0 },
      },
      tooltip: {
        trigger: 'axis',
        confine: true,
        valueFormatter: (value: unknown) => (typeof value === 'number' ? write(value) : ''),
      },
      xAxis: { ...axis, type: 'value', scale: true, nameGap: 24, ...x },
      yAxis: { ...axis, type: 'value', nameGap: 34, ...y },
      series: [
        ...(band ? bandSeries(band, ink) : []),
        ...lines.map(({ name, points }, i) => ({
          name,
          type: 'line',
          symbol: 'none',
          // The ink is a colour that the library cannot lighten: a line under the pointer would vanish.
          emphasis: { disabled: true },
          lineStyle: { color: ink, width: 2, type: DASHES[i % DASHES.length] },
          itemStyle: { color: ink },
          data: points,
          ...(i === 0
            ? {
                markLine: {
                  silent: true,
                  symbol: 'none',
                  lineStyle: { color: ink, width: 1.2, type: 'solid' },
                  data: marks.map((mark) => ({
                    label: {
                      formatter: mark.label,
                      color: ink,
                      position: mark.x === undefined ? 'insideStartTop' : 'end',
                    },
                    ...(mark.x === undefined ? {} : { xAxis: mark.x }),
                    ...(mark.y === undefined ? {} : { yAxis: mark.y }),
                  })),
                },
              }
            : {}),
        })),
      ],
    });
    const observer = new ResizeObserver(() => chart.resize());
    observer.observe(element);
    return () => {
      observer.disconnect();
      chart.dispose();
    };
  }, [lines, band, marks, x, y, write]);
  return <div ref={holder} className="h-[260px] w-full" role="img" aria-label={label} />;
};
