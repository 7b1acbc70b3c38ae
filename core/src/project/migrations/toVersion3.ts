import { type Fields, isFields, putIn } from './putIn.js';

/** What came in with version 3, as a trailer of version 2 was understood: no packers, springs under the rails, nothing on wheels. */
const NEW: readonly (readonly [path: string, value: unknown])[] = [
  ['frame.packers', []],
  ['strength.personOnRear', 'usual'],
  ['runningGear.suspension.springCentresM', null],
  ['items[].wheels', null],
];

/** Side rails of version 2 only kept the load in. */
const withSides = (design: Fields): Fields => {
  const { frame } = design;
  if (!isFields(frame) || !isFields(frame['sides']) || frame['sides']['kind'] !== 'rail') return design;
  return putIn(design, ['frame', 'sides', 'carries'], false) as Fields;
};

/** Version 3 says what version 2 took for granted about packers, spring centres, side rails, wheels and people on the rear edge. */
export const toVersion3 = (file: Fields): Fields => {
  const { design } = file;
  if (!isFields(design)) return file;
  return {
    ...file,
    design: withSides(
      NEW.reduce<Fields>((filled, [path, value]) => putIn(filled, path.split('.'), value) as Fields, design),
    ),
  };
};
