import { DEMO_TRAILERS, evaluate, type Trailer } from '@kereta/core';
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, test } from 'vitest';
import { testBench } from '../../bench/bench.testkit';
import { SuspensionFields } from '../axle/SuspensionFields';
import { WheelFields } from '../axle/WheelFields';
import { JointFields } from '../strength/JointFields';
import { VehicleFields } from '../towing/VehicleFields';
import { DeckFields } from './DeckFields';
import { HoleFields } from './HoleFields';
import { SpliceFields } from './SpliceFields';
import { StrapsAndStands } from './StrapsAndStands';

const [apiary, , telescope] = DEMO_TRAILERS as [Trailer, Trailer, Trailer];
const { edits, show, type, choose, last } = testBench('frame');

afterEach(() => {
  cleanup();
  edits.length = 0;
});

describe('deck', () => {
  test('another deck brings its usual thickness; no deck asks for no wheel', () => {
    show(apiary, <DeckFields />);
    choose('Deck of', 'planks');
    expect(last().frame.deck).toMatchObject({ kind: 'planks', thicknessM: expect.closeTo(0.0381, 6) as number });
    cleanup();
    show({ ...apiary, frame: { ...apiary.frame, deck: { ...apiary.frame.deck, kind: 'none' } } }, <DeckFields />);
    expect(screen.queryByLabelText('Hardest wheel or post on it')).toBeNull();
  });
  test('said of what sheets it is, the bed can be as long as whole ones', () => {
    const again = show(apiary, <DeckFields />);
    choose('Of sheets', '4x8');
    expect(last().frame.deck.sheet).toMatchObject({ laid: 'across' });
    again(last());
    fireEvent.click(screen.getByRole('button', { name: 'Make it so' }));
    const { bed } = last().frame;
    // Whole sheets of 4 ft along the trailer, and what headers stand beside a recessed deck.
    const panel = evaluate(last()).chassis.panels.find(({ kind }) => kind === 'deck');
    expect(((panel?.extent.x1M ?? 0) - (panel?.extent.x0M ?? 0)) / 1.2192).toBeCloseTo(
      Math.round(bed.lengthM / 1.2192),
      9,
    );
    choose('Of sheets', 'none');
    expect(last().frame.deck.sheet).toBeNull();
  });
  test('a wheel on the deck is a finding the moment it is typed', () => {
    show(apiary, <DeckFields />);
    type('Hardest wheel or post on it', '900 lb');
    expect(last().strength.deckPoint.massKg).toBeCloseTo(408.233, 3);
    expect(evaluate(last()).findings.filter(({ code }) => code === 'deck-point')).toHaveLength(2);
  });
});

describe('holes', () => {
  test('drilled in the middle, turned, moved, taken out: each one named edit', () => {
    const said: { label: string; count: number }[] = [];
    const hole = { atM: 0.5, diameterM: 0.012, through: 'sides' } as const;
    show(
      apiary,
      <HoleFields holes={[hole]} lengthM={2} onCommit={(label, holes) => said.push({ label, count: holes.length })} />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Drill a hole' }));
    choose('Drilled', 'top-bottom');
    type('Along the bar', '30');
    fireEvent.click(screen.getByRole('button', { name: 'Take out' }));
    expect(said).toEqual([
      { label: 'hole drilled', count: 2 },
      { label: 'hole turned', count: 1 },
      { label: 'hole moved', count: 1 },
      { label: 'hole taken out', count: 0 },
    ]);
  });
});

describe('splices', () => {
  test('half-way first, moved, in one piece again: each one named edit', () => {
    const said: { label: string; splicesM: readonly number[] }[] = [];
    show(
      apiary,
      <SpliceFields splicesM={[0.5]} lengthM={2} onCommit={(label, splicesM) => said.push({ label, splicesM })} />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Splice of two lengths' }));
    type('Splice 1, along the bar', '30');
    fireEvent.click(screen.getByRole('button', { name: 'Not spliced there' }));
    expect(said).toEqual([
      { label: 'spliced', splicesM: [0.5, 1] },
      { label: 'splice moved', splicesM: [expect.closeTo(0.762, 6)] },
      { label: 'in one piece there', splicesM: [] },
    ]);
  });
});

describe('straps and stands', () => {
  test('rings ask for what they may be worked at; a first pair of stands goes to the rear', () => {
    show(apiary, <StrapsAndStands />);
    expect(screen.queryByLabelText('Each may be worked at')).toBeNull();
    type('Places for straps on each rail', '3');
    expect(last().frame.tieDowns.perSide).toBe(3);
    expect(evaluate(last()).findings.find(({ code }) => code === 'straps-hold')?.verdict).toBe('open');
    fireEvent.click(screen.getByRole('button', { name: 'Add a pair of stands' }));
    expect(last().frame.stands[0]?.xM).toBeGreaterThan(apiary.frame.bed.lengthM / 2);
  });
  test('three pairs are enough', () => {
    const stands = [0.2, 1, 2].map((xM, i) => ({ id: `s${i}`, xM }));
    show({ ...apiary, frame: { ...apiary.frame, stands } }, <StrapsAndStands />);
    expect(screen.queryByRole('button', { name: 'Add a pair of stands' })).toBeNull();
    fireEvent.click(screen.getAllByRole('button', { name: 'Take off' })[1] as HTMLElement);
    expect(last().frame.stands.map(({ id }) => id)).toEqual(['s0', 's2']);
  });
});

describe('joints', () => {
  test('gussets come with a leg and go by clearing the field', () => {
    show(apiary, <JointFields />);
    type('Gussets at the tongue, leg', '6');
    expect(last().strength.gussets).toEqual({ tongueM: expect.closeTo(0.1524, 9) as number, cornerM: null });
    cleanup();
    show({ ...apiary, strength: { ...apiary.strength, gussets: { tongueM: 0.15, cornerM: null } } }, <JointFields />);
    type('Gussets at the tongue, leg', '');
    expect(last().strength.gussets.tongueM).toBeNull();
  });
});

describe('suspension', () => {
  test('a spring of the list brings leaves and rating; how it is hung stays', () => {
    show(apiary, <SuspensionFields />);
    choose('Spring from the list', 'spring-25_25-6');
    const { spring } = last().runningGear.suspension;
    expect(spring).toMatchObject({ leaves: 6, hangerM: apiary.runningGear.suspension.spring.hangerM });
    expect(spring.ratingKg).toBeGreaterThan(apiary.runningGear.suspension.spring.ratingKg ?? 0);
  });
  test('slippers ask for their maker’s length; a torsion axle asks for its arm instead', () => {
    show(apiary, <SuspensionFields />);
    choose('Leaf spring', 'slipper');
    expect(last().runningGear.suspension.spring.kind).toBe('slipper');
    cleanup();
    show(telescope, <SuspensionFields />);
    expect(screen.queryByLabelText('Leaf spring')).toBeNull();
    type('Arm below level, unloaded', '30');
    expect(last().runningGear.suspension.torsion.startAngleRad).toBeCloseTo(Math.PI / 6, 9);
  });
  test('an axle built at home asks for tube and metal, and is never judged', () => {
    show(apiary, <SuspensionFields />);
    fireEvent.click(screen.getByLabelText('I build this axle myself'));
    expect(last().runningGear.axle.homeBuilt).not.toBeNull();
    const finding = evaluate(last()).findings.find(({ code }) => code === 'home-built-axle');
    expect(finding?.verdict).toBe('unchecked');
  });
});

describe('wheels', () => {
  test('a load index says its kilograms', () => {
    show(apiary, <WheelFields />);
    choose('Load index on the sidewall', '102');
    expect(last().runningGear.tire.maxLoadKg).toBe(850);
  });
  test('studs that differ are told at once', () => {
    show(apiary, <WheelFields />);
    choose('Studs of the wheels', '6 on 5-1/2 in');
    expect(evaluate(last()).findings.find(({ code }) => code === 'studs-differ')?.verdict).toBe('over');
  });
});

describe('tow vehicle', () => {
  test('a first figure makes a vehicle of which the rest is missing, not zero', () => {
    show({ ...apiary, towVehicle: null }, <VehicleFields />);
    type('Wheelbase', '120');
    expect(last().towVehicle).toMatchObject({ massKg: null, hitchHeightM: null, ballBehindAxleM: null });
    expect(evaluate(last()).findings.find(({ code }) => code === 'vehicle-missing')?.verdict).toBe('open');
  });
});
