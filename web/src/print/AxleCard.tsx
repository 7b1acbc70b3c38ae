import {
  axleRatingKg,
  type AnyFinding,
  type Evaluation,
  type Speaker,
  AXLE_ROWS,
  chordM,
  formatAngle,
  loadedRide,
  sentenceOf,
  VERDICT_WORDS,
  wheelRateNPerM,
  trailerOf,
  AXLE_LAYOUT_NAMES,
  HANGER_NAMES,
} from '@kereta/core';
import { useMemo } from 'react';
import type { ReadableTrailer } from '../storage/trailers';
import { TrailerRoute } from '../bench/TrailerRoute';
import { Sized } from '../fields/Sized';
import { stillWorkbench } from '../bench/stillWorkbench';
import { SheetFrame } from './SheetFrame';
import { figures, t } from '../fields/language/t';

/** Codes whose sentences belong on the card: what fits and what does not. */
const ON_CARD: ReadonlySet<AnyFinding['code']> = new Set<AnyFinding['code']>([
  'axle-load',
  'tire-load',
  'wheel-load',
  'spring-load',
  'weakest-part',
  'clearance',
  'hanger-spacing',
  'shackle-lean',
  'studs-differ',
  'tire-on-rim',
  'widths-differ',
  'axle-overhang',
  'home-built-axle',
  'brakes',
]);

/** What to order, line by line; what nobody has read is asked for. */
const orderRows = (evaluation: Evaluation, say: Speaker): readonly (readonly [string, string])[] => {
  const { trailer } = evaluation;
  const { runningGear } = trailer;
  const { axle, suspension, tire, wheel } = runningGear;
  const { spring } = suspension;
  const { rides, weakestPart: weakest } = evaluation;
  const loaded = loadedRide(rides);
  const rate = wheelRateNPerM(trailer);
  const missing = t('read it off and write it here: ________');
  const leaf = suspension.kind === 'leaf';
  const row = AXLE_ROWS.find(({ id }) => id === axle.catalogId);
  const rating = axleRatingKg(runningGear);
  const drum = row && row.brake !== '' ? t(', usual drum {brake}', { brake: row.brake }) : '';
  return [
    [t('Axles'), t(AXLE_LAYOUT_NAMES[runningGear.layout])],
    axle.homeBuilt
      ? [t('Built at home: by its spindles and hubs, each'), rating === null ? missing : say.mass(rating)]
      : [t('Rating on the tag, each'), rating === null ? missing : say.mass(rating)],
    ...(weakest
      ? [
          [
            t('Weakest of the assembly'),
            t('{part}, {rating} an axle', { part: weakest.part, rating: say.mass(weakest.ratingKg) }),
          ] as const,
        ]
      : []),
    [t('Middle of the axle, back from the front edge'), say.length(runningGear.positionM)],
    ...(runningGear.layout === 'single' || runningGear.layout === 'none'
      ? []
      : [[t('Between the axles'), say.length(runningGear.spacingM)] as const]),
    [t('Hub face to hub face'), say.length(axle.hubFaceM)],
    [t('Wheel middle to wheel middle'), say.length(suspension.trackM)],
    ...(leaf
      ? [
          [
            t('Spring centre to spring centre, under the rails’ middles'),
            say.length(trailer.frame.bed.widthM - evaluation.chassis.railWidthM),
          ] as const,
        ]
      : []),
    [t('Tube'), say.length(axle.tubeDiameterM)],
    [t('Spindles above the tube’s middle'), say.length(axle.dropM)],
    [t('Stud circle of the hubs'), axle.studCircle || missing],
    [t('Stud circle of the wheels'), wheel.studCircle || missing],
    ...(row ? ([[t('Spindle, bearing seats (trade class)'), row.spindle]] as const) : []),
    [
      t('Brakes'),
      trailer.coupling.brakes === 'fitted'
        ? t('fitted{drum}', { drum })
        : trailer.coupling.brakes === 'none'
          ? 'none'
          : t('not decided'),
    ],
    ...(leaf
      ? ([
          [
            t('Springs'),
            t('{leaves} leaves {leafWidth} × {leafThickness}, {kind}, {seat} the axle', {
              leaves: spring.leaves,
              leafWidth: say.length(spring.leafWidthM),
              leafThickness: say.length(spring.leafThicknessM),
              kind: spring.kind === 'slipper' ? 'slipper' : t('two eyes'),
              seat: spring.seat,
            }),
          ],
          [t('Eye to eye, unloaded'), say.length(spring.eyeToEyeM)],
          [
            t('Eye to eye, loaded'),
            loaded?.stack.archM === undefined ? '' : say.length(chordM(spring, loaded.stack.archM)),
          ],
          [t('Bolt to bolt'), say.length(suspension.hangerSpacingM)],
          [t('Shackle'), say.length(spring.shackleM)],
          [t('One spring may carry'), spring.ratingKg === null ? missing : say.mass(spring.ratingKg)],
        ] as const)
      : []),
    ...(suspension.kind === 'swing-arm'
      ? ([
          [t('Arm, pivot to wheel'), say.length(suspension.swing.armLengthM)],
          [t('Unit, from the pivot'), say.length(suspension.swing.unitAtM)],
          [t('Unit’s travel'), say.length(suspension.swing.unitTravelM)],
        ] as const)
      : []),
    ...(suspension.kind === 'torsion'
      ? ([
          [t('Arm'), say.length(suspension.torsion.armLengthM)],
          [t('Arm below level, unloaded'), figures(formatAngle(suspension.torsion.startAngleRad))],
        ] as const)
      : []),
    ...(rate === undefined ? [] : ([[t('Rate at each wheel'), say.measured({ value: rate, kind: 'rate' })]] as const)),
    [t('Tires'), `${tire.name}${tire.pressure ? ` ${t('at {pressure}', { pressure: tire.pressure })}` : ''}`],
    [t('Load on the sidewall, each'), tire.maxLoadKg === null ? missing : say.mass(tire.maxLoadKg)],
    [t('Load stamped on the wheel, each'), wheel.maxLoadKg === null ? missing : say.mass(wheel.maxLoadKg)],
    ...(loaded ? ([[t('Top of the rails, loaded'), say.length(loaded.railTopM)]] as const) : []),
  ];
};

const Card = ({ stored }: { readonly stored: ReadableTrailer }) => {
  const trailer = trailerOf(stored.project);
  const { evaluation, say } = useMemo(() => stillWorkbench(trailer, 'axle'), [trailer]);
  const plan = evaluation.hangers;
  const rows = orderRows(evaluation, say);
  const checks = evaluation.findings.filter(({ code, step }) => step === 'axle' && ON_CARD.has(code));
  return (
    <SheetFrame
      trailer={trailer}
      sheet={t('axle card')}
      back={`/trailer/${trailer.id}/axle`}
      note={t('To order or to build the axle by')}
      updatedAt={stored.updatedAt}
    >
      <h1 className="wide text-[22px] font-bold">{t('Axle card: {name}', { name: trailer.name })}</h1>
      <div className="mt-3 grid grid-cols-[3fr_2fr] gap-6 max-[800px]:grid-cols-1">
        <table className="narrow w-full text-[14px]" aria-label={t('What to order')}>
          <tbody>
            {rows.map(([name, text]) => (
              <tr key={name} className="border-b border-gray-300">
                <th scope="row" className="py-[3px] pr-2 text-left font-normal">
                  {name}
                </th>
                <td className="py-[3px] text-right font-semibold">
                  <Sized>{text}</Sized>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <div>
          <h2 className="font-semibold">{t('Hangers, back from the front edge, both rails alike')}</h2>
          <table className="narrow w-full text-[14px]" aria-label={t('Hangers')}>
            <tbody>
              {plan.marks.map(({ id, kind, axle: index, xM }) => (
                <tr key={id} className="border-b border-gray-300">
                  <th scope="row" className="py-[3px] text-left font-normal">
                    {say.partName(`axle.${index + 1}`)}, {t(HANGER_NAMES[kind])}
                  </th>
                  <td className="py-[3px] text-right font-semibold">
                    <Sized>{say.length(xM)}</Sized>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <h2 className="mt-4 font-semibold">{t('Checks')}</h2>
          <ul className="narrow text-[13px]">
            {checks.map((finding) => (
              <li key={sentenceOf(finding, say)} className="border-b border-gray-300 py-[3px]">
                <span className="font-semibold">{finding.counts ? t(VERDICT_WORDS[finding.verdict]) : t('Note')}:</span>{' '}
                <Sized>{sentenceOf(finding, say)}</Sized>
              </li>
            ))}
          </ul>
        </div>
      </div>
      <p className="narrow mt-3 text-[13px]">
        {t(
          'Measure what came before you weld to this card. The tag on the axle, the sidewall and the stamp on the wheel govern. Springs under tension throw parts: take the load off first. Never weld on the axle tube’s middle, on spring steel or near a torsion axle’s rubber. Local law and a licensed engineer or inspector have the last word.',
        )}
      </p>
    </SheetFrame>
  );
};

/** Everything to order or build the axle by, on one page. */
export const AxleCard = () => <TrailerRoute>{(stored) => <Card stored={stored} />}</TrailerRoute>;
