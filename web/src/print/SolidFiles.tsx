import type { Progress, SolidFormat, Trailer } from '@kereta/core';
import { useRef, useState } from 'react';
import { downloadBlob } from '../fields/download';
import { makeSolids } from '../jobs/makeSolids';
import { t } from '../fields/language/t';

const FORMATS: readonly { readonly format: SolidFormat; readonly title: string; readonly type: string }[] = [
  { format: 'step', title: t('STEP'), type: 'model/step' },
  { format: 'stl', title: t('STL'), type: 'model/stl' },
  { format: 'glb', title: t('glTF'), type: 'model/gltf-binary' },
];

interface SolidFilesProps {
  readonly trailer: Trailer;
  /** file name with its ending */
  readonly named: (suffix: string) => string;
}

/** The frame as solids for CAD and for printing it small: made on demand, which takes some seconds and can be stopped. */
export const SolidFiles = ({ trailer, named }: SolidFilesProps) => {
  const [busy, setBusy] = useState<{ readonly title: string; readonly progress: Progress | undefined }>();
  const [failed, setFailed] = useState<string>();
  const stop = useRef<AbortController>(undefined);
  const save = async ({ format, title, type }: (typeof FORMATS)[number]): Promise<void> => {
    const controller = new AbortController();
    stop.current = controller;
    setFailed(undefined);
    setBusy({ title, progress: undefined });
    try {
      const bytes = await makeSolids(trailer, format, controller.signal, (progress) => setBusy({ title, progress }));
      downloadBlob(named(`.${format}`), new Blob([bytes as Uint8Array<ArrayBuffer>], { type }));
    } catch (error) {
      if (!controller.signal.aborted)
        setFailed(
          navigator.onLine
            ? error instanceof Error
              ? error.message
              : String(error)
            : t(
                'the solid modeller was never fetched here, and there is no network. It is kept from the first time on.',
              ),
        );
    } finally {
      setBusy(undefined);
    }
  };
  return (
    <>
      {FORMATS.map((one) => (
        <button
          key={one.format}
          type="button"
          className="button"
          disabled={busy !== undefined}
          onClick={() => void save(one)}
        >
          {one.title}
        </button>
      ))}
      {busy && (
        <span role="status" className="flex items-center gap-2">
          {busy.title}:{' '}
          {busy.progress && busy.progress.of > 1
            ? t('solid {done} of {of}', { done: busy.progress.done + 1, of: busy.progress.of })
            : t('the solid modeller is loaded')}
          <button type="button" className="button" onClick={() => stop.current?.abort()}>
            {t('Stop')}
          </button>
        </span>
      )}
      {failed !== undefined && (
        <span role="alert" className="verdict-over">
          {t('The solids could not be made: {failed}', { failed })}
        </span>
      )}
    </>
  );
};
