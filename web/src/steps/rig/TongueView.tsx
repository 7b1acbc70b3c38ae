import { type ReactNode, useState } from 'react';
import { RampView } from './RampView';
import { Turning } from './Turning';
import { t } from '../../fields/language/t';

const VIEWS = [
  { id: 'trailer', text: t('Trailer') },
  { id: 'turned', text: t('Turned') },
  { id: 'ramp', text: t('Crest and dip') },
] as const;
type ViewId = (typeof VIEWS)[number]['id'];

/** The trailer's own drawing, or the rig: turned against its vehicle, or over a break of the road. */
export const TongueView = ({ drawing }: { readonly drawing: ReactNode }) => {
  const [shown, setShown] = useState<ViewId>('trailer');
  return (
    <>
      <fieldset className="flex gap-1 px-3 pt-2">
        <legend className="sr-only">{t('What is drawn')}</legend>
        {VIEWS.map(({ id, text }) => (
          <button
            key={id}
            type="button"
            className="button min-h-[36px]"
            aria-pressed={shown === id}
            style={shown === id ? { borderColor: 'var(--dye)', boxShadow: '0 0 0 1px var(--dye)' } : undefined}
            onClick={() => setShown(id)}
          >
            {text}
          </button>
        ))}
      </fieldset>
      {shown === 'trailer' ? drawing : shown === 'turned' ? <Turning /> : <RampView />}
    </>
  );
};
