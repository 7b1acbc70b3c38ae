import {
  drawnRailTopM,
  axlePlaces as axlesOf,
  evaluate,
  PROJECT_FILE_SUFFIX,
  type Project,
  type Trailer,
  trailerOf,
  sentenceOf,
  speaker,
  VERDICT_WORDS,
  writeProject,
  sideOutline,
} from '@kereta/core';
import { Copy, Download, Trash2 } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { download, fileName } from '../fields/download';
import { Sized } from '../fields/Sized';
import { VerdictMark } from '../fields/VerdictMark';
import { useFullEvaluation } from '../bench/useFullEvaluation';
import { useStrength } from '../jobs/questions';

const WIDTH = 320;
const HEIGHT = 150;

/** The trailer itself, small but to scale. */
const SmallDrawing = ({ trailer }: { readonly trailer: Trailer }) => {
  const { chassis, cases } = useMemo(() => evaluate(trailer), [trailer]);
  const shown = cases.find(({ loadCase }) => loadCase.id === trailer.axleCaseId) ?? cases[0];
  const { runningGear, frame } = trailer;
  const groundM = drawnRailTopM(trailer, chassis);
  const items = (shown?.parts ?? []).filter(({ group }) => group === 'cargo' || group === 'fixed');
  const topM = Math.max(0.3, ...items.map(({ centre, heightM }) => centre.zM + heightM / 2));
  const lengthM = frame.bed.lengthM - chassis.ballXM;
  const scale = Math.min((WIDTH - 30) / lengthM, (HEIGHT - 24) / (topM + groundM));
  const x = (xM: number): number => 15 + (WIDTH - 30 - lengthM * scale) / 2 + (xM - chassis.ballXM) * scale;
  const ground = HEIGHT - 10;
  const z = (zM: number): number => ground - (zM + groundM) * scale;
  const axles = axlesOf(trailer).map(({ xM }) => xM);
  const bars = chassis.members.filter(({ group }) => group === 'rail' || group === 'tongue' || group === 'side');
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="block w-full" style={{ background: 'var(--paper)' }} aria-hidden>
      <path d={`M8 ${ground}H${WIDTH - 8}`} stroke="var(--ink)" strokeWidth="1" />
      {items.map((part) => (
        <rect
          key={part.id}
          x={x(part.x0M)}
          y={z(part.centre.zM + part.heightM / 2)}
          width={Math.max(2, (part.x1M - part.x0M) * scale)}
          height={Math.max(2, part.heightM * scale)}
          fill="var(--load)"
          stroke="var(--ink)"
          strokeWidth="0.8"
        />
      ))}
      {bars.map((member) => (
        <polygon
          key={member.id}
          points={sideOutline(member)
            .map(([xM, zM]) => `${x(xM).toFixed(1)},${z(zM).toFixed(1)}`)
            .join(' ')}
          fill="var(--steel)"
          stroke="var(--ink)"
          strokeWidth="1"
        />
      ))}
      {axles.map((xM) => (
        <g key={xM} stroke="var(--ink)">
          <circle
            cx={x(xM)}
            cy={ground - runningGear.tire.loadedRadiusM * scale}
            r={runningGear.tire.loadedRadiusM * scale}
            fill="var(--steel)"
            strokeWidth="1.6"
          />
          <circle
            cx={x(xM)}
            cy={ground - runningGear.tire.loadedRadiusM * scale}
            r={runningGear.tire.loadedRadiusM * scale * 0.5}
            fill="var(--paper)"
            strokeWidth="1"
          />
        </g>
      ))}
      <circle
        cx={x(chassis.ballXM)}
        cy={z(-chassis.railHeightM)}
        r="3"
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth="1.4"
      />
    </svg>
  );
};

interface TrailerCardProps {
  readonly project: Project;
  readonly updatedAt: number;
  readonly onDuplicate: (project: Project) => void;
  readonly onDelete: () => void;
}

const dateText = (time: number): string =>
  new Intl.DateTimeFormat('en', { dateStyle: 'medium', timeStyle: 'short' }).format(time);

/** One trailer of the shed: what it looks like, how it stands, when it was touched. */
export const TrailerCard = ({ project, updatedAt, onDuplicate, onDelete }: TrailerCardProps) => {
  const trailer = trailerOf(project);
  const light = useMemo(() => evaluate(trailer), [trailer]);
  const strength = useStrength(trailer, 'background');
  const evaluation = useFullEvaluation(light, trailer, strength, trailer);
  const worst = evaluation.findings.find(({ counts }) => counts);
  return (
    <li
      className="flex flex-col overflow-hidden rounded-[6px] border border-base-300 bg-base-100"
      data-testid="trailer-card"
    >
      <Link to={`/trailer/${trailer.id}/axle`} className="block flex-1">
        <SmallDrawing trailer={trailer} />
        <span className="block px-4 pt-3">
          <span className="wide block text-[17px] leading-[21px] font-bold">{trailer.name}</span>
          <span className="mute narrow block text-[13.5px]">{trailer.job.purpose}</span>
          <span className="mt-2 flex items-start gap-2 text-[14px] leading-[18px]">
            <VerdictMark verdict={evaluation.verdict} />
            <span>
              <b>{VERDICT_WORDS[evaluation.verdict]}</b>
              {worst && (
                <>
                  {': '}
                  <Sized>{sentenceOf(worst, speaker(trailer))}</Sized>
                </>
              )}
              {!strength.current && (
                <span className="mute">
                  {strength.failed ? ' The frame could not be analysed.' : ' The frame is being analysed …'}
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
            aria-label={`Duplicate ${trailer.name}`}
            title="Duplicate"
            onClick={() => onDuplicate(project)}
          >
            <Copy size={17} aria-hidden />
          </button>
          <button
            type="button"
            className="button button-plain px-3"
            aria-label={`Export ${trailer.name}`}
            title="Export"
            onClick={() =>
              download(fileName(trailer.name, PROJECT_FILE_SUFFIX), writeProject(project), 'application/json')
            }
          >
            <Download size={17} aria-hidden />
          </button>
          <button
            type="button"
            className="button button-plain px-3"
            aria-label={`Delete ${trailer.name}`}
            title="Delete"
            onClick={onDelete}
          >
            <Trash2 size={17} aria-hidden />
          </button>
        </span>
      </div>
    </li>
  );
};
