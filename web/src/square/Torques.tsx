import { lugTorques, type LugTorques, sourceText, type Speaker, TORQUE_SOURCE, uBoltTorque } from '@kereta/core';
import { Sized } from '../fields/Sized';
import { t, voice } from '../fields/language/t';

const MIDDLE = 70;
const RADIUS = 50;

/** The studs seen from outside, each with the number in which it is tightened. */
const Star = ({ lugs: { count, order } }: { readonly lugs: LugTorques }) => (
  <svg
    viewBox="0 0 140 140"
    className="block h-[140px] w-[140px]"
    role="img"
    aria-label={t('Order of the nuts, counted round the circle: {order}', { order: order.join(', ') })}
  >
    <circle
      cx={MIDDLE}
      cy={MIDDLE}
      r={RADIUS}
      fill="none"
      stroke="var(--ink)"
      strokeWidth="1.5"
      strokeDasharray="4 4"
    />
    {order.map((stud, turn) => {
      const angle = (2 * Math.PI * (stud - 1)) / count - Math.PI / 2;
      const [x, y] = [MIDDLE + RADIUS * Math.cos(angle), MIDDLE + RADIUS * Math.sin(angle)];
      return (
        <g key={stud}>
          <circle cx={x} cy={y} r="15" fill="var(--steel)" stroke="var(--ink)" strokeWidth="2" />
          <text x={x} y={y + 5} textAnchor="middle" fontSize="15" fontWeight="700" fill="var(--ink)">
            {turn + 1}
          </text>
        </g>
      );
    })}
  </svg>
);

const rangeText = ([least, most]: readonly [number, number], say: Speaker): string =>
  t('{least} to {most}', { least: say.torque(least), most: say.torque(most) });

/** How tight wheel nuts and U-bolts go, in which order, and when again. */
export const Torques = ({ say }: { readonly say: Speaker }) => {
  const lugs = lugTorques(say.trailer);
  const bolts = uBoltTorque(say.trailer);
  if (!lugs && !bolts) return null;
  return (
    <section aria-label={t('Torques')} className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">{t('Torques')}</h2>
      {bolts && (
        <p className="text-[14.5px]">
          <Sized>
            {t(
              'U-bolts, {size}: {nm}, a quarter turn at a time crosswise, once the axle is square; again after 50 to 100 miles (80 to 160 km). Use new ones.',
              { size: bolts.size, nm: rangeText(bolts.nm, say) },
            )}
          </Sized>
        </p>
      )}
      {lugs && (
        <div className="mt-2 flex flex-wrap items-center gap-4">
          <Star lugs={lugs} />
          <div className="min-w-[180px] flex-1 text-[14.5px]">
            <p>{t('Wheel nuts, {stud}, in this order:', { stud: lugs.stud })}</p>
            <ol className="list-inside list-decimal">
              {lugs.stages.map((stage) => (
                <li key={stage.join(' ')}>
                  <Sized>{rangeText(stage, say)}</Sized>
                </li>
              ))}
            </ol>
            <p>
              {t(
                'Again after 10, 25 and 50 miles (16, 40, 80 km), and whenever a wheel was off. No paint, no grease under them.',
              )}
            </p>
          </div>
        </div>
      )}
      <p className="mute text-[13px]">{sourceText(TORQUE_SOURCE, voice)}</p>
    </section>
  );
};
