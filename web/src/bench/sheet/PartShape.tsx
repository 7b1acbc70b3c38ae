import { isOfAxle } from '@kereta/core';
import type { ReactNode } from 'react';
import { useWorkbench } from '../workbench';

interface PartShapeProps {
  readonly partId: string;
  readonly bind: (partId: string) => object;
  readonly moves: boolean;
  readonly children: ReactNode;
  /** a larger, unseen place to grab, so that thin steel can be hit */
  readonly grab?: ReactNode;
}

/** A part that can be picked and, along the ruler, dragged. */
export const PartShape = ({ partId, bind, moves, children, grab }: PartShapeProps) => {
  const { picked, readOnly } = useWorkbench();
  const isPicked = picked === partId || (picked === 'axle' && isOfAxle(partId));
  return (
    <g
      data-part={partId}
      data-picked={isPicked || undefined}
      {...bind(partId)}
      style={{ cursor: moves && !readOnly ? 'ew-resize' : 'pointer', touchAction: moves ? 'pan-y' : 'auto' }}
    >
      {grab}
      {children}
    </g>
  );
};
