import { FRAME_MS, openFile, withPage } from './benchPage.mjs';

const PORT = 4193;
const MOVES = 60;

/** A trailer with so many loads and load cases on two axles: heavier than anybody's own. */
export const heavyProject = (core, items = 60, cases = 40) => {
  const base = core.newProject({ id: 'heavy', name: 'Heavy', units: 'imperial', newId: () => 'load' });
  const [example] = base.design.items;
  const own = Array.from({ length: items }, (_, i) => ({
    ...example,
    id: `item.heavy-${i}`,
    name: `Crate ${i + 1}`,
    massKg: { ...example.massKg, value: 12 + (i % 7) },
    sizeM: { lengthM: 0.3, widthM: 0.3, heightM: 0.25 + (i % 5) * 0.08 },
    attach: {
      ...example.attach,
      on: 'deck',
      from: 'front',
      offsetM: { ...example.attach.offsetM, value: 0.2 + (i % 10) * 0.3 },
      rightM: -0.6 + (Math.floor(i / 10) % 5) * 0.3,
    },
  }));
  const [, loaded] = base.design.cases;
  const loads = Array.from({ length: cases }, (_, k) => ({
    ...loaded,
    id: `case.heavy-${k}`,
    name: `Load ${k + 1}`,
    aboard: own.filter((_, i) => (i + k) % 3 !== 0).map(({ id }) => ({ itemId: id, fill: 1, shiftM: 0 })),
  }));
  return {
    ...base,
    design: {
      ...base.design,
      items: own,
      cases: loads,
      axleCaseId: loads[0].id,
      ratedGrossKg: 1600,
      runningGear: { ...base.design.runningGear, layout: 'tandem-equaliser' },
    },
  };
};

/** Forty bars and ten panels of one's own, thirty loads in fifteen cases: a body as large as anybody builds by hand. */
export const bodiedProject = (core) => {
  const heavy = heavyProject(core, 30, 15);
  const { frame } = heavy.design;
  const { lengthM, widthM } = frame.bed;
  const metal = { sectionId: frame.groups.side.sectionId, materialId: frame.groups.side.materialId, turnDeg: 0 };
  const up = { kind: 'off', byXM: 0, byYM: 0, byZM: 1.2 };
  const posts = ['left', 'right'].flatMap((side) =>
    Array.from({ length: 12 }, (_, i) => ({
      ...metal,
      id: `bar.${side}-${i}`,
      from: { kind: 'on', barId: `rail.${side}`, atM: 0.05 + (i * (lengthM - 0.1)) / 11 },
      to: up,
    })),
  );
  const across = Array.from({ length: 12 }, (_, i) => ({
    ...metal,
    id: `bar.across-${i}`,
    from: { kind: 'on', barId: `bar.left-${i}`, atM: 1 },
    to: { kind: 'on', barId: `bar.right-${i}`, atM: 1 },
  }));
  const braces = Array.from({ length: 4 }, (_, i) => ({
    ...metal,
    id: `bar.brace-${i}`,
    from: { kind: 'on', barId: `bar.left-${2 * i}`, atM: 0.2 },
    to: { kind: 'on', barId: `bar.left-${2 * i + 1}`, atM: 0.9 },
  }));
  const panels = Array.from({ length: 10 }, (_, i) => ({
    id: `panel.${i}`,
    sheet: { kind: 'plywood', thicknessM: 0.009 },
    place:
      i < 5
        ? { kind: 'between', barIds: [`bar.left-${2 * i}`, `bar.left-${2 * i + 2}`], face: 'outer' }
        : { kind: 'at', plane: 'across', atM: 0.3 * i, fromM: -widthM / 2, toM: widthM / 2, lowM: 0.1, highM: 1 },
    cutouts: [{ id: `opening.${i}`, alongM: 0.1, upM: 0.3, lengthM: 0.2, heightM: 0.2 }],
    existing: false,
  }));
  return {
    ...heavy,
    id: 'bodied',
    design: {
      ...heavy.design,
      name: '40 bars, 10 panels, 30 loads, 15 cases',
      frame: { ...frame, ownBars: [...posts, ...across, ...braces], ownPanels: panels },
    },
  };
};

const metricsOf = async (session) =>
  Object.fromEntries((await session.send('Performance.getMetrics')).metrics.map(({ name, value }) => [name, value]));

/** A hand moves the pointer at 60 Hz, whether the page keeps up or not. */
const moveByHand = async (session, x, y) => {
  const sent = [];
  for (let i = 0; i < MOVES; i += 1) {
    sent.push(
      session.send('Input.dispatchMouseEvent', {
        type: 'mouseMoved',
        x: x + 4 + 10 * Math.sin(i / 6),
        y,
        button: 'left',
        buttons: 1,
      }),
    );
    await new Promise((resolve) => setTimeout(resolve, FRAME_MS));
  }
  await Promise.all(sent);
};

/** Main-thread time that a pointer move of the axle's pill costs, ms, and how many frames were drawn meanwhile. */
const dragOnce = async (page, session) => {
  const pill = page.locator('[data-part="axle:pill"]');
  await pill.waitFor();
  const box = await pill.boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 4, y);
  await page.waitForTimeout(400);
  await page.evaluate(() => {
    globalThis.framesDrawn = 0;
    const count = () => {
      globalThis.framesDrawn += 1;
      globalThis.counting = requestAnimationFrame(count);
    };
    globalThis.counting = requestAnimationFrame(count);
  });
  const before = await metricsOf(session);
  const started = performance.now();
  await moveByHand(session, x, y);
  const tookMs = performance.now() - started;
  const after = await metricsOf(session);
  const frames = await page.evaluate(() => {
    cancelAnimationFrame(globalThis.counting);
    return globalThis.framesDrawn;
  });
  await page.keyboard.press('Escape');
  await page.mouse.up();
  const per = (name) => ((after[name] - before[name]) * 1000) / Math.max(1, frames);
  return {
    frames,
    task: per('TaskDuration'),
    script: per('ScriptDuration'),
    style: per('RecalcStyleDuration') + per('LayoutDuration'),
    interval: tookMs / Math.max(1, frames),
  };
};

/** The drag through the built page in the browser, on a demo and on a heavy project. */
export const benchDrag = (core, root, port = PORT) =>
  withPage(root, port, async (page, address) => {
    const session = await page.context().newCDPSession(page);
    await session.send('Performance.enable');
    await openFile(page, 'heavy.kereta.json', core.writeProject(heavyProject(core)));
    await page.waitForURL('**/trailer/**');
    const results = [];
    for (const name of ['Apiary flatbed', 'Heavy']) {
      await page.goto(address);
      await page.getByRole('link', { name }).click();
      // The first analysis is over.
      await page.waitForTimeout(name === 'Heavy' ? 9000 : 3000);
      await dragOnce(page, session);
      results.push({ name, ...(await dragOnce(page, session)) });
    }
    return results;
  });

export const printDrag = (results) => {
  console.log('\nA frame of a drag, main thread, against one frame at 60 Hz, this machine, this run:\n');
  for (const { name, frames, task, script, style, interval } of results)
    console.log(
      `${name.padEnd(36)} ${task.toFixed(1).padStart(6)} ms   ${(task / FRAME_MS).toFixed(2)} of a frame; script ${script.toFixed(1)} ms, style and layout ${style.toFixed(1)} ms; ${frames} frames for ${MOVES} moves, one every ${interval.toFixed(0)} ms`,
    );
};
