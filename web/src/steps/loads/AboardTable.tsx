import { changeCase, type Item, type LoadCase, setAboard } from '@kereta/core';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { t } from '../../fields/language/t';

/** How full a tank is asked for in quarters here; any other figure stands in its load's own fields. */
const QUARTERS = [0, 0.25, 0.5, 0.75, 1];

interface CellProps {
  readonly item: Item;
  readonly loadCase: LoadCase;
}

const Cell = ({ item, loadCase }: CellProps) => {
  const { edit, readOnly } = useEditing();
  const entry = loadCase.aboard.find(({ itemId }) => itemId === item.id);
  const label = `${item.name}, ${loadCase.name}`;
  if (item.kind === 'fixed')
    return (
      <span className="mute" title={t('Fitted for good')}>
        ●
      </span>
    );
  if (item.kind === 'cargo')
    return (
      <input
        type="checkbox"
        className="checkbox h-[22px] w-[22px]"
        aria-label={label}
        checked={entry !== undefined}
        disabled={readOnly}
        onChange={(event) => {
          const aboard = event.target.checked;
          edit(`${item.name} ${aboard ? t('into') : t('out of')} ${loadCase.name}`, (current) =>
            setAboard(current, loadCase.id, item.id, aboard),
          );
        }}
      />
    );
  const fill = entry?.fill ?? 0;
  const options = QUARTERS.includes(fill) ? QUARTERS : [...QUARTERS, fill].toSorted((a, b) => a - b);
  return (
    <select
      className="min-h-[32px] border border-base-300 bg-base-100 px-1"
      aria-label={label}
      value={fill}
      disabled={readOnly}
      onChange={(event) => {
        const full = Number(event.target.value);
        edit(
          t('{name} {full} % full in {name2}', { name: item.name, full: Math.round(full * 100), name2: loadCase.name }),
          (current) =>
            changeCase(current, loadCase.id, (old) => ({
              ...old,
              aboard: [
                ...old.aboard.filter(({ itemId }) => itemId !== item.id),
                { shiftM: 0, ...old.aboard.find(({ itemId }) => itemId === item.id), itemId: item.id, fill: full },
              ],
            })),
        );
      }}
    >
      {options.map((part) => (
        <option key={part} value={part}>
          {Math.round(part * 100)} %
        </option>
      ))}
    </select>
  );
};

/** What is aboard in which load: loads as rows, things as columns, filled by clicks. */
export const AboardTable = () => {
  const { trailer } = useEditing();
  const { caseId, showCase, say, evaluation } = useWorkbench('caseId', 'showCase', 'say', 'evaluation');
  if (trailer.items.length === 0) return null;
  return (
    <table className="narrow text-[13px] leading-[18px]" aria-label={t('What is aboard in which load')}>
      <thead>
        <tr className="align-bottom">
          <th className="pr-3 pb-1 text-left font-semibold">{t('Aboard')}</th>
          {trailer.items.map((item) => (
            <th key={item.id} scope="col" className="max-w-[96px] px-1 pb-1 font-normal">
              {item.name}
              <span className="mute block">{say.mass(item.massKg.value + item.emptyMassKg)}</span>
            </th>
          ))}
          <th className="pb-1 pl-3 text-right font-normal">{t('All')}</th>
        </tr>
      </thead>
      <tbody>
        {trailer.cases.map((loadCase) => {
          const massKg = evaluation.cases.find((own) => own.loadCase.id === loadCase.id)?.massKg;
          return (
            <tr
              key={loadCase.id}
              className="border-t border-base-300"
              style={loadCase.id === caseId ? { background: 'var(--dye-soft)' } : undefined}
            >
              <th scope="row" className="pr-3 text-left font-normal">
                <button
                  type="button"
                  className="min-h-[36px] text-left"
                  aria-pressed={loadCase.id === caseId}
                  onClick={() => showCase(loadCase.id)}
                >
                  {loadCase.name}
                </button>
              </th>
              {trailer.items.map((item) => (
                <td key={item.id} className="px-1 text-center">
                  <Cell item={item} loadCase={loadCase} />
                </td>
              ))}
              <td className="pl-3 text-right whitespace-nowrap">{massKg === undefined ? '' : say.mass(massKg)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
};
