import { today } from '../../fields/newEntry';
import {
  findSection,
  LEAST_WALL_M,
  METAL_FAMILIES,
  priceEntryOf,
  SECTION_ROWS,
  type Sections,
  type SizingRequest,
  type Trailer,
  withSections,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useEditing } from '../../fields/editing';
import { CheckField, FieldGroup, SelectField } from '../../fields/fields';
import { QuantityField } from '../../fields/QuantityField';
import { NoFigure } from '../../fields/NoFigure';
import { useWorkbench } from '../../bench/workbench';
import { useJobProgress } from '../../jobs/progress';
import { useJob } from '../../jobs/useJob';
import { MetalsTable, OneSizeTable, SizedDesigns } from './SizedAnswers';
import { SizedPieces } from './SizedPieces';
import { t } from '../../fields/language/t';
import { PAGE_LANGUAGE } from '../../fields/language/language';

/** Families of bars on the yard's list that a search may choose from. */
const FAMILIES = [...new Set(SECTION_ROWS.map(({ group }) => group))].filter((group) => /tube/i.test(group));

/** What the search was asked last; its answer is shown until something else is asked. */
type Asked =
  | { readonly kind: 'metals'; readonly steel: SizingRequest; readonly aluminum: SizingRequest }
  | { readonly kind: 'sized'; readonly family: string; readonly request: SizingRequest }
  | { readonly kind: 'steps'; readonly trailer: Trailer }
  | { readonly kind: 'pieces'; readonly trailer: Trailer };

/** How far the jobs are together, each counting alike. */
const SizingProgress = ({
  jobs,
}: {
  readonly jobs: readonly { readonly progressKey: string; readonly current: boolean }[];
}) => {
  const [first, second, around, ofPieces] = jobs.map(({ progressKey }) => progressKey);
  const told = [
    useJobProgress(first ?? ''),
    useJobProgress(second ?? ''),
    useJobProgress(around ?? ''),
    useJobProgress(ofPieces ?? ''),
  ];
  const asked = jobs.flatMap(({ progressKey, current }, i) => {
    const now = told[i];
    return progressKey === '' ? [] : [current ? 1 : now ? now.done / now.of : 0];
  });
  return (
    <progress
      className="progress flex-1"
      value={asked.reduce((sum, share) => sum + share, 0)}
      max={asked.length}
      aria-label={t('Sizing')}
    />
  );
};

/** The searches that were asked for, each with how far it is and what it found last. */
const useSearches = (asked: Asked | undefined) => {
  const first = useJob(
    'size',
    asked?.kind === 'sized' ? asked.request : asked?.kind === 'metals' ? asked.steel : undefined,
    {
      keepsOld: false,
    },
  );
  const second = useJob('size', asked?.kind === 'metals' ? asked.aluminum : undefined, { keepsOld: false });
  const around = useJob('neighbours', asked?.kind === 'steps' ? asked : undefined, {
    dependsOn: [asked?.kind === 'steps' ? asked.trailer : undefined],
    keepsOld: false,
  });
  const pieces = useJob('sizePieces', asked?.kind === 'pieces' ? asked : undefined, {
    dependsOn: [asked?.kind === 'pieces' ? asked.trailer : undefined],
    keepsOld: false,
  });
  const jobs = [first, second, around, pieces];
  const working = jobs.some((job) => job.working);
  return { first, second, around, pieces, jobs, working };
};

/** What metal costs: a fact of the record, outside undo. */
const PriceFields = () => {
  const { trailer } = useEditing();
  const { projectStore } = useWorkbench('projectStore');
  const prices = trailer.pricesPerKg;
  // A price seen is a fact of the record: undo does not take it back, a new one sets the old one right.
  const setPrice = (metal: 'steel' | 'aluminum', price: number | null): void => {
    const before = priceEntryOf(projectStore.projectNow().record, metal);
    projectStore.note({
      kind: 'price',
      id: `price.${nanoid(8)}`,
      date: today(),
      family: metal,
      perKg: price,
      ...(before ? { corrects: before.id } : {}),
    });
  };

  return (['steel', 'aluminum'] as const).map((metal) => (
    <QuantityField
      key={metal}
      label={t('A kg of {metal} costs, {currency}', { metal, currency: trailer.settings.currency })}
      kind="number"
      value={prices[metal]}
      min={0}
      max={10000}
      onCommit={(price) => setPrice(metal, price)}
      onClear={() => setPrice(metal, null)}
    />
  ));
};

/** "Size it for me": lightest or cheapest bars that pass, one size up and down, and a click to try any of them. */
export const Sizing = () => {
  const { trailer, edit, readOnly } = useEditing();
  const { say } = useWorkbench('say');
  const present = findSection(trailer, trailer.frame.groups.rail.sectionId);
  const presentFamily = SECTION_ROWS.find(({ id }) => id === present?.id)?.group ?? FAMILIES[0] ?? '';
  const [family, setFamily] = useState(presentFamily);
  const [aim, setAim] = useState<'mass' | 'price'>('mass');
  const ownTubes = trailer.ownRows.sections;
  const [ownToo, setOwnToo] = useState(true);
  const [flush, setFlush] = useState(true);
  const [badly, setBadly] = useState(false);
  const [leastWallM, setLeastWallM] = useState<number>(LEAST_WALL_M[trailer.settings.units]);
  const [asked, ask] = useState<Asked | undefined>(undefined);
  const { first, second, around, pieces, jobs, working } = useSearches(asked);
  const prices = trailer.pricesPerKg;
  const name = (id: string): string => findSection(trailer, id)?.designation ?? id;
  const money = (price: number | undefined): string =>
    price === undefined ? '' : `${Math.round(price).toLocaleString(PAGE_LANGUAGE)} ${trailer.settings.currency}`;

  const words = { say, money, name };
  const requestFor = (wanted: string): SizingRequest => {
    const metal = SECTION_ROWS.find(({ group }) => group === wanted)?.family;
    const ids = [
      ...SECTION_ROWS.filter(({ group }) => group === wanted),
      ...(ownToo ? ownTubes.filter((row) => row.family === metal) : []),
    ].map(({ id }) => id);
    return { trailer, candidates: { rail: ids, header: ids, cross: ids, tongue: ids }, aim, leastWallM, flush, badly };
  };
  const size = (): void => ask({ kind: 'sized', family, request: requestFor(family) });
  const metals = (): void => {
    const families = METAL_FAMILIES[trailer.settings.units];
    ask({ kind: 'metals', steel: requestFor(families.steel), aluminum: requestFor(families.aluminum) });
  };
  const compare = (): void => ask({ kind: 'steps', trailer });
  const take = (label: string, sections: Sections): void => edit(label, (current) => withSections(current, sections));
  return (
    <FieldGroup title={t('Size it for me')}>
      <SelectField
        label={t('Choose from')}
        value={family}
        options={FAMILIES.map((group) => ({ value: group, text: group }))}
        onCommit={setFamily}
      />
      <SelectField
        label={t('Least')}
        value={aim}
        options={[
          { value: 'mass', text: t('Weight') },
          { value: 'price', text: t('Money') },
        ]}
        onCommit={(value) => setAim(value)}
        {...(aim === 'price' && (prices.steel === null || prices.aluminum === null)
          ? { hint: t('Say what a kilogram costs, below') }
          : {})}
      />
      <QuantityField
        label={t('Walls at least')}
        kind="length"
        value={leastWallM}
        min={0.0005}
        max={0.02}
        onCommit={setLeastWallM}
      />
      {ownTubes.length > 0 && (
        <CheckField label={t('Your own tubes of that metal, too')} checked={ownToo} onCommit={setOwnToo} />
      )}
      <CheckField label={t('Headers as deep as rails')} checked={flush} onCommit={setFlush} />
      <CheckField label={t('Must bear its plate badly loaded, too')} checked={badly} onCommit={setBadly} />
      <PriceFields />
      <button type="button" className="button button-main" disabled={readOnly || working} onClick={size}>
        {t('Size it')}
      </button>
      <button type="button" className="button" disabled={readOnly || working} onClick={compare}>
        {t('One size up or down')}
      </button>
      <button type="button" className="button col-span-2" disabled={readOnly || working} onClick={metals}>
        {t('Steel against aluminum')}
      </button>
      {trailer.frame.pieces.length > 0 && (
        <button
          type="button"
          className="button col-span-2"
          disabled={readOnly || working}
          onClick={() => ask({ kind: 'pieces', trailer })}
        >
          {t('Body and add-ons')}
        </button>
      )}
      {working && (
        <div className="col-span-2 flex items-center gap-3" role="status">
          <SizingProgress jobs={jobs} />
          <button type="button" className="button" onClick={() => ask(undefined)}>
            {t('Stop')}
          </button>
        </div>
      )}
      {jobs.some(({ failed }) => failed) && <NoFigure what={t('a lighter frame')} />}
      {asked?.kind === 'sized' && first.result && (
        <SizedDesigns result={first.result} family={asked.family} words={words} take={take} />
      )}
      {asked?.kind === 'metals' && first.result && second.result && (
        <MetalsTable steel={first.result} aluminum={second.result} words={words} take={take} />
      )}
      {asked?.kind === 'pieces' && pieces.result && <SizedPieces sized={pieces.result} words={words} />}
      {asked?.kind === 'steps' && around.result && <OneSizeTable {...around.result} words={words} take={take} />}
    </FieldGroup>
  );
};
