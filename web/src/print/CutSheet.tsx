import { sheetPlan, trailerOf } from '@kereta/core';
import { useMemo } from 'react';
import { Drawing } from '../bench/sheet/Drawing';
import { CutTable } from '../steps/cut/CutTable';
import { DeckSheets } from '../steps/cut/DeckSheets';
import { marksOf } from '../steps/cut/MarkedPlan';
import { SheetPictures } from '../steps/cut/SheetPictures';
import { SticksOf } from '../steps/cut/StickPlan';
import { StopTable } from '../steps/cut/StopTable';
import { TrailerRoute } from '../bench/TrailerRoute';
import { stillWorkbench } from '../bench/stillWorkbench';
import { StillBench } from '../bench/StillBench';
import { Sized } from '../fields/Sized';
import { useSticks } from '../jobs/questions';
import { SheetFrame } from './SheetFrame';
import type { ReadableTrailer } from '../storage/trailers';
import { t, voice } from '../fields/language/t';

const DRAWING_PX = 560;
/** Longest stick on paper. */
const STICK_PX = 700;
const none = (): boolean => false;

const Sheet = ({ stored }: { readonly stored: ReadableTrailer }) => {
  const trailer = trailerOf(stored.project);
  const workbench = useMemo(() => stillWorkbench(trailer, 'cut'), [trailer]);
  const { evaluation, say } = workbench;
  const { sections } = useSticks(trailer, stored.project.record);
  return (
    <StillBench workbench={workbench}>
      <SheetFrame
        trailer={trailer}
        sheet={t('cut list')}
        back={`/trailer/${trailer.id}/cut`}
        note={t('Sizes in {units}, not to scale', {
          units: trailer.settings.units === 'imperial' ? t('feet and inches') : 'mm',
        })}
        updatedAt={stored.updatedAt}
      >
        <h1 className="wide text-[22px] font-bold">{t('Cut list: {name}', { name: trailer.name })}</h1>
        <div className="my-3">
          <Drawing
            lower="plan"
            fitHeight={DRAWING_PX}
            openFields={() => undefined}
            marks={marksOf(evaluation.cutList)}
          />
        </div>
        <CutTable evaluation={evaluation} say={say} />
        <table className="narrow mt-4 w-full text-[14px]" aria-label={t('Metal to buy')}>
          <tbody>
            {evaluation.cutList.totals.map(({ sectionId, designation, materialName, lengthM, massKg, pieces }) => (
              <tr key={`${sectionId}${materialName}`} className="border-b border-gray-300">
                <td className="py-1">
                  <Sized>{designation}</Sized>, {voice.name(materialName)}
                </td>
                <td className="text-right">{t('{pieces} pieces', { pieces })}</td>
                <td className="text-right">
                  <Sized>{say.length(lengthM)}</Sized>
                </td>
                <td className="text-right">{say.mass(massKg)}</td>
              </tr>
            ))}
            <DeckSheets trailer={trailer} chassis={evaluation.chassis} say={say} columns={4} />
          </tbody>
        </table>
        {sections && <StopTable sections={sections} say={say} />}
        {sections && <SticksOf sections={sections} trailer={trailer} say={say} width={STICK_PX} chosen={none} />}
        <SheetPictures
          groups={sheetPlan(trailer, evaluation.chassis, evaluation.cutList)}
          trailer={trailer}
          say={say}
        />
        <p className="narrow mt-3 text-[13px]">
          {t(
            'Sizes beside cross-members run from the front edge to their middles. Angles are told both ways: off square, and as read from the stick’s own direction. Lengths are over the long points; saw kerf and trim come on top: the sticks above count them in. Check one piece before you cut its twins.',
          )}
        </p>
      </SheetFrame>
    </StillBench>
  );
};

/** The cut list with the dimensioned drawing, as a sheet of paper. */
export const CutSheet = () => <TrailerRoute>{(stored) => <Sheet stored={stored} />}</TrailerRoute>;
