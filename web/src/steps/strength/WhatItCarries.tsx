import { carryText, GROSS_LIMIT_NAMES } from '@kereta/core';
import { useMemo, useState } from 'react';
import { FieldGroup } from '../../fields/fields';
import { useEditing } from '../../fields/editing';
import { NoFigure } from '../../fields/NoFigure';
import { useWorkbench } from '../../bench/workbench';
import { useJobProgress } from '../../jobs/progress';
import { useJob } from '../../jobs/useJob';
import { inner, t } from '../../fields/language/t';

/** The highest gross that the frame bears with its loads in proportion, what ends it, and the plate on which every part agrees. */
export const WhatItCarries = () => {
  const { committed, say } = useWorkbench('committed', 'say');
  const { edit, readOnly } = useEditing();
  const [asked, ask] = useState<typeof committed | undefined>(undefined);
  const wanted = asked === committed;
  const input = useMemo(() => asked && { trailer: asked }, [asked]);
  const { result, current, working, failed, progressKey } = useJob('carry', input, { keepsOld: false });
  const progress = useJobProgress(progressKey);
  const answered = wanted && current;
  const shown = answered ? result : undefined;
  const [plate] = shown?.limits ?? [];
  return (
    <FieldGroup title={t('What could it carry?')}>
      <div className="narrow col-span-2 text-[14px]">
        {wanted && working ? (
          <p className="flex items-center gap-2" role="status">
            <progress
              className="progress w-[60px]"
              aria-label={t('What it could carry')}
              {...(progress ? { value: progress.done, max: progress.of } : {})}
            />
            {t('Trying more and less …')}
            <button type="button" className="button" onClick={() => ask(undefined)}>
              {t('Stop')}
            </button>
          </p>
        ) : (
          <button type="button" className="button" onClick={() => ask(committed)}>
            {t('Work it out')}
          </button>
        )}
        {wanted && failed && <NoFigure what={t('what it could carry')} />}
        {answered && !shown && <p className="mt-2">{t('The frame cannot be analysed as drawn.')}</p>}
        {shown && (
          <div role="status">
            <p className="mt-2">{carryText(shown, say)}</p>
            <table className="mt-2 w-full text-[13px]" aria-label={t('What each part bears')}>
              <tbody>
                {shown.limits.map(({ part, grossKg }) => (
                  <tr key={part} className="border-t border-base-300">
                    <td className="py-[2px]">{t(GROSS_LIMIT_NAMES[part])}</td>
                    <td className="py-[2px] text-right font-semibold whitespace-nowrap">{say.mass(grossKg)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            {plate && plate.grossKg > 0 && (
              <>
                <p className="mt-2">
                  {t('All agree on a plate of {gross}; {gross2} set it. What nobody has read is not among them.', {
                    gross: say.mass(plate.grossKg),
                    gross2: inner(t(GROSS_LIMIT_NAMES[plate.part])),
                  })}
                </p>
                <button
                  type="button"
                  className="button mt-1"
                  disabled={readOnly}
                  onClick={() =>
                    edit(t('plate of {gross}', { gross: say.mass(plate.grossKg) }), (trailer) => ({
                      ...trailer,
                      ratedGrossKg: plate.grossKg,
                    }))
                  }
                >
                  {t('Put {gross} on the plate', { gross: say.mass(plate.grossKg) })}
                </button>
              </>
            )}
          </div>
        )}
      </div>
    </FieldGroup>
  );
};
