import { findSection, formatAngle, type TongueLengthRow } from '@kereta/core';
import { useMemo, useState } from 'react';
import { useEditing } from '../../fields/editing';
import { HeadRow } from '../../fields/HeadRow';
import { NoFigure } from '../../fields/NoFigure';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';
import { useJob } from '../../jobs/useJob';
import { figures, t } from '../../fields/language/t';

/** Legs that run on under the frame stay as long: what is added in front is taken from behind. */
const LIKE_KG = 0.02;

/** What more or less tongue does to everything else: the whole trailer again at each length, worked out in the worker. */
export const LengthTable = () => {
  const { committed, say } = useWorkbench('committed', 'say');
  const { edit, readOnly, trailer } = useEditing();
  const [open, setOpen] = useState(false);
  const input = useMemo(() => ({ trailer: committed }), [committed]);
  const { result: data, current, failed, again } = useJob('tongueLengths', input, { wanted: open, urgency: 'soon' });
  const now = trailer.frame.tongue.lengthM;
  const family = findSection(trailer, trailer.frame.groups.tongue.sectionId)?.family ?? 'steel';
  const price = trailer.pricesPerKg[family];
  const signed = (text: string, value: number): string => (value >= 0 ? `+${text}` : `−${text}`);
  const lost = ({ lost: gone, swayKnown }: TongueLengthRow): string =>
    !swayKnown ? 'vehicle?' : gone ? say.speed(gone.speedMPerS) : 'none';
  return (
    <details className="border-t border-base-300" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">
        {t('What more or less length does')}
      </summary>
      <div className="overflow-x-auto px-4 pb-3">
        {failed && <NoFigure what={t('what other lengths do')} onRetry={again} />}
        {!data && !failed && <p className="mute text-[13px]">{t('Working it out …')}</p>}
        {data && (
          <table className="narrow w-full text-[12.5px]" aria-label={t('What more or less length of tongue does')}>
            <HeadRow
              first={t('Tongue{current}', { current: current ? '' : ` ${t('(before the last change)')}` })}
              names={[t('on the ball'), t('touches at'), t('works at'), 'steel', t('5° to 20° in'), t('damping gone')]}
            />
            <tbody>
              {data.map((row) => {
                const own = Math.abs(row.lengthM - now) < 1e-6;
                return (
                  <tr
                    key={row.lengthM}
                    className={`border-t border-base-300 text-right ${own ? 'bg-base-200 font-semibold' : ''}`}
                  >
                    <th scope="row" className={`py-1 text-left ${own ? 'font-semibold' : 'font-normal'}`}>
                      {own ? (
                        <Sized>{say.length(row.lengthM)}</Sized>
                      ) : (
                        <button
                          type="button"
                          className="min-h-[32px] underline"
                          disabled={readOnly}
                          aria-label={t('Make the tongue {length} long', { length: say.length(row.lengthM) })}
                          onClick={() =>
                            edit(t('tongue {length} long', { length: say.length(row.lengthM) }), (current) => ({
                              ...current,
                              frame: { ...current.frame, tongue: { ...current.frame.tongue, lengthM: row.lengthM } },
                            }))
                          }
                        >
                          <Sized>{say.length(row.lengthM)}</Sized>
                        </button>
                      )}
                      <span className="mute block font-normal">
                        <Sized>{say.length(row.overallM)}</Sized> {t('in all')}
                      </span>
                    </th>
                    <td className="pl-2 whitespace-nowrap">
                      {row.tongueShare === undefined ? '' : say.percent(row.tongueShare)}
                    </td>
                    <td className="pl-2 whitespace-nowrap">
                      {row.touchRad === undefined ? t('nothing') : figures(formatAngle(row.touchRad))}
                    </td>
                    <td className="pl-2 whitespace-nowrap">
                      {row.tongueWorksAt === undefined ? '' : say.percent(row.tongueWorksAt, 0)}
                    </td>
                    <td className="pl-2 whitespace-nowrap">
                      {own
                        ? ''
                        : Math.abs(row.metalKg) < LIKE_KG
                          ? t('same')
                          : signed(say.mass(Math.abs(row.metalKg)), row.metalKg)}
                      {!own && price !== null && Math.abs(row.metalKg) >= LIKE_KG && (
                        <span className="block">
                          {signed(
                            `${Math.abs(row.metalKg * price).toFixed(0)} ${trailer.settings.currency}`,
                            row.metalKg,
                          )}
                        </span>
                      )}
                    </td>
                    <td className="pl-2 whitespace-nowrap">{row.backsM === undefined ? '' : say.ground(row.backsM)}</td>
                    <td className="pl-2 whitespace-nowrap">{lost(row)}</td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        )}
        <p className="narrow mute mt-2 text-[13px]">
          {t(
            'In the heaviest load. “Works at” is the tongue by hand in a hard bump. “5° to 20°”: how far you can back before a small angle has grown to a large one; further is easier. “Damping gone” compares, it gives no leave to drive at any speed. “In all” is what the shed must take, from the ball to the rear.',
          )}
        </p>
      </div>
    </details>
  );
};
