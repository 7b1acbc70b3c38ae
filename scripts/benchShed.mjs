import { openFile, withPage } from './benchPage.mjs';

const PORT = 4194;
const CARDS = 50;

/** So many trailers of the demos' kind, each a little longer than the one before, so that none is known from another. */
const manyTrailers = (core) =>
  Array.from({ length: CARDS }, (_, i) => {
    const project = core.DEMO_PROJECTS[i % core.DEMO_PROJECTS.length];
    const { frame } = project.design;
    return {
      ...project,
      id: `bench-${i}`,
      design: {
        ...project.design,
        name: `${project.design.name} ${i}`,
        frame: { ...frame, bed: { ...frame.bed, lengthM: frame.bed.lengthM + i * 1e-3 } },
      },
    };
  });

/** Notes when the last card stands there, and when the last one that is seen has its analysis. */
const watchCards = (count) => {
  const cards = () => [...document.querySelectorAll('[data-testid="trailer-card"]')];
  const isSeen = (card) => card.getBoundingClientRect().top < globalThis.innerHeight;
  const look = () => {
    const all = cards();
    if (all.length >= count) globalThis.cardsMs ??= performance.now();
    if (all.length >= count && all.filter(isSeen).every((card) => !card.textContent.includes('being analysed')))
      globalThis.seenMs ??= performance.now();
    if (globalThis.seenMs === undefined) requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
};

/** The shed with 50 trailers in the built page, ms from the start of loading: all cards drawn; the visible ones analysed; one opened meanwhile. */
export const benchShed = (core, root, port = PORT) =>
  withPage(root, port, async (page, address) => {
    await openFile(page, 'many.kereta-shed.json', core.writeShed(manyTrailers(core), []));
    const all = CARDS + core.DEMO_PROJECTS.length;
    await page.waitForFunction((n) => document.querySelectorAll('[data-testid="trailer-card"]').length === n, all);
    await page.waitForTimeout(1000);
    await page.addInitScript(watchCards, all);
    await page.goto(address);
    await page.waitForFunction(() => globalThis.seenMs !== undefined);
    const { cardsMs, seenMs } = await page.evaluate(() => ({
      cardsMs: globalThis.cardsMs,
      seenMs: globalThis.seenMs,
    }));
    // The rest of the shed still waits in the worker.
    const opened = performance.now();
    await page.getByRole('link', { name: 'Apiary flatbed', exact: false }).last().click();
    await page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Is it strong?' }).click();
    await page.getByText(/^Whole frame analysed/).waitFor();
    return { cards: all, cardsMs, seenMs, openedMs: performance.now() - opened };
  });

export const printShed = ({ cards, cardsMs, seenMs, openedMs }, analysisMs) => {
  console.log('\nThe shed, from the start of loading, this machine, this run:\n');
  const line = (what, ms, aim) =>
    console.log(
      `${what.padEnd(36)} ${ms.toFixed(0).padStart(6)} ms   ${(ms / analysisMs).toFixed(1)} times one analysis; ${aim}`,
    );
  line(`all ${cards} cards`, cardsMs, 'aim: 1,000 ms');
  line('those that are seen, analysed', seenMs, 'the others behind them');
  line('one opened meanwhile, analysed', openedMs, 'not behind the shed');
};
