import {
  findSection,
  priceEntryOf,
  inches,
  millimetres,
  SECTION_ROWS,
  SIZED_GROUPS,
  type SizedDesign,
  type SizingResult,
  type SizeStep,
  type Sections,
  type Speaker,
  withSections,
  formatPercent,
  worstName,
  BAR_GROUP_NAMES,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import { useRef, useState } from 'react';
import { useEditing } from '../../ui/editing';
import { CheckField, FieldGroup, SelectField } from '../../ui/fields';
import { QuantityField } from '../../ui/QuantityField';
import { NoFigure } from '../../ui/NoFigure';
import { useWorkbench } from '../../workbench/workbench';
import { longJob } from '../../workers/strengthWorker';

/** Families of bars on the yard's list that a search may choose from. */
const FAMILIES = [...new Set(SECTION_ROWS.map(({ group }) => group))].filter((group) => /tube/i.test(group));

/** One family in steel and one in aluminum, in the sizes of the project's own units. */
const METAL_FAMILIES = {
  imperial: { steel: 'Structural tube, A500', aluminum: 'Aluminum tube, inch' },
  metric: { steel: 'Cold-formed tube, EN 10219', aluminum: 'Aluminum tube, mm' },
} as const;

type Answer =
  | { readonly kind: 'metals'; readonly steel: SizingResult; readonly aluminum: SizingResult }
  | { readonly kind: 'sized'; readonly family: string; readonly result: SizingResult }
  | { readonly kind: 'steps'; readonly present: SizedDesign; readonly steps: readonly SizeStep[] };

type Running = { readonly done: number; readonly of: number } | undefined;

/** Thinner walls burn through under a usual shop welder (common practice). */
const LEAST_WALL_M = { imperial: inches(1 / 16), metric: millimetres(2) } as const;

interface Words {
  readonly say: Speaker;
  readonly money: (price: number | undefined) => string;
  readonly name: (sectionId: string) => string;
}

/** What the two metals are compared by. */
const METAL_ROWS: readonly {
  readonly label: string;
  readonly of: (design: SizedDesign, present: SizedDesign, words: Words) => string;
}[] = [
  { label: 'Frame weighs', of: ({ massKg }, _present, { say }) => say.mass(massKg) },
  {
    label: 'Payload gained on the present frame',
    of: ({ massKg }, present, { say }) =>
      massKg <= present.massKg ? say.mass(present.massKg - massKg) : `none, ${say.mass(massKg - present.massKg)} less`,
  },
  {
    label: 'Metal costs',
    of: ({ price }, _present, { money }) => (price === undefined ? 'no price given' : money(price)),
  },
  {
    label: 'Rails bend under the load',
    of: ({ railSagM }, _present, { say }) =>
      railSagM === undefined ? 'no load' : `${(railSagM * 1000).toFixed(1)} mm (${say.length(railSagM)})`,
  },
  {
    label: 'Hardest',
    of: ({ worst }, _present, { say }) => `${worstName(worst, say)} ${formatPercent(worst.share, 0)}`,
  },
  {
    label: 'Bars',
    of: ({ sections }, _present, { name }) =>
      SIZED_GROUPS.map((group) => `${BAR_GROUP_NAMES[group].toLowerCase()} ${name(sections[group].sectionId)}`).join(
        ', ',
      ),
  },
];

/** "Size it for me": lightest or cheapest bars that pass, one size up and down, and a click to try any of them. */
export const Sizing = () => {
  const { trailer, edit, readOnly } = useEditing();
  const { say, projectStore } = useWorkbench();
  const present = findSection(trailer, trailer.frame.groups.rail.sectionId);
  const presentFamily = SECTION_ROWS.find(({ id }) => id === present?.id)?.group ?? FAMILIES[0] ?? '';
  const [family, setFamily] = useState(presentFamily);
  const [aim, setAim] = useState<'mass' | 'price'>('mass');
  const ownTubes = trailer.ownRows.sections;
  const [ownToo, setOwnToo] = useState(true);
  const [flush, setFlush] = useState(true);
  const [badly, setBadly] = useState(false);
  const [leastWallM, setLeastWallM] = useState<number>(LEAST_WALL_M[trailer.settings.units]);
  const [running, setRunning] = useState<Running>(undefined);
  const [answer, setAnswer] = useState<Answer | undefined>(undefined);
  const [failed, setFailed] = useState(false);
  const job = useRef<AbortController | undefined>(undefined);
  const prices = trailer.pricesPerKg;
  const name = (id: string): string => findSection(trailer, id)?.designation ?? id;
  const money = (price: number | undefined): string =>
    price === undefined ? '' : `${Math.round(price).toLocaleString('en-US')} ${trailer.settings.currency}`;

  const run = async (
    start: (signal: AbortSignal, onProgress: (done: number, of: number) => void) => Promise<Answer>,
  ): Promise<void> => {
    job.current?.abort();
    const own = new AbortController();
    job.current = own;
    setRunning({ done: 0, of: 1 });
    setAnswer(undefined);
    setFailed(false);
    try {
      const found = await start(own.signal, (done, of) => setRunning({ done, of }));
      if (!own.signal.aborted) setAnswer(found);
    } catch {
      if (!own.signal.aborted) setFailed(true);
    } finally {
      if (job.current === own) setRunning(undefined);
    }
  };
  const sizeIn = async (
    wanted: string,
    signal: AbortSignal,
    onProgress: (done: number, of: number) => void,
  ): Promise<SizingResult> => {
    const metal = SECTION_ROWS.find(({ group }) => group === wanted)?.family;
    const ids = [
      ...SECTION_ROWS.filter(({ group }) => group === wanted),
      ...(ownToo ? ownTubes.filter((row) => row.family === metal) : []),
    ].map(({ id }) => id);
    return longJob<SizingResult>(
      (worker, ticket, report) =>
        worker.size(
          ticket,
          { trailer, candidates: { rail: ids, header: ids, cross: ids, tongue: ids }, aim, leastWallM, flush, badly },
          report,
        ),
      onProgress,
      signal,
    );
  };
  const size = (): void =>
    void run(async (signal, onProgress) => ({
      kind: 'sized',
      family,
      result: await sizeIn(family, signal, onProgress),
    }));
  const metals = (): void =>
    void run(async (signal, onProgress) => {
      const families = METAL_FAMILIES[trailer.settings.units];
      const steel = await sizeIn(families.steel, signal, (done, of) => onProgress(done, 2 * of));
      const aluminum = await sizeIn(families.aluminum, signal, (done, of) => onProgress(of + done, 2 * of));
      return { kind: 'metals', steel, aluminum };
    });
  const compare = (): void =>
    void run(async (signal, onProgress) => {
      const found = await longJob<{ readonly present: SizedDesign; readonly steps: readonly SizeStep[] }>(
        (worker, ticket, report) => worker.neighbours(ticket, trailer, report),
        onProgress,
        signal,
      );
      return { kind: 'steps', ...found };
    });
  const take = (label: string, sections: Sections): void => edit(label, (current) => withSections(current, sections));
  // A price seen is a fact of the record: undo does not take it back, a new one sets the old one right.
  const setPrice = (metal: 'steel' | 'aluminum', price: number | null): void => {
    const before = priceEntryOf(projectStore.projectNow().record, metal);
    projectStore.note({
      kind: 'price',
      id: `price.${nanoid(8)}`,
      date: new Date().toISOString().slice(0, 10),
      family: metal,
      perKg: price,
      ...(before ? { corrects: before.id } : {}),
    });
  };

  return (
    <FieldGroup title="Size it for me">
      <SelectField
        label="Choose from"
        value={family}
        options={FAMILIES.map((group) => ({ value: group, text: group }))}
        onCommit={setFamily}
      />
      <SelectField
        label="Least"
        value={aim}
        options={[
          { value: 'mass', text: 'Weight' },
          { value: 'price', text: 'Money' },
        ]}
        onCommit={(value) => setAim(value as 'mass' | 'price')}
        {...(aim === 'price' && (prices.steel === null || prices.aluminum === null)
          ? { hint: 'Say what a kilogram costs, below' }
          : {})}
      />
      <QuantityField
        label="Walls at least"
        kind="length"
        value={leastWallM}
        min={0.0005}
        max={0.02}
        onCommit={setLeastWallM}
      />
      {ownTubes.length > 0 && (
        <CheckField label="Your own tubes of that metal, too" checked={ownToo} onCommit={setOwnToo} />
      )}
      <CheckField label="Headers as deep as rails" checked={flush} onCommit={setFlush} />
      <CheckField label="Must bear its plate badly loaded, too" checked={badly} onCommit={setBadly} />
      {(['steel', 'aluminum'] as const).map((metal) => (
        <QuantityField
          key={metal}
          label={`A kg of ${metal} costs, ${trailer.settings.currency}`}
          kind="number"
          value={prices[metal]}
          min={0}
          max={10000}
          onCommit={(price) => setPrice(metal, price)}
          onClear={() => setPrice(metal, null)}
        />
      ))}
      <button type="button" className="button button-main" disabled={readOnly || running !== undefined} onClick={size}>
        Size it
      </button>
      <button type="button" className="button" disabled={readOnly || running !== undefined} onClick={compare}>
        One size up or down
      </button>
      <button type="button" className="button col-span-2" disabled={readOnly || running !== undefined} onClick={metals}>
        Steel against aluminum
      </button>
      {running && (
        <div className="col-span-2 flex items-center gap-3" role="status">
          <progress className="progress flex-1" value={running.done} max={running.of} aria-label="Sizing" />
          <button type="button" className="button" onClick={() => job.current?.abort()}>
            Stop
          </button>
        </div>
      )}
      {failed && <NoFigure what="a lighter frame" />}
      {answer?.kind === 'sized' && (
        <div className="col-span-2" data-testid="sizing-result">
          {answer.result.best.length === 0 ? (
            <p className="narrow text-[14px]">
              Nothing was found in “{answer.family}” that passes everything. Shorten what is long, take a stronger
              family, or a lower gross on the plate.
            </p>
          ) : (
            <ul>
              {answer.result.best.map((design, index) => (
                <li
                  key={SIZED_GROUPS.map((group) => design.sections[group].sectionId).join()}
                  className="border-t border-base-300 py-2"
                >
                  <p className="flex justify-between text-[14px] font-semibold">
                    <span>
                      {say.mass(design.massKg)}
                      {design.price !== undefined && `, ${money(design.price)}`}
                    </span>
                    <span>
                      {design.massKg <= answer.result.present.massKg
                        ? `${say.mass(answer.result.present.massKg - design.massKg)} lighter, as much more payload`
                        : `${say.mass(design.massKg - answer.result.present.massKg)} heavier`}
                    </span>
                  </p>
                  <p className="narrow text-[13px] leading-[18px]">
                    {SIZED_GROUPS.map(
                      (group) => `${BAR_GROUP_NAMES[group]} ${name(design.sections[group].sectionId)}`,
                    ).join(' · ')}
                  </p>
                  <p className="narrow mute text-[13px]">
                    Hardest: {worstName(design.worst, say)}, {formatPercent(design.worst.share, 0)}
                  </p>
                  <button
                    type="button"
                    className="button mt-1"
                    disabled={readOnly}
                    onClick={() => take(`try sizes ${index + 1}`, design.sections)}
                  >
                    Try this
                  </button>
                </li>
              ))}
            </ul>
          )}
          <p className="narrow mute border-t border-base-300 pt-1 text-[13px]">
            {answer.result.proved
              ? 'Proved: every lighter combination was looked at and fails.'
              : `Found by a search of ${answer.result.looked} combinations${answer.result.settled ? ': no swap of one group or two is lighter and passes' : ''}; a lighter one may exist.`}{' '}
            The present frame: {say.mass(answer.result.present.massKg)},{' '}
            {formatPercent(answer.result.present.worst.share, 0)}.
          </p>
        </div>
      )}
      {answer?.kind === 'metals' && (
        <div className="col-span-2">
          <table className="narrow w-full text-[13px]" aria-label="Steel against aluminum">
            <thead>
              <tr className="text-left">
                <th>
                  <span className="sr-only">What</span>
                </th>
                <th className="text-right">Steel</th>
                <th className="text-right">Aluminum</th>
              </tr>
            </thead>
            <tbody>
              {METAL_ROWS.map(({ label, of }) => (
                <tr key={label} className="border-t border-base-300 align-top">
                  <td className="py-1">{label}</td>
                  {[answer.steel, answer.aluminum].map((result, index) => (
                    <td key={index === 0 ? 'steel' : 'aluminum'} className="py-1 text-right">
                      {result.best[0] ? of(result.best[0], result.present, { say, money, name }) : 'nothing found'}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          <div className="mt-1 grid grid-cols-2 gap-2">
            {(
              [
                ['steel', answer.steel],
                ['aluminum', answer.aluminum],
              ] as const
            ).map(([metal, { best }]) => (
              <button
                key={metal}
                type="button"
                className="button"
                disabled={readOnly || best[0] === undefined}
                onClick={() => best[0] && take(`try it in ${metal}`, best[0].sections)}
              >
                Try {metal}
              </button>
            ))}
          </div>
          <p className="narrow mute mt-1 text-[13px]">
            Aluminum counts at its welded strength within 25 mm of every weld, and bends three times as far as steel of
            the same size.
          </p>
        </div>
      )}
      {answer?.kind === 'steps' && (
        <table className="narrow col-span-2 text-[13px]" aria-label="One size up or down">
          <thead>
            <tr className="mute text-left">
              <th className="font-normal">Change</th>
              <th className="text-right font-normal">Frame</th>
              <th className="text-right font-normal">Hardest</th>
              <th>
                <span className="sr-only">Try</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr className="border-t border-base-300">
              <td>As it is</td>
              <td className="text-right">{say.mass(answer.present.massKg)}</td>
              <td className="text-right" colSpan={2}>
                {formatPercent(answer.present.worst.share, 0)}
              </td>
            </tr>
            {answer.steps.map(({ group, direction, design }) => (
              <tr key={group + direction} className="border-t border-base-300">
                <td className="py-1">
                  {BAR_GROUP_NAMES[group]} {direction}: {name(design.sections[group].sectionId)}
                </td>
                <td className="text-right whitespace-nowrap">
                  {say.mass(design.massKg)}
                  {design.price !== undefined && <span className="mute block">{money(design.price)}</span>}
                </td>
                <td className="text-right">
                  {formatPercent(design.worst.share, 0)}
                  <span className="mute block">{worstName(design.worst, say)}</span>
                </td>
                <td className="text-right">
                  <button
                    type="button"
                    className="button"
                    disabled={readOnly}
                    aria-label={`Try ${BAR_GROUP_NAMES[group].toLowerCase()} ${direction}`}
                    onClick={() =>
                      take(`${BAR_GROUP_NAMES[group].toLowerCase()} one size ${direction}`, design.sections)
                    }
                  >
                    Try
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </FieldGroup>
  );
};
