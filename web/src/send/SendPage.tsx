import { PROJECT_FILE_SUFFIX, type Project, writeProject } from '@kereta/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { PageHead } from '../fields/PageHead';
import { TrailerPage } from '../bench/TrailerPage';
import { download, fileName } from '../fields/download';
import type { ReadableTrailer } from '../storage/trailers';
import { fragmentOf, MOST_CODES, pack, piecesOf } from './pack';
import { sentText } from './takeIn';
import { t } from '../fields/language/t';

interface Code {
  readonly address: string;
  readonly picture: string;
}

/** Addresses with their pictures; how many it would take where that is too many. */
const codesOf = async (project: Project, recordOnly: boolean): Promise<readonly Code[] | number> => {
  const pieces = piecesOf(await pack(sentText(project, recordOnly)));
  if (pieces.length > MOST_CODES) return pieces.length;
  const { toString: toPicture } = await import('qrcode');
  return Promise.all(
    pieces.map(async (piece) => {
      const address = `${window.location.origin}/arrive#${fragmentOf(piece)}`;
      const svg = await toPicture(address, { type: 'svg', errorCorrectionLevel: 'L', margin: 4 });
      return { address, picture: `data:image/svg+xml;base64,${btoa(svg)}` };
    }),
  );
};

/** This address names this machine alone: nothing else can call it. */
const isOwnOnly = (): boolean => ['localhost', '127.0.0.1', '[::1]'].includes(window.location.hostname);

const Codes = ({ codes }: { readonly codes: readonly Code[] }) => {
  const [at, setAt] = useState(0);
  const code = codes[Math.min(at, codes.length - 1)];
  if (!code) return null;
  return (
    <div>
      <img
        src={code.picture}
        alt={t('Code {at} of {count}', { at: at + 1, count: codes.length })}
        className="mx-auto block w-full max-w-[440px] bg-white"
      />
      {codes.length > 1 && (
        <div className="mt-2 flex items-center justify-between gap-2">
          <button type="button" className="button min-h-[48px]" disabled={at === 0} onClick={() => setAt(at - 1)}>
            {t('Before')}
          </button>
          <p role="status">{t('Code {at} of {count}, in any order', { at: at + 1, count: codes.length })}</p>
          <button
            type="button"
            className="button min-h-[48px]"
            disabled={at + 1 >= codes.length}
            onClick={() => setAt(at + 1)}
          >
            {t('Next')}
          </button>
        </div>
      )}
      <p className="mt-2">
        {codes.length === 1 ? (
          <a className="underline" href={code.address}>
            {t('The same as a link')}
          </a>
        ) : (
          <span className="mute text-[13.5px]">{t('Too long for one link: scan all codes, or send the file.')}</span>
        )}
      </p>
    </div>
  );
};

/** A trailer on its way to another browser: as a file, or as codes that a phone reads off the screen. */
const Send = ({ stored }: { readonly stored: ReadableTrailer }) => {
  const { project } = stored;
  const [recordOnly, setRecordOnly] = useState(false);
  const { data: codes, isError } = useQuery({
    queryKey: ['codes', project.id, stored.updatedAt, recordOnly],
    queryFn: () => codesOf(project, recordOnly),
  });
  const photos = project.record.entries.some(({ blobIds = [] }) => blobIds.length > 0);
  return (
    <div className="mx-auto max-w-[640px] px-4 pb-24">
      <PageHead
        title={t('{name}, to the phone and back', { name: project.design.name })}
        back={`/trailer/${project.id}/build`}
      />
      <button
        type="button"
        className="button button-main min-h-[52px] w-full"
        onClick={() =>
          download(fileName(project.design.name, PROJECT_FILE_SUFFIX), writeProject(project), 'application/json')
        }
      >
        {t('As a file')}
      </button>
      <label className="mt-3 flex min-h-[48px] items-center gap-2 text-[15px]">
        <input
          type="checkbox"
          className="checkbox"
          checked={recordOnly}
          onChange={(event) => setRecordOnly(event.target.checked)}
        />
        {t('Only what was noted and read: the way back, where the trailer is there already')}
      </label>
      {isOwnOnly() && (
        <p className="my-2 border-l-4 border-[var(--tight)] pl-3 text-[14.5px]" role="note">
          {t('This address, {host}, is known to this machine alone: a phone cannot open these codes. Start with', {
            host: window.location.host,
          })}{' '}
          <b>{t('npm start -- --host')}</b>{' '}
          {t('and open Kereta here by the address that it then names; whoever is on that network can open it as well.')}
        </p>
      )}
      {isError && <p role="alert">{t('The codes could not be drawn. Send the file.')}</p>}
      {typeof codes === 'number' && (
        <p role="status" className="my-2">
          {t('It would take {codes} codes, and nobody scans more than {most}. Send the file{recordOnly}.', {
            codes,
            most: MOST_CODES,
            recordOnly: recordOnly ? '' : t(', or only what was noted and read'),
          })}
        </p>
      )}
      {typeof codes === 'object' && <Codes codes={codes} />}
      {photos && (
        <p className="mute mt-2 text-[13.5px]">
          {t('Photos do not travel in codes: they go with “Export all” in the shed.')}
        </p>
      )}
    </div>
  );
};

export const SendPage = () => <TrailerPage>{(_id, stored) => <Send stored={stored} />}</TrailerPage>;
