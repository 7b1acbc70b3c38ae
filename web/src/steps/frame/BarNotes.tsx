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
import { figures, t, voice } from '../../fields/language/t';

const GROUPS = ['rail', 'header', 'cross', 'tongue'] as const;

/** What the chosen bars weigh and resist, at which wall, in which metal, and where the figures come from. */
export const BarNotes = () => {
  const { trailer } = useEditing();
  const { say } = useWorkbench('say');
  const imperial = trailer.settings.units === 'imperial';
  const perLength = (kgPerM: number): string =>
    imperial
      ? `${figures(formatNumber(fromKilograms(kgPerM, 'lb') / fromMetres(1, 'ft'), 2))} lb/ft`
      : `${figures(formatNumber(kgPerM, 2))} kg/m`;
  const modulus = (m3: number): string =>
    imperial
      ? t('{m3} in³', { m3: figures(formatNumber(m3 * fromMetres(1, 'in') ** 3, 3)) })
      : t('{m3} cm³', { m3: figures(formatNumber(m3 * 1e6, 2)) });
  return (
    <details className="border-t border-base-300">
      <summary className="flex min-h-[44px] items-center px-4 font-semibold">{t('What these bars are')}</summary>
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
                {t(BAR_GROUP_NAMES[group])}: <Sized>{section.designation}</Sized>, {voice.name(metal.name)}
              </dt>
              <dd>
                {t('{nominalAreaM2}, resists bending with {sMin}.', {
                  nominalAreaM2: perLength(bar.nominalAreaM2 * metal.densityKgM3),
                  sMin: modulus(bar.sMinM3),
                })}
                {designWallM !== undefined && 'wallM' in shape && (
                  <>
                    {' '}
                    {t(
                      'Weighed by its nominal wall of {wall}; figured at {designWall} {imperial}, because mills may roll it that much thinner.',
                      {
                        wall: say.length(shape.wallM),
                        designWall: figures(formatNumber(fromMetres(designWallM, imperial ? 'in' : 'mm'), 3)),
                        imperial: imperial ? 'in' : 'mm',
                      },
                    )}
                  </>
                )}{' '}
                <span className="mute">{sourceText(section.source, voice)}.</span>
              </dd>
              <dd>
                {t('Bends for good at {yield}', { yield: say.stress(metal.yieldPa) })}
                {metal.weldedYieldPa !== undefined &&
                  t(', at {weldedYield} beside a weld', { weldedYield: say.stress(metal.weldedYieldPa) })}
                . {metal.note && voice.name(metal.note)}{' '}
                <span className="mute">{sourceText(metal.source, voice)}.</span>
              </dd>
            </div>
          );
        })}
      </dl>
    </details>
  );
};
