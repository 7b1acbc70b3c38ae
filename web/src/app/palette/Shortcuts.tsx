import { useEffect, useId, useRef } from 'react';
import { Link } from 'react-router';

const KEYS: readonly (readonly [keys: string, does: string])[] = [
  ['Ctrl K, or /', 'Find a part or a job'],
  ['?', 'This list'],
  ['J, K', 'Next step, step before'],
  ['Ctrl Z, Ctrl Y', 'Undo, redo'],
  ['] or N, [ or P', 'On the drawing: next part, part before'],
  ['← →', 'The picked part by 1/16 in or 1 mm; with Shift by 1 in or 10 mm'],
  ['Page up, Page down', 'The picked part by 1 ft or 100 mm'],
  ['Digits', 'Begin the picked part’s size'],
  ['Enter', 'To the picked part’s fields'],
  ['F1', 'In a field: where to hold the tape'],
  ['Delete', 'Takes the picked part off'],
  ['Esc', 'Lets go; puts a drag back'],
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
        Keys
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
          Close
        </button>
        <Link className="button" to="/words">
          Words of the shop
        </Link>
      </p>
    </dialog>
  );
};
