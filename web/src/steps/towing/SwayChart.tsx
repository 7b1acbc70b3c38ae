import type { Speaker, Sway } from '@kereta/core';
import { LineChart } from 'echarts/charts';
import { GridComponent, LegendComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { init, use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

use([LineChart, GridComponent, LegendComponent, MarkLineComponent, TooltipComponent, SVGRenderer]);

const DASHES = ['solid', 'dashed', 'dotted', [8, 3, 2, 3], [2, 2]] as const;

/** Between softer and stiffer tires: the lower edge unseen, what lies over it shaded. */
const bandSeries = (sway: Sway, caseId: string | undefined, factor: number, ink: string) => {
  const own = sway.cases.find((candidate) => candidate.caseId === caseId);
  if (!own) return [];
  const edges = sway.speeds.map((speed, k) => {
    const [a, b] = [own.dampingSofter[k], own.dampingStiffer[k]];
    return { at: speed * factor, low: Math.min(a ?? 1, b ?? 1), high: Math.max(a ?? 1, b ?? 1) };
  });
  const line = { type: 'line', showSymbol: false, silent: true, lineStyle: { opacity: 0 }, tooltip: { show: false } };
  return [
    { ...line, name: 'from', stack: 'doubt', data: edges.map(({ at, low }) => [at, low]) },
    {
      ...line,
      name: 'to',
      stack: 'doubt',
      stackStrategy: 'all',
      areaStyle: { color: ink, opacity: 0.12 },
      data: edges.map(({ at, low, high }) => [at, high - low]),
    },
  ];
};

/** Damping against speed, one line per load, told apart by their dashes; under zero a swing grows. */
export const SwayChart = ({
  sway,
  say,
  bandOf,
}: {
  readonly sway: Sway;
  readonly say: Speaker;
  /** load whose doubt in the tires is drawn, too */
  readonly bandOf: string | undefined;
}) => {
  const holder = useRef<HTMLDivElement>(null);
  const metric = say.style.system === 'metric';
  useEffect(() => {
    const element = holder.current;
    if (!element) return undefined;
    const style = getComputedStyle(document.documentElement);
    const ink = style.getPropertyValue('--ink').trim() || '#223';
    const chart = init(element, undefined, { renderer: 'svg' });
    const factor = metric ? 3.6 : 2.236936;
    chart.setOption({
      animation: false,
      textStyle: { fontFamily: getComputedStyle(element).fontFamily, color: ink },
      grid: { left: 52, right: 12, top: 62, bottom: 40 },
      legend: {
        top: 0,
        data: sway.cases.map(({ caseId }) => say.caseName(caseId)),
        textStyle: { color: ink },
        itemWidth: 30,
      },
      tooltip: {
        trigger: 'axis',
        valueFormatter: (value: unknown) => (typeof value === 'number' ? value.toFixed(2) : ''),
      },
      xAxis: {
        type: 'value',
        name: metric ? 'km/h' : 'mph',
        nameLocation: 'middle',
        nameGap: 24,
        min: metric ? 20 : 12,
        max: metric ? 160 : 100,
        axisLabel: { color: ink },
      },
      yAxis: {
        type: 'value',
        max: 1,
        name: 'damping',
        nameLocation: 'middle',
        nameGap: 30,
        nameTextStyle: { color: ink },
        axisLabel: { color: ink },
      },
      series: [
        ...bandSeries(sway, bandOf, factor, ink),
        ...sway.cases.map(({ caseId, damping }, i) => ({
          name: say.caseName(caseId),
          type: 'line',
          symbol: 'none',
          lineStyle: { color: ink, width: 2, type: DASHES[i % DASHES.length] },
          itemStyle: { color: ink },
          data: sway.speeds.map((speed, k) => [speed * factor, damping[k] ?? null]),
          ...(i === 0
            ? {
                markLine: {
                  silent: true,
                  symbol: 'none',
                  lineStyle: { color: ink, width: 1.5, type: 'solid' },
                  label: { formatter: 'none left: a swing grows', position: 'insideStartTop', color: ink },
                  data: [{ yAxis: 0 }],
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
  }, [sway, say, metric, bandOf]);
  return (
    <div ref={holder} className="h-[260px] w-full" role="img" aria-label="Damping against speed, one line per load" />
  );
};
