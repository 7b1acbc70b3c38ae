import { Bench } from 'tinybench';
import { benchDrawings } from './benchDrawings.mjs';
import { benchFrame } from './benchFrame.mjs';
import { benchDrag, bodiedProject, heavyProject, printDrag } from './benchDrag.mjs';
import { benchPhotos } from './benchPhotos.mjs';
import { benchShed, printShed } from './benchShed.mjs';
import { benchSticks } from './benchSticks.mjs';
import { ensureBuilt, ensureInstalled, ROOT } from './toolbox.mjs';

// What a drag costs: the whole light chain, trailer in, findings out; and the same with the sentences written.
await ensureInstalled();
await ensureBuilt();
const core = await import('../core/dist/index.js');
const { DEMO_TRAILERS, evaluate, newProject, sentenceOf, speaker, trailerOf } = core;
const FRAME_MS = 1000 / 60;

const bench = new Bench({ time: 800, warmupTime: 300 });
const moved = (trailer, i) => ({
  ...trailer,
  runningGear: { ...trailer.runningGear, positionM: trailer.runningGear.positionM + (i % 100) * 1e-3 },
});
const trailers = [
  trailerOf(newProject({ id: 'bench', name: 'New trailer', units: 'imperial', newId: () => 'x' })),
  ...DEMO_TRAILERS,
  trailerOf(heavyProject(core)),
  trailerOf(bodiedProject(core)),
];
for (const trailer of trailers) {
  let i = 0;
  bench.add(`evaluate: ${trailer.name}`, () => {
    i += 1;
    // An evaluation works out what is read of it.
    void evaluate(moved(trailer, i)).findings;
  });
  bench.add(`evaluate and say: ${trailer.name}`, () => {
    i += 1;
    const next = moved(trailer, i);
    const say = speaker(next);
    for (const finding of evaluate(next).findings) sentenceOf(finding, say);
  });
}
await bench.run();
console.log(`One evaluation against one frame at 60 Hz (${FRAME_MS.toFixed(2)} ms), this machine, this run:\n`);
for (const { name, result } of bench.tasks) {
  const mean = result?.latency?.mean ?? result?.mean ?? Number.NaN;
  const slow = result?.latency?.p99 ?? result?.p99 ?? Number.NaN;
  console.log(
    `${name.padEnd(36)} ${mean.toFixed(3).padStart(8)} ms   p99 ${slow.toFixed(3).padStart(8)} ms   ${(mean / FRAME_MS).toFixed(3).padStart(7)} of a frame`,
  );
}
await benchFrame(core);

// The pace of this machine just now: sorts of 10,000 numbers, which what follows is told in.
const numbers = Float64Array.from({ length: 10_000 }, (_, i) => Math.sin(i * 12.9898) * 43758.5453);
const sortStart = performance.now();
for (let i = 0; i < 60; i += 1) numbers.slice().sort();
const sortMs = (performance.now() - sortStart) / 60;

// The whole strength analysis, in the worker when it is in the page: processor time, the first one cold and the middle one of some.
console.log('\nThe trailer on it, every situation and load, processor time, this machine, this run:\n');
let analysisMs = 0;
for (const trailer of [...DEMO_TRAILERS, trailerOf(heavyProject(core)), trailerOf(bodiedProject(core))]) {
  const input = core.analysisInput(trailer, evaluate(trailer));
  const once = () => {
    const start = process.cpuUsage();
    const outcome = core.analyseStrength(input);
    const { user, system } = process.cpuUsage(start);
    return { ms: (user + system) / 1000, outcome };
  };
  const { ms: coldMs, outcome } = once();
  const times = Array.from({ length: 15 }, () => once().ms).toSorted((a, b) => a - b);
  const ms = times[7];
  if (analysisMs === 0) analysisMs = ms;
  const { runs, elements } = outcome.analysis.counts;
  console.log(
    `${trailer.name.padEnd(36)} ${ms.toFixed(0).padStart(6)} ms   ${(ms / sortMs).toFixed(0)} times a sort of 10,000; ${runs} runs, ${elements} elements; cold ${coldMs.toFixed(0)} ms`,
  );
}
const wanted = core.SECTION_ROWS.filter(({ id }) => id.startsWith('hss')).map(({ id }) => id);
const start = performance.now();
const steps = core.sizingSteps(
  {
    trailer: DEMO_TRAILERS[0],
    candidates: { rail: wanted, header: wanted, cross: wanted, tongue: wanted },
    aim: 'mass',
    leastWallM: 0.0028,
    flush: true,
    badly: false,
  },
  core.failsOf,
);
let step = steps.next();
let longest = 0;
for (let last = performance.now(); !step.done; step = steps.next()) {
  const now = performance.now();
  longest = Math.max(longest, now - last);
  last = now;
}
console.log(
  `${`sizing, 4 groups × ${wanted.length} sections`.padEnd(36)} ${(performance.now() - start).toFixed(0).padStart(6)} ms   aim: under 5,000; longest stretch without a breath ${longest.toFixed(0)} ms, aim: under 200`,
);

// Doubt: 10,000 tries of six loads, as one answer of the worker; against as many sorts of 10,000 numbers, which it needs anyhow.
const oven = DEMO_TRAILERS[1];
const six = {
  ...oven,
  cases: [...oven.cases.filter(({ mode }) => mode === 'towed'), ...oven.cases.slice(1, 3)]
    .slice(0, 6)
    .map((loadCase, i) => ({ ...loadCase, id: `${loadCase.id}.${i}` })),
};
const doubtInput = { trailer: six, ...evaluate(six) };
const tried = () => {
  const begun = performance.now();
  core.doubtOf(doubtInput);
  return performance.now() - begun;
};
tried();
const doubtMs = (tried() + tried() + tried()) / 3;
console.log(
  `\n${'10,000 tries × 6 loads'.padEnd(36)} ${doubtMs.toFixed(0).padStart(6)} ms   aim: under 200; ${(doubtMs / sortMs / 6).toFixed(1)} times six sorts of 10,000`,
);

// Sway: modes at 200 speeds of six loads.
const rigs = evaluate(six)
  .cases.map((balanced) => core.rigOf(six, balanced))
  .filter((rig) => typeof rig === 'object');
const modes = () => {
  const begun = performance.now();
  for (const rig of rigs) for (let i = 0; i < 200; i += 1) core.eigenvalues(rig, 5 + i * 0.2);
  return performance.now() - begun;
};
modes();
const modesMs = Math.min(modes(), modes(), modes());
console.log(
  `${`modes at 200 speeds × ${rigs.length} loads`.padEnd(36)} ${modesMs.toFixed(0).padStart(6)} ms   aim: under 100; ${(modesMs / sortMs / 6).toFixed(1)} times six sorts of 10,000`,
);

// The drag through the built page, in the browser; the trailers as they stand on the screen.
printDrag(await benchDrag(core, ROOT));
printShed(await benchShed(core, ROOT), analysisMs);
await benchSticks(core);
await benchDrawings(core, sortMs);
await benchPhotos(ROOT);
