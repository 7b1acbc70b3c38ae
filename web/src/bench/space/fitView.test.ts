import * as fc from 'fast-check';
import { PerspectiveCamera, Vector3 } from 'three';
import { expect, test } from 'vitest';
import { fitView } from './fitView';

const place = fc.double({ min: -10, max: 10, noNaN: true });
const point = fc.tuple(place, place, place).map((at) => new Vector3(...at));
const turn = fc.double({ min: -1, max: 1, noNaN: true });

test('a camera that stands there sees every point, and some at two opposite edges', () => {
  fc.assert(
    fc.property(
      fc.array(point, { minLength: 4, maxLength: 30 }),
      fc.tuple(turn, turn, turn).filter(([x, , z]) => Math.hypot(x, z) > 0.05),
      fc.double({ min: 10, max: 90, noNaN: true }),
      fc.double({ min: 0.3, max: 3, noNaN: true }),
      (points, toward, fieldDeg, aspect) => {
        const direction = new Vector3(...toward).normalize();
        const { target, away } = fitView(points, direction, (fieldDeg * Math.PI) / 180, aspect);
        // Points in one line with the eye take up no room; it would stand on the first of them.
        fc.pre(points.every((at) => at.clone().sub(target).dot(direction) < away - 0.1));
        const camera = new PerspectiveCamera(fieldDeg, aspect, 1e-3, 1e4);
        camera.position.copy(target).addScaledVector(direction, away);
        camera.lookAt(target);
        camera.updateMatrixWorld();
        const seen = points.map((at) => at.clone().project(camera));
        const reach = (['x', 'y'] as const).map((axis) => seen.map((at) => at[axis]));
        for (const own of reach) {
          expect(Math.max(...own)).toBeLessThan(1 + 1e-6);
          expect(Math.min(...own)).toBeGreaterThan(-1 - 1e-6);
        }
        // The axis that asks for most is filled from edge to edge.
        expect(Math.max(...reach.map((own) => Math.min(Math.max(...own), -Math.min(...own))))).toBeCloseTo(1, 5);
      },
    ),
  );
});
