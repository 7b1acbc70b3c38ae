import { fromMetres, fromNewtons, type MemberDiagram } from '@kereta/core';
import { LineChart } from 'echarts/charts';
import { AxisPointerComponent, GridComponent, TitleComponent, TooltipComponent } from 'echarts/components';
import { init, use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';
import { PAGE_LANGUAGE } from '../../fields/language/language';

use([LineChart, GridComponent, TitleComponent, TooltipComponent, AxisPointerComponent, SVGRenderer]);

const ROW_PX = 86;
const TOP_PX = 18;

interface Curve {
  readonly name: string;
  readonly unit: string;
  readonly of: (point: MemberDiagram['points'][number]) => number;
}

const curvesOf = (imperial: boolean): readonly Curve[] => {
  const force = (n: number): number => (imperial ? fromNewtons(n, 'lbf') : n);
  const moment = (nm: number): number => (imperial ? fromMetres(fromNewtons(nm, 'lbf'), 'in') : nm);
  const size = (m: number): number => fromMetres(m, imperial ? 'in' : 'mm');
  const [forceUnit, momentUnit, lengthUnit] = imperial ? ['lbf', 'lbf·in', 'in'] : ['N', 'N·m', 'mm'];
  return [
    { name: t('Along (pull +)'), unit: forceUnit, of: ({ n }) => force(n) },
    { name: t('Shear, up and down'), unit: forceUnit, of: ({ vz }) => force(vz) },
    // Drawn on the side that is pulled: a bar that sags is drawn down.
    { name: t('Bending, up and down'), unit: momentUnit, of: ({ my }) => moment(my) },
    { name: t('Bending, sideways'), unit: momentUnit, of: ({ mz }) => moment(mz) },
    { name: t('Twist'), unit: momentUnit, of: ({ t }) => moment(t) },
    { name: t('Moves up (+) or down'), unit: lengthUnit, of: ({ upM }) => size(upM) },
  ];
};

const rounded = (value: number): string =>
  Math.abs(value) >= 100 ? Math.round(value).toLocaleString(PAGE_LANGUAGE) : value.toPrecision(2);

/** Inner forces and movement along one bar, one under the other on one ruler. */
export const BarCharts = ({ diagram }: { readonly diagram: MemberDiagram }) => {
  const { say, trailer } = useWorkbench('say', 'trailer');
  const holder = useRef<HTMLDivElement>(null);
  const imperial = trailer.settings.units === 'imperial';
  const curves = curvesOf(imperial);
  useEffect(() => {
    const element = holder.current;
    if (!element) return undefined;
    const chart = init(element, undefined, { renderer: 'svg' });
    const style = getComputedStyle(element);
    const color = (name: string): string => style.getPropertyValue(name).trim();
    const [ink, mute, dye] = [color('--ink'), color('--mute'), color('--dye')];
    const rows = curvesOf(imperial);
    const ruler = (m: number): number => fromMetres(m, imperial ? 'in' : 'mm');
    chart.setOption({
      animation: false,
      textStyle: { fontFamily: style.fontFamily, color: ink },
      axisPointer: { link: [{ xAxisIndex: 'all' }] },
      tooltip: {
        trigger: 'axis',
        valueFormatter: (value: number | string) => rounded(Number(value)),
      },
      title: rows.map(({ name, unit }, i) => ({
        text: `${name}, ${unit}`,
        left: 0,
        top: i * ROW_PX,
        textStyle: { fontSize: 12, fontWeight: 600, color: ink },
      })),
      grid: rows.map((_, i) => ({ left: 58, right: 8, top: i * ROW_PX + TOP_PX, height: ROW_PX - TOP_PX - 18 })),
      xAxis: rows.map((_, i) => ({
        gridIndex: i,
        type: 'value',
        min: 0,
        max: ruler(diagram.lengthM),
        axisLabel: { show: false },
        axisTick: { show: false },
        splitLine: { show: false },
        axisLine: { onZero: true, lineStyle: { color: mute } },
      })),
      yAxis: rows.map((_, i) => ({
        gridIndex: i,
        type: 'value',
        splitNumber: 2,
        axisLabel: { fontSize: 12, color: mute, formatter: (value: number) => (value === 0 ? '0' : rounded(value)) },
        splitLine: { show: false },
      })),
      series: rows.map(({ name, of }, i) => ({
        name,
        type: 'line',
        xAxisIndex: i,
        yAxisIndex: i,
        showSymbol: false,
        lineStyle: { color: dye, width: 1.8 },
        areaStyle: { color: dye, opacity: 0.12 },
        data: diagram.points.map((point) => [ruler(point.xM), of(point)]),
      })),
    });
    const observer = new ResizeObserver(() => chart.resize());
    observer.observe(element);
    return () => {
      observer.disconnect();
      chart.dispose();
    };
  }, [diagram, imperial]);
  const spoken = curves.map(({ name, unit, of }) => {
    const values = diagram.points.map(of);
    return t('{name}: {x} to {x2} {unit}', {
      name,
      x: rounded(Math.min(...values)),
      x2: rounded(Math.max(...values)),
      unit,
    });
  });
  return (
    <div
      ref={holder}
      className="mt-2 w-full"
      style={{ height: curves.length * ROW_PX + 6 }}
      role="img"
      aria-label={t('Along {member}, {length}. {spoken}.', {
        member: say.partName(diagram.memberId),
        length: say.length(diagram.lengthM),
        spoken: spoken.join('. '),
      })}
      data-testid="bar-charts"
    />
  );
};
