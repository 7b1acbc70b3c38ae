import { formatNumber, fromKilometres, type Speaker, type Sway } from '@kereta/core';
import { useMemo } from 'react';
import { LineChartBox } from '../../fields/LineChartBox';
import { figures, t } from '../../fields/language/t';

const MARKS = [{ label: t('none left: a swing grows'), y: 0 }] as const;
const DAMPING = { name: 'damping', max: 1 } as const;
const write = (value: number): string => figures(formatNumber(value, 2));

/** Damping against speed, one line per load, told apart by their dashes; under zero a swing grows. The picked load's doubt in the tires is shaded. */
export const SwayChart = ({
  sway,
  say,
  bandOf,
}: {
  readonly sway: Sway;
  readonly say: Speaker;
  readonly bandOf: string | undefined;
}) => {
  const metric = say.style.system === 'metric';
  const speeds = useMemo(
    () => sway.speeds.map((speed) => (metric ? speed * 3.6 : fromKilometres(speed * 3.6, 'mile'))),
    [sway, metric],
  );
  const lines = useMemo(
    () =>
      sway.cases.map(({ caseId, damping }) => ({
        name: say.caseName(caseId),
        points: speeds.map((at, k) => [at, damping[k] ?? null] as const),
      })),
    [sway, say, speeds],
  );
  const band = useMemo(() => {
    const own = sway.cases.find(({ caseId }) => caseId === bandOf);
    return own
      ? speeds.map((at, k) => {
          const [a, b] = [own.dampingSofter[k] ?? 1, own.dampingStiffer[k] ?? 1];
          return [at, Math.min(a, b), Math.max(a, b)] as const;
        })
      : [];
  }, [sway, bandOf, speeds]);
  const x = useMemo(
    () => (metric ? { name: 'km/h', min: 20, max: 160 } : { name: 'mph', min: 12, max: 100 }),
    [metric],
  );
  return (
    <LineChartBox
      label={t('Damping against speed, one line per load')}
      lines={lines}
      band={band}
      marks={MARKS}
      x={x}
      y={DAMPING}
      write={write}
    />
  );
};
