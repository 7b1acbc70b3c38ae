import { expect, test } from '@playwright/test';
import { openDemo, openId, openShed, seriousFaults } from './trailer';

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
      await openShed(page);
      await page.goto('/new');
      await expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible();
      await expect(page.getByRole('main')).toHaveAttribute('lang', locale.slice(0, 2));
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
  await page.getByRole('radio', { name: 'Weniger' }).check();
  await page.getByRole('button', { name: 'Sehen, was das Modell sagt' }).click();
  await expect(page.getByRole('status')).toContainText(/Das sagt auch das Modell: weniger.*10,8 %, dann/);
  await page.reload();
  await expect(page.getByRole('combobox', { name: 'Sprache' })).toHaveValue('de');
  expect(await seriousFaults(page)).toEqual([]);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
