import { expect, test } from 'vitest';
import { DEMO_TRAILERS } from '../demos/index.js';
import { recordAt, type Trailer, withRecord } from './index.js';

const [apiary] = DEMO_TRAILERS as [Trailer];

test('a change of one record leaves everything else the very same', () => {
  const changed = withRecord(apiary, 'runningGear.tire', { widthM: 0.2 });
  expect(recordAt(changed, 'runningGear.tire')).toEqual({ ...apiary.runningGear.tire, widthM: 0.2 });
  expect(changed.runningGear.axle).toBe(apiary.runningGear.axle);
  expect(changed.frame).toBe(apiary.frame);
  expect(apiary.runningGear.tire.widthM).not.toBe(0.2);
});
test('records stand at any depth', () => {
  expect(recordAt(apiary, 'job')).toBe(apiary.job);
  const changed = withRecord(apiary, 'runningGear.suspension.spring', { leaves: 6 });
  expect(changed.runningGear.suspension.spring.leaves).toBe(6);
  expect(changed.runningGear.suspension.trackM).toBe(apiary.runningGear.suspension.trackM);
});
