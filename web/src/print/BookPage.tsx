import {
  type BookTable,
  evaluate,
  type ProjectRecord,
  speaker,
  standingEntries,
  trailerBook,
  trailerOf,
} from '@kereta/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { TrailerRoute } from '../bench/TrailerRoute';
import { downloadBlob, fileName } from '../fields/download';
import { EditingContext } from '../fields/editing';
import { today } from '../fields/newEntry';
import { Photos } from '../fields/Photos';
import { Sized } from '../fields/Sized';
import { useStrength } from '../jobs/questions';
import { blobsByIds } from '../storage/blobs';
import type { ReadableTrailer } from '../storage/trailers';
import { drawingSetOf, PER_PAPER_M } from './drawingSetOf';
import { SheetFrame } from './SheetFrame';
import type { PdfPhoto } from './sheetPdf';
import { t, voice } from '../fields/language/t';
import { PAGE_LANGUAGE } from '../fields/language/language';

const nothing = (): void => undefined;

/** Photos that the record names, each with what it was noted with. */
const captionsOf = (record: ProjectRecord): ReadonlyMap<string, string> =>
  new Map(
    standingEntries(record).flatMap((entry) =>
      (entry.blobIds ?? []).map((id) => {
        const what = 'text' in entry ? entry.text : 'what' in entry ? entry.what : (entry.note ?? '');
        return [id, [entry.date, what].filter((part) => part !== '').join(', ')] as const;
      }),
    ),
  );

/** Photos as JPEG with their sizes; what is no picture any more is left out. */
const photosOf = async (captions: ReadonlyMap<string, string>): Promise<readonly PdfPhoto[]> => {
  const rows = await blobsByIds([...captions.keys()]);
  const photos = await Promise.all(
    rows.map(async ({ id, blob }): Promise<PdfPhoto[]> => {
      try {
        const picture = await createImageBitmap(blob);
        const { width: widthPx, height: heightPx } = picture;
        picture.close();
        const jpeg = new Uint8Array(await blob.arrayBuffer());
        return [{ caption: captions.get(id) ?? '', jpeg, widthPx, heightPx }];
      } catch {
        return [];
      }
    }),
  );
  return photos.flat();
};

const Table = ({ table: { title, head, rows } }: { readonly table: BookTable }) => (
  <section className="py-3" aria-label={title}>
    <h2 className="text-[17px] font-bold first-letter:uppercase">{title}</h2>
    <table className="narrow w-full text-[13.5px]">
      <thead>
        <tr className="text-left">
          {head.map((name, i) => (
            <th key={`${name} ${i}`} className="pr-3 font-semibold">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, k) => (
          <tr key={`${row.join(' ')} ${k}`} className="border-t border-gray-300 align-top">
            {row.map((text, i) => (
              <td key={`${text} ${i}`} className="py-1 pr-3">
                <Sized>{text}</Sized>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </section>
);

/** All that is known of a trailer in one place: plate, weights, checks, what was measured, done and paid. */
const Book = ({ stored }: { readonly stored: ReadableTrailer }) => {
  const { project, updatedAt } = stored;
  const trailer = trailerOf(project);
  const evaluation = useMemo(() => evaluate(trailer), [trailer]);
  const book = useMemo(() => trailerBook(project, evaluation, today()), [project, evaluation]);
  const strength = useStrength(trailer, 'soon');
  const captions = useMemo(() => captionsOf(project.record), [project.record]);
  const { data: photos } = useQuery({
    queryKey: [t('book photos'), trailer.id, [...captions.keys()].join(' ')],
    queryFn: () => photosOf(captions),
  });
  const [problem, setProblem] = useState('');
  const { units, fraction } = trailer.settings;
  const editing = useMemo(
    () => ({ units, fraction, readOnly: true, trailer, edit: nothing }),
    [units, fraction, trailer],
  );
  const save = async (): Promise<void> => {
    try {
      const { bookPdf } = await import('./drawingFiles');
      const date = new Intl.DateTimeFormat(PAGE_LANGUAGE, { dateStyle: 'medium' }).format(updatedAt);
      const sheets = drawingSetOf(evaluation, strength, units === 'metric' ? 'a4' : 'letter', date);
      const blob = await bookPdf({
        sheets,
        perMm: PER_PAPER_M / 1000,
        say: speaker(trailer, voice),
        date,
        front: book.front,
        tables: book.back,
        photos: photos ?? [],
      });
      downloadBlob(fileName(t('{name} book', { name: trailer.name }), '.pdf'), blob);
      setProblem('');
    } catch {
      setProblem(t('The file could not be made. Load the page again; nothing was changed.'));
    }
  };
  return (
    <EditingContext value={editing}>
      <SheetFrame
        trailer={trailer}
        sheet="book"
        back={`/trailer/${trailer.id}/weigh`}
        note={t('Sizes in {units}', { units: units === 'imperial' ? t('feet and inches') : 'mm' })}
        updatedAt={updatedAt}
      >
        <h1 className="wide text-[22px] font-bold">{t('The book of {name}', { name: trailer.name })}</h1>
        <div className="no-print my-2 flex items-center gap-3">
          <button
            type="button"
            className="button button-main"
            disabled={photos === undefined || (!strength.current && !strength.failed)}
            onClick={() => void save()}
          >
            {t('The whole book, PDF')}
          </button>
          <span className="text-[13.5px]">{t('with the drawings and {size} photos', { size: captions.size })}</span>
        </div>
        {problem !== '' && <p role="alert">{problem}</p>}
        {[...book.front, ...book.back].map((table) => (
          <Table key={table.title} table={table} />
        ))}
        <div className="flex flex-wrap gap-2">
          <Photos blobIds={[...captions.keys()]} name={t('Photo')} />
        </div>
        <p className="narrow mt-3 text-[13px]">
          {t(
            'What was checked stands here; nothing else was. Local law and a licensed engineer or inspector have the last word.',
          )}
        </p>
      </SheetFrame>
    </EditingContext>
  );
};

export const BookPage = () => <TrailerRoute>{(stored) => <Book stored={stored} />}</TrailerRoute>;
