import {
  BAR_GROUP_NAMES,
  barProperties,
  findMaterial,
  findSection,
  formatNumber,
  fromKilograms,
  fromMetres,
  sourceText,
} from '@kereta/core';
import { useEditing } from '../../fields/editing';
import { Sized } from '../../fields/Sized';
import { useWorkbench } from '../../bench/workbench';

const GROUPS = ['rail', 'header', 'cross', 'tongue'] as const;

/** What the chosen bars weigh and resist, at which wall, in which metal, and where the figures come from. */
export const BarNotes = () => {
  const { trailer } = useEditing();
  const { say } = useWorkbench('say');
  const imperial = trailer.settings.units === 'imperial';
  const perLength = (kgPerM: number): string =>
    imperial
      ? `${formatNumber(fromKilograms(kgPerM, 'lb') / fromMetres(1, 'ft'), 2)} lb/ft`
      : `${formatNumber(kgPerM, 2)} kg/m`;
  const modulus = (m3: number): string =>
    imperial ? `${formatNumber(m3 * fromMetres(1, 'in') ** 3, 3)} in³` : `${formatNumber(m3 * 1e6, 2)} cm³`;
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">What these bars are</summary>
      <dl className="narrow px-4 pb-3 text-[13px] leading-[18px]">
        {GROUPS.map((group) => {
          const { sectionId, materialId } = trailer.frame.groups[group];
          const section = findSection(trailer, sectionId);
          const metal = findMaterial(trailer, materialId);
          const bar = section && barProperties(section);
          if (!section || !metal || !bar) return null;
          const { designWallM, shape } = section;
          return (
            <div key={group} className="mb-3">
              <dt className="font-semibold">
                {BAR_GROUP_NAMES[group]}: <Sized>{section.designation}</Sized>, {metal.name}
              </dt>
              <dd>
                {perLength(bar.nominalAreaM2 * metal.densityKgM3)}, resists bending with {modulus(bar.sMinM3)}.{' '}
                {designWallM !== undefined && 'wallM' in shape && (
                  <>
                    Weighed by its nominal wall of {say.length(shape.wallM)}; figured at{' '}
                    {formatNumber(fromMetres(designWallM, imperial ? 'in' : 'mm'), 3)} {imperial ? 'in' : 'mm'}, because
                    mills may roll it that much thinner.{' '}
                  </>
                )}
                <span className="mute">{sourceText(section.source)}.</span>
              </dd>
              <dd>
                Bends for good at {say.stress(metal.yieldPa)}
                {metal.weldedYieldPa !== undefined && `, at ${say.stress(metal.weldedYieldPa)} beside a weld`}.{' '}
                {metal.note} <span className="mute">{sourceText(metal.source)}.</span>
              </dd>
            </div>
          );
        })}
      </dl>
    </details>
  );
};
