import {
  BAR_GROUP_NAMES,
  formatPercent,
  type Sections,
  SIZED_GROUPS,
  type SizedDesign,
  type SizeStep,
  type SizingResult,
  type Speaker,
  worstName,
} from '@kereta/core';
import { useEditing } from '../../fields/editing';

/** How sizes, money and bars are written in an answer. */
export interface Words {
  readonly say: Speaker;
  readonly money: (price: number | undefined) => string;
  readonly name: (sectionId: string) => string;
}

type Take = (label: string, sections: Sections) => void;

/** The best designs of one family, each with what it weighs and a click to try it. */
export const SizedDesigns = ({
  result,
  family,
  words: { say, money, name },
  take,
}: {
  readonly result: SizingResult;
  readonly family: string;
  readonly words: Words;
  readonly take: Take;
}) => {
  const { readOnly } = useEditing();
  return (
    <div className="col-span-2" data-testid="sizing-result">
      {result.best.length === 0 ? (
        <p className="narrow text-[14px]">
          Nothing was found in “{family}” that passes everything. Shorten what is long, take a stronger family, or a
          lower gross on the plate.
        </p>
      ) : (
        <ul>
          {result.best.map((design, index) => (
            <li
              key={SIZED_GROUPS.map((group) => design.sections[group].sectionId).join()}
              className="border-t border-base-300 py-2"
            >
              <p className="flex justify-between text-[14px] font-semibold">
                <span>
                  {say.mass(design.massKg)}
                  {design.price !== undefined && `, ${money(design.price)}`}
                </span>
                <span>
                  {design.massKg <= result.present.massKg
                    ? `${say.mass(result.present.massKg - design.massKg)} lighter, as much more payload`
                    : `${say.mass(design.massKg - result.present.massKg)} heavier`}
                </span>
              </p>
              <p className="narrow text-[13px] leading-[18px]">
                {SIZED_GROUPS.map(
                  (group) => `${BAR_GROUP_NAMES[group]} ${name(design.sections[group].sectionId)}`,
                ).join(' · ')}
              </p>
              <p className="narrow mute text-[13px]">
                Hardest: {worstName(design.worst, say)}, {formatPercent(design.worst.share, 0)}
              </p>
              <button
                type="button"
                className="button mt-1"
                disabled={readOnly}
                onClick={() => take(`try sizes ${index + 1}`, design.sections)}
              >
                Try this
              </button>
            </li>
          ))}
        </ul>
      )}
      <p className="narrow mute border-t border-base-300 pt-1 text-[13px]">
        {result.proved
          ? 'Proved: every lighter combination was looked at and fails.'
          : `Found by a search of ${result.looked} combinations${result.settled ? ': no swap of one group or two is lighter and passes' : ''}; a lighter one may exist.`}{' '}
        The present frame: {say.mass(result.present.massKg)}, {formatPercent(result.present.worst.share, 0)}.
      </p>
    </div>
  );
};

/** What the two metals are compared by. */
const METAL_ROWS: readonly {
  readonly label: string;
  readonly of: (design: SizedDesign, present: SizedDesign, words: Words) => string;
}[] = [
  { label: 'Frame weighs', of: ({ massKg }, _present, { say }) => say.mass(massKg) },
  {
    label: 'Payload gained on the present frame',
    of: ({ massKg }, present, { say }) =>
      massKg <= present.massKg ? say.mass(present.massKg - massKg) : `none, ${say.mass(massKg - present.massKg)} less`,
  },
  {
    label: 'Metal costs',
    of: ({ price }, _present, { money }) => (price === undefined ? 'no price given' : money(price)),
  },
  {
    label: 'Rails bend under the load',
    of: ({ railSagM }, _present, { say }) =>
      railSagM === undefined ? 'no load' : `${(railSagM * 1000).toFixed(1)} mm (${say.length(railSagM)})`,
  },
  {
    label: 'Hardest',
    of: ({ worst }, _present, { say }) => `${worstName(worst, say)} ${formatPercent(worst.share, 0)}`,
  },
  {
    label: 'Bars',
    of: ({ sections }, _present, { name }) =>
      SIZED_GROUPS.map((group) => `${BAR_GROUP_NAMES[group].toLowerCase()} ${name(sections[group].sectionId)}`).join(
        ', ',
      ),
  },
];

/** The best frame in steel beside the best in aluminum. */
export const MetalsTable = ({
  steel,
  aluminum,
  words,
  take,
}: {
  readonly steel: SizingResult;
  readonly aluminum: SizingResult;
  readonly words: Words;
  readonly take: Take;
}) => {
  const { readOnly } = useEditing();
  return (
    <div className="col-span-2">
      <table className="narrow w-full text-[13px]" aria-label="Steel against aluminum">
        <thead>
          <tr className="text-left">
            <th>
              <span className="sr-only">What</span>
            </th>
            <th className="text-right">Steel</th>
            <th className="text-right">Aluminum</th>
          </tr>
        </thead>
        <tbody>
          {METAL_ROWS.map(({ label, of }) => (
            <tr key={label} className="border-t border-base-300 align-top">
              <td className="py-1">{label}</td>
              {[steel, aluminum].map((result, index) => (
                <td key={index === 0 ? 'steel' : 'aluminum'} className="py-1 text-right">
                  {result.best[0] ? of(result.best[0], result.present, words) : 'nothing found'}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-1 grid grid-cols-2 gap-2">
        {(
          [
            ['steel', steel],
            ['aluminum', aluminum],
          ] as const
        ).map(([metal, { best }]) => (
          <button
            key={metal}
            type="button"
            className="button"
            disabled={readOnly || best[0] === undefined}
            onClick={() => best[0] && take(`try it in ${metal}`, best[0].sections)}
          >
            Try {metal}
          </button>
        ))}
      </div>
      <p className="narrow mute mt-1 text-[13px]">
        Aluminum counts at its welded strength within 25 mm of every weld, and bends three times as far as steel of the
        same size.
      </p>
    </div>
  );
};

/** One size up and one down for each group of bars. */
export const OneSizeTable = ({
  present,
  steps,
  words: { say, money, name },
  take,
}: {
  readonly present: SizedDesign;
  readonly steps: readonly SizeStep[];
  readonly words: Words;
  readonly take: Take;
}) => {
  const { readOnly } = useEditing();
  return (
    <table className="narrow col-span-2 text-[13px]" aria-label="One size up or down">
      <thead>
        <tr className="mute text-left">
          <th className="font-normal">Change</th>
          <th className="text-right font-normal">Frame</th>
          <th className="text-right font-normal">Hardest</th>
          <th>
            <span className="sr-only">Try</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr className="border-t border-base-300">
          <td>As it is</td>
          <td className="text-right">{say.mass(present.massKg)}</td>
          <td className="text-right" colSpan={2}>
            {formatPercent(present.worst.share, 0)}
          </td>
        </tr>
        {steps.map(({ group, direction, design }) => (
          <tr key={group + direction} className="border-t border-base-300">
            <td className="py-1">
              {BAR_GROUP_NAMES[group]} {direction}: {name(design.sections[group].sectionId)}
            </td>
            <td className="text-right whitespace-nowrap">
              {say.mass(design.massKg)}
              {design.price !== undefined && <span className="mute block">{money(design.price)}</span>}
            </td>
            <td className="text-right">
              {formatPercent(design.worst.share, 0)}
              <span className="mute block">{worstName(design.worst, say)}</span>
            </td>
            <td className="text-right">
              <button
                type="button"
                className="button"
                disabled={readOnly}
                aria-label={`Try ${BAR_GROUP_NAMES[group].toLowerCase()} ${direction}`}
                onClick={() => take(`${BAR_GROUP_NAMES[group].toLowerCase()} one size ${direction}`, design.sections)}
              >
                Try
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
};
