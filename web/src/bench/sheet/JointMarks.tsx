import { formatPercent, jointsOf } from '@kereta/core';
import { useMemo } from 'react';
import { useWorkbench } from '../workbench';
import type { Placement } from '../../drawing/Shapes';
import { useShownResult } from './useWork';
import { figures } from '../../fields/language/t';

/** Side of a joint's mark, px; a finger finds twice as much. */
const MARK_PX = 9;

/** Welds, hangers and walls of the plan, to be picked: a lying square each, filled where it is past its allowance; the hardest lies on top. */
export const JointMarks = ({ place }: { readonly place: Placement }) => {
  const { joint, showJoint } = useWorkbench('joint', 'showJoint');
  const result = useShownResult();
  const joints = useMemo(() => (result ? jointsOf(result) : []), [result]);
  return (
    <g>
      {[...joints].reverse().map(({ id, at, utilisation }) => {
        if (!at) return null;
        const [px, py] = [place.x(at[0]), place.y(at[1])];
        const picked = id === joint;
        return (
          <g key={id} data-joint={id} style={{ cursor: 'pointer' }} onClick={() => showJoint(picked ? undefined : id)}>
            <title>{figures(formatPercent(utilisation, 0))}</title>
            <rect x={px - MARK_PX} y={py - MARK_PX} width={2 * MARK_PX} height={2 * MARK_PX} fill="transparent" />
            <path
              d={`M${px} ${py - MARK_PX / 2}l${MARK_PX / 2} ${MARK_PX / 2}l${-MARK_PX / 2} ${MARK_PX / 2}l${-MARK_PX / 2} ${-MARK_PX / 2}z`}
              fill={picked ? 'var(--dye)' : utilisation > 1 ? 'var(--fix)' : 'var(--paper)'}
              stroke={picked ? 'var(--dye)' : utilisation > 1 ? 'var(--fix)' : 'var(--ink)'}
              strokeWidth={picked ? 2 : 1.1}
            />
          </g>
        );
      })}
    </g>
  );
};
