import { type Advice, type AdviceMove, formatPercent, type Speaker } from '@kereta/core';
import { useMemo } from 'react';
import { useEditing } from '../../fields/editing';
import { Sized } from '../../fields/Sized';
import { SETTLE_MS } from '../../jobs/questions';
import { useJob } from '../../jobs/useJob';
import { useWorkbench } from '../../bench/workbench';

const moveText = (move: AdviceMove, say: Speaker): string => {
  const way = (byM: number): string => `${say.length(Math.abs(byM))} ${byM > 0 ? 'back' : 'forward'}`;
  switch (move.kind) {
    case 'axle':
      return `Move the axle ${way(move.byM)}, to ${say.length(move.toM)}`;
    case 'item':
      return `Move ${say.partName(move.itemId)} ${way(move.byM)}, and strap it there`;
    case 'ballast':
      return `Put ${say.mass(move.massKg)} of ballast ${say.length(move.atM)} back from the front edge`;
    case 'tongue':
      return `Make the tongue ${say.length(Math.abs(move.byM))} ${move.byM > 0 ? 'longer' : 'shorter'}`;
  }
};

const costText = ({ worsens }: Advice): string =>
  worsens.length === 0
    ? ''
    : ` Makes ${worsens.length === 1 ? 'one other check' : `${worsens.length} other checks`} worse.`;

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
    <section className="border-t border-base-300 px-4 py-3" aria-label="Ways out">
      <h2 className="font-semibold">Ways out</h2>
      <ul className="narrow text-[13px]">
        {ways.map((way) => {
          const text = moveText(way.move, say);
          return (
            <li key={text} className="flex items-start justify-between gap-2 border-t border-base-300 py-2">
              <span>
                <span className="font-semibold">
                  <Sized>{text}</Sized>.
                </span>{' '}
                {loads - way.outAfter} of {loads} loads then ride well, {loads - way.outBefore} now.{costText(way)}
                <span className="mute block">
                  {way.effects
                    .map(
                      ({ caseId, before, after, within }) =>
                        `${say.caseName(caseId)} ${formatPercent(before)} → ${formatPercent(after)}${within ? '' : ' ✕'}`,
                    )
                    .join(', ')}
                </span>
              </span>
              <button
                type="button"
                className="button min-h-[36px]"
                disabled={readOnly}
                aria-label={`Try: ${text}`}
                onClick={() => edit(text.charAt(0).toLowerCase() + text.slice(1), () => way.trailer)}
              >
                Try
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
};
