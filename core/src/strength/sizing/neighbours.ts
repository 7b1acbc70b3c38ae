import type { SectionRow } from '../../catalog/index.js';
import type { Trailer } from '../../project/index.js';
import { barProperties, outsideSize } from '../../sections/index.js';
import { analysisIn, analysisOf, sagOf } from './assess.js';
import { rowsOf } from './candidates.js';
import {
  frameMassKg,
  framePrice,
  inputOf,
  OWN_LOADS,
  SIZED_GROUPS,
  type Sections,
  sectionsOf,
  sharesOf,
  type SizedGroup,
  withSections,
  type Worst,
} from './design.js';
import type { FailsOf, SizedDesign, SizingProgress } from './request.js';

/** One size down and one up for a group, each looked at whole. */
export interface SizeStep {
  readonly group: SizedGroup;
  readonly direction: 'down' | 'up';
  readonly design: SizedDesign;
}

/** The present design and, for each group, the next weaker and next stronger section of the same kind and width. */
export function* neighbourSteps(
  trailer: Trailer,
  failsOf: FailsOf,
): Generator<SizingProgress, { readonly present: SizedDesign; readonly steps: readonly SizeStep[] }, void> {
  const rows = rowsOf(trailer);
  const wanted = SIZED_GROUPS.flatMap((group) => {
    const now = rows.find(({ id }) => id === trailer.frame.groups[group].sectionId);
    if (!now) return [];
    const sizeOf = (row: SectionRow) => outsideSize(row.shape);
    const kin = rows
      .filter((row) => row.group === now.group && Math.abs(sizeOf(row).widthM - sizeOf(now).widthM) < 1e-6)
      .flatMap((row) => {
        const bar = barProperties(row);
        return bar ? [{ row, area: bar.nominalAreaM2, modulus: bar.sMinM3 }] : [];
      });
    const own = kin.find(({ row }) => row.id === now.id);
    if (!own) return [];
    // Down: the strongest of the lighter ones. Up: the lightest of the stronger and heavier ones.
    const down = kin.filter(({ area }) => area < own.area).sort((x, y) => y.modulus - x.modulus)[0];
    const up = kin
      .filter(({ area, modulus }) => area > own.area && modulus > own.modulus)
      .sort((x, y) => x.area - y.area)[0];
    return [
      ...(down ? [{ group, direction: 'down' as const, sectionId: down.row.id }] : []),
      ...(up ? [{ group, direction: 'up' as const, sectionId: up.row.id }] : []),
    ];
  });
  let done = 0;
  const suffered = new Set(failsOf(trailer, undefined).map(({ id }) => id));
  function* whole(sections: Sections, changed: boolean): Generator<SizingProgress, SizedDesign, void> {
    const design = changed ? withSections(trailer, sections) : trailer;
    const input = inputOf(design);
    const steps = analysisOf(design, OWN_LOADS, undefined);
    for (;;) {
      const step = steps.next();
      if (!step.done) {
        yield { done, of: wanted.length + 1 };
        continue;
      }
      done += 1;
      const analysis = analysisIn(step.value);
      const worst: Worst = (analysis && sharesOf(analysis)[0]) ?? {
        share: Number.POSITIVE_INFINITY,
        what: 'member',
        memberId: 'rail.left',
        joint: undefined,
        key: undefined,
      };
      const fails = changed ? failsOf(design, step.value).filter(({ id }) => !suffered.has(id)) : [];
      return {
        sections,
        massKg: frameMassKg(input.bare),
        price: framePrice(input),
        worst,
        fails,
        passes: worst.share <= 1 && fails.length === 0,
        railSagM: sagOf(analysis),
      };
    }
  }
  const present = yield* whole(sectionsOf(trailer), false);
  const steps: SizeStep[] = [];
  for (const { group, direction, sectionId } of wanted) {
    const sections = { ...sectionsOf(trailer), [group]: { ...trailer.frame.groups[group], sectionId } };
    steps.push({ group, direction, design: yield* whole(sections, true) });
  }
  return { present, steps };
}
