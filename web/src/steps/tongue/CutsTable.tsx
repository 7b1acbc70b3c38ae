import { copeText, cutText, endWorkOf, type EndWork, type Speaker } from '@kereta/core';
import { useMemo } from 'react';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { inner, t, voice } from '../../fields/language/t';
import type { PlainPhrase } from '../../fields/language/optionsIn';

const HOLLOWS = {
  saddle: 'Hollow its front end to lie on the {against}: {length} deep along the bar.',
  end: 'Hollow its end to lie on the {against}: {length} deep along the bar.',
} as const satisfies Readonly<Record<string, PlainPhrase>>;

const workText = (work: EndWork, say: Speaker): string =>
  work.kind === 'cope'
    ? t('Cope its rear end to reach into the {against}: {work}.', {
        against: inner(say.partName(work.against)),
        work: copeText(work, say),
      })
    : t(HOLLOWS[work.kind === 'saddle' ? 'saddle' : 'end'], {
        against: inner(say.partName(work.against)),
        length: say.length(work.lengthM),
      });

/** How each bar of the tongue is cut, each end in both readings of a saw. */
export const CutsTable = () => {
  const { evaluation, say } = useWorkbench('evaluation', 'say');
  const { chassis } = evaluation;
  const rows = evaluation.cutList.rows.filter(({ group }) => group === 'tongue');
  const work = useMemo(() => endWorkOf(chassis), [chassis]);
  if (rows.length === 0) return null;
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">{t('How its bars are cut')}</summary>
      <ul className="narrow px-4 pb-3 text-[13px]" aria-label={t('Cuts of the tongue')}>
        {rows.map((row) => (
          <li key={row.mark} className="border-t border-base-300 py-2">
            <span className="font-semibold">
              {row.mark}: {row.quantity} × {row.designation}, <Sized>{say.length(row.cutLengthM)}</Sized>
            </span>
            <span className="block">{row.memberIds.map((id) => say.partName(id)).join(', ')}</span>
            <span className="block">{t('Front: {ends}', { ends: cutText(row.ends[0], voice) })}</span>
            <span className="block">{t('Rear: {ends}', { ends: cutText(row.ends[1], voice) })}</span>
            {row.cutLaterM > 0 && (
              <span className="block font-semibold">
                {t('Leave')} <Sized>{say.length(row.cutLaterM)}</Sized>{' '}
                {t('more at the front, mark the length above, cut it when all is in place.')}
              </span>
            )}
            {work
              .filter(({ memberId }) => row.memberIds.includes(memberId))
              .map((own) => (
                <span key={own.memberId} className="block">
                  <Sized>{workText(own, say)}</Sized>
                </span>
              ))}
          </li>
        ))}
      </ul>
    </details>
  );
};
