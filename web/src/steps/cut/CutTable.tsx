import {
  type CutRow,
  cutoutsText,
  cutEndsText,
  type EndWork,
  copeText,
  plateHolesText,
  endWorkOf,
  type Evaluation,
  type Speaker,
  PIECE_NAMES,
  PLATE_NAMES,
  SHEET_NAMES,
} from '@kereta/core';
import { Sized } from '../../fields/Sized';
import { inner, t, voice } from '../../fields/language/t';

/** The piece from above, its slants as they lie against each other; not to scale. */
const EndFigure = ({ shape }: { readonly shape: CutRow['shape'] }) => (
  <svg width="46" height="14" viewBox="0 0 46 14" className="mr-2 inline-block align-[-2px]" aria-hidden>
    <path
      d={shape === 'parallel' ? 'M1 1H33L45 13H13Z' : shape === 'same-side' ? 'M1 1H45L33 13H13Z' : 'M1 1H45V13H13Z'}
      fill="none"
      stroke="var(--ink)"
      strokeWidth="1.5"
    />
  </svg>
);

/** What is cut at a piece's ends besides the saw cut. */
const endWorkText = (work: readonly EndWork[], say: Speaker): string =>
  [
    ...new Set(
      work.map((own) =>
        own.kind === 'cope'
          ? t('; coped where it goes into {against}: {own}', {
              against: inner(say.partName(own.against)),
              own: copeText(own, say),
            })
          : t('; hollowed {length} deep to lie on {against}', {
              length: say.length(own.lengthM),
              against: inner(say.partName(own.against)),
            }),
      ),
    ),
  ].join('');

interface CutTableProps {
  readonly evaluation: Evaluation;
  readonly say: Speaker;
  /** the bar whose row stands out */
  readonly picked?: string | undefined;
}

/** Every piece: its mark, how many, how long, how the ends are sawn. */
export const CutTable = ({ evaluation, say, picked }: CutTableProps) => {
  const work = endWorkOf(evaluation.chassis);
  return (
    <table className="narrow w-full text-[14px]" aria-label={t('Cut list')}>
      <thead>
        <tr className="mute border-b border-[var(--ink)] text-left">
          <th className="py-1 pr-2 font-normal">{t('Mark')}</th>
          <th className="pr-2 font-normal">{t('Piece')}</th>
          <th className="pr-2 text-right font-normal">{t('Qty')}</th>
          <th className="pr-2 font-normal">{t('Section')}</th>
          <th className="pr-2 text-right font-normal">{t('Long points')}</th>
          <th className="pr-2 text-right font-normal">{t('Along a face')}</th>
          <th className="pr-2 font-normal">{t('Ends')}</th>
          <th className="text-right font-normal">{t('Each')}</th>
        </tr>
      </thead>
      <tbody>
        {evaluation.cutList.rows.map((row) => {
          return (
            <tr
              key={row.mark}
              className="border-b border-base-300 align-top"
              {...(picked !== undefined && row.memberIds.includes(picked)
                ? { 'aria-current': true, style: { background: 'var(--dye-soft)' } }
                : {})}
            >
              <th scope="row" className="py-1 pr-2 text-left font-bold">
                {row.mark}
              </th>
              <td className="pr-2">{t(PIECE_NAMES[row.group])}</td>
              <td className="pr-2 text-right">{row.quantity}</td>
              <td className="pr-2">
                <Sized>{row.designation}</Sized>
              </td>
              <td className="pr-2 text-right font-semibold whitespace-nowrap">
                <Sized>{say.length(row.cutLengthM)}</Sized>
                {row.cutLaterM > 0 && (
                  <span className="block font-normal">
                    + <Sized>{say.length(row.cutLaterM)}</Sized> {t('left on')}
                  </span>
                )}
              </td>
              <td className="pr-2 text-right whitespace-nowrap">
                <Sized>{say.length(row.faceLengthM)}</Sized>
              </td>
              <td className="pr-2">
                {row.shape !== 'square' && <EndFigure shape={row.shape} />}
                {cutEndsText(row, voice)}
                {endWorkText(
                  work.filter(({ memberId }) => memberId === row.memberIds[0]),
                  say,
                )}
              </td>
              <td className="text-right whitespace-nowrap">{say.mass(row.massEachKg)}</td>
            </tr>
          );
        })}
        {evaluation.cutList.plates.map((row) => (
          <tr key={row.mark} className="border-b border-base-300 align-top">
            <th scope="row" className="py-1 pr-2 text-left font-bold">
              {row.mark}
            </th>
            <td className="pr-2">{t(PLATE_NAMES[row.kind])}</td>
            <td className="pr-2 text-right">{row.quantity}</td>
            <td className="pr-2">
              {t('flat plate')} <Sized>{say.length(row.thicknessM)}</Sized>, {voice.name(row.materialName)}
            </td>
            <td className="pr-2 text-right font-semibold whitespace-nowrap">
              <Sized>{say.length(row.lengthM)}</Sized>
            </td>
            <td className="pr-2 text-right whitespace-nowrap">
              <Sized>{say.length(row.widthM)}</Sized>
            </td>
            <td className="pr-2">
              {row.triangular ? t('right triangle, two from each rectangle') : t('rectangle')}
              {plateHolesText(row, say)}
            </td>
            <td className="text-right whitespace-nowrap">{say.mass(row.massEachKg)}</td>
          </tr>
        ))}
        {evaluation.cutList.panels.map((row) => (
          <tr key={row.mark} className="border-b border-base-300 align-top">
            <th scope="row" className="py-1 pr-2 text-left font-bold">
              {row.mark}
            </th>
            <td className="pr-2">{row.panelIds.map((id) => say.partName(id)).join('; ')}</td>
            <td className="pr-2 text-right">{row.quantity}</td>
            <td className="pr-2">
              {voice.name(SHEET_NAMES[row.kind])} <Sized>{say.length(row.thicknessM)}</Sized>
            </td>
            <td className="pr-2 text-right font-semibold whitespace-nowrap">
              <Sized>{say.length(row.lengthM)}</Sized>
            </td>
            <td className="pr-2 text-right whitespace-nowrap">
              <Sized>{say.length(row.widthM)}</Sized>
            </td>
            <td className="pr-2">{cutoutsText(row.cutouts, say)}</td>
            <td className="text-right whitespace-nowrap">{say.mass(row.massEachKg)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
};
