import { appendFileSync } from 'node:fs';
import { test } from 'vitest';
import { loadKernel } from './cad/kernel.js';
import { shapeOf, volumeM3 } from './cad/shape.js';
import { VARIED_FRAMES } from '../test/variedFrames.js';
import { evaluate } from './evaluation/index.js';
import { frameSolids } from './solids/index.js';
import { endFits, overlaps, placedBars } from '../test/jointFit.js';
const log = (...a: unknown[]) => appendFileSync('/tmp/zz.out', a.join(' ') + '\n');
test('look', async () => {
  const kernel = await loadKernel();
  for (const [name, t] of Object.entries(VARIED_FRAMES)) {
    if (!/round|gate|rack|sloped/.test(name)) continue;
    const ev = evaluate(t);
    const t0 = Date.now();
    const solids = frameSolids(ev.trailer, ev.chassis, ev.cutList);
    const n =
      ev.cutList.rows.reduce((s, r) => s + r.quantity, 0) + ev.cutList.plates.reduce((s, r) => s + r.quantity, 0);
    log(name, ev.chassis.problems.map((p) => JSON.stringify(p)).join(), solids.length, n);
    for (const x of solids) {
      try {
        const k = (x.densityKgM3 * volumeM3(kernel, shapeOf(kernel, x.body))) / x.massKg;
        if (Math.abs(k - 1) > 0.001) log('   vol', x.id, x.name, k.toFixed(4), x.body.cuts.map((c) => c.kind).join());
      } catch (e) {
        log('   FAIL', x.name, String(e));
      }
    }
    try {
      const bars = placedBars(kernel, ev);
      log(
        '  over',
        overlaps(kernel, bars)
          .filter((o) => o.depthMm > 0.01)
          .map((o) => `${o.ids.join(' & ')} ${o.depthMm.toFixed(3)}`)
          .join('; '),
      );
      log(
        '  gaps',
        endFits(kernel, bars)
          .filter((e) => e.gapMm !== undefined && Math.abs(e.gapMm) > 0.2)
          .map((e) => `${e.id} ${e.end} ${e.gapMm!.toFixed(3)}`)
          .join('; '),
        Date.now() - t0,
        'ms',
      );
    } catch (e) {
      log('  FIT FAIL', String(e));
    }
  }
}, 500000);
