import { fileProblemSentence, newProject, type Project, readProject, type UnitSystem } from '@kereta/core';
import { FolderOpen, Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { Brand } from '../app/Brand';
import { ThemeSwitch } from '../app/ThemeSwitch';
import {
  deleteProject,
  loadProject,
  restoreProject,
  saveProject,
  type StoredProject,
} from '../storage/projectDatabase';
import { useProjects } from '../storage/useProjects';
import { FirstNote } from './FirstNote';
import { TrailerCard } from './TrailerCard';

/** A new trailer speaks the units that its first user most likely does. */
const likelyUnits = (): UnitSystem => (/^en-(US|LR)|^my/.test(navigator.language) ? 'imperial' : 'metric');

const copyOf = (project: Project, name: string): Project => ({ ...project, id: `trailer.${nanoid(10)}`, name });

/** All trailers of this browser. */
export const Shed = () => {
  const { data: projects = [], isPending, isError } = useProjects();
  const [problem, setProblem] = useState<string | undefined>();
  const [deleted, setDeleted] = useState<StoredProject | undefined>();
  const file = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();

  const open = async (chosen: File): Promise<void> => {
    setProblem(undefined);
    const read = readProject(await chosen.text());
    if (!read.ok) {
      setProblem(`${chosen.name}: ${fileProblemSentence(read.error)}`);
      return;
    }
    // A trailer that is here already is not overwritten: the file comes in beside it.
    const here = await loadProject(read.value.id);
    const project = here ? copyOf(read.value, `${read.value.name} (from file)`) : read.value;
    await saveProject(project);
    void navigate(`/trailer/${project.id}/axle`);
  };
  const create = async (): Promise<void> => {
    const project = newProject({
      id: `trailer.${nanoid(10)}`,
      name: 'New trailer',
      units: likelyUnits(),
      newId: () => nanoid(8),
    });
    await saveProject(project);
    void navigate(`/trailer/${project.id}/job`);
  };
  return (
    <div className="flex min-h-full flex-col" style={{ background: 'var(--color-base-200)' }}>
      <header className="flex h-12 items-center border-b border-base-300 bg-base-100">
        <Brand />
        <span className="flex-1" />
        <ThemeSwitch />
      </header>
      <FirstNote />
      <main className="mx-auto w-full max-w-[1180px] flex-1 px-5 py-6">
        <div className="mb-5 flex flex-wrap items-center gap-3">
          <h1 className="wide flex-1 text-[24px] leading-[30px] font-bold">The shed</h1>
          <button type="button" className="button" onClick={() => file.current?.click()}>
            <FolderOpen size={17} aria-hidden /> Open file
          </button>
          <button type="button" className="button button-main" onClick={() => void create()}>
            <Plus size={17} aria-hidden /> New trailer
          </button>
          <input
            ref={file}
            type="file"
            accept=".json,application/json"
            className="sr-only"
            aria-label="Trailer file"
            tabIndex={-1}
            onChange={(event) => {
              const [chosen] = event.target.files ?? [];
              if (chosen) void open(chosen);
              event.target.value = '';
            }}
          />
        </div>
        {problem && (
          <p role="alert" className="mb-4 rounded-[6px] border p-3" style={{ borderColor: 'var(--fix)' }}>
            {problem}
          </p>
        )}
        {deleted && (
          <p
            role="status"
            className="mb-4 flex items-center justify-between gap-3 rounded-[6px] border border-base-300 bg-base-100 py-1 pr-1 pl-4"
          >
            {deleted.project.name} deleted.
            <button
              type="button"
              className="button"
              onClick={() => {
                void restoreProject(deleted);
                setDeleted(undefined);
              }}
            >
              Undo
            </button>
          </p>
        )}
        {isError && (
          <p role="alert">
            This browser does not let Kereta keep anything. In a private window it may be switched off.
          </p>
        )}
        {isPending ? (
          <p className="mute" role="status">
            Opening the shed …
          </p>
        ) : (
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(300px,1fr))] gap-5" aria-label="Trailers">
            {projects.map((stored) => (
              <TrailerCard
                key={stored.id}
                stored={stored}
                onDuplicate={() => void saveProject(copyOf(stored.project, `${stored.project.name}, copy`))}
                onDelete={() => {
                  void deleteProject(stored.id);
                  setDeleted(stored);
                }}
              />
            ))}
          </ul>
        )}
        {!isPending && projects.length === 0 && (
          <p className="mute">No trailer here yet. Make a new one or open a file.</p>
        )}
      </main>
    </div>
  );
};
