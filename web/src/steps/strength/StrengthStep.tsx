import { bumpFactor, type Project, ROAD_FACTORS } from '@kereta/core';
import { useEditing } from '../../ui/editing';
import { FieldGrid, SelectField } from '../../ui/fields';
import { QuantityField } from '../../ui/QuantityField';

const ROADS = [
  { value: 'road', text: 'Good roads' },
  { value: 'rough', text: 'Rough roads' },
  { value: 'off-road', text: 'Off road' },
] as const;

/** Bumps multiply the load; each member under its own worst load case, by hand. */
export const StrengthStep = () => {
  const { project, edit } = useEditing();
  return (
    <>
      <FieldGrid>
        <SelectField
          label="Roads"
          value={project.job.road}
          options={ROADS}
          onCommit={(road) =>
            edit('roads', (current) => ({ ...current, job: { ...current.job, road: road as Project['job']['road'] } }))
          }
        />
        <QuantityField
          label="Bumps multiply loads by"
          kind="number"
          value={bumpFactor(project)}
          min={1}
          max={10}
          hint={`${ROAD_FACTORS[project.job.road]} is usual there`}
          onCommit={(factor) =>
            edit(`bumps × ${factor}`, (current) => ({
              ...current,
              strength: { ...current.strength, bumpFactor: factor === ROAD_FACTORS[current.job.road] ? null : factor },
            }))
          }
        />
      </FieldGrid>
      <p className="narrow mute px-4 pb-2 text-[13px]">
        A beam check done by hand. It does not look at welds, twist, braking or years of use. Over 100 % is past what is
        allowed, which is not yet where the metal bends for good.
      </p>
    </>
  );
};
