import { expect, type Page, test } from '@playwright/test';
import { PHRASEBOOK as OF_CORE } from '@kereta/core/phrasebook';
import { PHRASEBOOK as OF_PAGES } from '../web/src/fields/language/phrasebook/index';
import { openDemo, openId, openShed, seriousFaults, untilWritable } from './trailer';

const PAGES = [
  'buy',
  'saw',
  'square',
  'weigh-in',
  'log',
  'lights',
  'coat',
  'papers',
  'trip',
  'send',
  'print/drawing',
  'print/cut-list',
  'print/strength',
  'print/axle',
  'print/tow',
  'print/plan',
  '/words',
] as const;

const IN = [
  {
    locale: 'de-DE',
    title: 'Ein neuer Anhänger mit sechs Fragen',
    weight: 'Gewicht von allem',
    at: 'Muss mindestens 10 kg sein.',
    go: 'Zeichnen, bemessen, ausbalancieren',
    open: 'Öffnen',
    name: 'Anhänger für Ziegel',
    what: 'In ein, zwei Wörtern',
  },
  {
    locale: 'es-ES',
    title: 'Un remolque nuevo con seis preguntas',
    weight: 'Peso de todo',
    at: 'Debe ser al menos 10 kg.',
    go: 'Dibujar, dimensionar, equilibrar',
    open: 'Abrir',
    name: 'Remolque para Ziegel',
    what: 'En una o dos palabras',
  },
] as const;

for (const { locale, title, weight, at, go, open, name, what } of IN)
  test.describe(locale, () => {
    test.use({ locale });
    test(`six questions in the browser's own language, ${locale}: fields, figures, the trailer's name`, async ({
      page,
    }) => {
      await page.goto('/new');
      await expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible();
      await expect(page.locator('html')).toHaveAttribute('lang', locale.slice(0, 2));
      await page.getByLabel(what).fill('Ziegel');
      await page.getByLabel(weight).fill('1');
      await expect(page.getByText(at)).toBeVisible();
      await page.getByLabel(weight).fill('1500');
      await page.getByLabel(weight).press('Enter');
      // Thousands as the language writes them.
      await expect(page.getByRole('figure').first()).toContainText(/\d\.\d{3} mm|\d\.\d{3} kg/);
      expect(await seriousFaults(page)).toEqual([]);
      await page.getByRole('button', { name: go }).click();
      await page.getByRole('link', { name: open }).waitFor({ timeout: 60_000 });
      await page.goto('/');
      await expect(page.getByRole('link', { name })).toBeVisible();
    });
  });

test('exercises in another language, chosen on the page and kept; numbers with its comma', async ({ page }) => {
  await openDemo(page, 'Telescope trailer', 'Balance');
  await page.goto(`/trailer/${openId(page)}/training`);
  await page.getByRole('combobox', { name: 'Language' }).selectOption('Deutsch');
  await expect(page.getByRole('heading', { level: 1, name: 'Falsch beladen und sehen' })).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('lang', 'de');
  await page.getByRole('radio', { name: 'Weniger' }).check();
  await page.getByRole('button', { name: 'Sehen, was das Modell sagt' }).click();
  await expect(page.getByRole('status')).toContainText(/Das sagt auch das Modell: weniger.*10,8 %, dann/);
  await page.reload();
  await expect(page.getByRole('combobox', { name: 'Sprache' })).toHaveValue('de');
  expect(await seriousFaults(page)).toEqual([]);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('six questions keep their answers when the language is changed between them', async ({ page }) => {
  await openShed(page);
  await page.goto('/new');
  await page.getByLabel('In a word or two').fill('Slates');
  await page.getByLabel('In a word or two').press('Tab');
  await page.getByRole('combobox', { name: 'Language' }).selectOption('Español');
  await expect(page.getByLabel('En una o dos palabras')).toHaveValue('Slates');
});

/** What stands cut off or reaches over its box: labels of buttons, of the rail, heads of tables and panels. */
const cutOff = (page: Page): Promise<readonly string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('button, nav a, h1, h2, th, summary, legend')]
      .filter((element) => element.checkVisibility() && element.clientWidth > 2)
      .filter((element) => element.scrollWidth > element.clientWidth + 2)
      .map((element) => element.innerText.slice(0, 60)),
  );

const STEPS_IN = {
  'de-DE': {
    steps: [
      'Die Aufgabe',
      'Fläche & Rahmen',
      'Was drauf kommt',
      'Achse & Räder',
      'Deichsel & Kupplung',
      'Ist er stark?',
      'Balance',
      'Wie er läuft',
      'Sägen & kaufen',
      'Anreißen & bauen',
      'Wiegen & Buch',
    ],
    understood: 'Verstanden',
    rail: 'Schritte',
    checks: 'Prüfungen',
    field: 'Achsmitte, hinter der Vorderkante',
    said: /Achse bei 5' 9" passt zu jeder Beladung/,
    undo: /Zurücknehmen: Achse auf/,
    english: /\b(the|with|carries|allowed|works at)\b/,
  },
  'es-ES': {
    steps: [
      'El trabajo',
      'Caja y bastidor',
      'Lo que lleva',
      'Eje y ruedas',
      'Lanza y enganche',
      '¿Aguanta?',
      'Equilibrio',
      'Cómo rueda',
      'Cortar y comprar',
      'Trazar y armar',
      'Pesar y anotar',
    ],
    understood: 'Entendido',
    rail: 'Pasos',
    checks: 'Revisiones',
    field: 'Centro del eje, detrás del borde delantero',
    said: /El eje a 5' 9" sirve a todas las cargas/,
    undo: /Deshacer: eje a/,
    english: /\b(the|with|carries|allowed|works at)\b/,
  },
} as const;

for (const locale of ['de-DE', 'es-ES'] as const)
  test.describe(locale, () => {
    test.use({ locale });
    test(`the bench in the browser's own language, ${locale}: every step, its checks, an edit and its undo; nothing cut off`, async ({
      page,
    }) => {
      const { steps, understood, rail, checks, field, said, undo, english } = STEPS_IN[locale];
      await page.goto('/');
      await page.getByRole('button', { name: understood }).click();
      await expect(page.locator('html')).toHaveAttribute('lang', locale.slice(0, 2));
      expect(await seriousFaults(page)).toEqual([]);
      await page.getByRole('link', { name: 'Apiary flatbed' }).click();
      for (const step of steps) {
        await page.getByRole('navigation', { name: rail }).getByRole('link', { name: step }).click();
        await expect(page.getByRole('heading', { level: 1, name: step })).toBeVisible();
        await untilWritable(page);
        // What is said of the trailer is said in the language; sources keep their own.
        for (const button of await page.getByRole('list', { name: checks }).getByRole('button').all())
          expect(await button.innerText()).not.toMatch(english);
        expect(await cutOff(page), step).toEqual([]);
      }
      await page.getByRole('navigation', { name: rail }).getByRole('link', { name: steps[6] }).click();
      await expect(page.getByRole('list', { name: checks })).toContainText(said);
      await page.getByRole('navigation', { name: rail }).getByRole('link', { name: steps[3] }).click();
      await page.getByLabel(field).fill(`5' 10"`);
      await page.getByLabel(field).press('Enter');
      await expect(page.getByRole('button', { name: undo })).toBeEnabled();
      expect(await seriousFaults(page)).toEqual([]);
    });
    test(`every page beside the bench, ${locale}: no phrase of a book is left in English`, async ({ page }) => {
      test.setTimeout(180_000);
      await page.goto('/');
      await page.getByRole('button', { name: STEPS_IN[locale].understood }).click();
      await page.getByRole('link', { name: 'Apiary flatbed' }).click();
      await page.waitForURL(/trailer/);
      const id = openId(page);
      const language = locale === 'de-DE' ? 'de' : 'es';
      const changed = new Set(
        Object.entries({ ...OF_CORE, ...OF_PAGES })
          .filter(([text, said]) => said[language] !== text)
          .map(([text]) => text),
      );
      for (const path of PAGES) {
        await page.goto(path.startsWith('/') ? path : `/trailer/${id}/${path}`);
        await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
        const texts = await page.evaluate(() =>
          [...document.querySelectorAll<HTMLElement>('main *, body > div > *')]
            .filter((element) => element.childElementCount === 0)
            .map((element) => element.textContent?.trim() ?? ''),
        );
        expect(
          texts.filter((text) => changed.has(text)),
          path,
        ).toEqual([]);
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
      }
    });
  });
