import { addItem, type Item, placeInRows, type QuickProblem, readQuickLoads, type Trailer } from '@kereta/core';
import { nanoid } from 'nanoid';
import { useId, useState } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { useEditing } from '../../fields/editing';
import { casesFor, freshItem } from './freshItem';
import { USUAL_DOUBT } from './usualDoubt';
import { t } from '../../fields/language/t';

const SAID: Readonly<Record<QuickProblem['code'], string>> = {
  'no-weight': t('needs a weight'),
  'not-read': t('is not understood'),
  'too-many': t('is more than can be added at once'),
};

/** Each thing of a jotted list, placed in rows from the bed’s front; how sure of its weight one is, one says later. */
const itemsOf = (trailer: Trailer, text: string): readonly Item[] | readonly QuickProblem[] => {
  const read = readQuickLoads(text, trailer.settings.units);
  if (!read.ok) return read.error;
  const items = read.value.flatMap(({ count, name, massKg, usual }): Item[] =>
    Array.from({ length: count }, (_, i) => {
      const fresh = freshItem(trailer);
      return {
        ...fresh,
        id: `item.${nanoid(8)}`,
        name: count === 1 ? name : `${name} ${i + 1}`,
        massKg: { value: massKg, basis: 'guessed', tolerance: massKg * USUAL_DOUBT.guessed },
        sizeM: usual ? { lengthM: usual.lengthM, widthM: usual.widthM, heightM: usual.heightM } : fresh.sizeM,
      };
    }),
  );
  const places = placeInRows(
    trailer.frame.bed,
    items.map(({ sizeM }) => sizeM),
  );
  return items.map((item, i) => ({
    ...item,
    attach: {
      ...item.attach,
      offsetM: { ...item.attach.offsetM, value: places[i]?.xM ?? 0 },
      rightM: places[i]?.rightM ?? 0,
    },
  }));
};

/** Loads as one jots them down: "2 crates 600, firewood 1200". */
export const QuickAdd = () => {
  const { trailer, edit, readOnly } = useEditing();
  const { pick } = useWorkbench('pick');
  const id = useId();
  const [text, setText] = useState('');
  const [problems, setProblems] = useState<readonly QuickProblem[]>([]);
  const add = (): void => {
    const found = itemsOf(trailer, text);
    const [first] = found;
    if (!first) return;
    if ('code' in first) {
      setProblems(found as readonly QuickProblem[]);
      return;
    }
    const items = found as readonly Item[];
    edit(
      items.length === 1 ? t('{name} added', { name: first.name }) : t('{count} loads added', { count: items.length }),
      (current) => {
        const cases = casesFor(current);
        return items.reduce((sum, item) => addItem(sum, item, cases), current);
      },
    );
    pick(first.id);
    setText('');
    setProblems([]);
  };
  return (
    <form
      className="mt-2"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <label htmlFor={id} className="narrow mb-1 block text-[14px] leading-[18px]">
        {t('Quick add')}
      </label>
      <div className="flex gap-2">
        <input
          id={id}
          className="field-box min-w-0 flex-1"
          value={text}
          disabled={readOnly}
          maxLength={1000}
          placeholder={t('2 crates 600, firewood 1200')}
          aria-describedby={`${id}-note`}
          aria-invalid={problems.length > 0}
          onChange={(event) => setText(event.target.value)}
        />
        <button type="submit" className="button" disabled={readOnly || text.trim() === ''}>
          {t('Add')}
        </button>
      </div>
      <p
        id={`${id}-note`}
        className="narrow mute text-[13px] leading-[17px]"
        role={problems.length > 0 ? 'alert' : undefined}
      >
        {problems.length > 0
          ? problems.map(({ code, text: entry }) => `“${entry}” ${SAID[code]}`).join('; ')
          : t('How many, of what, each how heavy. Straw bales, bags of cement and the like may be without a weight.')}
      </p>
    </form>
  );
};
