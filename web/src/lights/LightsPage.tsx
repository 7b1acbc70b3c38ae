import {
  AMPERES_SOURCE,
  CARRIES_SOURCE,
  CIRCUIT_NAMES,
  type Circuit,
  circuitsOf,
  DROP_SOURCE,
  evaluate,
  type Evaluation,
  FAULT_STEPS,
  formatNumber,
  LAMP_COLOURS,
  LAMP_NAMES,
  lampHereText,
  type LampKind,
  lampPlaceText,
  lampZoneText,
  type PlacedLamp,
  placedLamps,
  PLUG_PINS,
  REGION_NAMES,
  sourceText,
  speaker,
  towsOnRoad,
  type Speaker,
  WIRE_TABLE_SOURCE,
  wireText,
  wireToBuy,
} from '@kereta/core';
import { TriangleAlert } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { PageHead } from '../fields/PageHead';
import { SessionNotes, TrailerPage } from '../bench/TrailerPage';
import { useFieldContext } from '../bench/useFieldContext';
import { useSession } from '../bench/useSession';
import { EditingContext } from '../fields/editing';
import { SelectField } from '../fields/fields';
import { Sized } from '../fields/Sized';
import type { ReadableTrailer } from '../storage/trailers';
import { LampDrawing } from './LampDrawing';
import { HousePart } from './HousePart';
import { WireRuns } from './WireRuns';
import { figures, t, voice } from '../fields/language/t';

/** Lamps of one rule, the first of them with what is said of all. */
const byRule = (lamps: readonly PlacedLamp[]): readonly (readonly [PlacedLamp, ...PlacedLamp[]])[] => {
  const found = new Map<string, [PlacedLamp, ...PlacedLamp[]]>();
  for (const lamp of lamps) {
    const key = `${lamp.rule.region} ${lamp.rule.code}`;
    const own = found.get(key);
    if (own) own.push(lamp);
    else found.set(key, [lamp]);
  }
  return [...found.values()];
};

const Lamps = ({ evaluation, say }: { readonly evaluation: Evaluation; readonly say: Speaker }) => {
  const lamps = useMemo(() => placedLamps(evaluation), [evaluation]);
  const rules = byRule(lamps);
  const numbers = new Map(rules.map(([{ rule }], i) => [`${rule.region} ${rule.code}`, i + 1]));
  const regions = [...new Set(rules.map(([{ rule }]) => rule.region))];
  return (
    <section aria-label={t('Lamps and reflectors')} className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">{t('Lamps and reflectors')}</h2>
      {!towsOnRoad(evaluation.trailer) && (
        <p role="note" className="text-[14.5px]">
          {t(
            'Pulled by hand or by a small machine it is no trailer of these rules: they are told for comparison. Where it goes on a public road in the dark, lamps and reflectors are asked for in most places all the same.',
          )}
        </p>
      )}
      {regions.length === 0 && <p>{t('No region is set that has rules: choose one under The job.')}</p>}
      {regions.length > 0 && (
        <div className="grid grid-cols-2 gap-3 max-[700px]:grid-cols-1">
          <LampDrawing evaluation={evaluation} lamps={lamps} numbers={numbers} from="rear" say={say} />
          <LampDrawing evaluation={evaluation} lamps={lamps} numbers={numbers} from="left" say={say} />
        </div>
      )}
      {regions.map((region) => (
        <div key={region} className="mt-2">
          <h3 className="text-[15px] font-semibold">
            {t(REGION_NAMES[region])}
            <span className="mute text-[13px] font-normal">
              ,{' '}
              {[
                ...new Set(
                  rules
                    .filter(([{ rule }]) => rule.region === region)
                    .map(([{ rule }]) => sourceText(rule.source, voice)),
                ),
              ].join('; ')}
            </span>
          </h3>
          <ol className="text-[14.5px]">
            {rules
              .filter(([{ rule }]) => rule.region === region)
              .map(([lamp, ...others]) => {
                const { rule } = lamp;
                const hidden = [lamp, ...others].flatMap(({ hiddenBy }) => hiddenBy)[0];
                return (
                  <li key={rule.code} className="flex gap-3 border-t border-base-300 py-1">
                    <b className="w-6 shrink-0 text-right">{numbers.get(`${rule.region} ${rule.code}`)}</b>
                    <span>
                      <b>
                        {t(LAMP_NAMES[rule.code])}
                        {rule.count > 1 && rule.code !== 'identification' ? ` × ${rule.count}` : ''},{' '}
                        {t(LAMP_COLOURS[rule.colour])}
                      </b>
                      : {lampPlaceText(rule, voice)}; <Sized>{lampZoneText(rule, say)}</Sized>.
                      {rule.code !== 'conspicuity' && (
                        <>
                          {' '}
                          {t('Here')} <Sized>{lampHereText(lamp, say)}</Sized>.
                        </>
                      )}
                      {hidden && (
                        <span className="flex items-start gap-2">
                          <TriangleAlert size={16} className="mt-[2px] shrink-0" aria-hidden />
                          {say.trailer.items.find((item) => item.id === hidden.by)?.name ?? say.partName(hidden.by)}{' '}
                          {t('may hide it, {case}: a lamp board behind it, or the lamp elsewhere within its zone.', {
                            case: say.caseName(hidden.caseId),
                          })}
                        </span>
                      )}
                    </span>
                  </li>
                );
              })}
          </ol>
        </div>
      ))}
      <p className="narrow mute mt-1 text-[13px]">
        {t(
          'Recalled, not read anew: compare with the rule of the place before you drill. A lamp that serves two functions counts for both; what is let down or loaded behind a lamp hides it.',
        )}
      </p>
    </section>
  );
};

const Wiring = ({
  evaluation,
  circuits,
  say,
}: {
  readonly evaluation: Evaluation;
  readonly circuits: readonly Circuit[];
  readonly say: Speaker;
}) => (
  <section aria-label={t('Wiring')} className="border-t border-[var(--ink)] py-3">
    <h2 className="text-[17px] font-bold">{t('Wiring')}</h2>
    {circuits.length === 0 ? (
      <p>{t('Nothing to wire: no plug, or no region with rules.')}</p>
    ) : (
      <>
        <table className="narrow w-full text-[14px]" aria-label={t('Circuits')}>
          <thead>
            <tr className="mute text-left">
              <th className="font-normal">{t('Circuit')}</th>
              <th className="text-right font-normal">{t('Amperes')}</th>
              <th className="text-right font-normal">{t('Run')}</th>
              <th className="pl-3 font-normal">{t('Wire, stranded')}</th>
              <th className="text-right font-normal">{t('Lost')}</th>
              <th className="text-right font-normal">{t('Fuse')}</th>
            </tr>
          </thead>
          <tbody>
            {circuits.map((one) => (
              <tr key={one.code} className="border-t border-base-300">
                <td className="py-1">{t(CIRCUIT_NAMES[one.code])}</td>
                <td className="text-right">{figures(formatNumber(one.amperes, 1))}</td>
                <td className="text-right whitespace-nowrap">{say.ground(one.runM)}</td>
                <td className="pl-3">{wireText(one, voice)}</td>
                <td className="text-right whitespace-nowrap">{say.percent(one.dropShare)}</td>
                <td className="text-right whitespace-nowrap">{one.code === 'ground' ? '' : `${one.fuseA} A`}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="mt-1 text-[14.5px]">
          {t('To buy:')}{' '}
          {wireToBuy(circuits)
            .map(({ wire, lengthM }) =>
              t('{length} of {x}', { length: say.ground(lengthM), x: wireText({ wire }, voice) }),
            )
            .join(', ')}
          {t('; crimps with glue, a junction box at the front header. All of it stands on the')}{' '}
          <Link className="underline" to={`/trailer/${evaluation.trailer.id}/buy`}>
            {t('purchase list')}
          </Link>
          .
        </p>
        <WireRuns evaluation={evaluation} circuits={circuits} say={say} />
        <ul className="mt-2 list-inside list-disc text-[14.5px]">
          <li>{t('Stranded wire only: solid house wire breaks where it shakes.')}</li>
          <li>
            {t(
              'A ground wire to every lamp, and one bright place on the frame near the tongue: the ball is no ground.',
            )}
          </li>
          <li>
            {t(
              'The breakaway’s switch hangs on its own cable from the vehicle, not from the chains; its battery is fused beside it.',
            )}
          </li>
        </ul>
        <p className="narrow mute mt-1 text-[13px]">
          {t('Lost: 2 × amperes × run × ohms to the metre ÷ 12 V. {drop}. {wire}. {amperes}. {carries}.', {
            drop: sourceText(DROP_SOURCE, voice),
            wire: sourceText(WIRE_TABLE_SOURCE, voice),
            amperes: sourceText(AMPERES_SOURCE, voice),
            carries: sourceText(CARRIES_SOURCE, voice),
          })}
        </p>
      </>
    )}
  </section>
);

/** Pins by their functions, each with a box to tick, and where to look when it is not so. */
const TestSheet = ({ evaluation }: { readonly evaluation: Evaluation }) => {
  const { plug } = evaluation.trailer.coupling;
  return (
    <section aria-label={t('Test sheet')} className="border-t border-[var(--ink)] py-3">
      <h2 className="text-[17px] font-bold">{t('Prove each pin')}</h2>
      {plug === 'none' || plug === 'not-decided' ? (
        <p>{t('The plug is not decided yet: choose it under Tongue & coupler.')}</p>
      ) : (
        <>
          <p className="text-[14.5px]">
            {t(
              'Colours differ from one maker to the next: with a tester on the vehicle’s socket, switch on one function at a time and tick it.',
            )}
          </p>
          <ul className="grid grid-cols-2 gap-x-4 text-[15px] max-[500px]:grid-cols-1">
            {PLUG_PINS[plug].map((pin) => (
              <li key={pin} className="border-b border-base-300 py-2">
                ☐ {t(pin)}
              </li>
            ))}
          </ul>
        </>
      )}
      <h3 className="mt-3 text-[15px] font-semibold">{t('When it is not so')}</h3>
      <dl className="text-[14.5px]">
        {FAULT_STEPS.map(([seen, look]) => (
          <div key={seen} className="border-t border-base-300 py-1">
            <dt className="font-semibold">{t(seen)}</dt>
            <dd>{t(look)}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
};

const KINDS = [
  { value: 'led', text: t('LED') },
  { value: 'incandescent', text: t('bulbs') },
] as const satisfies readonly { readonly value: LampKind; readonly text: string }[];

/** What has to shine where, how it is wired, and how it is proved. */
const Lights = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const session = useSession(id, stored);
  const { projectStore } = session;
  const editing = useFieldContext(projectStore);
  const { trailer, edit } = editing;
  const evaluation = useMemo(() => evaluate(trailer), [trailer]);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const kind = trailer.lighting?.lamps ?? 'led';
  const circuits = useMemo(() => circuitsOf(evaluation, kind), [evaluation, kind]);
  return (
    <EditingContext value={editing}>
      <div className="mx-auto max-w-[860px] px-4 pb-24">
        <PageHead
          title={t('{name}, lamps and wires', { name: trailer.name })}
          back={`/trailer/${id}/build?task=wire`}
          print={t('Print')}
        />
        <SessionNotes
          session={session}
          onlyLooked={t('lamps can be looked at here, not changed')}
          unsaved={t('which lamps they are')}
        />
        <Lamps evaluation={evaluation} say={say} />
        <div className="no-print max-w-[240px]">
          <SelectField
            label={t('Lamps are')}
            value={kind}
            options={KINDS}
            onCommit={(lamps) =>
              edit(t('which lamps they are'), (now) => ({ ...now, lighting: { ...now.lighting, lamps } }))
            }
          />
        </div>
        <Wiring evaluation={evaluation} circuits={circuits} say={say} />
        <HousePart say={say} />
        <TestSheet evaluation={evaluation} />
      </div>
    </EditingContext>
  );
};

export const LightsPage = () => <TrailerPage>{(id, stored) => <Lights id={id} stored={stored} />}</TrailerPage>;
