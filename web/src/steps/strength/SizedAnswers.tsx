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
import { figures, inner, t } from '../../fields/language/t';

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
          {t(
            'Nothing was found in “{family}” that passes everything. Shorten what is long, take a stronger family, or a lower gross on the plate.',
            { family },
          )}
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
                    ? t('{mass} lighter, as much more payload', {
                        mass: say.mass(result.present.massKg - design.massKg),
                      })
                    : t('{mass} heavier', { mass: say.mass(design.massKg - result.present.massKg) })}
                </span>
              </p>
              <p className="narrow text-[13px] leading-[18px]">
                {SIZED_GROUPS.map(
                  (group) => `${t(BAR_GROUP_NAMES[group])} ${name(design.sections[group].sectionId)}`,
                ).join(' · ')}
              </p>
              <p className="narrow mute text-[13px]">
                {t('Hardest: {worst}, {share}', {
                  worst: worstName(design.worst, say),
                  share: figures(formatPercent(design.worst.share, 0)),
                })}
              </p>
              <button
                type="button"
                className="button mt-1"
                disabled={readOnly}
                onClick={() => take(t('try sizes {index}', { index: index + 1 }), design.sections)}
              >
                {t('Try this')}
              </button>
            </li>
          ))}
        </ul>
      )}
      <p className="narrow mute border-t border-base-300 pt-1 text-[13px]">
        {t('{proved} The present frame: {mass}, {share}.', {
          proved: result.proved
            ? t('Proved: every lighter combination was looked at and fails.')
            : t('Found by a search of {looked} combinations{settled}; a lighter one may exist.', {
                looked: result.looked,
                settled: result.settled ? t(': no swap of one group or two is lighter and passes') : '',
              }),
          mass: say.mass(result.present.massKg),
          share: figures(formatPercent(result.present.worst.share, 0)),
        })}
      </p>
    </div>
  );
};

/** What the two metals are compared by. */
const METAL_ROWS: readonly {
  readonly label: string;
  readonly of: (design: SizedDesign, present: SizedDesign, words: Words) => string;
}[] = [
  { label: t('Frame weighs'), of: ({ massKg }, _present, { say }) => say.mass(massKg) },
  {
    label: t('Payload gained on the present frame'),
    of: ({ massKg }, present, { say }) =>
      massKg <= present.massKg
        ? say.mass(present.massKg - massKg)
        : t('none, {mass} less', { mass: say.mass(massKg - present.massKg) }),
  },
  {
    label: t('Metal costs'),
    of: ({ price }, _present, { money }) => (price === undefined ? t('no price given') : money(price)),
  },
  {
    label: t('Rails bend under the load'),
    of: ({ railSagM }, _present, { say }) =>
      railSagM === undefined
        ? t('no load')
        : t('{railSag} mm ({railSag2})', { railSag: (railSagM * 1000).toFixed(1), railSag2: say.length(railSagM) }),
  },
  {
    label: t('Hardest'),
    of: ({ worst }, _present, { say }) => `${worstName(worst, say)} ${figures(formatPercent(worst.share, 0))}`,
  },
  {
    label: t('Bars'),
    of: ({ sections }, _present, { name }) =>
      SIZED_GROUPS.map((group) => `${inner(t(BAR_GROUP_NAMES[group]))} ${name(sections[group].sectionId)}`).join(', '),
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
      <table className="narrow w-full text-[13px]" aria-label={t('Steel against aluminum')}>
        <thead>
          <tr className="text-left">
            <th>
              <span className="sr-only">{t('What')}</span>
            </th>
            <th className="text-right">{t('Steel')}</th>
            <th className="text-right">{t('Aluminum')}</th>
          </tr>
        </thead>
        <tbody>
          {METAL_ROWS.map(({ label, of }) => (
            <tr key={label} className="border-t border-base-300 align-top">
              <td className="py-1">{label}</td>
              {[steel, aluminum].map((result, index) => (
                <td key={index === 0 ? 'steel' : 'aluminum'} className="py-1 text-right">
                  {result.best[0] ? of(result.best[0], result.present, words) : t('nothing found')}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-1 grid grid-cols-2 gap-2">
        {(
          [
            [t('steel'), steel],
            [t('aluminum'), aluminum],
          ] as const
        ).map(([metal, { best }]) => (
          <button
            key={metal}
            type="button"
            className="button"
            disabled={readOnly || best[0] === undefined}
            onClick={() => best[0] && take(t('try it in {metal}', { metal }), best[0].sections)}
          >
            {t('Try {metal}', { metal })}
          </button>
        ))}
      </div>
      <p className="narrow mute mt-1 text-[13px]">
        {t(
          'Aluminum counts at its welded strength within 25 mm of every weld, and bends three times as far as steel of the same size.',
        )}
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
    <table className="narrow col-span-2 text-[13px]" aria-label={t('One size up or down')}>
      <thead>
        <tr className="mute text-left">
          <th className="font-normal">{t('Change')}</th>
          <th className="text-right font-normal">{t('Frame')}</th>
          <th className="text-right font-normal">{t('Hardest')}</th>
          <th>
            <span className="sr-only">{t('Try')}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr className="border-t border-base-300">
          <td>{t('As it is')}</td>
          <td className="text-right">{say.mass(present.massKg)}</td>
          <td className="text-right" colSpan={2}>
            {figures(formatPercent(present.worst.share, 0))}
          </td>
        </tr>
        {steps.map(({ group, direction, design }) => (
          <tr key={group + direction} className="border-t border-base-300">
            <td className="py-1">
              {t(BAR_GROUP_NAMES[group])} {direction}: {name(design.sections[group].sectionId)}
            </td>
            <td className="text-right whitespace-nowrap">
              {say.mass(design.massKg)}
              {design.price !== undefined && <span className="mute block">{money(design.price)}</span>}
            </td>
            <td className="text-right">
              {figures(formatPercent(design.worst.share, 0))}
              <span className="mute block">{worstName(design.worst, say)}</span>
            </td>
            <td className="text-right">
              <button
                type="button"
                className="button"
                disabled={readOnly}
                aria-label={t('Try {bar} {direction}', { bar: inner(t(BAR_GROUP_NAMES[group])), direction })}
                onClick={() =>
                  take(
                    t('{bar} one size {direction}', { bar: inner(t(BAR_GROUP_NAMES[group])), direction }),
                    design.sections,
                  )
                }
              >
                {t('Try')}
              </button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
};
