import { jointName, jointsOf, SITUATION_NAMES, sourceText, formatPercent } from '@kereta/core';
import { useMemo } from 'react';
import { useShownResult } from '../../bench/sheet/useWork';
import { FieldGroup } from '../../fields/fields';
import { WorkingTable } from '../../fields/WorkingTable';
import { useWorkbench } from '../../bench/workbench';
import { figures, t, voice } from '../../fields/language/t';

const percent = (share: number): string => figures(formatPercent(share, 0));

/** Every weld, hanger and the coupler's bolts, hardest first; the picked one with its working. */
export const JointsLook = () => {
  const { joint, showJoint, say } = useWorkbench('joint', 'showJoint', 'say');
  const result = useShownResult();
  const joints = useMemo(() => (result ? jointsOf(result) : []), [result]);
  if (joints.length === 0) return null;
  const picked = joints.find(({ id }) => id === joint);
  return (
    <>
      {picked && (
        <section className="border-t border-base-300 px-4 py-3" aria-label={jointName(picked, say)}>
          <h2 className="wide flex items-baseline justify-between gap-2 text-[16px] font-bold">
            <span>{jointName(picked, say)}</span>
            <span className="whitespace-nowrap">{percent(picked.utilisation)}</span>
          </h2>
          <p className="narrow mute text-[13px]">
            {t(SITUATION_NAMES[picked.key.situation])}
            {picked.key.caseId && `, ${say.caseName(picked.key.caseId)}`}
          </p>
          <div className="narrow text-[13px] leading-[18px]">
            <WorkingTable working={picked.working} say={say} />
            <p className="mute mt-1">{sourceText(picked.source, voice)}</p>
          </div>
        </section>
      )}
      <FieldGroup title={t('Every weld, hanger and bolt')}>
        <ul className="narrow col-span-2 text-[13px]">
          {joints.map((look) => (
            <li key={look.id} className="border-t border-base-300">
              <button
                type="button"
                className="flex min-h-[32px] w-full items-center justify-between gap-2 text-left"
                aria-pressed={look.id === joint}
                onClick={() => showJoint(look.id === joint ? undefined : look.id)}
              >
                <span>{jointName(look, say)}</span>
                <span className="font-semibold whitespace-nowrap">
                  {look.utilisation > 1 && <span aria-hidden>■ </span>}
                  {percent(look.utilisation)}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </FieldGroup>
    </>
  );
};
