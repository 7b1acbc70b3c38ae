import {
  type DrawingSheet,
  evaluate,
  type Evaluation,
  type PaperId,
  PAPERS,
  speaker,
  pieceChangeText,
  type ProjectRecord,
  type Speaker,
  templatesOf,
  viewDxf,
} from '@kereta/core';
import { Printer } from 'lucide-react';
import { type RefObject, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { useSession } from '../bench/useSession';
import { Lettering } from '../drawing/Lettering';
import { HatchPatterns, Shapes, STILL } from '../drawing/Shapes';
import { drawingSetOf, PER_PAPER_M } from './drawingSetOf';
import { SolidFiles } from './SolidFiles';
import { type Revision, useRevision } from './useRevision';
import { SheetText } from '../drawing/SheetText';
import { download, downloadBlob, fileName } from '../fields/download';
import { useSticks, useStrength } from '../jobs/questions';
import type { ReadableTrailer } from '../storage/trailers';
import { inner, t, voice } from '../fields/language/t';
import { PAGE_LANGUAGE } from '../fields/language/language';

const still = (): typeof STILL => STILL;
const isPaper = (text: string): text is PaperId => Object.hasOwn(PAPERS, text);

/** What changed since drawings were handed out last. */
const RevisionNote = ({ revision: { last, changes }, say }: { readonly revision: Revision; readonly say: Speaker }) => {
  if (!last) return null;
  return (
    <section aria-label={t('Changed since the last drawings')} className="pb-3 text-[14.5px]">
      {changes.length === 0 ? (
        <p>
          {t('These are the pieces of revision {revision}, handed out on {date}.', {
            revision: last.revision,
            date: last.date,
          })}
        </p>
      ) : (
        <>
          <p>{t('Since revision {revision} of {date}:', { revision: last.revision, date: last.date })}</p>
          <ul className="list-inside list-disc">
            {changes.map((change) => (
              <li key={`${change.mark} ${change.change} ${change.byM}`}>{pieceChangeText(change, say)}</li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
};

interface FileButtonsProps {
  /** welds are worked out, or never will be */
  readonly ready: boolean;
  /** that is looked at */
  readonly sheet: DrawingSheet;
  readonly day: string;
  readonly record: ProjectRecord;
  readonly revision: Revision;
  readonly sheets: readonly [DrawingSheet, ...DrawingSheet[]];
  readonly evaluation: Evaluation;
  readonly date: string;
  readonly drawn: RefObject<SVGSVGElement | null>;
}

/** The sheet as files that other programs read; their names say trailer, sheet and day. */
const FileButtons = ({ ready, sheet, day, record, revision, sheets, evaluation, date, drawn }: FileButtonsProps) => {
  const { trailer, cutList } = evaluation;
  const { sections } = useSticks(trailer, record);
  const perMm = PER_PAPER_M / 1000;
  const named = (of: string, suffix: string): string =>
    fileName(
      t('{name} {of} revision {number} {day}', { name: trailer.name, of, number: revision.number, day }),
      suffix,
    );
  const savePdf = async (): Promise<void> => {
    const { drawingSetPdf } = await import('./drawingFiles');
    const set = { sheets, perMm, cutList, sections, say: speaker(trailer, voice), date };
    downloadBlob(named('drawings', '.pdf'), await drawingSetPdf(set));
    revision.handOut();
  };
  const templates = useMemo(() => templatesOf(evaluation.chassis, cutList), [evaluation, cutList]);
  const saveTemplates = async (): Promise<void> => {
    const { templateFile } = await import('./drawingFiles');
    downloadBlob(named('templates', '.pdf'), await templateFile(trailer, templates, date));
  };
  const saveSvg = async (): Promise<void> => {
    if (!drawn.current) return;
    const { svgFile } = await import('./drawingFiles');
    const text = svgFile(drawn.current, sheet.width / perMm, sheet.height / perMm);
    download(named(t('drawing {name}', { name: sheet.name }), '.svg'), text, 'image/svg+xml');
  };
  return (
    <>
      <button type="button" className="button" disabled={!sections || !ready} onClick={() => void savePdf()}>
        {t('PDF')}
      </button>
      <button type="button" className="button" disabled={templates.length === 0} onClick={() => void saveTemplates()}>
        {t('Templates 1:1, PDF')}
      </button>
      <button type="button" className="button" onClick={() => void saveSvg()}>
        {t('SVG')}
      </button>
      {sheet.views
        .filter(({ id }) => id !== 'weld-symbols')
        .map(({ id, title, view }) => (
          <button
            key={id}
            type="button"
            className="button"
            onClick={() => download(named(id, '.dxf'), viewDxf(view, trailer.settings.units), 'application/dxf')}
          >
            {t('DXF{count}', { count: sheet.views.length > 1 ? `, ${inner(title.split(',')[0] ?? '')}` : '' })}
          </button>
        ))}
      <SolidFiles trailer={trailer} named={(suffix) => named('frame', suffix)} />
    </>
  );
};

/** The sheet as a picture, in the page's own units. */
const DrawnSheet = ({
  sheet,
  name,
  drawn,
}: {
  readonly sheet: DrawingSheet;
  readonly name: string;
  readonly drawn: RefObject<SVGSVGElement | null> | undefined;
}) => {
  const { width, height, border, text } = sheet;
  return (
    <svg
      {...(drawn ? { ref: drawn } : {})}
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      className="block h-auto max-w-full print:max-w-none"
      role="img"
      aria-label={t('{name}, sheet {name2}, scale {scaleText}', {
        name,
        name2: sheet.name,
        scaleText: sheet.scaleText,
      })}
      {...(drawn ? { 'data-testid': 'drawing-sheet' } : {})}
      style={{ fontFamily: 'var(--font-sans)' }}
    >
      <HatchPatterns />
      <rect
        x={border.x0}
        y={border.y0}
        width={border.x1 - border.x0}
        height={border.y1 - border.y0}
        fill="none"
        stroke="black"
        strokeWidth="1.4"
      />
      {sheet.views.map(({ id, title, titleAt, view, placing, laid }) => (
        <g key={id}>
          <SheetText x={titleAt[0]} y={titleAt[1]} text={title} anchor="start" size={text * 1.1} bold />
          <Shapes shapes={view.shapes} place={placing} stateOf={still} />
          <Lettering laid={laid} size={text} />
        </g>
      ))}
      {sheet.writing.map((line) => (
        <SheetText key={`${line.x} ${line.y}`} x={line.x} y={line.y} text={line.text} anchor="start" size={text} />
      ))}
      {sheet.titleBlock.map((cell) => (
        <g key={cell.label}>
          <rect
            x={cell.box.x0}
            y={cell.box.y0}
            width={cell.box.x1 - cell.box.x0}
            height={cell.box.y1 - cell.box.y0}
            fill="white"
            stroke="black"
            strokeWidth="0.8"
          />
          <SheetText
            x={cell.box.x0 + 5}
            y={(cell.box.y0 + cell.box.y1) / 2}
            text={cell.text}
            anchor="start"
            size={cell.height}
          />
        </g>
      ))}
    </svg>
  );
};

const Sheet = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const session = useSession(id, stored);
  const { projectStore } = session;
  const trailer = useStore(projectStore.store, projectStore.trailerNow);
  const record = useStore(projectStore.store, (state) => state.record);
  const { units } = trailer.settings;
  const [paper, setPaper] = useState<PaperId>(units === 'metric' ? 'a3' : 'tabloid');
  const drawn = useRef<SVGSVGElement>(null);
  const evaluation = useMemo(() => evaluate(trailer), [trailer]);
  const revision = useRevision(trailer, evaluation.cutList, record, projectStore);
  // The day of the drawing stays while it is looked at: remembering a set changes the trailer's own day.
  const [updatedAt] = useState(stored.updatedAt);
  const day = new Date(updatedAt).toISOString().slice(0, 10);
  const date = t('{updatedAt}, revision {number}', {
    updatedAt: new Intl.DateTimeFormat(PAGE_LANGUAGE, { dateStyle: 'medium' }).format(updatedAt),
    number: revision.number,
  });
  const { outcome, current, failed } = useStrength(trailer, 'soon');
  const sheets = useMemo(
    () => drawingSetOf(evaluation, { outcome, current }, paper, date),
    [evaluation, paper, date, outcome, current],
  );
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const [name, setName] = useState<string>();
  const sheet = sheets.find((one) => one.name === name) ?? sheets[0];
  const { width, height } = sheet;
  return (
    <div
      data-theme="kereta-paper"
      className="sheet bg-white text-black"
      style={{ ['--paper' as string]: 'white', ['--color-base-100' as string]: 'white' }}
    >
      <style>{`@page { size: ${(width / 96).toFixed(3)}in ${(height / 96).toFixed(3)}in; margin: 0; }`}</style>
      <div className="no-print relative flex flex-wrap items-center gap-3 p-4">
        <h1 className="sr-only">{t('Drawings of {name}', { name: trailer.name })}</h1>
        <Link className="button" to={`/trailer/${trailer.id}/cut`}>
          {t('Back')}
        </Link>
        <button type="button" className="button button-main" onClick={() => window.print()}>
          <Printer size={17} aria-hidden /> {t('Print')}
        </button>
        <label className="flex items-center gap-2">
          {t('Paper')}
          <select
            className="field-box w-[130px]"
            value={paper}
            onChange={(event) => isPaper(event.target.value) && setPaper(event.target.value)}
          >
            {Object.entries(PAPERS).map(([id, { name }]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label className="flex items-center gap-2">
          {t('Sheet')}
          <select className="field-box w-[130px]" value={sheet.name} onChange={(event) => setName(event.target.value)}>
            {sheets.map((one) => (
              <option key={one.name} value={one.name}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
        <FileButtons
          ready={current || failed}
          sheet={sheet}
          day={day}
          record={record}
          revision={revision}
          sheets={sheets}
          evaluation={evaluation}
          date={date}
          drawn={drawn}
        />
        <span>
          {t(
            'Scale {scaleText}. Print at 100 %, not fitted to the page; measure one size on paper before you rely on it.',
            { scaleText: sheet.scaleText },
          )}
        </span>
      </div>
      <div className="no-print px-4">
        <SessionNotes
          session={session}
          onlyLooked={t('the drawings can be saved here, but which revision it was is not kept')}
          unsaved={t('which revision it was')}
        />
        <RevisionNote revision={revision} say={say} />
      </div>
      {sheets.map((one) => (
        <div key={one.name} className={one === sheet ? 'break-after-page' : 'hidden break-after-page print:block'}>
          <DrawnSheet sheet={one} name={trailer.name} drawn={one === sheet ? drawn : undefined} />
        </div>
      ))}
    </div>
  );
};

/** The trailer to scale on one sheet of paper, with its sizes and a title block. */
export const DrawingPage = () => <TrailerPage>{(id, stored) => <Sheet id={id} stored={stored} />}</TrailerPage>;
