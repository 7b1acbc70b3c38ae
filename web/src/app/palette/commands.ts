import {
  searchRank,
  searchText,
  sentenceOf,
  type Speaker,
  STEP_IDS,
  STEP_NAMES,
  stepWords,
  VERDICT_WORDS,
} from '@kereta/core';
import { showFinding } from '../../fields/showFinding';
import type { Workbench } from '../../bench/workbench';
import { pickableParts, spokenName } from '../../bench/sheet/parts';
import { switchTheme } from '../../fields/theme';
import { typedSizes } from './typedSize';

/** Something that the palette finds and does. */
export interface Command {
  readonly id: string;
  readonly name: string;
  readonly group: 'Sizes' | 'Steps' | 'Jobs' | 'Parts' | 'Loads' | 'Checks' | 'Settings';
  readonly search: string;
  readonly run: () => void;
}

/** Pages of a trailer besides its steps: where, and by which words they are found. */
const PAGES: readonly (readonly [path: string, name: string, words: string])[] = [
  ['print/cut-list', 'Print cut list', 'pieces saw'],
  ['print/drawing', 'Print drawing, to scale', 'pdf dxf step sheet'],
  ['print/strength', 'Print strength sheet', 'calculation'],
  ['print/axle', 'Print axle card', 'hangers'],
  ['print/tow', 'Print tow-ready page', 'hitch'],
  ['print/plan', 'Print the plan', 'build tasks'],
  ['print/book', 'The trailer’s book', 'plate papers pdf'],
  ['buy', 'What to buy, and what it costs', 'prices ledger'],
  ['saw', 'At the saw', 'cut sticks'],
  ['square', 'Square frame and axles', 'diagonals tape'],
  ['lights', 'Lamps and wires', 'wiring plug'],
  ['coat', 'Coating and sealing', 'paint rust galvanize zinc primer deck'],
  ['papers', 'Papers and manners', 'law licence brakes width speed inspection'],
  ['training', 'Load it badly and see', 'exercises learn trainer why'],
  ['weigh-in', 'Weigh it', 'scale tongue'],
  ['log', 'Journal and service', 'hours grease'],
  ['trip', 'Load it for a trip', 'phone'],
  ['send', 'To the phone', 'qr code link file'],
];

/** Everything that can be found of the open trailer. */
export const commandsOf = (
  { projectStore, evaluation, say, goTo, pick, showCase, trailer }: Workbench,
  go: (path: string) => void,
  openFields: (partId: string) => void,
): readonly Command[] => [
  ...STEP_IDS.map(
    (step): Command => ({
      id: `step.${step}`,
      name: STEP_NAMES[step],
      group: 'Steps',
      search: searchText(STEP_NAMES[step], stepWords(step)),
      run: () => goTo(step),
    }),
  ),
  ...PAGES.map(
    ([path, name, words]): Command => ({
      id: `page.${path}`,
      name,
      group: 'Jobs',
      search: searchText(name, words),
      run: () => go(`/trailer/${trailer.id}/${path}`),
    }),
  ),
  ...pickableParts(trailer, evaluation).map(
    (part): Command => ({
      id: `part.${part}`,
      name: spokenName(say, part),
      group: 'Parts',
      search: searchText(spokenName(say, part)),
      run: () => {
        pick(part);
        openFields(part);
      },
    }),
  ),
  ...trailer.cases.map(
    ({ id, name }): Command => ({
      id: `case.${id}`,
      name: `Show ${name}`,
      group: 'Loads',
      search: searchText('show load', name),
      run: () => showCase(id),
    }),
  ),
  ...evaluation.findings.map((finding): Command => {
    const sentence = sentenceOf(finding, say);
    return {
      id: `check.${finding.id}`,
      name: sentence,
      group: 'Checks',
      search: searchText(sentence, VERDICT_WORDS[finding.verdict], STEP_NAMES[finding.step]),
      run: () => {
        goTo(finding.step);
        showFinding(finding.id);
      },
    };
  }),
  {
    id: 'undo',
    name: 'Undo',
    group: 'Settings',
    search: searchText('undo take back'),
    run: projectStore.undo,
  },
  { id: 'redo', name: 'Redo', group: 'Settings', search: searchText('redo'), run: projectStore.redo },
  {
    id: 'units',
    name: trailer.settings.units === 'imperial' ? 'Millimetres and kilograms' : 'Feet, inches and pounds',
    group: 'Settings',
    search: searchText('units metric imperial millimetres kilograms feet inches pounds'),
    run: () => projectStore.changeSettings({ units: trailer.settings.units === 'imperial' ? 'metric' : 'imperial' }),
  },
  {
    id: 'theme',
    name: 'Light or dark',
    group: 'Settings',
    search: searchText('theme light dark paper slate'),
    run: switchTheme,
  },
  {
    id: 'words',
    name: 'Words of the shop',
    group: 'Jobs',
    search: searchText('words glossary help terms meaning'),
    run: () => go('/words'),
  },
  { id: 'shed', name: 'To the shed', group: 'Jobs', search: searchText('shed trailers home'), run: () => go('/') },
];

/** A size that was typed, as a command. */
const sizeCommands = (
  text: string,
  { trailer, projectStore, readOnly }: Workbench,
  say: Speaker,
): readonly Command[] =>
  readOnly
    ? []
    : typedSizes(text, trailer).map(({ id, what, valueM, change }) => ({
        id: `size.${id}`,
        name: `${what}: ${say.length(valueM)}`,
        group: 'Sizes',
        search: '',
        run: () => projectStore.edit(`${what.toLowerCase()} ${say.length(valueM)}`, change),
      }));

/** So many are shown. */
const MOST = 12;

/** What fits a search, sizes first, then best first. */
export const foundBy = (text: string, all: readonly Command[], workbench: Workbench): readonly Command[] => {
  const ranked = all.flatMap((command) => {
    const rank = searchRank(command.search, text);
    return rank === undefined ? [] : [{ command, rank }];
  });
  return [
    ...sizeCommands(text, workbench, workbench.say),
    ...ranked.toSorted((a, b) => b.rank - a.rank).map(({ command }) => command),
  ].slice(0, MOST);
};
