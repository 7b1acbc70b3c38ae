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
  const money = (sum: number | null): string => (sum === null ? '–' : formatMoney(sum, trailer.settings.currency));
  const cells = [
    say.mass(figures.metalKg),
    money(figures.metalPrice),
    say.mass(figures.wireKg),
    money(figures.weldingPrice),
    figures.coatedM2 > 0 ? formatArea(figures.coatedM2, trailer.settings.units) : 'nothing',
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

const HEADS = ['Metal', 'costs', 'Wire', 'welding costs', 'To paint', 'paint costs', 'Together'] as const;

const Progress = ({ jobKey }: { readonly jobKey: string }) => {
  const now = useJobProgress(jobKey);
  return <progress className="progress" value={now?.done ?? 0} max={now?.of ?? 1} aria-label="Comparing designs" />;
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
    ['Lightest in steel', result?.steel],
    ['Lightest in aluminum', result?.aluminum],
  ] as const;
  return (
    <section aria-label="Other designs" className="no-print mt-5">
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="text-[17px] font-bold">Other designs</h2>
        <button type="button" className="button" disabled={working} onClick={() => ask({ trailer, lines })}>
          Compare steel and aluminum
        </button>
        {working && (
          <>
            <Progress jobKey={progressKey} />
            <button type="button" className="button" onClick={() => ask(undefined)}>
              Stop
            </button>
          </>
        )}
      </div>
      {failed && <NoFigure what="other designs" />}
      {result && asked && (
        <>
          <table className="narrow mt-2 w-full text-[14px]" aria-label="Designs side by side">
            <HeadRow first="Frame" names={HEADS} />
            <tbody>
              <Row name="As it is" figures={result.present} trailer={trailer} say={say} />
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
            Frames that pass with your loads. Metal by the kilogram’s price (Is it strong? → Size it for me); wire, gas
            and paint at what this list’s lines cost; welds counted all round every bar’s ends, alike for all. Deck,
            wheels and the rest are the same.
            {variants.some(([, variant]) => !variant) && ' Where a row is missing, no frame of usual tubes passes.'}
            {asked.trailer !== trailer && ' The trailer has changed since: compare again.'}
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
                    Try: {name.toLowerCase()}
                  </button>
                ),
            )}
          </div>
        </>
      )}
    </section>
  );
};
