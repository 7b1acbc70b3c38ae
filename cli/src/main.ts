import { readFile, writeFile } from 'node:fs/promises';
import {
  type Basis,
  calculateCutting,
  calculateFrame,
  calculateReconcile,
  calculateSections,
  calculateSquaring,
  calculateStatics,
  calculateSway,
  checkExitCode,
  checkReport,
  checkText,
  cutReport,
  cutEntries,
  cutReportText,
  doJob,
  evaluate,
  evaluateFully,
  fileProblemSentence,
  frameSolids,
  lastOf,
  loadKernel,
  type NeutralProblem,
  OPINION_IDS,
  type OpinionId,
  type Project,
  readProject,
  type Result,
  SITUATION_IDS,
  type SituationId,
  shapeSteps,
  sheetPlan,
  type SolidFormat,
  solidsFile,
  type StrengthFilter,
  strengthReport,
  trailerIn,
  trailerOf,
  withoutByteOrderMark,
} from '@kereta/core';
import { Command, CommanderError, Option } from 'commander';

/** 0 nothing over or missing, 1 something over, 2 the file or the call cannot be read, 3 something missing. */
const UNREADABLE = 2;

const readText = async (file: string): Promise<string | undefined> => {
  try {
    return await readFile(file, 'utf8');
  } catch {
    return undefined;
  }
};

const answer = (value: unknown): void => console.log(JSON.stringify(value));

/** The project in a file; or the error has been told. */
const projectIn = async (file: string, json: boolean): Promise<Project | undefined> => {
  const text = await readText(file);
  const read = text === undefined ? undefined : readProject(text);
  if (read?.ok) return read.value;
  const message = read ? fileProblemSentence(read.error) : `There is no file ${file} that can be read.`;
  if (json) answer({ error: { code: read ? read.error.code : 'no-file', path: '', message } });
  else console.error(message);
  return undefined;
};

const check = async (file: string, json: boolean, basis: Basis): Promise<number> => {
  const project = await projectIn(file, json);
  if (!project) return UNREADABLE;
  const trailer = trailerIn(trailerOf(project), project.record, basis);
  const { evaluation } = evaluateFully(trailer);
  if (json) answer(checkReport(trailer, evaluation));
  else console.log(checkText(trailer, evaluation));
  return checkExitCode(evaluation);
};

const strength = async (file: string, filter: StrengthFilter): Promise<number> => {
  const project = await projectIn(file, true);
  if (!project) return UNREADABLE;
  const { report, evaluation } = strengthReport(trailerOf(project), filter);
  answer(report);
  return checkExitCode(evaluation);
};

/** 0 everything is laid out, 1 something is not, 2 the file cannot be read. */
const cut = async (file: string, json: boolean): Promise<number> => {
  const project = await projectIn(file, json);
  if (!project) return UNREADABLE;
  const trailer = trailerOf(project);
  const sections = await doJob(
    'sticks',
    { trailer, cuts: cutEntries(project.record) },
    { aborted: false },
    () => undefined,
  );
  const { chassis, cutList } = evaluate(trailer);
  if (json) answer(cutReport(trailer, sections, sheetPlan(trailer, chassis, cutList)));
  else console.log(cutReportText(trailer, sections));
  return sections.some(({ problem }) => problem) ? 1 : 0;
};

const SOLID_FORMATS: readonly SolidFormat[] = ['step', 'stl', 'glb'];

/** 0 written, 2 the file cannot be read or written, or its ending says no format. */
const solids = async (file: string, out: string): Promise<number> => {
  const format = SOLID_FORMATS.find((one) => out.toLowerCase().endsWith(`.${one}`));
  if (!format) {
    console.error(`The name of the file to write ends with .${SOLID_FORMATS.join(', .')}.`);
    return UNREADABLE;
  }
  const project = await projectIn(file, false);
  if (!project) return UNREADABLE;
  const trailer = trailerOf(project);
  const { chassis, cutList } = evaluate(trailer);
  const kernel = await loadKernel();
  const shapes = lastOf(shapeSteps(kernel, frameSolids(trailer, chassis, cutList)));
  try {
    await writeFile(out, await solidsFile(kernel, shapes, format));
  } catch (error) {
    console.error(`${out} cannot be written: ${error instanceof Error ? error.message : String(error)}`);
    return UNREADABLE;
  }
  console.log(`${shapes.length} solids`);
  return 0;
};

const CALCULATIONS: Readonly<
  Record<string, (file: unknown) => Result<unknown, NeutralProblem> | Promise<Result<unknown, NeutralProblem>>>
> = {
  statics: calculateStatics,
  section: calculateSections,
  frame: calculateFrame,
  sway: calculateSway,
  cutting: calculateCutting,
  squaring: calculateSquaring,
  reconcile: calculateReconcile,
};

const refuse = (problem: NeutralProblem | { code: string; path: string; message: string }): number => {
  answer({ error: problem });
  return UNREADABLE;
};

const calculate = async (what: string, file: string): Promise<number> => {
  const calculation = Object.hasOwn(CALCULATIONS, what) ? CALCULATIONS[what] : undefined;
  if (!calculation) {
    return refuse({
      code: 'unsupported',
      path: '',
      message: `“${what}” cannot be calculated; ${Object.keys(CALCULATIONS).join(', ')} can`,
    });
  }
  const text = await readText(file);
  if (text === undefined)
    return refuse({ code: 'no-file', path: '', message: `there is no file ${file} that can be read` });
  let content: unknown;
  try {
    content = JSON.parse(withoutByteOrderMark(text));
  } catch (error) {
    return refuse({ code: 'not-json', path: '', message: error instanceof Error ? error.message : 'not JSON' });
  }
  const result = await calculation(content);
  if (!result.ok) return refuse(result.error);
  answer(result.value);
  return 0;
};

const version = async (): Promise<string> => {
  const text = await readFile(new URL('../package.json', import.meta.url), 'utf8');
  return (JSON.parse(text) as { version: string }).version;
};

/** Runs the command line and returns its exit code. */
export const run = async (argv: readonly string[]): Promise<number> => {
  let exitCode = 0;
  const program = new Command('kereta')
    .description('Checks a trailer designed with Kereta, without a browser.')
    .version(await version())
    .showHelpAfterError()
    .exitOverride();
  program
    .command('check')
    .description('print what Kereta finds; exit 0 within, 1 something over, 3 something missing, 2 file not readable')
    .argument('<file>', 'a *.kereta.json file')
    .option('--json', 'print cases and findings as JSON')
    .addOption(
      new Option('--basis <state>', 'as drawn, as built, or by everything that was weighed')
        .choices(['designed', 'built', 'weighed'])
        .default('designed'),
    )
    .action(async (file: string, { json, basis }: { json?: boolean; basis: Basis }) => {
      exitCode = await check(file, json === true, basis);
    });
  program
    .command('strength')
    .description('print the whole frame analysis as JSON; exit codes as check')
    .argument('<file>', 'a *.kereta.json file')
    .option('--json', 'print JSON (it always does)')
    .addOption(new Option('--opinion <opinion>', 'only the runs of one opinion').choices(OPINION_IDS))
    .addOption(new Option('--situation <situation>', 'only the runs of one situation').choices(SITUATION_IDS))
    .option('--case <case>', 'only the runs of one load, by its id')
    .action(async (file: string, options: { opinion?: OpinionId; situation?: SituationId; case?: string }) => {
      exitCode = await strength(file, {
        opinion: options.opinion,
        situation: options.situation,
        caseId: options.case,
      });
    });
  program
    .command('cut')
    .description('print what is cut out of which stick; exit 0 all laid out, 1 something is not, 2 file not readable')
    .argument('<file>', 'a *.kereta.json file')
    .option('--json', 'print sticks and pieces as JSON, in metres')
    .action(async (file: string, { json }: { json?: boolean }) => {
      exitCode = await cut(file, json === true);
    });
  program
    .command('solids')
    .description('write the frame as solids, by the ending of the name: .step, .stl or .glb; exit 0 written, 2 not')
    .argument('<file>', 'a *.kereta.json file')
    .argument('<out>', 'the file to write')
    .action(async (file: string, out: string) => {
      exitCode = await solids(file, out);
    });
  program
    .command('calc')
    .description('calculate a neutral JSON file: statics, section, frame, sway, cutting, squaring or reconcile')
    .argument('<what>', 'statics, section, frame, sway, cutting, squaring or reconcile')
    .argument('<file>', 'the JSON file')
    .option('--json', 'print JSON (it always does)')
    .action(async (what: string, file: string) => {
      exitCode = await calculate(what, file);
    });
  try {
    await program.parseAsync([...argv]);
  } catch (error) {
    if (!(error instanceof CommanderError)) throw error;
    return error.exitCode === 0 ? 0 : UNREADABLE;
  }
  return exitCode;
};
