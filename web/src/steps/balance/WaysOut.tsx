import { type Advice, type AdviceMove, formatPercent, type Speaker } from '@kereta/core';
import { useMemo } from 'react';
import { useEditing } from '../../fields/editing';
import { Sized } from '../../fields/Sized';
import { SETTLE_MS } from '../../jobs/questions';
import { useJob } from '../../jobs/useJob';
import { useWorkbench } from '../../bench/workbench';
import { figures, inner, t } from '../../fields/language/t';

const moveText = (move: AdviceMove, say: Speaker): string => {
  const way = (byM: number): string => `${say.length(Math.abs(byM))} ${byM > 0 ? t('back') : t('forward')}`;
  switch (move.kind) {
    case 'axle':
      return t('Move the axle {by}, to {to}', { by: way(move.byM), to: say.length(move.toM) });
    case 'item':
      return t('Move {item} {by}, and strap it there', { item: say.partName(move.itemId), by: way(move.byM) });
    case 'ballast':
      return t('Put {mass} of ballast {at} back from the front edge', {
        mass: say.mass(move.massKg),
        at: say.length(move.atM),
      });
    case 'tongue':
      return t('Make the tongue {by} {by2}', {
        by: say.length(Math.abs(move.byM)),
        by2: move.byM > 0 ? t('longer') : t('shorter'),
      });
  }
};

const costText = ({ worsens }: Advice): string =>
  worsens.length === 0
    ? ''
    : ` ${t('Makes {count} worse.', { count: worsens.length === 1 ? t('one other check') : t('{count} other checks', { count: worsens.length }) })}`;

/** What brings the tongues back into their band, each worked out on the whole trailer: one click tries it, one undo brings it back. */
export const WaysOut = () => {
  const { edit, readOnly } = useEditing();
  const { committed, evaluation, say } = useWorkbench('committed', 'evaluation', 'say');
  const input = useMemo(() => ({ trailer: committed }), [committed]);
  const { result, current } = useJob('waysOut', input, { settleMs: SETTLE_MS, urgency: 'soon' });
  const ways = current ? (result ?? []) : [];
  const loads = evaluation.cases.filter(({ loadCase }) => loadCase.mode === 'towed').length;
  if (ways.length === 0) return null;
  return (
    <section className="border-t border-base-300 px-4 py-3" aria-label={t('Ways out')}>
      <h2 className="font-semibold">{t('Ways out')}</h2>
      <ul className="narrow text-[13px]">
        {ways.map((way) => {
          const text = moveText(way.move, say);
          return (
            <li key={text} className="flex items-start justify-between gap-2 border-t border-base-300 py-2">
              <span>
                <span className="font-semibold">
                  <Sized>{text}</Sized>.
                </span>{' '}
                {t('{loads} of {loads2} loads then ride well, {loads3} now.{way}', {
                  loads: loads - way.outAfter,
                  loads2: loads,
                  loads3: loads - way.outBefore,
                  way: costText(way),
                })}
                <span className="mute block">
                  {way.effects
                    .map(
                      ({ caseId, before, after, within }) =>
                        `${say.caseName(caseId)} ${figures(formatPercent(before))} → ${figures(formatPercent(after))}${within ? '' : ' ✕'}`,
                    )
                    .join(', ')}
                </span>
              </span>
              <button
                type="button"
                className="button min-h-[36px]"
                disabled={readOnly}
                aria-label={t('Try: {text}', { text })}
                onClick={() => edit(inner(text.charAt(0)) + text.slice(1), () => way.trailer)}
              >
                {t('Try')}
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
};
