import {
  addOwnBar,
  barBetween,
  explicitCrossMembers,
  middleLineOf,
  parsePartId,
  type PointedAt,
  type Speaker,
} from '@kereta/core';
import { useState } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { newBarId } from './hosts';
import { inner, t } from '../../fields/language/t';

/** How far along both bars it begins and ends. */
const placesText = ({ from, to }: NonNullable<ReturnType<typeof barBetween>>, say: Speaker): string =>
  [from, to]
    .map((end) => (end.kind === 'on' ? say.length(end.atM) : ''))
    .join(` ${t('and')} `)
    .concat(` ${t('along them')}`);

/** A bar from the one that is picked to the one that is picked next, where both were pointed at, else where they come nearest. */
export const BetweenTwo = () => {
  const { trailer, edit } = useEditing();
  const { picked, pickedAt, pick, say, evaluation } = useWorkbench('picked', 'pickedAt', 'pick', 'say', 'evaluation');
  const [begun, setBegun] = useState<{ readonly id: string; readonly at: PointedAt | undefined }>();
  const fromId = begun?.id;
  const { chassis } = evaluation;
  const isHost = (id: string | undefined): id is string =>
    chassis.members.some((member) => member.id === id && middleLineOf(member));
  const ends =
    begun && isHost(picked) && picked !== begun.id
      ? barBetween(chassis, begun.id, picked, { from: begun.at, to: pickedAt })
      : undefined;
  const { cross } = trailer.frame.groups;
  const add = (): void => {
    if (!ends) return;
    const id = newBarId();
    const onCross = [ends.from, ends.to].some((end) => end.kind === 'on' && parsePartId(end.barId).kind === 'cross');
    edit(t('bar between two'), (current) =>
      addOwnBar(onCross ? explicitCrossMembers(current, chassis.crossPlaced) : current, {
        id,
        sectionId: cross.sectionId,
        materialId: cross.materialId,
        turnDeg: 0,
        ...ends,
      }),
    );
    setBegun(undefined);
    pick(id);
  };
  if (fromId === undefined)
    return (
      <button
        type="button"
        className="button"
        disabled={!isHost(picked)}
        title={isHost(picked) ? undefined : t('Pick the bar that it begins on first')}
        onClick={() => isHost(picked) && setBegun({ id: picked, at: pickedAt })}
      >
        {t('From this to another')}
      </button>
    );
  return (
    <div className="col-span-2 border border-base-300 p-2 text-[13px]" role="status">
      <p>
        {t('From')} <b>{inner(say.partName(fromId))}</b>:{' '}
        {ends
          ? t('to {picked}, {ends}.', { picked: inner(say.partName(picked ?? '')), ends: placesText(ends, say) })
          : isHost(picked) && picked !== fromId
            ? t('{picked} touches it there: nothing fits between.', { picked: say.partName(picked) })
            : t('pick the bar that it ends on, in the drawing or among all parts.')}
      </p>
      <div className="mt-1 flex gap-2">
        <button type="button" className="button" disabled={!ends} onClick={add}>
          {t('Put it there')}
        </button>
        <button type="button" className="button" onClick={() => setBegun(undefined)}>
          {t('Leave it')}
        </button>
      </div>
    </div>
  );
};
