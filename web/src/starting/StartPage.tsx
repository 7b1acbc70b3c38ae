import {
  type Answers,
  placeOf,
  sideView,
  speaker,
  type Started,
  type StartedWith,
  startNoteText,
  type SteelAtHand,
  type Trailer,
  trailerOf,
  evaluate,
  findSection,
  newProject,
  type Speaker,
  VEHICLE_ROWS,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import { type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { StillDrawing } from '../drawing/StillDrawing';
import { PageHead } from '../fields/PageHead';
import { type Editing, EditingContext } from '../fields/editing';
import { SelectField, TextField } from '../fields/fields';
import { Picker } from '../fields/Picker';
import { QuantityField } from '../fields/QuantityField';
import { Sized } from '../fields/Sized';
import { useJobProgress } from '../jobs/progress';
import { useJob } from '../jobs/useJob';
import { sectionRows } from '../steps/pickRows';
import { addTrailer } from '../storage/trailers';

/** As people say it before they have measured; each is asked. */
const startAnswers = (metric: boolean): Answers => ({
  what: '',
  massKg: metric ? 600 : 589.670081,
  lengthM: metric ? 2 : 1.8288,
  widthM: metric ? 1.2 : 1.2192,
  heightM: metric ? 0.6 : 0.6096,
  vehicleId: null,
  road: 'road',
  steel: { kind: 'steel' },
});

const ROADS = [
  { value: 'road', text: 'paved roads' },
  { value: 'rough', text: 'gravel and bad roads, too' },
  { value: 'off-road', text: 'fields and tracks' },
] as const satisfies readonly { readonly value: Answers['road']; readonly text: string }[];

const NO_VEHICLE = 'none';
const VEHICLES = [
  { value: NO_VEHICLE, text: 'not known yet' },
  ...VEHICLE_ROWS.map(({ id, name }) => ({ value: id, text: name })),
];

const METALS = [
  { value: 'steel', text: 'nothing yet: steel' },
  { value: 'aluminum', text: 'nothing yet: aluminum' },
  { value: 'section', text: 'tubes or bars of one kind' },
] as const satisfies readonly { readonly value: SteelAtHand['kind']; readonly text: string }[];

/** The trailer that the answers make so far, from the side. */
const Preview = ({ trailer }: { readonly trailer: Trailer }) => {
  const [view, words] = useMemo(() => {
    const { chassis, cases } = evaluate(trailer);
    const say = speaker(trailer);
    const shown = cases.find(({ loadCase }) => loadCase.id === 'case.loaded');
    const drawn = sideView(
      { trailer, chassis, shown },
      { lettering: say, sizes: false, names: false, gearSizes: false },
    );
    const { bed } = trailer.frame;
    const axles = trailer.runningGear.layout === 'single' ? 'one' : 'two';
    const gross = trailer.ratedGrossKg === null ? '' : `, ${say.mass(trailer.ratedGrossKg)} gross`;
    return [
      drawn,
      `Bed ${say.length(bed.lengthM)} x ${say.length(bed.widthM)}, ${axles} × ${trailer.runningGear.axle.name}${gross}`,
    ] as const;
  }, [trailer]);
  return (
    <figure aria-label="So far">
      <StillDrawing view={view} mostPx={220} label="From the side, as it is drawn so far">
        {() => null}
      </StillDrawing>
      <figcaption className="narrow text-[14px]">
        <Sized>{words}</Sized>
      </figcaption>
    </figure>
  );
};

const Sizing = ({ jobKey }: { readonly jobKey: string }) => {
  const now = useJobProgress(jobKey);
  return <progress className="progress w-full" value={now?.done ?? 0} max={now?.of ?? 1} aria-label="Sizing" />;
};

interface QuestionsProps {
  readonly answers: Answers;
  readonly trailer: Trailer;
  readonly onChange: (part: Partial<Answers>) => void;
}

/** One question with its fields, numbered. */
const Question = ({
  number,
  text,
  children,
}: {
  readonly number: number;
  readonly text: string;
  readonly children: ReactNode;
}) => (
  <fieldset className="border-t border-base-300 py-2">
    <legend className="float-left mb-1 w-full text-[15px] font-semibold">
      {number}. {text}
    </legend>
    <div className="clear-both">{children}</div>
  </fieldset>
);

const Questions = ({ answers, trailer, onChange }: QuestionsProps) => (
  <>
    <Question number={1} text="What will it carry?">
      <TextField label="In a word or two" value={answers.what} onCommit={(what) => onChange({ what })} />
    </Question>
    <Question number={2} text="How heavy is that, at most?">
      <QuantityField
        label="Weight of all of it"
        kind="mass"
        value={answers.massKg}
        min={10}
        max={5000}
        hint="Without the trailer. Guess high: it counts as a guess until you weigh."
        onCommit={(massKg) => onChange({ massKg })}
      />
    </Question>
    <Question number={3} text="How big is it?">
      <div className="grid grid-cols-3 gap-3">
        {(
          [
            ['Long', 'lengthM', 10],
            ['Wide', 'widthM', 4],
            ['High', 'heightM', 4],
          ] as const
        ).map(([label, field, max]) => (
          <QuantityField
            key={field}
            label={label}
            kind="length"
            value={answers[field]}
            min={0.05}
            max={max}
            onCommit={(size) => onChange({ [field]: size })}
          />
        ))}
      </div>
    </Question>
    <Question number={4} text="What tows it?">
      <SelectField
        label="Most like"
        value={answers.vehicleId ?? NO_VEHICLE}
        options={VEHICLES}
        hint="Its sizes are an example’s until you measure; what it may tow you read in its papers."
        onCommit={(id) => onChange({ vehicleId: id === NO_VEHICLE ? null : id })}
      />
    </Question>
    <Question number={5} text="On which roads?">
      <SelectField
        label="The worst of them"
        value={answers.road}
        options={ROADS}
        onCommit={(road) => onChange({ road })}
      />
    </Question>
    <Question number={6} text="What metal is at hand?">
      <div>
        <SelectField
          label="Build it of"
          value={answers.steel.kind}
          options={METALS}
          onCommit={(kind) =>
            onChange({
              steel: kind === 'section' ? { kind, sectionId: trailer.frame.groups.rail.sectionId } : { kind },
            })
          }
        />
      </div>
      {answers.steel.kind === 'section' && (
        <Picker
          label="Of which section"
          list="sections"
          value={answers.steel.sectionId}
          rows={sectionRows(trailer)}
          onCommit={(sectionId) => onChange({ steel: { kind: 'section', sectionId } })}
        />
      )}
    </Question>
  </>
);

/** The trailer that came of it, in the shed by then, with what had to be decided otherwise. */
const Arrived = ({ started }: { readonly started: Started }) => {
  const [kept, setKept] = useState<'keeping' | 'kept' | 'failed'>('keeping');
  const trailer = trailerOf(started.project);
  const say = useMemo(() => speaker(trailer), [trailer]);
  // Once, however often the page is drawn.
  const put = useRef<Started>(undefined);
  useEffect(() => {
    if (put.current === started) return;
    put.current = started;
    addTrailer(started.project)
      .then(() => setKept('kept'))
      .catch(() => setKept('failed'));
  }, [started]);
  const bars = (['rail', 'header', 'cross', 'tongue'] as const).map((group) => {
    const { sectionId } = trailer.frame.groups[group];
    return `${GROUPS[group]} ${findSection(trailer, sectionId)?.designation ?? sectionId}`;
  });
  return (
    <section aria-label="Done" className="max-w-[700px] py-3">
      <h2 className="text-[17px] font-bold">{trailer.name}</h2>
      <Preview trailer={trailer} />
      <p className="mt-2 text-[14.5px]">
        <Sized>{`${bars.join(', ')}; axle ${say.length(trailer.runningGear.positionM)} behind the front edge, tongue ${say.length(trailer.frame.tongue.lengthM)}.`}</Sized>
      </p>
      <Notes started={started} say={say} />
      {kept === 'kept' && (
        <Link className="button button-main mt-3 w-full" to={`/trailer/${trailer.id}/axle`}>
          Open it
        </Link>
      )}
      {kept === 'failed' && (
        <p className="mt-2 font-semibold" role="alert">
          This browser did not keep it: it may be out of room.
        </p>
      )}
    </section>
  );
};

const GROUPS = { rail: 'Rails', header: 'headers', cross: 'cross-members', tongue: 'tongue' } as const;

const Notes = ({ started, say }: { readonly started: Started; readonly say: Speaker }) =>
  started.notes.length === 0 ? null : (
    <ul className="mt-2 list-inside list-disc text-[14.5px]" aria-label="To know">
      {started.notes.map((note) => (
        <li key={note.code}>
          <Sized>{startNoteText(note, say)}</Sized>
        </li>
      ))}
    </ul>
  );

/** A new trailer by six questions: drawn while they are answered, then sized and balanced. */
export const StartPage = () => {
  const [place] = useState(() => placeOf(navigator.language));
  const [began, setBegan] = useState<StartedWith>(() => ({
    id: `trailer.${nanoid(10)}`,
    loadId: `item.${nanoid(8)}`,
    place,
  }));
  const [answers, setAnswers] = useState<Answers>(() => startAnswers(place.units === 'metric'));
  const [asked, setAsked] = useState<{ readonly answers: Answers; readonly began: StartedWith }>();
  const question = useMemo(() => ({ answers, began }), [answers, began]);
  const { result: drawn } = useJob('draw', question);
  // Until the first drawing is there fields go by a plain new trailer.
  const [plain] = useState(() =>
    newProject({ id: began.id, name: 'New trailer', units: place.units, place, newId: () => began.loadId }),
  );
  const trailer = trailerOf(drawn?.project ?? plain);
  const { result, working, failed, progressKey } = useJob('start', asked, { keepsOld: false });
  const editing = useMemo<Editing>(
    () => ({
      units: place.units,
      fraction: 16,
      readOnly: working,
      trailer,
      edit: () => undefined,
    }),
    [place, trailer, working],
  );
  const say = useMemo(() => speaker(trailer), [trailer]);
  return (
    <main className="relative h-full overflow-auto">
      <EditingContext value={editing}>
        <div className="mx-auto max-w-[980px] px-4 pb-24">
          <PageHead title={'A new trailer by six questions'} back={'/'} backText={'Back to the shed'} />
          {asked && result ? (
            <Arrived started={result} />
          ) : (
            <div className="grid grid-cols-[1fr_400px] gap-6 max-[900px]:grid-cols-1">
              <div>
                <Questions
                  answers={answers}
                  trailer={trailer}
                  onChange={(part) => setAnswers((now) => ({ ...now, ...part }))}
                />
              </div>
              <div className="py-3">
                <Preview trailer={trailer} />
                {drawn && <Notes started={drawn} say={say} />}
                {working ? (
                  <div className="mt-3 grid gap-2">
                    <p className="text-[14.5px]" role="status">
                      Looking for the lightest bars that pass every check …
                    </p>
                    <Sizing jobKey={progressKey} />
                    <button type="button" className="button" onClick={() => setAsked(undefined)}>
                      Stop
                    </button>
                  </div>
                ) : (
                  <button
                    type="button"
                    className="button button-main mt-3 w-full"
                    onClick={() => {
                      const now = { ...began, id: `trailer.${nanoid(10)}` };
                      setBegan(now);
                      setAsked({ answers, began: now });
                    }}
                  >
                    Draw it, size it, balance it
                  </button>
                )}
                {failed && (
                  <p className="mt-2 font-semibold" role="alert">
                    It could not be worked out: try once more, or begin with a plain new trailer in the shed.
                  </p>
                )}
                <p className="narrow mute mt-2 text-[13px]">
                  Everything can be changed afterwards. What is told by an example or a guess stands as such until you
                  measure, weigh or read it.
                </p>
              </div>
            </div>
          )}
        </div>
      </EditingContext>
    </main>
  );
};
