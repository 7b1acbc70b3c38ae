import {
  type Answers,
  placeOf,
  sideView,
  speaker,
  type Started,
  type StartedWith,
  START_WORDS,
  startNoteIn,
  type StartWords,
  type SteelAtHand,
  type Trailer,
  trailerOf,
  evaluate,
  feet,
  findSection,
  pounds,
  newProject,
  type Speaker,
} from '@kereta/core';
import { nanoid } from 'nanoid';
import { type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { StillDrawing } from '../drawing/StillDrawing';
import { PageHead } from '../fields/PageHead';
import { PAGE_LANGUAGE } from '../fields/language/language';
import { voice } from '../fields/language/t';
import { LanguageField } from '../fields/language/LanguageField';
import { type Editing, EditingContext } from '../fields/editing';
import { SelectField, TextField } from '../fields/fields';
import { Picker } from '../fields/Picker';
import { QuantityField } from '../fields/QuantityField';
import { Sized } from '../fields/Sized';
import { useJobProgress } from '../jobs/progress';
import { useJob } from '../jobs/useJob';
import { sectionRows } from '../steps/pickRows';
import { addTrailer } from '../storage/trailers';
import { keepAnswers, keptAnswers } from './keptAnswers';

/** As people say it before they have measured; each is asked. */
const startAnswers = (metric: boolean): Answers => ({
  what: '',
  name: '',
  massKg: metric ? 600 : pounds(1300),
  lengthM: metric ? 2 : feet(6),
  widthM: metric ? 1.2 : feet(4),
  heightM: metric ? 0.6 : feet(2),
  vehicleId: null,
  road: 'road',
  steel: { kind: 'steel' },
});

const ROADS = ['road', 'rough', 'off-road'] as const satisfies readonly Answers['road'][];
const METALS = ['steel', 'aluminum', 'section'] as const satisfies readonly SteelAtHand['kind'][];
const NO_VEHICLE = 'none';
const VEHICLE_IDS = [
  'none',
  'vehicle-estate',
  'vehicle-pickup',
  'vehicle-van',
  'vehicle-yard-tractor',
  'vehicle-by-hand',
] as const;

interface Spoken {
  readonly words: StartWords;
}

/** The trailer that the answers make so far, from the side. */
const Preview = ({ trailer, words }: Spoken & { readonly trailer: Trailer }) => {
  const [view, told] = useMemo(() => {
    const { chassis, cases } = evaluate(trailer);
    const say = speaker(trailer, voice);
    const shown = cases.find(({ loadCase }) => loadCase.id === 'case.loaded');
    const drawn = sideView(
      { trailer, chassis, shown },
      { lettering: say, sizes: false, names: false, gearSizes: false },
    );
    const { bed } = trailer.frame;
    const { layout, axle } = trailer.runningGear;
    const massOr = (kg: number | null): string | null => (kg === null ? null : say.mass(kg));
    return [
      drawn,
      words.bed(
        say.length(bed.lengthM),
        say.length(bed.widthM),
        layout === 'single' ? 1 : 2,
        massOr(axle.ratingKg),
        massOr(trailer.ratedGrossKg),
      ),
    ] as const;
  }, [trailer, words]);
  return (
    <figure aria-label={words.soFar}>
      <StillDrawing view={view} mostPx={220} label={words.soFarLabel}>
        {() => null}
      </StillDrawing>
      <figcaption className="narrow text-[14px]">
        <Sized>{told}</Sized>
      </figcaption>
    </figure>
  );
};

const Sizing = ({ jobKey, label }: { readonly jobKey: string; readonly label: string }) => {
  const now = useJobProgress(jobKey);
  return <progress className="progress w-full" value={now?.done ?? 0} max={now?.of ?? 1} aria-label={label} />;
};

interface QuestionsProps {
  readonly words: StartWords;
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

const Questions = ({ answers, trailer, onChange, words }: QuestionsProps) => (
  <>
    <Question number={1} text={words.what[0]}>
      <TextField label={words.what[1]} value={answers.what} onCommit={(what) => onChange({ what })} />
    </Question>
    <Question number={2} text={words.heavy[0]}>
      <QuantityField
        label={words.heavy[1]}
        kind="mass"
        value={answers.massKg}
        min={10}
        max={5000}
        hint={words.heavy[2]}
        onCommit={(massKg) => onChange({ massKg })}
      />
    </Question>
    <Question number={3} text={words.big[0]}>
      <div className="grid grid-cols-3 gap-3">
        {(
          [
            [words.big[1], 'lengthM', 10],
            [words.big[2], 'widthM', 4],
            [words.big[3], 'heightM', 4],
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
    <Question number={4} text={words.tows[0]}>
      <SelectField
        label={words.tows[1]}
        value={answers.vehicleId ?? NO_VEHICLE}
        options={VEHICLE_IDS.map((value) => ({ value, text: words.vehicles[value] }))}
        hint={words.tows[2]}
        onCommit={(id) => onChange({ vehicleId: id === NO_VEHICLE ? null : id })}
      />
    </Question>
    <Question number={5} text={words.roads[0]}>
      <SelectField
        label={words.roads[1]}
        value={answers.road}
        options={ROADS.map((value) => ({ value, text: words.roadNames[value] }))}
        onCommit={(road) => onChange({ road })}
      />
    </Question>
    <Question number={6} text={words.metal[0]}>
      <div>
        <SelectField
          label={words.metal[1]}
          value={answers.steel.kind}
          options={METALS.map((value) => ({ value, text: words.metals[value] }))}
          onCommit={(kind) =>
            onChange({
              steel: kind === 'section' ? { kind, sectionId: trailer.frame.groups.rail.sectionId } : { kind },
            })
          }
        />
      </div>
      {answers.steel.kind === 'section' && (
        <Picker
          label={words.metal[2]}
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
const Arrived = ({ started, words }: Spoken & { readonly started: Started }) => {
  const [kept, setKept] = useState<'keeping' | 'kept' | 'failed'>('keeping');
  const trailer = trailerOf(started.project);
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
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
    return `${words.bars[group]} ${findSection(trailer, sectionId)?.designation ?? sectionId}`;
  });
  return (
    <section aria-label={words.done} className="max-w-[700px] py-3">
      <h2 className="text-[17px] font-bold">{trailer.name}</h2>
      <Preview trailer={trailer} words={words} />
      <p className="mt-2 text-[14.5px]">
        <Sized>{`${bars.join(', ')}; ${words.places(say.length(trailer.runningGear.positionM), say.length(trailer.frame.tongue.lengthM))}`}</Sized>
      </p>
      <Notes started={started} say={say} words={words} />
      {kept === 'kept' && (
        <Link className="button button-main mt-3 w-full" to={`/trailer/${trailer.id}/axle`}>
          {words.open}
        </Link>
      )}
      {kept === 'failed' && (
        <p className="mt-2 font-semibold" role="alert">
          {words.notKept}
        </p>
      )}
    </section>
  );
};

interface NotesProps {
  readonly started: Started;
  readonly say: Speaker;
  readonly words: StartWords;
}

const Notes = ({ started, say, words }: NotesProps) =>
  started.notes.length === 0 ? null : (
    <ul className="mt-2 list-inside list-disc text-[14.5px]" aria-label={words.toKnow}>
      {started.notes.map((note) => (
        <li key={note.code}>
          <Sized>{startNoteIn(words, note, say)}</Sized>
        </li>
      ))}
    </ul>
  );

/** A new trailer by six questions: drawn while they are answered, then sized and balanced. */
export const StartPage = () => {
  const words = START_WORDS[PAGE_LANGUAGE];
  const [place] = useState(() => placeOf(navigator.language));
  const [began, setBegan] = useState<StartedWith>(() => ({
    id: `trailer.${nanoid(10)}`,
    loadId: `item.${nanoid(8)}`,
    place,
  }));
  const [answers, setAnswers] = useState<Answers>(() => keptAnswers(startAnswers(place.units === 'metric')));
  useEffect(() => keepAnswers(answers), [answers]);
  const [asked, setAsked] = useState<{ readonly answers: Answers; readonly began: StartedWith }>();
  const named = useMemo((): Answers => {
    const what = answers.what.trim();
    return { ...answers, name: what === '' ? words.newTrailer : words.trailerFor(what) };
  }, [answers, words]);
  const question = useMemo(() => ({ answers: named, began }), [named, began]);
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
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  return (
    <main className="relative h-full overflow-auto">
      <EditingContext value={editing}>
        <div className="mx-auto max-w-[980px] px-4 pb-24">
          <PageHead title={words.title} back="/" backText={words.back}>
            <LanguageField />
          </PageHead>
          {asked && result ? (
            <Arrived started={result} words={words} />
          ) : (
            <div className="grid grid-cols-[1fr_400px] gap-6 max-[900px]:grid-cols-1">
              <div>
                <Questions
                  words={words}
                  answers={answers}
                  trailer={trailer}
                  onChange={(part) => setAnswers((now) => ({ ...now, ...part }))}
                />
              </div>
              <div className="py-3">
                <Preview trailer={trailer} words={words} />
                {drawn && <Notes started={drawn} say={say} words={words} />}
                {working ? (
                  <div className="mt-3 grid gap-2">
                    <p className="text-[14.5px]" role="status">
                      {words.looking}
                    </p>
                    <Sizing jobKey={progressKey} label={words.sizing} />
                    <button type="button" className="button" onClick={() => setAsked(undefined)}>
                      {words.stop}
                    </button>
                  </div>
                ) : (
                  <button
                    type="button"
                    className="button button-main mt-3 w-full"
                    onClick={() => {
                      const now = { ...began, id: `trailer.${nanoid(10)}` };
                      setBegan(now);
                      setAsked({ answers: named, began: now });
                    }}
                  >
                    {words.go}
                  </button>
                )}
                {failed && (
                  <p className="mt-2 font-semibold" role="alert">
                    {words.failed}
                  </p>
                )}
                <p className="narrow mute mt-2 text-[13px]">{words.changeable}</p>
              </div>
            </div>
          )}
        </div>
      </EditingContext>
    </main>
  );
};
