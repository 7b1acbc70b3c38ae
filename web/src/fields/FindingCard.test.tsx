import { DEMO_TRAILERS, evaluate, type Trailer, sentenceOf, speaker } from '@kereta/core';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { FindingList } from './FindingCard';
import { Sized } from './Sized';

afterEach(cleanup);
const trailer = DEMO_TRAILERS[0] as Trailer;
const { findings } = evaluate(trailer);
const say = speaker(trailer);

describe('findings', () => {
  test('every finding is a button with its sentence; the worst stands open, and folds', () => {
    render(<FindingList findings={findings} say={say} openFirst />);
    const buttons = screen.getAllByRole('button');
    expect(buttons).toHaveLength(findings.length);
    expect(buttons[0]?.getAttribute('aria-expanded')).toBe('true');
    expect(screen.getByText('Works at')).toBeTruthy();
    fireEvent.click(buttons[0] as HTMLElement);
    expect(screen.queryByText('Works at')).toBeNull();
  });
  test('opening one points at what it is about', () => {
    const onPick = vi.fn();
    render(<FindingList findings={findings} say={say} onPick={onPick} />);
    fireEvent.click(screen.getAllByRole('button')[0] as HTMLElement);
    expect(onPick).toHaveBeenCalledWith(findings[0]);
  });
  test('verdicts are words, comparisons are notes', () => {
    render(<FindingList findings={findings} say={say} />);
    expect(screen.getAllByText('Fix').length).toBe(
      findings.filter(({ verdict, counts }) => counts && verdict === 'over').length,
    );
    expect(screen.getAllByText('Note').length).toBe(findings.filter(({ counts }) => !counts).length);
  });
  test('each demo’s findings have keys of their own', () => {
    const error = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    for (const demo of DEMO_TRAILERS) {
      render(<FindingList findings={evaluate(demo).findings} say={speaker(demo)} />);
      cleanup();
    }
    expect(error).not.toHaveBeenCalled();
    error.mockRestore();
  });
});

describe('built fractions', () => {
  test('inches get theirs, rules of thumb and shares do not', () => {
    const { container } = render(
      <p>
        <Sized>{`Axle at 5' 9 1/16", or by the 60/40 rule at 24 3/4"`}</Sized>
      </p>,
    );
    expect(container.querySelectorAll('.fraction')).toHaveLength(2);
    expect(container.textContent).toContain('60/40');
    expect(container.querySelector('sup')?.textContent).toBe('1');
  });
  test('the plain text is all there for those who hear it', () => {
    const text = findings.map((finding) => sentenceOf(finding, say)).join(' ');
    const { container } = render(<Sized>{text}</Sized>);
    expect(container.textContent?.replaceAll('\u00a0', ' ').replaceAll('⁄', '/')).toBe(text);
  });
});
