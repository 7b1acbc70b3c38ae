import {
  LANGUAGE_NAMES,
  LANGUAGES,
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
import { chooseLanguage, PAGE_LANGUAGE } from '../../fields/language/language';
import { switchTheme } from '../../fields/theme';
import { typedSizes } from './typedSize';
import { inner, t } from '../../fields/language/t';

/** Something that the palette finds and does. */
export interface Command {
  readonly id: string;
  readonly name: string;
  /** as it is headed in the list */
  readonly group: string;
  readonly search: string;
  readonly run: () => void;
}

/** Pages of a trailer besides its steps: where, and by which words they are found. */
const PAGES: readonly (readonly [path: string, name: string, words: string])[] = [
  ['print/cut-list', t('Print cut list'), t('pieces saw')],
  ['print/drawing', t('Print drawing, to scale'), 'pdf dxf step sheet'],
  ['print/strength', t('Print strength sheet'), 'calculation'],
  ['print/axle', t('Print axle card'), 'hangers'],
  ['print/tow', t('Print tow-ready page'), 'hitch'],
  ['print/plan', t('Print the plan'), t('build tasks')],
  ['print/book', t('The trailer’s book'), t('plate papers pdf')],
  ['buy', t('What to buy, and what it costs'), t('prices ledger')],
  ['saw', t('At the saw'), t('cut sticks')],
  ['square', t('Square frame and axles'), t('diagonals tape')],
  ['lights', t('Lamps and wires'), t('wiring plug')],
  ['coat', t('Coating and sealing'), t('paint rust galvanize zinc primer deck')],
  ['papers', t('Papers and manners'), t('law licence brakes width speed inspection')],
  ['training', t('Load it badly and see'), t('exercises learn trainer why')],
  ['weigh-in', t('Weigh it'), t('scale tongue')],
  ['log', t('Journal and service'), t('hours grease')],
  ['trip', t('Load it for a trip'), 'phone'],
  ['send', t('To the phone'), t('qr code link file')],
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
      name: t(STEP_NAMES[step]),
      group: t('Steps'),
      search: searchText(t(STEP_NAMES[step]), stepWords(step)),
      run: () => goTo(step),
    }),
  ),
  ...PAGES.map(
    ([path, name, words]): Command => ({
      id: `page.${path}`,
      name,
      group: t('Jobs'),
      search: searchText(name, words),
      run: () => go(`/trailer/${trailer.id}/${path}`),
    }),
  ),
  ...pickableParts(trailer, evaluation).map(
    (part): Command => ({
      id: `part.${part}`,
      name: spokenName(say, part),
      group: t('Parts'),
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
      name: t('Show {name}', { name }),
      group: t('Loads'),
      search: searchText(t('show load'), name),
      run: () => showCase(id),
    }),
  ),
  ...evaluation.findings.map((finding): Command => {
    const sentence = sentenceOf(finding, say);
    return {
      id: `check.${finding.id}`,
      name: sentence,
      group: t('Checks'),
      search: searchText(sentence, t(VERDICT_WORDS[finding.verdict]), t(STEP_NAMES[finding.step])),
      run: () => {
        goTo(finding.step);
        showFinding(finding.id);
      },
    };
  }),
  {
    id: 'undo',
    name: t('Undo'),
    group: t('Settings'),
    search: searchText(t('undo take back')),
    run: projectStore.undo,
  },
  { id: 'redo', name: t('Redo'), group: t('Settings'), search: searchText('redo'), run: projectStore.redo },
  {
    id: 'units',
    name: trailer.settings.units === 'imperial' ? t('Millimetres and kilograms') : t('Feet, inches and pounds'),
    group: t('Settings'),
    search: searchText(t('units metric imperial millimetres kilograms feet inches pounds')),
    run: () => projectStore.changeSettings({ units: trailer.settings.units === 'imperial' ? 'metric' : 'imperial' }),
  },
  {
    id: 'theme',
    name: t('Light or dark'),
    group: t('Settings'),
    search: searchText(t('theme light dark paper slate')),
    run: switchTheme,
  },
  ...LANGUAGES.filter((language) => language !== PAGE_LANGUAGE).map((language) => ({
    id: `language.${language}`,
    name: `${t('Language')}: ${LANGUAGE_NAMES[language]}`,
    group: t('Settings'),
    search: searchText(LANGUAGE_NAMES[language], 'language sprache idioma'),
    run: () => chooseLanguage(language),
  })),
  {
    id: 'words',
    name: t('Words of the shop'),
    group: t('Jobs'),
    search: searchText(t('words glossary help terms meaning')),
    run: () => go('/words'),
  },
  {
    id: 'shed',
    name: t('To the shed'),
    group: t('Jobs'),
    search: searchText(t('shed trailers home')),
    run: () => go('/'),
  },
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
        group: t('Sizes'),
        search: '',
        run: () => projectStore.edit(`${inner(what)} ${say.length(valueM)}`, change),
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
