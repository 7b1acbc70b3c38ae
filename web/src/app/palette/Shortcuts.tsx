import { useEffect, useId, useRef } from 'react';
import { Link } from 'react-router';
import { t } from '../../fields/language/t';

const KEYS: readonly (readonly [keys: string, does: string])[] = [
  [t('Ctrl K, or /'), t('Find a part or a job')],
  ['?', t('This list')],
  ['J, K', t('Next step, step before')],
  [t('Ctrl Z, Ctrl Y'), t('Undo, redo')],
  [t('] or N, [ or P'), t('On the drawing: next part, part before')],
  ['← →', t('The picked part by 1/16 in or 1 mm; with Shift by 1 in or 10 mm')],
  [t('Page up, Page down'), t('The picked part by 1 ft or 100 mm')],
  [t('Digits'), t('Begin the picked part’s size')],
  ['Enter', t('To the picked part’s fields')],
  ['F1', t('In a field: where to hold the tape')],
  ['Delete', t('Takes the picked part off')],
  [t('Esc'), t('Lets go; puts a drag back')],
];

/** Every key that does something, and what. */
export const Shortcuts = ({ onClose }: { readonly onClose: () => void }) => {
  const dialog = useRef<HTMLDialogElement>(null);
  const titleId = useId();
  useEffect(() => {
    dialog.current?.showModal();
  }, []);
  return (
    <dialog
      ref={dialog}
      className="m-auto w-[min(560px,94vw)] rounded-[6px] border border-[var(--ink)] bg-base-100 p-4"
      aria-labelledby={titleId}
      onClose={onClose}
    >
      <h2 id={titleId} className="wide text-[18px] font-bold">
        {t('Keys')}
      </h2>
      <table className="mt-2 w-full text-[14.5px]">
        <tbody>
          {KEYS.map(([keys, does]) => (
            <tr key={keys} className="border-t border-base-300">
              <td className="py-1 pr-4 font-semibold whitespace-nowrap">{keys}</td>
              <td>{does}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="button" onClick={onClose}>
          {t('Close')}
        </button>
        <Link className="button" to="/words">
          {t('Words of the shop')}
        </Link>
      </p>
    </dialog>
  );
};
