import { PROJECT_FILE_SUFFIX, type Project, trailerOf, VERDICT_WORDS, writeProject } from '@kereta/core';
import { Copy, Download, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { SmallDrawing } from '../drawing/SmallDrawing';
import { download, fileName } from '../fields/download';
import { Sized } from '../fields/Sized';
import { useInView } from '../fields/useInView';
import { VerdictMark } from '../fields/VerdictMark';
import { useShedCard } from '../jobs/questions';
import { t } from '../fields/language/t';
import { PAGE_LANGUAGE } from '../fields/language/language';

interface TrailerCardProps {
  readonly project: Project;
  readonly updatedAt: number;
  readonly onDuplicate: (project: Project) => void;
  readonly onDelete: () => void;
}

const dateText = (time: number): string =>
  new Intl.DateTimeFormat(PAGE_LANGUAGE, { dateStyle: 'medium', timeStyle: 'short' }).format(time);

/** One trailer of the shed: what it looks like, how it stands, when it was touched. */
export const TrailerCard = ({ project, updatedAt, onDuplicate, onDelete }: TrailerCardProps) => {
  const trailer = trailerOf(project);
  // Those that are seen come first, and none before what an open trailer asks.
  const [ref, seen] = useInView<HTMLLIElement>(false);
  const { card, strength, whole } = useShedCard(trailer, seen ? 'soon' : 'background', PAGE_LANGUAGE);
  return (
    <li
      ref={ref}
      className="flex flex-col overflow-hidden rounded-[6px] border border-base-300 bg-base-100"
      data-testid="trailer-card"
    >
      <Link to={`/trailer/${trailer.id}/axle`} className="block flex-1">
        <SmallDrawing card={card} />
        <span className="block px-4 pt-3">
          <span className="wide block text-[17px] leading-[21px] font-bold">{trailer.name}</span>
          <span className="mute narrow block text-[13.5px]">{trailer.job.purpose}</span>
          <span className="mt-2 flex items-start gap-2 text-[14px] leading-[18px]">
            {card && <VerdictMark verdict={card.verdict} />}
            <span>
              {card && <b>{t(VERDICT_WORDS[card.verdict])}</b>}
              {card?.worst && (
                <>
                  {': '}
                  <Sized>{card.worst}</Sized>
                </>
              )}
              {!whole && (
                <span className="mute">
                  {strength.failed
                    ? ` ${t('The frame could not be analysed.')}`
                    : ` ${t('The frame is being analysed …')}`}
                </span>
              )}
            </span>
          </span>
        </span>
      </Link>
      <div className="flex items-center justify-between gap-1 px-3 py-1">
        <span className="mute narrow text-[13px]">{dateText(updatedAt)}</span>
        <span className="flex">
          <button
            type="button"
            className="button button-plain px-3"
            aria-label={t('Duplicate {name}', { name: trailer.name })}
            title={t('Duplicate')}
            onClick={() => onDuplicate(project)}
          >
            <Copy size={17} aria-hidden />
          </button>
          <button
            type="button"
            className="button button-plain px-3"
            aria-label={t('Export {name}', { name: trailer.name })}
            title={t('Export')}
            onClick={() =>
              download(fileName(trailer.name, PROJECT_FILE_SUFFIX), writeProject(project), 'application/json')
            }
          >
            <Download size={17} aria-hidden />
          </button>
          <button
            type="button"
            className="button button-plain px-3"
            aria-label={t('Delete {name}', { name: trailer.name })}
            title={t('Delete')}
            onClick={onDelete}
          >
            <Trash2 size={17} aria-hidden />
          </button>
        </span>
      </div>
    </li>
  );
};
