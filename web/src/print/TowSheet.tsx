import {
  type AnyFinding,
  formatAngle,
  massOfWeightKg,
  sentenceOf,
  towedCases,
  type Trailer,
  VERDICT_WORDS,
  trailerOf,
} from '@kereta/core';
import { useMemo } from 'react';
import type { ReadableTrailer } from '../storage/trailers';
import { TrailerRoute } from '../bench/TrailerRoute';
import { HeadRow } from '../fields/HeadRow';
import { Sized } from '../fields/Sized';
import { stillWorkbench } from '../bench/stillWorkbench';
import { useSway } from '../jobs/questions';
import { SheetFrame } from './SheetFrame';
import { figures, t } from '../fields/language/t';

/** Codes whose sentences belong on the page: what holds the trailer, how it rides and what the law asks. */
const ON_PAGE: ReadonlySet<AnyFinding['code']> = new Set<AnyFinding['code']>([
  'weakest-link',
  'ball-fits',
  'chains',
  'chain-strength',
  'chain-length',
  'brakes',
  'breakaway',
  'brake-kind',
  'brakes-advised',
  'plug',
  'tongue-limit',
  'gross-against-plate',
  'gross-against-tow-vehicle',
  'd-value',
  'tows-level',
  'vehicle-axles',
  'braking-adds',
  'parts-meet',
  'turns-clear',
  'tailgate-hits',
  'ramp-clear',
  'rolls-over',
  'hand-pull',
  'vehicle-missing',
]);

/** Before the first tow and every one after it: common practice. */
const beforeTowing = ({ coupling }: Trailer): readonly string[] => [
  t('Ball seated, latch closed and pinned: lift the vehicle’s rear an inch with the jack to try it.'),
  ...(coupling.chains === 'none'
    ? []
    : coupling.safetyChain.count > 1
      ? [t('Chains crossed under the coupler, hooks closed, clear of the road in a full turn.')]
      : [t('Chain under the coupler, hook closed, clear of the road in a full turn.')]),
  ...(coupling.brakes === 'none'
    ? []
    : [t('Breakaway cable on the vehicle, not on its ball nor with the chains; pulled once to try it, and put back.')]),
  t('Plug in: tail, brake, left, right, plate; ask somebody to look.'),
  t('Jack up and locked, wheel chocks away, stands away.'),
  t(
    'Tires cold at the sidewall’s pressure; wheel nuts at their torque, again after 10, 25 and 50 miles (15, 40, 80 km).',
  ),
  t('Load as one of the cases above, tied, nothing loose; doors, gate and boxes shut.'),
  t('Level: measure the frame’s height in front and behind on flat ground.'),
  t('Brakes: let them bite once at walking pace, trailer’s own first if you can.'),
  t('After the first miles: hubs by hand for heat, coupler, chains, load, nuts.'),
];

const CaseTable = ({ stored }: { readonly stored: ReadableTrailer }) => {
  const trailer = trailerOf(stored.project);
  const { evaluation, say } = useMemo(() => stillWorkbench(trailer, 'towing'), [trailer]);
  const { sway } = useSway(trailer);
  const { levels } = evaluation;
  return (
    <table className="narrow mt-3 w-full text-[14px]" aria-label={t('Every towed load')}>
      <HeadRow
        first={t('Load')}
        names={[t('All of it'), t('On the ball'), t('Axles'), t('Ball, level'), t('Nose'), t('Damping gone*')]}
      />
      <tbody>
        {towedCases(evaluation.cases).map(({ loadCase, massKg, standing }) => {
          const level = levels.find(({ caseId }) => caseId === loadCase.id);
          const own = sway?.cases.find(({ caseId }) => caseId === loadCase.id);
          return (
            <tr key={loadCase.id} className="border-b border-gray-300 text-right">
              <th scope="row" className="py-[3px] text-left font-semibold">
                {loadCase.name}
              </th>
              <td className="pl-2">{say.mass(massKg)}</td>
              <td className="pl-2">
                {say.mass(massOfWeightKg(standing.tongueN))}, {say.percent(standing.tongueShare)}
              </td>
              <td className="pl-2">{standing.axles.map(({ loadN }) => say.load(loadN)).join(' + ')}</td>
              <td className="pl-2">{level ? <Sized>{say.length(level.couplerM)}</Sized> : t('vehicle?')}</td>
              <td className="pl-2">
                {level
                  ? `${figures(formatAngle(Math.abs(level.noseUpRad)))} ${level.noseUpRad >= 0 ? 'up' : t('down')}`
                  : ''}
              </td>
              <td className="pl-2">
                {own ? (own.lost.usual ? say.speed(own.lost.usual.speedMPerS) : t('none')) : t('vehicle?')}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
};

const Page = ({ stored }: { readonly stored: ReadableTrailer }) => {
  const trailer = trailerOf(stored.project);
  const { evaluation, say } = useMemo(() => stillWorkbench(trailer, 'towing'), [trailer]);
  const { demand } = evaluation.hitch;
  const checks = evaluation.findings.filter(({ code }) => ON_PAGE.has(code));
  return (
    <SheetFrame
      trailer={trailer}
      sheet={t('tow-ready page')}
      back={`/trailer/${trailer.id}/towing`}
      note={t('To take along')}
      updatedAt={stored.updatedAt}
    >
      <h1 className="wide text-[22px] font-bold">{t('Before you tow: {name}', { name: trailer.name })}</h1>
      <p className="mt-1">
        {t('Behind {trim}. The trailer may weigh', {
          trim: trailer.towVehicle?.name.trim() || t('a vehicle that is not named yet'),
        })}{' '}
        <Sized>{say.mass(demand.grossKg)}</Sized>
        {demand.tongueKg === undefined
          ? ''
          : t(', with up to {tongue} on the ball', { tongue: say.mass(demand.tongueKg) })}
        .
      </p>
      <CaseTable stored={stored} />
      <p className="narrow mt-1 text-[13px]">
        {t(
          '* In a simple sum that compares loads: real rigs lose their damping sooner, and no figure here gives leave to drive at any speed. The law, the tires’ own speed mark (65 mph or 105 km/h for trailer tires that carry none, common practice) and the road set the speed; a trailer that begins to swing is slowed gently, not steered.',
        )}
      </p>
      <div className="mt-4 grid grid-cols-2 gap-6 max-[800px]:grid-cols-1">
        <div>
          <h2 className="font-semibold">{t('Before the first tow, and every one after')}</h2>
          <ul className="narrow text-[14px]">
            {beforeTowing(trailer).map((line) => (
              <li key={line} className="flex gap-2 border-b border-gray-300 py-[5px]">
                <span aria-hidden className="mt-[3px] inline-block h-[13px] w-[13px] shrink-0 border border-black" />
                {line}
              </li>
            ))}
          </ul>
        </div>
        <div>
          <h2 className="font-semibold">{t('What was checked, and what was not')}</h2>
          <ul className="narrow text-[13px]">
            {checks.map((finding) => (
              <li
                key={`${finding.code} ${finding.caseId ?? ''} ${finding.region ?? ''}`}
                className="border-b border-gray-300 py-[3px]"
              >
                <span className="font-semibold">{finding.counts ? t(VERDICT_WORDS[finding.verdict]) : t('Note')}:</span>{' '}
                <Sized>{sentenceOf(finding, say)}</Sized>
              </li>
            ))}
          </ul>
        </div>
      </div>
      <p className="narrow mt-3 text-[13px]">
        {t(
          'Checked on paper, from sizes and weights that were typed in; weld quality, wear and rust were not. Weigh tongue and axle before the first long way. Local law and a licensed inspector or engineer have the last word.',
        )}
      </p>
    </SheetFrame>
  );
};

/** What to know and to look at before the trailer is towed, on one page. */
export const TowSheet = () => <TrailerRoute>{(stored) => <Page stored={stored} />}</TrailerRoute>;
