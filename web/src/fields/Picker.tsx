import { searchRank } from '@kereta/core';
import { useCombobox } from 'downshift';
import { ChevronsUpDown } from 'lucide-react';
import { type ChangeEvent, type FocusEvent, useMemo, useState } from 'react';
import { recall, remember } from '../storage/remembered';
import { useEditing } from './editing';
import { Sized } from './Sized';
import { t } from './language/t';

/** A row of a list that is too long to be read through. */
export interface PickRow {
  readonly id: string;
  /** told in full, wherever it stands */
  readonly name: string;
  readonly group: string;
  /** what else decides: weight, metal, rating */
  readonly detail: string;
  /** what it is found by, made by `searchText` */
  readonly search: string;
}

interface PickerProps {
  readonly label: string;
  readonly value: string;
  /** in groups, the ones that are nearest to hand first */
  readonly rows: readonly PickRow[];
  readonly onCommit: (id: string) => void;
  /** names the list among others: what was chosen from it lately stands on top */
  readonly list: string;
  readonly partField?: string;
  readonly hint?: string;
}

/** So many rows that were chosen lately stand on top. */
const RECENT = 4;
const keyOf = (list: string): string => `kereta-recent-${list}`;

const recentOf = (list: string): readonly string[] => (recall(keyOf(list)) ?? '').split('\n').filter(Boolean);
const noteRecent = (list: string, id: string): void =>
  remember(keyOf(list), [id, ...recentOf(list).filter((other) => other !== id)].slice(0, RECENT).join('\n'));

interface Group {
  readonly name: string;
  readonly rows: readonly PickRow[];
  /** of its first row among all that are shown */
  readonly from: number;
}

/** Rows that fit a search, best first within their groups; without one, all of them with the recent ones on top. */
const found = (rows: readonly PickRow[], search: string, recent: readonly string[]): readonly Group[] => {
  const ranked = rows.flatMap((row) => {
    const rank = searchRank(row.search, search);
    return rank === undefined ? [] : [{ row, rank }];
  });
  const best = search.trim() === '' ? ranked : ranked.toSorted((a, b) => b.rank - a.rank);
  const groups = new Map<string, PickRow[]>();
  for (const { row } of best) groups.set(row.group, [...(groups.get(row.group) ?? []), row]);
  const lately = search.trim() === '' ? recent.flatMap((id) => rows.find((row) => row.id === id) ?? []) : [];
  let from = 0;
  return [...(lately.length > 0 ? [[t('Chosen lately'), lately] as const] : []), ...groups].map(([name, own]) => {
    const group = { name, rows: own, from };
    from += own.length;
    return group;
  });
};

type Combobox = ReturnType<typeof useCombobox<PickRow>>;

/** Rows of one group under its name. */
const GroupRows = ({
  group,
  value,
  combobox,
}: {
  readonly group: Group;
  readonly value: string;
  readonly combobox: Combobox;
}) => (
  <li role="presentation">
    <p className="narrow mute px-3 pt-2 pb-1 text-[12.5px] font-semibold" aria-hidden>
      {group.name}
    </p>
    <ul role="group" aria-label={group.name}>
      {group.rows.map((row, i) => {
        const index = group.from + i;
        const active = combobox.highlightedIndex === index;
        return (
          <li
            key={row.id}
            {...combobox.getItemProps({ item: row, index, 'aria-selected': row.id === value })}
            data-value={row.id}
            className="narrow cursor-pointer px-3 py-[6px] text-[14px] leading-[18px]"
            style={{
              background: active ? 'var(--dye-soft)' : undefined,
              boxShadow: active ? 'inset 3px 0 0 var(--dye)' : undefined,
            }}
          >
            <span className="block font-semibold">
              <Sized>{row.name}</Sized>
              {row.id === value ? ` (${t('now')})` : ''}
            </span>
            <span className="mute block text-[13px] leading-[16px]">
              <Sized>{row.detail}</Sized>
            </span>
          </li>
        );
      })}
    </ul>
  </li>
);

/** A choice from a long list by typing some of it, "3x2 3/16" or "50x30": grouped, with what decides written out; by keyboard throughout. */
export const Picker = ({ label, value, rows, onCommit, list, partField, hint }: PickerProps) => {
  const { readOnly } = useEditing();
  const [search, setSearch] = useState('');
  const chosen = rows.find(({ id }) => id === value);
  const name = chosen?.name ?? (value === '' ? '' : t('{value} (not in the list)', { value }));
  const [isOpen, setOpen] = useState(false);
  const groups = useMemo(() => (isOpen ? found(rows, search, recentOf(list)) : []), [isOpen, rows, search, list]);
  const shown = groups.flatMap((group) => group.rows);
  const close = (): void => {
    setOpen(false);
    setSearch('');
  };
  const take = (row: PickRow | null | undefined): void => {
    close();
    if (!row || row.id === value) return;
    noteRecent(list, row.id);
    onCommit(row.id);
  };
  const combobox = useCombobox<PickRow>({
    items: shown,
    isOpen,
    inputValue: isOpen ? search : name,
    selectedItem: null,
    defaultHighlightedIndex: 0,
    itemToString: (row) => row?.name ?? '',
    onStateChange: ({ type, selectedItem, isOpen: opens }) => {
      switch (type) {
        case useCombobox.stateChangeTypes.ItemClick:
        case useCombobox.stateChangeTypes.InputKeyDownEnter:
          take(selectedItem);
          break;
        case useCombobox.stateChangeTypes.InputBlur:
        case useCombobox.stateChangeTypes.InputKeyDownEscape:
          close();
          break;
        case useCombobox.stateChangeTypes.InputClick:
        case useCombobox.stateChangeTypes.ToggleButtonClick:
        case useCombobox.stateChangeTypes.InputKeyDownArrowDown:
        case useCombobox.stateChangeTypes.InputKeyDownArrowUp:
          if (opens !== undefined && opens !== isOpen) setOpen(opens);
          break;
        default:
          break;
      }
    },
  });
  const note = hint ?? chosen?.detail;
  return (
    <div className="relative col-span-2 min-w-0">
      <label {...combobox.getLabelProps()} className="narrow mb-1 block text-[14px] leading-[18px]">
        {label}
      </label>
      <div className="relative">
        <input
          {...combobox.getInputProps({
            disabled: readOnly,
            // Whoever comes here by keyboard and types means something new, not an end to the name that stands there.
            onFocus: ({ currentTarget }: FocusEvent<HTMLInputElement>) => currentTarget.select(),
            // At once, or letters of somebody who types fast are lost.
            onChange: ({ currentTarget }: ChangeEvent<HTMLInputElement>) => {
              setOpen(true);
              setSearch(currentTarget.value);
            },
          })}
          className="field-box narrow pr-9"
          placeholder={isOpen ? (name === '' ? t('type a size or a name') : name) : t('choose')}
          data-part-field={partField}
          autoComplete="off"
          spellCheck={false}
        />
        <ChevronsUpDown
          size={15}
          aria-hidden
          className="mute pointer-events-none absolute top-1/2 right-3 -translate-y-1/2"
        />
      </div>
      {note && !isOpen && (
        <p className="narrow mute text-[13px] leading-[17px]">
          <Sized>{note}</Sized>
        </p>
      )}
      <ul
        {...combobox.getMenuProps()}
        className={
          isOpen
            ? 'absolute z-30 mt-1 max-h-[320px] w-full overflow-y-auto rounded-[4px] border border-[var(--ink)] bg-base-100 py-1'
            : 'hidden'
        }
      >
        {groups.map((group) => (
          <GroupRows key={group.name} group={group} value={value} combobox={combobox} />
        ))}
        {isOpen && shown.length === 0 && (
          <li className="narrow px-3 py-2 text-[14px]" role="presentation">
            {t('Nothing on the list fits “{search}”. Try fewer words, or a size such as 3x2.', { search })}
          </li>
        )}
      </ul>
    </div>
  );
};
