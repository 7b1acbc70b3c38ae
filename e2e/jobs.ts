import { expect, type Locator, type Page } from '@playwright/test';
import { goTo, openShed, pickFrom } from './trailer';

/** A trailer as somebody builds it up from "New", field by field, in the page itself. */
export class Job {
  private constructor(readonly page: Page) {}

  /** An empty shed's own new trailer, with its name. */
  static async begin(page: Page, name: string, units: 'ft' | 'mm' = 'ft'): Promise<Job> {
    await openShed(page);
    await page.getByRole('button', { name: 'New trailer' }).click();
    const job = new Job(page);
    await job.step('The job');
    if (units === 'mm') await job.choose({ Units: 'mm, kg' });
    await job.set({ 'Trailer’s name': name });
    return job;
  }

  private get panel(): Locator {
    return this.page.locator('.side-panel');
  }

  /** To a step, with all groups of its fields open. */
  async step(name: string): Promise<this> {
    await goTo(this.page, name);
    await this.openAll();
    return this;
  }

  private async openAll(): Promise<void> {
    await this.panel.evaluate((panel) => {
      for (const group of panel.querySelectorAll('details'))
        if (group.querySelector('input, select, table, button')) group.open = true;
    });
  }

  /** Texts and figures, typed as one types them. */
  async set(fields: Readonly<Record<string, string>>): Promise<this> {
    for (const [label, value] of Object.entries(fields)) {
      const field = this.panel.getByRole('textbox', { name: label, exact: true });
      await field.fill(value);
      await field.press('Enter');
    }
    return this;
  }

  /** Choices by the words that stand in their lists. */
  async choose(fields: Readonly<Record<string, string>>): Promise<this> {
    for (const [label, text] of Object.entries(fields)) {
      await this.panel.getByLabel(label, { exact: true }).selectOption({ label: text });
      await this.openAll();
    }
    return this;
  }

  /** Choices from long lists, by some of what is sought. */
  async find(fields: Readonly<Record<string, string>>): Promise<this> {
    for (const [label, sought] of Object.entries(fields)) await pickFrom(this.page, label, sought);
    return this;
  }

  async tick(label: string | RegExp, on = true): Promise<this> {
    const box = this.panel.getByRole('checkbox', {
      name: label,
      ...(typeof label === 'string' ? { exact: true } : {}),
    });
    if ((await box.isChecked()) !== on) await box.click();
    await expect(box).toBeChecked({ checked: on });
    await this.openAll();
    return this;
  }

  async press(name: string | RegExp): Promise<this> {
    await this.panel
      .getByRole('button', { name, ...(typeof name === 'string' ? { exact: true } : {}) })
      .first()
      .click();
    await this.openAll();
    return this;
  }

  /** A ready-made piece of the body; its fields are then open. */
  async putOn(piece: string): Promise<this> {
    await this.choose({ 'Put on': piece });
    await expect(this.panel.getByRole('heading', { name: new RegExp(`^${piece}`) }).first()).toBeVisible();
    await this.openAll();
    return this;
  }

  /** A load by the line that one jots down. */
  async load(line: string): Promise<this> {
    await this.panel.getByRole('textbox', { name: 'Quick add' }).fill(line);
    await this.panel.getByRole('button', { name: 'Add', exact: true }).click();
    return this;
  }

  /** A part found by its name in the tree of all parts, and picked there. */
  async part(name: string): Promise<this> {
    const tree = this.page.locator('details', { has: this.page.getByText('All parts', { exact: true }) });
    if ((await tree.getAttribute('open')) === null) await this.page.getByText('All parts', { exact: true }).click();
    const sought = this.panel.getByRole('searchbox', { name: 'Find a part' });
    await sought.fill(name);
    await this.panel.getByRole('list', { name: 'Parts' }).getByRole('button', { name, exact: true }).click();
    await sought.fill('');
    await this.openAll();
    return this;
  }

  /** What the checks of this step say. */
  async says(text: string | RegExp): Promise<this> {
    await expect(this.page.getByRole('list', { name: 'Checks' })).toContainText(text);
    return this;
  }

  async saysNot(text: string | RegExp): Promise<this> {
    await expect(this.page.getByRole('list', { name: 'Checks' })).not.toContainText(text);
    return this;
  }

  /** Anything that the panel shows. */
  async shows(text: string | RegExp): Promise<this> {
    await expect(this.panel).toContainText(text);
    return this;
  }

  /** The frame analysis, once it is done. */
  async analysed(): Promise<this> {
    await this.step('Is it strong?');
    await expect(this.page.getByTestId('analysis-status')).toContainText('Whole frame analysed', { timeout: 60_000 });
    return this;
  }

  /** Out of the page and back: what was built is there as it was. */
  async reopened(step: string, text: string | RegExp): Promise<this> {
    await expect(this.page.getByText('Saved in this browser')).toBeVisible();
    await this.page.reload();
    await this.step(step);
    return this.shows(text);
  }
}
