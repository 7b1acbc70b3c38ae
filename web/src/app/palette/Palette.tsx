import { useCombobox } from 'downshift';
import { useEffect, useId, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useWorkbenchNow } from '../../bench/workbench';
import { Sized } from '../../fields/Sized';
import { type Command, commandsOf, foundBy } from './commands';
import { t } from '../../fields/language/t';

interface PaletteProps {
  readonly onClose: () => void;
  readonly openFields: (partId: string) => void;
}

/** Finds a part or a job by some of its letters, and does what was found; sizes are set by typing them. */
export const Palette = ({ onClose, openFields }: PaletteProps) => {
  const dialog = useRef<HTMLDialogElement>(null);
  const now = useWorkbenchNow();
  const navigate = useNavigate();
  const [text, setText] = useState('');
  const titleId = useId();
  // What there is to be found is that of the moment when it was opened.
  const [workbench] = useState(now);
  const all = useMemo(
    () => commandsOf(workbench, (path) => void navigate(path), openFields),
    [workbench, navigate, openFields],
  );
  const found = useMemo(() => foundBy(text, all, workbench), [text, all, workbench]);
  useEffect(() => {
    dialog.current?.showModal();
  }, []);
  const choose = (command: Command | null): void => {
    if (!command) return;
    // Closed before anything else takes the focus.
    dialog.current?.close();
    onClose();
    command.run();
  };
  const { getInputProps, getMenuProps, getItemProps, highlightedIndex } = useCombobox<Command>({
    items: [...found],
    isOpen: true,
    inputValue: text,
    itemToString: (command) => command?.name ?? '',
    defaultHighlightedIndex: 0,
    selectedItem: null,
    stateReducer: (_state, { type, changes }) =>
      // The first that fits is at hand after every letter.
      type === useCombobox.stateChangeTypes.InputChange ? { ...changes, highlightedIndex: 0 } : changes,
    onSelectedItemChange: ({ selectedItem }) => choose(selectedItem),
  });
  return (
    <dialog
      ref={dialog}
      className="palette m-auto mt-[12vh] w-[min(560px,94vw)] rounded-[6px] border border-[var(--ink)] bg-base-100 p-0"
      aria-labelledby={titleId}
      onClose={onClose}
    >
      <div className="p-3">
        <p id={titleId} className="narrow mb-1 text-[14px]">
          {t('Find a part or a job')}
        </p>
        <input
          {...getInputProps({
            'aria-label': t('Find a part or a job'),
            'aria-labelledby': undefined,
            // React hears of every letter at once: downshift alone would put the cursor at the end.
            onChange: (event) => setText(event.currentTarget.value),
            onKeyDown: (event) => {
              if (event.key !== 'Escape') return;
              event.preventDefault();
              onClose();
            },
          })}
          className="field-box"
          placeholder={t('axle 59, cross-member at 30, print cut list')}
          // The dialog was opened to type in it.
          autoFocus
        />
      </div>
      <ul {...getMenuProps()} className="max-h-[50vh] overflow-auto border-t border-base-300 pb-2">
        {found.map((command, index) => (
          <li
            key={command.id}
            {...getItemProps({ item: command, index })}
            className="flex min-h-[44px] cursor-pointer items-center justify-between gap-3 px-4"
            style={{
              background: index === highlightedIndex ? 'var(--color-base-200)' : undefined,
              boxShadow: index === highlightedIndex ? 'inset 4px 0 0 var(--dye)' : undefined,
            }}
          >
            <Sized>{command.name}</Sized>
            <span className="mute narrow text-[13px]">{command.group}</span>
          </li>
        ))}
        {found.length === 0 && <li className="mute px-4 py-2">{t('Nothing is called so.')}</li>}
      </ul>
    </dialog>
  );
};
