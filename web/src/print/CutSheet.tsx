import { evaluate, speaker } from '@kereta/core';
import { Printer } from 'lucide-react';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { Drawing } from '../drawing/Drawing';
import { CutTable } from '../steps/cut/CutTable';
import { marksOf } from '../steps/cut/MarkedPlan';
import { useStoredProject } from '../storage/useProjects';
import { createProjectStore } from '../workbench/projectStore';
import { type Workbench, WorkbenchContext } from '../workbench/workbench';
import { Sized } from '../ui/Sized';
import type { StoredProject } from '../storage/projectDatabase';

const DRAWING_PX = 560;

const Sheet = ({ stored }: { readonly stored: StoredProject }) => {
  const { project } = stored;
  const workbench = useMemo<Workbench>(() => {
    const evaluation = evaluate(project);
    return {
      project,
      committed: project,
      evaluation,
      say: speaker(project),
      step: 'cut',
      goTo: () => undefined,
      projectStore: createProjectStore(project),
      readOnly: true,
      picked: undefined,
      pick: () => undefined,
      caseId: project.cases[0]?.id,
      showCase: () => undefined,
    };
  }, [project]);
  const { evaluation, say } = workbench;
  return (
    <WorkbenchContext value={workbench}>
      {/* White paper and black ink, whatever the view on the screen. */}
      <div
        data-theme="kereta-paper"
        className="sheet mx-auto max-w-[1000px] bg-white p-6 text-black"
        style={{
          ['--paper' as string]: 'white',
          ['--color-base-100' as string]: 'white',
          ['--ink' as string]: 'black',
        }}
      >
        <div className="no-print mb-4 flex gap-3">
          <Link className="button" to={`/trailer/${project.id}/cut`}>
            Back
          </Link>
          <button type="button" className="button button-main" onClick={() => window.print()}>
            <Printer size={17} aria-hidden /> Print
          </button>
        </div>
        <h1 className="wide text-[22px] font-bold">Cut list: {project.name}</h1>
        <div className="my-3">
          <Drawing
            lower="plan"
            fitHeight={DRAWING_PX}
            openFields={() => undefined}
            marks={marksOf(evaluation.cutList)}
          />
        </div>
        <CutTable evaluation={evaluation} say={say} />
        <table className="narrow mt-4 w-full text-[14px]" aria-label="Metal to buy">
          <tbody>
            {evaluation.cutList.totals.map(({ sectionId, designation, materialName, lengthM, massKg, pieces }) => (
              <tr key={`${sectionId}${materialName}`} className="border-b border-gray-300">
                <td className="py-1">
                  <Sized>{designation}</Sized>, {materialName}
                </td>
                <td className="text-right">{pieces} pieces</td>
                <td className="text-right">
                  <Sized>{say.length(lengthM)}</Sized>
                </td>
                <td className="text-right">{say.mass(massKg)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="narrow mt-3 text-[13px]">
          Sizes beside cross-members run from the front edge to their middles. Angles are told both ways: off square,
          and as read from the stick’s own direction. Lengths are over the long points; saw kerf and trim come on top.
          Check one piece before you cut its twins.
        </p>
        <footer className="mt-4 flex justify-end">
          <table className="narrow border border-black text-[13px]" aria-label="Title block">
            <tbody>
              <tr>
                <td className="border border-black px-2">Job: {project.name}</td>
                <td className="border border-black px-2">Sheet: cut list</td>
              </tr>
              <tr>
                <td className="border border-black px-2">
                  Sizes in {project.settings.units === 'imperial' ? 'feet and inches' : 'mm'}, not to scale
                </td>
                <td className="border border-black px-2">
                  {new Intl.DateTimeFormat('en', { dateStyle: 'medium' }).format(stored.updatedAt)}
                </td>
              </tr>
            </tbody>
          </table>
        </footer>
      </div>
    </WorkbenchContext>
  );
};

/** The cut list with the dimensioned drawing, as a sheet of paper. */
export const CutSheet = () => {
  const { projectId = '' } = useParams();
  const { data, isPending } = useStoredProject(projectId);
  if (isPending) return null;
  return data ? <Sheet stored={data} /> : <p className="p-6">This trailer is not in this browser.</p>;
};
