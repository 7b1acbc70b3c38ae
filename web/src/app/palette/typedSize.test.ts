import { DEMO_TRAILERS, inches, millimetres, type Trailer } from '@kereta/core';
import { describe, expect, test } from 'vitest';
import { typedSizes } from './typedSize';

const apiary = DEMO_TRAILERS[0] as Trailer;
const done = (text: string, trailer = apiary): Trailer => {
  const [size] = typedSizes(text, trailer);
  if (!size) throw new Error('no size');
  return { ...trailer, ...size.change(trailer) };
};

describe('sizes that are typed', () => {
  test('“axle 59” puts the axle 59 in back, as “move axle to 4 11” does', () => {
    for (const text of ['axle 59', 'Axle 59', 'move axle to 4-11', `set axle 4' 11"`])
      expect(done(text).runningGear.positionM).toBeCloseTo(inches(59), 9);
  });
  test('“add cross-member at 30” puts one more in; bed and tongue take theirs', () => {
    const { extras } = done('add cross-member at 30').frame;
    expect(extras).toHaveLength(apiary.frame.extras.length + 1);
    expect(extras.at(-1)?.xM).toBeCloseTo(inches(30), 9);
    expect(done('length 122').frame.bed.lengthM).toBeCloseTo(inches(122), 9);
    expect(done(`bed width 5' 6"`).frame.bed.widthM).toBeCloseTo(inches(66), 9);
    expect(done('tongue 60').frame.tongue.lengthM).toBeCloseTo(inches(60), 9);
  });
  test('in millimetres a bare number is millimetres; a unit always wins', () => {
    const metric: Trailer = { ...apiary, settings: { ...apiary.settings, units: 'metric' } };
    expect(done('axle 1500', metric).runningGear.positionM).toBeCloseTo(millimetres(1500), 9);
    expect(done('axle 1.5 m').runningGear.positionM).toBeCloseTo(1.5, 9);
  });
  test('what is no size of the trailer does nothing', () => {
    for (const text of ['axle', 'axle far', 'axle -4', 'axle 9999', 'wheel 15', '59', ''])
      expect(typedSizes(text, apiary)).toEqual([]);
  });
});
