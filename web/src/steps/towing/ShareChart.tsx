import { fromMetres, type Project, type ShareLine, type Speaker } from '@kereta/core';
import { LineChart } from 'echarts/charts';
import { GridComponent, LegendComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { init, use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

use([LineChart, GridComponent, LegendComponent, MarkLineComponent, TooltipComponent, SVGRenderer]);

const DASHES = ['solid', 'dashed', 'dotted', [8, 3, 2, 3], [2, 2]] as const;

/** Share on the tongue against the axle's place, one line per load, with the band and where the axle stands now. */
export const ShareChart = ({
  lines,
  project,
  say,
}: {
  readonly lines: readonly ShareLine[];
  readonly project: Project;
  readonly say: Speaker;
}) => {
  const holder = useRef<HTMLDivElement>(null);
  const unit = project.settings.units === 'imperial' ? 'in' : 'mm';
  useEffect(() => {
    const element = holder.current;
    if (!element) return undefined;
    const ink = getComputedStyle(document.documentElement).getPropertyValue('--ink').trim() || '#223';
    const chart = init(element, undefined, { renderer: 'svg' });
    const { minShare, maxShare } = project.tongueBand;
    const mark = (label: string, at: object) => ({ label: { formatter: label, color: ink }, ...at });
    chart.setOption({
      animation: false,
      textStyle: { fontFamily: getComputedStyle(element).fontFamily, color: ink },
      grid: { left: 44, right: 16, top: 62, bottom: 40 },
      legend: { top: 0, textStyle: { color: ink }, itemWidth: 30 },
      tooltip: {
        trigger: 'axis',
        valueFormatter: (value: unknown) => (typeof value === 'number' ? `${value.toFixed(1)} %` : ''),
      },
      xAxis: {
        type: 'value',
        name: `axle behind the front edge, ${unit}`,
        nameLocation: 'middle',
        nameGap: 24,
        scale: true,
        axisLabel: { color: ink },
      },
      yAxis: { type: 'value', name: '% on the tongue', axisLabel: { color: ink }, nameTextStyle: { color: ink } },
      series: lines.map(({ caseId, points }, i) => ({
        name: say.caseName(caseId),
        type: 'line',
        symbol: 'none',
        lineStyle: { color: ink, width: 2, type: DASHES[i % DASHES.length] },
        itemStyle: { color: ink },
        data: points.map(({ axleM, share }) => [fromMetres(axleM, unit), 100 * share]),
        ...(i === 0
          ? {
              markLine: {
                silent: true,
                symbol: 'none',
                lineStyle: { color: ink, width: 1, type: 'solid' },
                data: [
                  mark('least', { yAxis: 100 * minShare }),
                  mark('most', { yAxis: 100 * maxShare }),
                  mark('axle now', { xAxis: fromMetres(project.runningGear.positionM, unit) }),
                ],
              },
            }
          : {}),
      })),
    });
    const observer = new ResizeObserver(() => chart.resize());
    observer.observe(element);
    return () => {
      observer.disconnect();
      chart.dispose();
    };
  }, [lines, project, say, unit]);
  return (
    <div
      ref={holder}
      className="h-[260px] w-full"
      role="img"
      aria-label="Share on the tongue against the axle’s place, one line per load"
    />
  );
};
