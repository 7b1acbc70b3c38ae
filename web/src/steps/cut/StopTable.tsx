import { cutOrder, formatAngle, type Speaker, type StickSection } from '@kereta/core';
import { Sized } from '../../fields/Sized';
import { figures, t } from '../../fields/language/t';

/** One setting of stop and saw after another, and which pieces of which sticks are cut with it. */
export const StopTable = ({ sections, say }: { readonly sections: readonly StickSection[]; readonly say: Speaker }) => (
  <table className="narrow mt-4 w-full text-[14px]" aria-label={t('One stop after another')}>
    <thead>
      <tr className="border-b border-[var(--ink)] text-left">
        <th className="font-normal">{t('Section')}</th>
        <th className="pr-2 text-right font-normal">{t('Stop at')}</th>
        <th className="pr-2 font-normal">{t('Saw')}</th>
        <th className="font-normal">{t('Pieces')}</th>
      </tr>
    </thead>
    <tbody>
      {sections.flatMap((section) =>
        cutOrder(section).map(({ lengthM, angleRad, shape, cuts }) => (
          <tr key={`${section.designation} ${lengthM} ${shape} ${angleRad}`} className="border-b border-base-300">
            <td className="py-1 pr-2">
              <Sized>{section.designation}</Sized>
            </td>
            <td className="pr-2 text-right font-semibold whitespace-nowrap">
              <Sized>{say.length(lengthM)}</Sized>
            </td>
            <td className="pr-2">
              {angleRad > 1e-6 ? t('{angle} off square', { angle: figures(formatAngle(angleRad)) }) : t('square')}
            </td>
            <td>
              {cuts
                .map(({ mark, stick, count }) => t('{count} × {mark} from stick {stick}', { count, mark, stick }))
                .join(', ')}
            </td>
          </tr>
        )),
      )}
    </tbody>
  </table>
);
