import {
  AXLE_SQUARE_SOURCE,
  axleSquareText,
  type AxleTarget,
  axlesParallelText,
  COUPLED_SOURCE,
  coupledText,
  FRAME_SQUARE_SOURCE,
  type FrameTarget,
  frameSquareText,
  judgeAxle,
  judgeCoupled,
  judgeFrame,
  judgeLevel,
  judgeParallel,
  LEVEL_SOURCE,
  levelText,
  type Movable,
  PARALLEL_SOURCE,
  squaringEntries,
  tapeText,
} from '@kereta/core';
import { useState } from 'react';
import { QuantityField } from '../fields/QuantityField';
import { type PartProps, ReadingPart } from './ReadingPart';
import { t } from '../fields/language/t';

const missing = Number.NaN;

/** Four corners against a level line: before anything else. */
export const LevelPart = (props: PartProps) => (
  <ReadingPart
    {...props}
    name={t('Level')}
    of="level"
    intro={t('A level line, a laser or a taut string over the frame: how far below it each corner lies.')}
    readings={[
      { key: 'LF', label: t('LF, left front below the line'), min: 0 },
      { key: 'RF', label: t('RF, right front'), min: 0 },
      { key: 'LR', label: t('LR, left rear'), min: 0 },
      { key: 'RR', label: t('RR, right rear'), min: 0 },
    ]}
    judge={(read) => {
      const judged = judgeLevel({
        leftFrontM: read['LF'] ?? missing,
        rightFrontM: read['RF'] ?? missing,
        leftRearM: read['LR'] ?? missing,
        rightRearM: read['RR'] ?? missing,
      });
      return { text: levelText(judged, props.say), good: judged.verdict === 'good', leans: 0 };
    }}
    impossible=""
    source={LEVEL_SOURCE}
  />
);

/** The bed by its diagonals. */
export const FramePart = ({ target, ...props }: PartProps & { readonly target: FrameTarget }) => {
  const { say } = props;
  return (
    <ReadingPart
      {...props}
      name={t('Frame')}
      of="frame"
      intro={t(
        '{length} by {width}, over the same faces or two scribed points: both diagonals are to read {diagonal}.',
        {
          length: tapeText(target.lengthM, say),
          width: tapeText(target.widthM, say),
          diagonal: tapeText(target.diagonalM, say),
        },
      )}
      readings={[
        { key: 'A', label: t('A, left front to right rear'), expectM: target.diagonalM },
        { key: 'B', label: t('B, right front to left rear'), expectM: target.diagonalM },
      ]}
      judge={(read) => {
        const judged = judgeFrame(target, {
          frontLeftToRearRightM: read['A'] ?? missing,
          frontRightToRearLeftM: read['B'] ?? missing,
        });
        return (
          judged && {
            text: frameSquareText(judged, target, say),
            good: judged.verdict === 'good',
            leans: judged.verdict === 'off' ? judged.differenceM : 0,
          }
        );
      }}
      impossible={t('No frame of these sides has these diagonals. Measure again.')}
      source={FRAME_SQUARE_SOURCE}
      figure="frame"
    />
  );
};

/** The ball on the centre line, by both rear corners. */
export const TonguePart = ({ target, ...props }: PartProps & { readonly target: FrameTarget }) => (
  <ReadingPart
    {...props}
    name={t('Tongue')}
    of="tongue"
    intro={t('From the middle of the ball, or of the coupler’s cup, to both rear corners of the bed.')}
    readings={[
      { key: 'L', label: t('L, to the left rear corner') },
      { key: 'R', label: t('R, to the right rear corner') },
    ]}
    judge={(read) => {
      const judged = judgeCoupled(target, { leftM: read['L'] ?? missing, rightM: read['R'] ?? missing });
      return judged && { text: coupledText(judged, props.say), good: judged.verdict === 'good', leans: 0 };
    }}
    impossible={t('No bed that wide has such corners. Measure again.')}
    source={COUPLED_SOURCE}
  />
);

const MOVABLE: readonly (readonly [Movable, string])[] = [
  ['both', t('both are loose')],
  ['right', t('the left ones are tacked')],
  ['left', t('the right ones are tacked')],
];

/** An axle from the ball. */
export const AxlePart = ({
  target,
  name,
  ...props
}: PartProps & { readonly target: AxleTarget; readonly name: string }) => {
  const { record, say } = props;
  const [hooks, setHooks] = useState<number>();
  const [movable, setMovable] = useState<Movable>('both');
  const last = squaringEntries(record, 'axle', target.axle).at(-1)?.readings;
  const hooksApartM = hooks ?? last?.['hooks'] ?? target.hooksApartM;
  const expectM = Math.hypot(target.ballToAxleM, hooksApartM / 2);
  return (
    <ReadingPart
      {...props}
      name={name}
      of="axle"
      axle={target.axle}
      intro={t('Hook the tape at the same place of both hubs, draw it to the middle of the ball with the same pull.')}
      readings={[
        { key: 'L', label: t('{name}, L to the left end', { name }), expectM },
        { key: 'R', label: t('{name}, R to the right end', { name }), expectM },
      ]}
      also={{ hooks: hooksApartM }}
      judge={(read) => {
        const both = { leftM: read['L'] ?? missing, rightM: read['R'] ?? missing };
        const judged = judgeAxle({ ...target, hooksApartM }, both, movable);
        return (
          judged && {
            text: axleSquareText(judged, say),
            good: judged.verdict === 'good',
            leans: judged.differenceM,
          }
        );
      }}
      impossible={t('No axle that long is that far from the ball at both ends. Measure again.')}
      source={AXLE_SQUARE_SOURCE}
      figure="axle"
    >
      <QuantityField
        label={t('{name}, between both hooks', { name })}
        kind="length"
        value={hooksApartM}
        min={0.1}
        max={5}
        onCommit={setHooks}
      />
      <label className="block text-[14px]">
        {t('Hangers')}
        <select
          className="field-box w-full"
          value={movable}
          aria-label={t('{name}, which hangers are loose', { name })}
          onChange={(event) => setMovable(MOVABLE.find(([id]) => id === event.target.value)?.[0] ?? 'both')}
        >
          {MOVABLE.map(([id, title]) => (
            <option key={id} value={id}>
              {title}
            </option>
          ))}
        </select>
      </label>
    </ReadingPart>
  );
};

/** An axle beside the one before it. */
export const ParallelPart = ({ target, ...props }: PartProps & { readonly target: AxleTarget }) => {
  const name = t('Axle {axle} beside axle {axle2}', { axle: target.axle, axle2: target.axle - 1 });
  return (
    <ReadingPart
      {...props}
      name={name}
      of="parallel"
      axle={target.axle}
      intro={t('From spindle end to spindle end, on both sides, hooked the same way.')}
      readings={[
        { key: 'L', label: t('{name}, left', { name }) },
        { key: 'R', label: t('{name}, right', { name }) },
      ]}
      judge={(read) => {
        const judged = judgeParallel(target, { leftM: read['L'] ?? missing, rightM: read['R'] ?? missing });
        return (
          judged && { text: axlesParallelText(judged, target, props.say), good: judged.verdict === 'good', leans: 0 }
        );
      }}
      impossible={t('These two cannot be of the same axles. Measure again.')}
      source={PARALLEL_SOURCE}
    />
  );
};
