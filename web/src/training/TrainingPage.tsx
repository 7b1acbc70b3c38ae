import {
  type Answer,
  DEMO_TRAILERS,
  EXERCISE_IDS,
  type ExerciseId,
  limitText,
  measureText,
  sideView,
  speaker,
  type Speaker,
  type Trailer,
  trailerOf,
  type Tried,
  tryExercise,
  TRAINING_WORDS,
  type TrainingWords,
} from '@kereta/core';
import { Check } from 'lucide-react';
import { useId, useMemo, useState } from 'react';
import { PageHead } from '../fields/PageHead';
import { PAGE_LANGUAGE } from '../fields/language/language';
import { voice } from '../fields/language/t';
import { LanguageField } from '../fields/language/LanguageField';
import { TrailerPage } from '../bench/TrailerPage';
import { StillDrawing } from '../drawing/StillDrawing';
import { Sized } from '../fields/Sized';
import type { ReadableTrailer } from '../storage/trailers';
import { forgetTrained, keepTrained, type Trained, trainedSoFar } from './trained';

const ANSWERS = ['up', 'down', 'same'] as const satisfies readonly Answer[];

interface SceneProps {
  readonly tried: Tried;
  readonly side: 'was' | 'is';
  readonly say: Speaker;
  readonly words: TrainingWords;
}

/** The trailer from the side with the load of the exercise, as it was or as it is done badly. */
const Scene = ({ tried, side, say, words }: SceneProps) => {
  const view = useMemo(() => {
    const { trailer, chassis, cases } = tried[side];
    const shown = cases.find(({ loadCase }) => loadCase.id === tried.caseId);
    return sideView({ trailer, chassis, shown }, { lettering: say, sizes: false, names: false, gearSizes: false });
  }, [tried, side, say]);
  const [caption, label] = side === 'was' ? words.was : words.after;
  return (
    <StillDrawing view={view} mostPx={150} label={label} caption={caption}>
      {() => null}
    </StillDrawing>
  );
};

interface OutcomeProps {
  readonly words: TrainingWords;
  readonly tried: Tried;
  readonly chosen: Answer;
  readonly say: Speaker;
}

/** What the model answers, by its numbers, and why. */
const Outcome = ({ tried, chosen, say, words }: OutcomeProps) => {
  const text = words.texts[tried.id];
  const limit = limitText(tried, say, words);
  return (
    <div role="status" className="mt-3 border-l-4 border-[var(--dye)] pl-3">
      <p className="text-[15px]">
        {chosen === tried.answer ? words.agreed : words.otherwise}
        <b>{text.answers[tried.answer].toLowerCase()}</b>.
      </p>
      <p className="text-[15px]">
        {words.measures[tried.id]}:{' '}
        <Sized>
          {words.change(measureText(tried.kind, tried.before, say), measureText(tried.kind, tried.after, say))}
        </Sized>{' '}
        <Sized>{limit}</Sized>
      </p>
      <p className="mt-1 text-[14.5px]">{text.why}</p>
    </div>
  );
};

interface ExercisePartProps {
  readonly words: TrainingWords;
  readonly id: ExerciseId;
  readonly trailer: Trailer;
  /** this trailer has nothing to try it with */
  readonly borrowed: boolean;
  readonly tried: Tried | undefined;
  readonly onDone: (id: ExerciseId) => void;
  readonly onNext: (() => void) | undefined;
}

const ExercisePart = ({ id, trailer, borrowed, tried, onDone, onNext, words }: ExercisePartProps) => {
  const name = useId();
  const say = useMemo(() => speaker(trailer, voice), [trailer]);
  const [marked, setMarked] = useState<Answer | undefined>();
  const [chosen, setChosen] = useState<Answer | undefined>();
  const text = words.texts[id];
  if (!tried) return <p className="text-[15px]">{words.cannot}</p>;
  return (
    <section aria-label={text.title}>
      <h2 className="text-[17px] font-bold">{text.title}</h2>
      <p className="text-[14.5px]">
        {borrowed ? words.borrowed(trailer.name) : ''}
        {words.load(say.caseName(tried.caseId))} <Sized>{text.done(tried.by, say)}</Sized>
      </p>
      <div className="my-2 grid grid-cols-2 gap-3 max-[700px]:grid-cols-1">
        <Scene tried={tried} side="was" say={say} words={words} />
        {chosen && <Scene tried={tried} side="is" say={say} words={words} />}
      </div>
      <fieldset disabled={chosen !== undefined}>
        <legend className="text-[15px] font-semibold">{text.question}</legend>
        {ANSWERS.map((answer) => (
          <label key={answer} className="flex min-h-11 items-center gap-3 text-[15px]">
            <input
              type="radio"
              name={name}
              className="size-5"
              checked={marked === answer}
              onChange={() => setMarked(answer)}
            />
            {text.answers[answer]}
          </label>
        ))}
      </fieldset>
      {chosen === undefined ? (
        <button
          type="button"
          className="button button-main mt-2"
          disabled={!marked}
          onClick={() => {
            setChosen(marked);
            onDone(id);
          }}
        >
          {words.ask}
        </button>
      ) : (
        <>
          <Outcome tried={tried} chosen={chosen} say={say} words={words} />
          {onNext && (
            <button type="button" className="button button-main mt-3" onClick={onNext}>
              {words.next}
            </button>
          )}
        </>
      )}
    </section>
  );
};

/** On the trailer itself, else on the first demo that has what the exercise needs. */
const firstTried = (id: ExerciseId, own: Trailer): { readonly trailer: Trailer; readonly tried: Tried | undefined } => {
  for (const trailer of [own, ...DEMO_TRAILERS]) {
    const tried = tryExercise(id, trailer);
    if (tried) return { trailer, tried };
  }
  return { trailer: own, tried: undefined };
};

/** A dozen ways of doing it wrong, each asked first, then answered by the model. */
const Training = ({ id, stored }: { readonly id: string; readonly stored: ReadableTrailer }) => {
  const own = useMemo(() => trailerOf(stored.project), [stored.project]);
  const [trained, setTrained] = useState<Trained>(trainedSoFar);
  const [open, setOpen] = useState<ExerciseId>(() => EXERCISE_IDS.find((one) => !trained[one]) ?? EXERCISE_IDS[0]);
  const found = useMemo(() => firstTried(open, own), [open, own]);
  const words = TRAINING_WORDS[PAGE_LANGUAGE];
  const next = EXERCISE_IDS[EXERCISE_IDS.indexOf(open) + 1];
  return (
    <div className="mx-auto max-w-[980px] px-4 pb-24">
      <PageHead title={words.title} back={`/trailer/${id}/balance`} backText={words.back(own.name)}>
        <LanguageField />
      </PageHead>
      <p className="py-2 text-[14.5px]">{words.intro(own.name)}</p>
      <div className="grid grid-cols-[260px_1fr] gap-5 max-[800px]:grid-cols-1">
        <nav aria-label={words.exercises} className="max-[800px]:order-2">
          <ol>
            {EXERCISE_IDS.map((one, i) => (
              <li key={one} className="border-t border-base-300">
                <button
                  type="button"
                  className={`flex min-h-11 w-full items-center gap-2 text-left text-[14.5px] ${one === open ? 'font-bold' : ''}`}
                  aria-current={one === open ? 'step' : undefined}
                  onClick={() => setOpen(one)}
                >
                  <span className="w-5 shrink-0 text-right">{i + 1}</span>
                  <span className="flex-1">{words.texts[one].title}</span>
                  {trained[one] && (
                    <>
                      <Check size={16} aria-hidden />
                      <span className="sr-only">{words.goneThrough}</span>
                    </>
                  )}
                </button>
              </li>
            ))}
          </ol>
          {Object.keys(trained).length > 0 && (
            <button type="button" className="button mt-2" onClick={() => setTrained(forgetTrained())}>
              {words.anew}
            </button>
          )}
        </nav>
        <ExercisePart
          key={open}
          words={words}
          id={open}
          trailer={found.trailer}
          borrowed={found.trailer !== own}
          tried={found.tried}
          onDone={(one) => setTrained(keepTrained(one))}
          onNext={next && (() => setOpen(next))}
        />
      </div>
    </div>
  );
};

export const TrainingPage = () => <TrailerPage>{(id, stored) => <Training id={id} stored={stored} />}</TrailerPage>;
