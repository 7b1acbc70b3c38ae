/** Stroke of a part's outline, px wide; picked it is dye. */
export const outline = (picked: boolean, width: number) => ({
  stroke: picked ? 'var(--dye)' : 'var(--ink)',
  strokeWidth: picked ? width + 0.6 : width,
});
