import {
  CAMBER_SOURCE,
  camberText,
  COUPLED_SOURCE,
  coupledText,
  DIAL_PLACES,
  dialText,
  type FrameTarget,
  HITCHED_SOURCE,
  hitchedText,
  inches,
  judgeCamber,
  judgeCoupled,
  judgeFrame,
  judgeHitched,
  judgeRunOut,
  judgeShackle,
  judgeToe,
  millimetres,
  rectangleText,
  RUN_OUT_SOURCE,
  runOutText,
  SHACKLE_SOURCE,
  shackleText,
  type Source,
  type SquaringEntry,
  squaringEntries,
  tapeText,
  TOE_SOURCE,
  toeText,
} from '@kereta/core';
import { useState } from 'react';
import { SelectField } from '../fields/fields';
import { type PartProps, ReadingPart } from './ReadingPart';
import { t, voice } from '../fields/language/t';

const missing = Number.NaN;

/** Something that lies on a rectangle, by its two diagonals: hangers, a gate. */
export const RectanglePart = ({
  target,
  name,
  of,
  axle = 1,
  intro,
  source,
  ...props
}: PartProps & {
  readonly target: FrameTarget;
  readonly name: string;
  readonly of: SquaringEntry['of'];
  readonly axle?: number;
  readonly intro: string;
  readonly source: Source;
}) => {
  const { say } = props;
  return (
    <ReadingPart
      {...props}
      name={name}
      of={of}
      axle={axle}
      intro={t('{intro} Both are to read {diagonal}.', { intro, diagonal: tapeText(target.diagonalM, say) })}
      readings={[
        { key: 'A', label: `${name}, A`, expectM: target.diagonalM },
        { key: 'B', label: `${name}, B`, expectM: target.diagonalM },
      ]}
      judge={(read) => {
        const judged = judgeFrame(target, {
          frontLeftToRearRightM: read['A'] ?? missing,
          frontRightToRearLeftM: read['B'] ?? missing,
        });
        return judged && { text: rectangleText(judged, target, say), good: judged.verdict === 'good', leans: 0 };
      }}
      impossible={t('Nothing of these sides has these diagonals. Measure again.')}
      source={source}
    />
  );
};

/** The ball on the centre line, by both front corners: what is near is seen finer. */
export const FrontCornersPart = ({ target, ...props }: PartProps & { readonly target: FrameTarget }) => (
  <ReadingPart
    {...props}
    name={t('Tongue, by the front corners')}
    of="front-corners"
    intro={t(
      'From the middle of the ball, or of the coupler’s cup, to both front corners of the bed. Where these agree and the rear corners do not, the bed is out of square.',
    )}
    readings={[
      { key: 'L', label: t('L, to the left front corner') },
      { key: 'R', label: t('R, to the right front corner') },
    ]}
    judge={(read) => {
      const judged = judgeCoupled(target, { leftM: read['L'] ?? missing, rightM: read['R'] ?? missing });
      return judged && { text: coupledText(judged, props.say), good: judged.verdict === 'good', leans: 0 };
    }}
    impossible={t('No bed that wide has such corners. Measure again.')}
    source={COUPLED_SOURCE}
  />
);

/** Both wheels of an axle, toe and lean. */
export const ToePart = ({ axle, name, ...props }: PartProps & { readonly axle: number; readonly name: string }) => {
  const { diameterM } = props.say.trailer.runningGear.tire;
  return (
    <ReadingPart
      {...props}
      name={t('{name}, toe', { name })}
      of="toe"
      axle={axle}
      intro={t(
        'Spin each tire and scribe a line round it; between both lines at hub height, ahead of the axle and behind it, on level ground.',
      )}
      readings={[
        { key: 'F', label: t('{name}, between lines ahead', { name }) },
        { key: 'R', label: t('{name}, between lines behind', { name }) },
      ]}
      judge={(read) => {
        const judged = judgeToe(read['F'] ?? missing, read['R'] ?? missing, diameterM);
        return judged && { text: toeText(judged, voice), good: judged.verdict === 'good', leans: 0 };
      }}
      impossible={t('No tire is so large. Measure again.')}
      source={TOE_SOURCE}
    />
  );
};

export const CamberPart = ({ axle, name, ...props }: PartProps & { readonly axle: number; readonly name: string }) => (
  <ReadingPart
    {...props}
    name={t('{name}, lean of a wheel', { name })}
    of="camber"
    axle={axle}
    intro={t(
      'A plumb line or a level beside the rim, loaded: from it to the rim’s lower edge less to its upper edge is how far the top stands out, less than nothing where it leans in; and how far both edges are apart.',
    )}
    readings={[
      { key: 'T', label: t('{name}, top stands out by', { name }), min: -0.2 },
      { key: 'H', label: t('{name}, edges apart', { name }) },
    ]}
    judge={(read) => {
      const judged = judgeCamber(read['T'] ?? missing, read['H'] ?? missing);
      return judged && { text: camberText(judged, voice), good: judged.verdict === 'good', leans: 0 };
    }}
    impossible={t('No wheel leans that far. Measure again.')}
    source={CAMBER_SOURCE}
  />
);

/** A shackle by the heights of its bolts. */
export const ShacklePart = ({ shackleM, ...props }: PartProps & { readonly shackleM: number }) => (
  <ReadingPart
    {...props}
    name={t('Shackle')}
    of="shackle"
    intro={t('Heights of its two bolts above the same floor, loaded; it is {shackle} from bolt to bolt.', {
      shackle: tapeText(shackleM, props.say),
    })}
    readings={[
      { key: 'U', label: t('Upper bolt above the floor'), min: 0 },
      { key: 'D', label: t('Lower bolt above the floor'), min: 0 },
    ]}
    judge={(read) => {
      const judged = judgeShackle(read['U'] ?? missing, read['D'] ?? missing, shackleM);
      return judged && { text: shackleText(judged, voice), good: judged.verdict === 'good', leans: 0 };
    }}
    impossible={t('These bolts are further apart than the shackle is long. Measure again.')}
    source={SHACKLE_SOURCE}
  />
);

/** The bed behind its vehicle. */
export const HitchedPart = ({ lengthM, ...props }: PartProps & { readonly lengthM: number }) => (
  <ReadingPart
    {...props}
    name={t('Hitched and level')}
    of="hitched"
    intro={t(
      'On the coupled vehicle, on level ground and loaded as it will be: front and rear edge of the bed above the ground.',
    )}
    readings={[
      { key: 'F', label: t('Front edge above ground'), min: 0 },
      { key: 'R', label: t('Rear edge above ground'), min: 0 },
    ]}
    judge={(read) => {
      const judged = judgeHitched(read['F'] ?? missing, read['R'] ?? missing, lengthM);
      return judged && { text: hitchedText(judged, voice), good: judged.verdict === 'good', leans: 0 };
    }}
    impossible={t('No bed so short stands so steep. Measure again.')}
    source={HITCHED_SOURCE}
  />
);

const QUARTERS = [t('first, where it is marked'), t('a quarter turn on'), t('half a turn on'), t('three quarters on')];
const keyOf = (quarter: number): string => `r${quarter}`;
const roundOf = (read: Readonly<Record<string, number>>): readonly number[] =>
  QUARTERS.map((_, i) => read[keyOf(i)] ?? missing);

/** A home-built axle turned on its ends under a dial, place by place. */
export const RunOutPart = (props: PartProps) => {
  const { record, say } = props;
  const [place, setPlace] = useState(1);
  const step = say.trailer.settings.units === 'imperial' ? inches(0.001) : millimetres(0.01);
  const unit =
    say.trailer.settings.units === 'imperial' ? t('thousandths of an inch') : t('hundredths of a millimetre');
  const others = DIAL_PLACES.flatMap((_, i) => {
    const last = i + 1 === place ? undefined : squaringEntries(record, 'run-out', i + 1).at(-1);
    return last ? [{ place: i + 1, round: roundOf(last.readings) }] : [];
  });
  return (
    <ReadingPart
      key={place}
      {...props}
      name={t('Axle under a dial')}
      of="run-out"
      axle={place}
      intro={t(
        'Turned between its ends, the dial against one place after another, in {unit}. What every place does alike is the set-up’s; what one does besides is a bend.',
        { unit },
      )}
      readings={QUARTERS.map((quarter, i) => ({
        key: keyOf(i),
        label: t('Dial, {quarter}', { quarter }),
        min: -0.05,
        dialM: step,
      }))}
      judge={(read) => {
        const judged = judgeRunOut([...others, { place, round: roundOf(read) }]);
        return judged && { text: runOutText(judged, say), good: judged.verdict === 'good', leans: 0 };
      }}
      told={(read) =>
        roundOf(read)
          .map((value) => dialText(value, say))
          .join(', ')
      }
      impossible=""
      source={RUN_OUT_SOURCE}
    >
      <SelectField
        label={t('Place along the axle')}
        value={String(place)}
        options={DIAL_PLACES.map((name, i) => ({ value: String(i + 1), text: name }))}
        onCommit={(chosen) => setPlace(Number(chosen))}
      />
    </ReadingPart>
  );
};
