import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PHRASEBOOK as OF_CORE } from '@kereta/core/phrasebook';
import ts from 'typescript';
import { describe, expect, test } from 'vitest';
import { PHRASEBOOK } from './phrasebook';

const OTHERS = ['de', 'es'] as const;
const phrases = Object.entries(PHRASEBOOK);
const holes = (text: string): readonly string[] => [...text.matchAll(/\{(\w+)\}/g)].map(([whole]) => whole);

const SOURCE = join(import.meta.dirname, '..', '..');
const filesIn = (folder: string): readonly string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesIn(join(folder, entry.name)) : [join(folder, entry.name)],
  );
/** Pages whose own words stand by language in the core, and what no visitor sees. */
const APART = /\/(starting|training|phrasebook)\/|\.test\.tsx?$|testkit/;
const pages = filesIn(SOURCE)
  .filter((file) => /\.tsx?$/.test(file) && !APART.test(file))
  .map((file) => ({ file: file.slice(SOURCE.length + 1), text: readFileSync(file, 'utf8') }));

describe('the phrasebook of the pages', () => {
  test.each(OTHERS)('%s: the same is filled in as in English, nothing more and nothing lost', (language) => {
    for (const [english, said] of phrases)
      expect(new Set(holes(said[language])), english).toEqual(new Set(holes(english)));
  });
  test.each(OTHERS)('%s: no sentence is left in English, none is empty, and none calls a trailer safe', (language) => {
    for (const [english, said] of phrases) {
      expect(said[language].trim(), english).not.toBe('');
      const words = english.replace(/\{\w+\}/g, '').match(/[a-z]{3,}/gi) ?? [];
      if (words.length > 2 && !english.startsWith('npm ')) expect(said[language]).not.toBe(english);
      expect(said[language]).not.toMatch(/\b(sicher(?:e|er|es|em)?|segur[oa]s?)\b/i);
    }
  });
  test('labels keep to their room: one of a few words grows by half again and two dozen letters at most', () => {
    for (const [english, said] of phrases)
      if (english.length < 40 && !english.includes('{'))
        for (const language of OTHERS)
          expect(said[language].length, `${english} → ${said[language]}`).toBeLessThanOrEqual(
            1.5 * english.length + 24,
          );
  });
  test('a phrase stands in one book only, and is said somewhere', () => {
    const all = pages.map(({ text }) => text).join('\n');
    const quoted = (text: string): readonly string[] => [`'${text.replaceAll("'", "\\'")}'`, `"${text}"`];
    for (const [english] of phrases) {
      expect(Object.hasOwn(OF_CORE, english), english).toBe(false);
      expect(
        quoted(english).some((literal) => all.includes(literal)),
        english,
      ).toBe(true);
    }
  });
});

describe('the pages', () => {
  /** What is read out or shown of an element besides its text. */
  const SHOWN = new Set(['label', 'title', 'aria-label', 'aria-description', 'placeholder', 'hint', 'empty', 'alt']);
  const bareIn = (file: string, text: string): readonly string[] => {
    const found: string[] = [];
    const visit = (node: ts.Node): void => {
      if (ts.isJsxText(node) && /[A-Za-z]{2}/.test(node.text)) found.push(node.text.trim());
      if (
        ts.isJsxAttribute(node) &&
        SHOWN.has(node.name.getText()) &&
        node.initializer &&
        ts.isStringLiteral(node.initializer) &&
        /[A-Za-z]{2}/.test(node.initializer.text)
      )
        found.push(node.initializer.text);
      ts.forEachChild(node, visit);
    };
    visit(ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX));
    return found;
  };
  test('nothing is written on them that no phrasebook has', () => {
    const bare = pages
      .filter(({ file }) => file.endsWith('.tsx'))
      .flatMap(({ file, text }) => bareIn(file, text).map((word) => `${file}: ${word}`));
    expect(bare).toEqual([]);
  });
  test('a word that is written on a page is found', () => {
    expect(bareIn('a.tsx', 'const A = () => <p title="Not said">Bare words {1}</p>;')).toEqual([
      'Not said',
      'Bare words',
    ]);
  });
});
