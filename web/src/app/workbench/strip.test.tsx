import { DEMO_TRAILERS, type Trailer, STEP_IDS, isChecked, STEP_NAMES, VERDICT_WORDS } from '@kereta/core';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { BalanceStrip } from './BalanceStrip';
import { testBench } from '../../bench/bench.testkit';
import { stillWorkbench } from '../../bench/stillWorkbench';
import { StepsRail } from './StepsRail';

const [apiary, oven] = DEMO_TRAILERS as [Trailer, Trailer];
const { show } = testBench('balance');

beforeEach(() => localStorage.clear());
afterEach(cleanup);

describe('the strip of see-saws', () => {
  const names = (): (string | null)[] =>
    within(screen.getByRole('list', { name: 'Load cases' }))
      .getAllByRole('button')
      .filter((button) => button.dataset['testid']?.startsWith('strip-'))
      .map((button) => button.querySelector('.truncate')?.textContent ?? null);
  test('the worst stands first, and how many are in order is counted', () => {
    show(oven, <BalanceStrip height="normal" />);
    const words = within(screen.getByRole('list', { name: 'Load cases' }))
      .getAllByTestId(/^strip-/)
      .map((card) => (card.textContent.includes('Fix') ? 0 : 1));
    expect(words).toEqual([...words].sort((a, b) => a - b));
    expect(names().slice(0, 3)).toContain('Wood run');
    expect(screen.getByText(/1 of 5 loads in order/)).toBeTruthy();
  });
  test('a pinned load comes to the front and stays there', () => {
    show(oven, <BalanceStrip height="normal" />);
    fireEvent.click(screen.getByRole('button', { name: 'Keep To market in front' }));
    expect(names()[0]).toBe('To market');
  });
  test('while somebody edits each load stays where it stands, whatever becomes of it', () => {
    const showAgain = show(oven, <BalanceStrip height="normal" />);
    const before = names();
    const lighter = { ...oven, runningGear: { ...oven.runningGear, positionM: oven.runningGear.positionM + 0.4 } };
    showAgain(lighter);
    expect(names()).toEqual(before);
  });
  test('choosing a load shows it', () => {
    const shown: string[] = [];
    show(apiary, <BalanceStrip height="normal" />, { showCase: (id) => void shown.push(id ?? '') });
    fireEvent.click(screen.getByTestId('strip-case.honey'));
    expect(shown).toEqual(['case.honey']);
  });
  test('opened, it says what every axle carries, three of them, too', () => {
    const three: Trailer = { ...oven, runningGear: { ...oven.runningGear, layout: 'triple-equaliser' } };
    show(three, <BalanceStrip height="open" />);
    const card = screen.getByTestId(`strip-${oven.axleCaseId ?? ''}`);
    expect(card.textContent).toMatch(/[\d,]+ lb \+ [\d,]+ lb \+ [\d,]+ lb on axle/);
  });
  test('folded, only sign, weight and share are left', () => {
    show(apiary, <BalanceStrip height="folded" />);
    expect(screen.getByTestId('strip-case.full-hives').textContent).toContain('298 lb · 11.3 %');
  });
});

describe('the rail of steps', () => {
  test('each step with the worst of its own checks in words, in working order', () => {
    show(oven, <StepsRail />);
    const { evaluation } = stillWorkbench(oven, 'balance');
    const links = within(screen.getByRole('navigation', { name: 'Steps' })).getAllByRole('link');
    expect(links.map((link) => link.textContent)).toEqual(
      STEP_IDS.map((id, i) => expect.stringContaining(`${i + 1}${STEP_NAMES[id]}`) as string),
    );
    links.forEach((link, i) => {
      const id = STEP_IDS[i];
      if (id && isChecked(id)) expect(link.textContent).toContain(VERDICT_WORDS[evaluation.steps[id].verdict]);
      else expect(link.textContent).toMatch(/Not started|Not weighed/);
    });
  });
});
