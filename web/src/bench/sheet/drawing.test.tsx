import { DEMO_TRAILERS, evaluate, type Trailer } from '@kereta/core';
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { stillWorkbench } from '../stillWorkbench';
import { StillBench } from '../StillBench';
import { Drawing, type LowerView } from './Drawing';
import { drawingScale } from '../../drawing/drawingScale';

class NoResize {
  observe(): void {}
  disconnect(): void {}
}
vi.stubGlobal('ResizeObserver', NoResize);
afterEach(cleanup);

const draw = (trailer: Trailer, lower: LowerView, picked?: string): HTMLElement => {
  const { container } = render(
    <StillBench workbench={stillWorkbench(trailer, 'axle', picked)}>
      <Drawing lower={lower} fitHeight={612} openFields={() => undefined} />
    </StillBench>,
  );
  return container;
};
const numbersOf = (container: HTMLElement): number[] =>
  [...container.querySelectorAll('rect,circle,path,polygon,polyline,line,g')].flatMap((element) =>
    [...element.attributes]
      .filter(({ name }) => ['x', 'y', 'width', 'height', 'cx', 'cy', 'r', 'd', 'points', 'transform'].includes(name))
      .flatMap(({ value }) => (value.includes('NaN') ? [Number.NaN] : [])),
  );

describe('the drawing is to scale', () => {
  test.each(DEMO_TRAILERS.map((trailer) => [trailer.name, trailer] as const))(
    '%s: one scale for side, plan and ruler; all of it on the sheet',
    (_name, trailer) => {
      const { chassis } = evaluate(trailer);
      const scale = drawingScale(trailer, chassis, 768, 612, true);
      expect(scale.x(1) - scale.x(0)).toBeCloseTo(scale.pxPerM, 9);
      expect(scale.side.y(0) - scale.side.y(1)).toBeCloseTo(scale.pxPerM, 9);
      expect(scale.toXM(scale.x(1.234))).toBeCloseTo(1.234, 12);
      expect(scale.x(chassis.ballXM)).toBeGreaterThan(0);
      expect(scale.x(trailer.frame.bed.lengthM)).toBeLessThan(768);
      expect(scale.lowerY + scale.planWidthM * scale.pxPerM).toBeLessThan(612);
    },
  );
  /** Corners of a part's outlines, of the last drawn first. */
  const cornersOf = (container: HTMLElement, id: string): readonly (readonly [number, number])[] =>
    [...container.querySelectorAll(`[data-part="${id}"] polygon, [data-part="${id}"] path`)].flatMap((outline) =>
      [...(outline.getAttribute('points') ?? outline.getAttribute('d') ?? '').matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(
        ([, x, y]) => [Number(x), Number(y)] as const,
      ),
    );
  test('rails are as long on the sheet as in steel', () => {
    const [trailer] = DEMO_TRAILERS as [Trailer];
    const container = draw(trailer, 'plan');
    const pxPerM = Number(screen.getByTestId('drawing').dataset['pxPerM']);
    const xs = cornersOf(container, 'rail.left').map(([x]) => x);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(trailer.frame.bed.lengthM * pxPerM, 0);
  });
  test('the right side of the trailer lies at the top of the plan', () => {
    const container = draw(DEMO_TRAILERS[0] as Trailer, 'plan');
    const lowest = (id: string): number => Math.max(...cornersOf(container, id).map(([, y]) => y));
    expect(lowest('rail.right')).toBeLessThan(lowest('rail.left'));
  });
});

describe('what is drawn', () => {
  const views: LowerView[] = ['plan', 'work', 'window', 'none'];
  test.each(views)('view %s of every demo has no broken number and its name for those who do not see it', (lower) => {
    for (const trailer of DEMO_TRAILERS) {
      const container = draw(trailer, lower, 'axle');
      expect(numbersOf(container)).toEqual([]);
      expect(screen.getByRole('application').getAttribute('aria-label')).toContain(trailer.name);
      cleanup();
    }
  });
  test('a trailer without axle, load or case is drawn all the same', () => {
    const [trailer] = DEMO_TRAILERS as [Trailer];
    const bare: Trailer = { ...trailer, items: [], cases: [], runningGear: { ...trailer.runningGear, layout: 'none' } };
    for (const lower of views) {
      expect(numbersOf(draw(bare, lower))).toEqual([]);
      cleanup();
    }
  });
  test('the picked part is told with its place, and has its handle on the ruler', () => {
    const container = draw(DEMO_TRAILERS[0] as Trailer, 'plan', 'cross.2');
    expect(container.textContent).toContain(`Cross-member 2 picked, at 3' 8"`);
    expect(container.querySelector('[data-part="cross.2:pill"]')).not.toBeNull();
  });
  test('names are text', () => {
    const [trailer] = DEMO_TRAILERS as [Trailer];
    const named: Trailer = { ...trailer, items: trailer.items.map((item) => ({ ...item, name: '<b>x</b>' })) };
    expect(draw(named, 'plan').querySelector('b')).toBeNull();
  });
});
