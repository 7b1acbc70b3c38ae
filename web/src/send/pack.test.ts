// @vitest-environment node
import { DEMO_PROJECTS, openProject } from '@kereta/core';
import * as fc from 'fast-check';
import jsQR from 'jsqr';
import { create } from 'qrcode';
import { describe, expect, test } from 'vitest';
import { fragmentOf, MOST_CODES, pack, type Piece, piecesOf, readFragment, unpack, wholeOf } from './pack';

/** A code as a camera sees it: four pixels to a module, white all about. */
const seen = (text: string): { readonly data: Uint8ClampedArray; readonly size: number } => {
  const { modules } = create(text, { errorCorrectionLevel: 'L' });
  const [scale, edge] = [4, 4];
  const size = (modules.size + 2 * edge) * scale;
  const data = new Uint8ClampedArray(size * size * 4).fill(255);
  for (let y = 0; y < modules.size; y += 1)
    for (let x = 0; x < modules.size; x += 1)
      if (modules.get(y, x))
        for (let v = 0; v < scale; v += 1)
          for (let u = 0; u < scale; u += 1) {
            const at = (((y + edge) * scale + v) * size + (x + edge) * scale + u) * 4;
            data.fill(0, at, at + 3);
          }
  return { data, size };
};

describe('a trailer in an address', () => {
  test('packed and unpacked it is the same, whatever it holds', async () => {
    await fc.assert(
      fc.asyncProperty(fc.string({ unit: 'grapheme' }), async (text) => {
        const letters = await pack(text);
        expect(letters).toMatch(/^[\w-]*$/);
        expect(await unpack(letters)).toBe(text);
      }),
      { numRuns: 40 },
    );
  });
  test('each demo goes over codes that a decoder reads back, into the very same project', async () => {
    for (const project of DEMO_PROJECTS) {
      const pieces = piecesOf(await pack(JSON.stringify(project)));
      expect(pieces.length).toBeLessThanOrEqual(MOST_CODES);
      const read = pieces.map((piece): Piece => {
        const address = `http://192.168.0.20:4173/arrive#${fragmentOf(piece)}`;
        const { data, size } = seen(address);
        const found = jsQR(data, size, size)?.data ?? '';
        expect(found).toBe(address);
        const back = readFragment(found.slice(found.indexOf('#')));
        if (!back) throw new Error('no part');
        return back;
      });
      // Scanned in any order.
      const letters = wholeOf(read.toReversed());
      const opened = openProject(JSON.parse((await unpack(letters ?? '')) ?? 'null'));
      expect(opened).toEqual({ ok: true, value: project });
    }
  });
  test('a part that is missing, of another whole, or torn: nothing is put together', async () => {
    const pieces = piecesOf(await pack(JSON.stringify(DEMO_PROJECTS[0])), 500);
    expect(pieces.length).toBeGreaterThan(2);
    expect(wholeOf(pieces.slice(1))).toBeUndefined();
    const [first, ...rest] = pieces as [Piece, ...Piece[]];
    expect(wholeOf([{ ...first, letters: first.letters.slice(1) }, ...rest])).toBeUndefined();
    expect(wholeOf([{ ...first, of: 'other' }, ...rest])).toBeUndefined();
    expect(wholeOf([])).toBeUndefined();
  });
  test('addresses of others are none', () => {
    for (const text of ['', '#', '#k1', '#k1.a.2.1.xx', '#k1.a.0.1.xx', '#k2.a.1.1.xx', '#k1.a.1.1.<b>'])
      expect(readFragment(text)).toBeUndefined();
  });
  test('what was never packed is told, not thrown', async () => {
    expect(await unpack('not packed')).toBeUndefined();
    expect(await unpack('####')).toBeUndefined();
  });
});
