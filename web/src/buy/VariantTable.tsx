import {
  formatArea,
  formatMoney,
  findSection,
  type LedgerLine,
  type Speaker,
  type Trailer,
  type Variant,
  type VariantFigures,
  withSections,
} from '@kereta/core';
import { useState } from 'react';
import { useEditing } from '../fields/editing';
import { HeadRow } from '../fields/HeadRow';
import { NoFigure } from '../fields/NoFigure';
import { useJobProgress } from '../jobs/progress';
import { useJob } from '../jobs/useJob';
import { figures as inFigures, inner, t } from '../fields/language/t';

interface RowProps {
  readonly name: string;
  readonly figures: VariantFigures;
  readonly trailer: Trailer;
  readonly say: Speaker;
}

const priceOf = ({ metalPrice, weldingPrice, coatingPrice }: VariantFigures): number | null =>
  metalPrice === null || weldingPrice === null || coatingPrice === null
    ? null
    : metalPrice + weldingPrice + coatingPrice;

const Row = ({ name, figures, trailer, say }: RowProps) => {
  const money = (sum: number | null): string =>
    sum === null ? '–' : inFigures(formatMoney(sum, trailer.settings.currency));
  const cells = [
    say.mass(figures.metalKg),
    money(figures.metalPrice),
    say.mass(figures.wireKg),
    money(figures.weldingPrice),
    figures.coatedM2 > 0 ? inFigures(formatArea(figures.coatedM2, trailer.settings.units)) : 'nothing',
    money(figures.coatingPrice),
    money(priceOf(figures)),
  ];
  return (
    <tr className="border-t border-base-300 text-right">
      <th scope="row" className="py-1 text-left font-normal">
        {name}
      </th>
      {HEADS.map((head, i) => (
        <td key={head} className="pl-2 whitespace-nowrap">
          {cells[i]}
        </td>
      ))}
    </tr>
  );
};

const HEADS = [
  t('Metal'),
  'costs',
  t('Wire'),
  t('welding costs'),
  t('To paint'),
  t('paint costs'),
  t('Together'),
] as const;

const Progress = ({ jobKey }: { readonly jobKey: string }) => {
  const now = useJobProgress(jobKey);
  return (
    <progress className="progress" value={now?.done ?? 0} max={now?.of ?? 1} aria-label={t('Comparing designs')} />
  );
};

/** The frame as it is beside the lightest ones of steel and of aluminum that pass, with their welding and paint. */
export const VariantTable = ({ lines, say }: { readonly lines: readonly LedgerLine[]; readonly say: Speaker }) => {
  const { trailer, edit, readOnly } = useEditing();
  const [asked, ask] = useState<{ readonly trailer: Trailer; readonly lines: readonly LedgerLine[] }>();
  const { result, working, failed, progressKey } = useJob('variants', asked, { keepsOld: false });
  const named = ({ sections }: Variant): string =>
    [
      ...new Set(
        Object.values(sections).map(({ sectionId }) => findSection(trailer, sectionId)?.designation ?? sectionId),
      ),
    ].join(', ');
  const variants = [
    [t('Lightest in steel'), result?.steel],
    [t('Lightest in aluminum'), result?.aluminum],
  ] as const;
  return (
    <section aria-label={t('Other designs')} className="no-print mt-5">
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="text-[17px] font-bold">{t('Other designs')}</h2>
        <button type="button" className="button" disabled={working} onClick={() => ask({ trailer, lines })}>
          {t('Compare steel and aluminum')}
        </button>
        {working && (
          <>
            <Progress jobKey={progressKey} />
            <button type="button" className="button" onClick={() => ask(undefined)}>
              {t('Stop')}
            </button>
          </>
        )}
      </div>
      {failed && <NoFigure what={t('other designs')} />}
      {result && asked && (
        <>
          <table className="narrow mt-2 w-full text-[14px]" aria-label={t('Designs side by side')}>
            <HeadRow first={t('Frame')} names={HEADS} />
            <tbody>
              <Row name={t('As it is')} figures={result.present} trailer={trailer} say={say} />
              {variants.map(
                ([name, variant]) =>
                  variant && (
                    <Row
                      key={name}
                      name={`${name}: ${named(variant)}`}
                      figures={variant.figures}
                      trailer={trailer}
                      say={say}
                    />
                  ),
              )}
            </tbody>
          </table>
          <p className="narrow mute mt-1 text-[13.5px]">
            {t(
              'Frames that pass with your loads. Metal by the kilogram’s price (Is it strong? → Size it for me); wire, gas and paint at what this list’s lines cost; welds counted all round every bar’s ends, alike for all. Deck, wheels and the rest are the same.',
            )}
            {variants.some(([, variant]) => !variant) &&
              ` ${t('Where a row is missing, no frame of usual tubes passes.')}`}
            {asked.trailer !== trailer && ` ${t('The trailer has changed since: compare again.')}`}
          </p>
          <div className="mt-1 flex flex-wrap gap-2">
            {variants.map(
              ([name, variant]) =>
                variant && (
                  <button
                    key={name}
                    type="button"
                    className="button"
                    disabled={readOnly}
                    onClick={() => edit(name, (current) => withSections(current, variant.sections))}
                  >
                    {t('Try: {name}', { name: inner(name) })}
                  </button>
                ),
            )}
          </div>
        </>
      )}
    </section>
  );
};
