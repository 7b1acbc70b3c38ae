import { isOfPiece, type Evaluation, type Speaker, type Trailer } from '@kereta/core';
import { Eye, EyeOff, Focus } from 'lucide-react';
import { useId, useState } from 'react';
import { useWorkbench } from '../../bench/workbench';
import { t } from '../../fields/language/t';

/** Parts that belong together. */
interface Branch {
  readonly id: string;
  readonly name: string;
  readonly parts: readonly string[];
}

/** Frame, tongue, sides, each piece, what is one's own, running gear, loads: as they are on this trailer. */
const branchesOf = (trailer: Trailer, { chassis }: Evaluation, say: Speaker): readonly Branch[] => {
  const { members, panels } = chassis;
  const ofGroups = (...groups: readonly string[]): string[] =>
    members.filter(({ group }) => groups.includes(group)).map(({ id }) => id);
  const flat = panels.filter(({ own }) => own).map(({ id }) => id);
  const { pieces } = trailer.frame;
  const ownFlat = flat.filter((id) => !pieces.some((piece) => isOfPiece(id, piece.id)));
  const ownBars = ofGroups('own').filter((id) => !pieces.some((piece) => isOfPiece(id, piece.id)));
  return [
    { id: 'frame', name: t('Frame'), parts: ofGroups('rail', 'header', 'cross') },
    { id: 'deck', name: t('Deck'), parts: panels.filter(({ kind }) => kind === 'deck').map(({ id }) => id) },
    { id: 'tongue', name: t('Tongue'), parts: [...ofGroups('tongue'), 'coupler', 'jack'] },
    {
      id: 'sides',
      name: t('Rail sides and boards'),
      parts: [...ofGroups('side'), ...panels.filter(({ kind }) => kind === 'board').map(({ id }) => id)],
    },
    ...pieces.map(({ id }) => ({
      id,
      name: say.partName(id),
      parts: [...ofGroups('own'), ...flat].filter((part) => isOfPiece(part, id)),
    })),
    { id: 'own-bars', name: t('Bars of your own'), parts: ownBars },
    { id: 'own-panels', name: t('Panels of your own'), parts: ownFlat },
    { id: 'gear', name: t('Running gear'), parts: ['axle'] },
    { id: 'loads', name: t('What is on it'), parts: trailer.items.map(({ id }) => id) },
  ].filter(({ parts }) => parts.length > 0);
};

/** The tree itself, made only while it is looked at. */
const Tree = () => {
  const { trailer, evaluation, say, picked, pick, hidden, hide } = useWorkbench(
    'trailer',
    'evaluation',
    'say',
    'picked',
    'pick',
    'hidden',
    'hide',
  );
  const [sought, setSought] = useState('');
  const id = useId();
  const branches = branchesOf(trailer, evaluation, say);
  const words = sought.trim().toLowerCase();
  const all = branches.flatMap(({ parts }) => parts);
  const isOut = (parts: readonly string[]): boolean => parts.every((part) => hidden.has(part));
  const without = (parts: readonly string[], out: boolean): void => {
    const next = new Set(hidden);
    for (const part of parts) {
      if (out) next.add(part);
      else next.delete(part);
    }
    hide(next);
  };
  return (
    <div className="px-4 pb-3">
      <div className="flex items-end gap-2">
        <div className="min-w-0 flex-1">
          <label htmlFor={id} className="narrow mb-1 block text-[14px]">
            {t('Find a part')}
          </label>
          <input
            id={id}
            type="search"
            className="field-box narrow"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
        </div>
        <button type="button" className="button" disabled={hidden.size === 0} onClick={() => hide(new Set())}>
          {t('Show all')}
        </button>
      </div>
      <ul className="mt-2" aria-label={t('Parts')}>
        {branches.map((branch) => {
          const found = branch.parts.filter((part) => say.partName(part).toLowerCase().includes(words));
          if (words !== '' && found.length === 0 && !branch.name.toLowerCase().includes(words)) return null;
          const out = isOut(branch.parts);
          return (
            <li key={branch.id} className="border-t border-base-300">
              <div className="flex items-center gap-1">
                <details className="min-w-0 flex-1" open={words !== '' || undefined}>
                  <summary className="flex min-h-[40px] items-center gap-2 text-[14px]">
                    {branch.name}
                    <span className="mute">{branch.parts.length}</span>
                  </summary>
                  <ul className="pb-1 pl-3" aria-label={branch.name}>
                    {(words === '' ? branch.parts : found).map((part) => (
                      <li key={part}>
                        <button
                          type="button"
                          className="min-h-[32px] w-full text-left text-[14px]"
                          style={part === picked ? { color: 'var(--dye)', fontWeight: 600 } : undefined}
                          aria-pressed={part === picked}
                          onClick={() => pick(part)}
                        >
                          {say.partName(part)}
                        </button>
                      </li>
                    ))}
                  </ul>
                </details>
                <button
                  type="button"
                  className="button w-[44px] self-start px-0"
                  aria-label={t('Only {name} in the drawing', { name: branch.name })}
                  onClick={() => hide(new Set(all.filter((part) => !branch.parts.includes(part))))}
                >
                  <Focus size={16} aria-hidden />
                </button>
                <button
                  type="button"
                  className="button w-[44px] self-start px-0"
                  aria-label={`${out ? t('Show') : t('Hide')} ${branch.name}`}
                  aria-pressed={out}
                  onClick={() => without(branch.parts, !out)}
                >
                  {out ? <EyeOff size={16} aria-hidden /> : <Eye size={16} aria-hidden />}
                </button>
              </div>
            </li>
          );
        })}
      </ul>
      <p className="mute mt-1 text-[13px]">
        {t('What is hidden is left out of the drawing alone: it stays in every figure.')}
      </p>
    </div>
  );
};

/** Every part in a tree: found by its name, picked, left out of the drawing or alone in it. */
export const PartTree = () => {
  const [open, setOpen] = useState(false);
  return (
    <details className="border-t border-base-300" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">{t('All parts')}</summary>
      {open && <Tree />}
    </details>
  );
};
