import { formatNumber, fromMetres, type Trailer, type ShareLine, type Speaker } from '@kereta/core';
import { useMemo } from 'react';
import { LineChartBox } from '../../fields/LineChartBox';
import { figures, t } from '../../fields/language/t';

const SHARE = { name: t('% on the tongue') } as const;
const write = (value: number): string => `${figures(formatNumber(value, 1))} %`;

/** Share on the tongue against the axle's place, one line per load, with the band and where the axle stands now. */
export const ShareChart = ({
  lines,
  trailer,
  say,
}: {
  readonly lines: readonly ShareLine[];
  readonly trailer: Trailer;
  readonly say: Speaker;
}) => {
  const unit = trailer.settings.units === 'imperial' ? 'in' : 'mm';
  const { minShare, maxShare } = trailer.tongueBand;
  const { positionM } = trailer.runningGear;
  const marks = useMemo(
    () => [
      { label: t('least'), y: 100 * minShare },
      { label: t('most'), y: 100 * maxShare },
      { label: t('axle now'), x: fromMetres(positionM, unit) },
    ],
    [minShare, maxShare, positionM, unit],
  );
  const drawn = useMemo(
    () =>
      lines.map(({ caseId, points }) => ({
        name: say.caseName(caseId),
        points: points.map(({ axleM, share }) => [fromMetres(axleM, unit), 100 * share] as const),
      })),
    [lines, say, unit],
  );
  const x = useMemo(() => ({ name: t('axle behind the front edge, {unit}', { unit }) }), [unit]);
  return (
    <LineChartBox
      label={t('Share on the tongue against the axle’s place, one line per load')}
      lines={drawn}
      marks={marks}
      x={x}
      y={SHARE}
      write={write}
    />
  );
};
