/** What the drawing set and the files of the solids take of each demo, in ms and against the sort that tells this machine's pace. */
export const benchDrawings = async (core, sortMs) => {
  const { DEMO_TRAILERS, drawingSet, evaluate, frameSolids, lastOf, loadKernel, shapeSteps, solidsFile, speaker } =
    core;
  const { PIECE_KIND_NAMES, WELD_PLACES, viewDxf } = core;
  console.log('\nDrawings and solids of the demos, this run; ratios to a sort of 10,000 numbers:\n');
  const told = (name, ms) =>
    console.log(`${name.padEnd(44)} ${ms.toFixed(0).padStart(7)} ms ${(ms / sortMs).toFixed(0).padStart(7)} sorts`);
  let start = performance.now();
  const kernel = await loadKernel();
  told('the solid modeller is loaded', performance.now() - start);
  for (const trailer of DEMO_TRAILERS) {
    const { chassis, cases, cutList } = evaluate(trailer);
    start = performance.now();
    const [sheet] = drawingSet(
      { trailer, chassis, shown: cases[0] },
      {
        lettering: speaker(trailer),
        gearSizes: true,
        paper: 'a3',
        units: trailer.settings.units,
        perPaperM: 1000,
        job: trailer.name,
        date: '',
        marks: new Map(),
        plates: cutList.plates,
        pieceNames: PIECE_KIND_NAMES,
        welds: [],
        weldPlaces: WELD_PLACES,
        standard: 'aws',
      },
    );
    told(`${trailer.name}: all sheets laid out`, performance.now() - start);
    start = performance.now();
    for (const { view } of sheet.views) viewDxf(view, trailer.settings.units);
    told(`${trailer.name}: its views as DXF`, performance.now() - start);
    start = performance.now();
    const shapes = lastOf(shapeSteps(kernel, frameSolids(trailer, chassis, cutList)));
    told(`${trailer.name}: ${shapes.length} solids`, performance.now() - start);
    for (const format of ['step', 'stl', 'glb']) {
      start = performance.now();
      await solidsFile(kernel, shapes, format);
      told(`${trailer.name}: ${format}`, performance.now() - start);
    }
  }
};
