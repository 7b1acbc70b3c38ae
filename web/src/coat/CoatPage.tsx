import {
  AGE_SOURCE,
  BEFORE_WELDING,
  CLEAN_SOURCE,
  COAT_SOURCE,
  COATING_HOW,
  COATING_NAMES,
  type CoatingChoice,
  coatingChoice,
  coatingFigures,
  type CoatingSystem,
  CONTACT_TEXT,
  contactsOf,
  deckSeal,
  DRAIN_M,
  DRAIN_SOURCE,
  evaluate,
  type Evaluation,
  formatArea,
  formatLiquid,
  formatNumber,
  hoursText,
  NO_CHLORINE,
  SEAL_SOURCE,
  sourceText,
  speaker,
  type Speaker,
  type Surroundings,
  SURROUNDINGS_NAMES,
  surfacesOf,
  VENT_SOURCE,
  ventRows,
  ZINC_LOSS_SOURCE,
  ZINC_SOURCE,
  zincOf,
} from '@kereta/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { PageHead } from '../fields/PageHead';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { useFieldContext } from '../bench/useFieldContext';
import { useSession } from '../bench/useSession';
import { EditingContext } from '../fields/editing';
import { SelectField } from '../fields/fields';
import { Sized } from '../fields/Sized';
import type { ReadableTrailer } from '../storage/trailers';
import { figures as inFigures, t, voice } from '../fields/language/t';

const SECTION = 'border-t border-[var(--ink)] py-3';
const HEAD = 'mb-1 text-[17px] font-bold';
const SMALL = 'narrow mute mt-1 text-[13px]';

interface PartProps {
  readonly evaluation: Evaluation;
  readonly say: Speaker;
}

const METALS = { steel: t('Steel'), aluminum: t('Aluminum') } as const;

/** What there is to coat, outside and inside. */
const Areas = ({ evaluation, say }: PartProps) => {
  const { units } = say.trailer.settings;
  const surfaces = surfacesOf(evaluation.chassis);
  const metals = (['steel', 'aluminum'] as const).filter((metal) => surfaces[metal].outsideM2 > 0);
  return (
    <section aria-label={t('Areas')} className={SECTION}>
      <h2 className={HEAD}>{t('How much there is')}</h2>
      <table className="narrow w-full text-[14.5px]" aria-label={t('Areas by metal')}>
        <thead>
          <tr className="mute text-left">
            <th className="font-normal">{t('Metal')}</th>
            <th className="text-right font-normal">{t('Outside')}</th>
            <th className="text-right font-normal">{t('Inside, open at an end')}</th>
            <th className="text-right font-normal">{t('Inside, shut')}</th>
          </tr>
        </thead>
        <tbody>
          {metals.map((metal) => (
            <tr key={metal} className="border-t border-base-300">
              <td className="py-1">{METALS[metal]}</td>
              {[surfaces[metal].outsideM2, surfaces[metal].openInsideM2, surfaces[metal].shutInsideM2].map(
                (area, i) => (
                  // oxlint-disable-next-line react/no-array-index-key -- columns of a table
                  <td key={i} className="text-right">
                    {inFigures(formatArea(area, units))}
                  </td>
                ),
              )}
            </tr>
          ))}
        </tbody>
      </table>
      <p className={SMALL}>
        {t(
          'Worked out from every bar’s section and length, plates and sheets on both sides; what saws and joints cover is not taken off.',
        )}
        {surfaces.steel.openInsideM2 > 0 &&
          ` ${t('Open insides of steel rust from within: cap them with a drain left low, or reach in as far as a swab goes.')}`}
      </p>
    </section>
  );
};

const yearsText = ([least, most]: readonly [number, number]): string =>
  least >= 50
    ? t('more than 50 years')
    : t('{least} to {most} years', {
        least: inFigures(formatNumber(least, least < 3 ? 1 : 0)),
        most: most > 50 ? t('more than 50') : inFigures(formatNumber(most, 0)),
      });

const SYSTEMS = (Object.keys(COATING_NAMES) as CoatingSystem[]).map((value) => ({
  value,
  text: t(COATING_NAMES[value]),
}));
const PLACES = (Object.keys(SURROUNDINGS_NAMES) as Surroundings[]).map((value) => ({
  value,
  text: t(SURROUNDINGS_NAMES[value]),
}));

interface SystemPartProps extends PartProps {
  readonly choice: CoatingChoice;
  readonly onChoose: (choice: CoatingChoice) => void;
}

/** How its steel is kept from rust: all ways side by side, and what the chosen one takes. */
const SystemPart = ({ evaluation, say, choice, onChoose }: SystemPartProps) => {
  const { units } = say.trailer.settings;
  const { chassis } = evaluation;
  const figures = coatingFigures(chassis, choice);
  const zinc = choice.system === 'galvanized' ? zincOf(chassis) : undefined;
  const liquids = [
    ...(figures.primerM3 > 0
      ? [t('{primer} of primer', { primer: inFigures(formatLiquid(figures.primerM3, units)) })]
      : []),
    ...(figures.paintM3 > 0 ? [t('{paint} of paint', { paint: inFigures(formatLiquid(figures.paintM3, units)) })] : []),
  ];
  return (
    <section aria-label={t('Coating')} className={SECTION}>
      <h2 className={HEAD}>{t('How it is kept from rust')}</h2>
      <div className="no-print grid grid-cols-2 gap-3 max-[600px]:grid-cols-1">
        <SelectField
          label={t('Steel is coated with')}
          value={choice.system}
          options={SYSTEMS}
          onCommit={(system) => onChoose({ ...choice, system })}
        />
        <SelectField
          label={t('The trailer lives')}
          value={choice.where}
          options={PLACES}
          onCommit={(where) => onChoose({ ...choice, where })}
        />
      </div>
      <table className="narrow mt-2 w-full text-[14.5px]" aria-label={t('Ways of coating')}>
        <caption className="mute text-left text-[13.5px]">
          {t('Until rust shows at edges and welds, {surroundings}:', {
            surroundings: t(SURROUNDINGS_NAMES[choice.where]),
          })}
        </caption>
        <tbody>
          {SYSTEMS.filter(({ value }) => value !== 'none').map(({ value, text }) => {
            const { years } = coatingFigures(chassis, { ...choice, system: value });
            return (
              <tr key={value} className={`border-t border-base-300 ${value === choice.system ? 'font-bold' : ''}`}>
                <td className="py-1">
                  {value === choice.system ? '▸ ' : ''}
                  {text}
                </td>
                <td className="text-right whitespace-nowrap">{years ? yearsText(years) : ''}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-2 text-[14.5px]" role="status">
        <b>{t(COATING_NAMES[choice.system]).replace(/^./, (first) => first.toUpperCase())}:</b>{' '}
        {choice.system === 'none'
          ? t('nothing is bought for it.')
          : [
              ...liquids,
              t('cleaning {cleanHours}', { cleanHours: hoursText(figures.cleanHours, voice) }),
              liquids.length > 0
                ? t('coating {coatHours}', { coatHours: hoursText(figures.coatHours, voice) })
                : t('there and back {coatHours}', { coatHours: hoursText(figures.coatHours, voice) }),
              ...(zinc
                ? [t('zinc adds about {mass}, which no weight here has in it', { mass: say.mass(zinc.massKg) })]
                : []),
            ].join(', ') + '.'}
      </p>
      <ul className="list-inside list-disc text-[14.5px]">
        {COATING_HOW[choice.system].map((line) => (
          <li key={line}>{t(line)}</li>
        ))}
      </ul>
      <p className={SMALL}>
        {t('{age}. Zinc: {zinc}; {zinc2}. {coat}. {clean}.', {
          age: sourceText(AGE_SOURCE, voice),
          zinc: sourceText(ZINC_SOURCE, voice),
          zinc2: sourceText(ZINC_LOSS_SOURCE, voice),
          coat: sourceText(COAT_SOURCE, voice),
          clean: sourceText(CLEAN_SOURCE, voice),
        })}
      </p>
    </section>
  );
};

/** Holes before paint or bath, by section. */
const Holes = ({ evaluation, say, bath }: PartProps & { readonly bath: boolean }) => {
  const rows = ventRows(evaluation.chassis);
  if (rows.length === 0) return null;
  const marksOf = (memberIds: readonly string[]): string =>
    [
      ...new Set(
        evaluation.cutList.rows
          .filter((row) => row.memberIds.some((id) => memberIds.includes(id)))
          .map(({ mark }) => mark),
      ),
    ].join(', ');
  return (
    <section aria-label={t('Holes')} className={SECTION}>
      <h2 className={HEAD}>{t('Holes in tubes that are shut')}</h2>
      {bath ? (
        <>
          <table className="narrow w-full text-[14.5px]" aria-label={t('Holes for galvanizing')}>
            <thead>
              <tr className="mute text-left">
                <th className="font-normal">{t('Tube')}</th>
                <th className="font-normal">{t('Pieces')}</th>
                <th className="text-right font-normal">{t('Shut ends')}</th>
                <th className="text-right font-normal">{t('Holes, each at least')}</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ designation, memberIds, ends, holes, diameterM }) => (
                <tr key={designation} className="border-t border-base-300">
                  <td className="py-1">{designation}</td>
                  <td>{marksOf(memberIds)}</td>
                  <td className="text-right">{ends}</td>
                  <td className="text-right">
                    {holes} × <Sized>{say.length(diameterM)}</Sized>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-1 text-[14.5px]">
            {t(
              'Two to each end, in corners across from each other, as near to the end as a drill gets: one lets the zinc in, the other the air out. A hole into the tube that it is welded to serves as well, drilled before they are joined. The galvanizer’s own table governs.',
            )}
          </p>
          <p className={SMALL}>{sourceText(VENT_SOURCE, voice)}.</p>
        </>
      ) : (
        <>
          <p className="text-[14.5px]">
            {t('For paint one drain of')} <Sized>{say.length(DRAIN_M)}</Sized>{' '}
            {t('in the underside, at the low end of each:')}{' '}
            {rows.map(({ memberIds }) => marksOf(memberIds)).join(', ')}
            {t('. Water gets into every tube; it has to get out.')}
          </p>
          <p className={SMALL}>{sourceText(DRAIN_SOURCE, voice)}.</p>
        </>
      )}
    </section>
  );
};

const Coat = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const session = useSession(id, stored);
  const editing = useFieldContext(session.projectStore);
  const { trailer, edit } = editing;
  const evaluation = useMemo(() => evaluate(trailer), [trailer]);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const { chassis, cutList } = evaluation;
  const choice = coatingChoice(trailer, chassis);
  const surfaces = surfacesOf(chassis);
  const metals = (['steel', 'aluminum'] as const).filter((metal) => surfaces[metal].outsideM2 > 0);
  const steel = surfaces.steel.outsideM2 > 0;
  const contacts = contactsOf(trailer, chassis);
  const seal = deckSeal(trailer, chassis, cutList);
  const { units } = trailer.settings;
  return (
    <EditingContext value={editing}>
      <div className="mx-auto max-w-[860px] px-4 pb-24">
        <PageHead
          title={t('{name}, coating and sealing', { name: trailer.name })}
          back={`/trailer/${id}/build?task=coat`}
          print={t('Print')}
        />
        <SessionNotes
          session={session}
          onlyLooked={t('coating can be looked at here, not changed')}
          unsaved={t('how it is coated')}
        />
        <Areas evaluation={evaluation} say={say} />
        {steel ? (
          <SystemPart
            evaluation={evaluation}
            say={say}
            choice={choice}
            onChoose={(coating) => edit(t('how it is coated'), (now) => ({ ...now, coating: { ...coating } }))}
          />
        ) : (
          <p className="border-t border-[var(--ink)] py-3 text-[14.5px]">
            {t(
              'No steel in the frame: aluminum is left bare. Where it is painted all the same, it is etched and primed for it.',
            )}
          </p>
        )}
        <section aria-label={t('Before welding')} className={SECTION}>
          <h2 className={HEAD}>{t('What comes off before you weld')}</h2>
          <ul className="list-inside list-disc text-[14.5px]">
            {[...metals.flatMap((metal) => BEFORE_WELDING[metal]), NO_CHLORINE].map((line) => (
              <li key={line}>{t(line)}</li>
            ))}
          </ul>
        </section>
        <Holes evaluation={evaluation} say={say} bath={choice.system === 'galvanized'} />
        {contacts.length > 0 && (
          <section aria-label={t('What meets what')} className={SECTION}>
            <h2 className={HEAD}>{t('What meets what')}</h2>
            <ul className="list-inside list-disc text-[14.5px]">
              {contacts.map(({ code, lengthM }) => (
                <li key={code}>
                  {t(CONTACT_TEXT[code])}
                  {lengthM !== undefined && (
                    <>
                      {' '}
                      {t('Here')} <Sized>{say.ground(lengthM)}</Sized> {t('of tape.')}
                    </>
                  )}
                </li>
              ))}
            </ul>
          </section>
        )}
        {seal && (
          <section aria-label={t('Deck')} className={SECTION}>
            <h2 className={HEAD}>{t('Deck')}</h2>
            <p className="text-[14.5px]">
              {t('{of}: {areaM2} with undersides,', {
                of: seal.of === 'planks' ? t('Boards') : t('Sheets'),
                areaM2: inFigures(formatArea(seal.areaM2, units)),
              })}{' '}
              <Sized>{say.ground(seal.edgesM)}</Sized>{' '}
              {t(
                'of edges; {sealer} of sealer. Seal ends and edges before they are screwed down, and every hole that is drilled later.',
                { sealer: inFigures(formatLiquid(seal.sealerM3, units)) },
              )}
            </p>
            <p className="text-[14.5px]">
              {t('Gap')}{' '}
              <Sized>
                {seal.gapM[0] === seal.gapM[1]
                  ? t('{gap} all about each sheet', { gap: say.length(seal.gapM[0]) })
                  : t('{gap} to {gap2} between boards', {
                      gap: say.length(seal.gapM[0]),
                      gap2: say.length(seal.gapM[1]),
                    })}
              </Sized>
              {t(': wet wood needs less, dry wood more.')}
            </p>
            <p className={SMALL}>{sourceText(SEAL_SOURCE, voice)}.</p>
          </section>
        )}
        <p className="no-print border-t border-[var(--ink)] py-3 text-[14.5px]">
          {t('Paint, tape and sealer stand on the')}{' '}
          <Link className="underline" to={`/trailer/${id}/buy`}>
            {t('purchase list')}
          </Link>
          {t(', hours in the plan.')}
        </p>
      </div>
    </EditingContext>
  );
};

export const CoatPage = () => <TrailerPage>{(id, stored) => <Coat id={id} stored={stored} />}</TrailerPage>;
