import { type StepId, isOfAxle, isOfTongue, parsePartId } from '@kereta/core';
import type { ComponentType } from 'react';
import type { LowerView } from '../bench/sheet/Drawing';
import { AxleStep } from './axle/AxleStep';
import { BalanceStep } from './balance/BalanceStep';
import { BuildStep } from './build/BuildStep';
import { CutStep } from './cut/CutStep';
import { FrameStep } from './frame/FrameStep';
import { JobStep } from './job/JobStep';
import { LoadsStep } from './loads/LoadsStep';
import { StrengthStep } from './strength/StrengthStep';
import { TowingStep } from './towing/TowingStep';
import { WeighStep } from './weigh/WeighStep';
import { TongueStep } from './tongue/TongueStep';
import { t } from '../fields/language/t';

interface StepView {
  readonly Fields: ComponentType;
  readonly line: string;
  readonly lower: LowerView;
  /** on the phone: the plan wherever bars are spoken of */
  readonly phoneLower: LowerView;
  readonly strip: 'folded' | 'normal' | 'open';
}

/** What each step shows; the drawing above the ruler is the same in all. */
export const STEP_VIEWS: Readonly<Record<StepId, StepView>> = {
  job: {
    Fields: JobStep,
    line: t('What it will carry, what tows it, where it must fit.'),
    lower: 'plan',
    phoneLower: 'none',
    strip: 'normal',
  },
  frame: {
    Fields: FrameStep,
    line: t('How big, of what steel, how far apart.'),
    lower: 'plan',
    phoneLower: 'plan',
    strip: 'normal',
  },
  loads: {
    Fields: LoadsStep,
    line: t('Everything aboard, and when.'),
    lower: 'plan',
    phoneLower: 'none',
    strip: 'normal',
  },
  axle: {
    Fields: AxleStep,
    line: t('What it may carry, and where it sits.'),
    lower: 'plan',
    phoneLower: 'plan',
    strip: 'normal',
  },
  tongue: {
    Fields: TongueStep,
    line: t('What holds the trailer to the vehicle.'),
    lower: 'plan',
    phoneLower: 'plan',
    strip: 'normal',
  },
  strength: {
    Fields: StrengthStep,
    line: t('Each member, under its own worst load.'),
    lower: 'work',
    phoneLower: 'work',
    strip: 'folded',
  },
  balance: {
    Fields: BalanceStep,
    line: t('Nose light sways. Nose heavy overloads the hitch.'),
    lower: 'window',
    phoneLower: 'window',
    strip: 'open',
  },
  towing: {
    Fields: TowingStep,
    line: t('Turning, level, and how it behaves at speed.'),
    lower: 'none',
    phoneLower: 'none',
    strip: 'folded',
  },
  cut: {
    Fields: CutStep,
    line: t('Every piece, and what to buy.'),
    lower: 'plan',
    phoneLower: 'plan',
    strip: 'folded',
  },
  build: {
    Fields: BuildStep,
    line: t('One task at a time, with this trailer’s own numbers.'),
    lower: 'none',
    phoneLower: 'none',
    strip: 'folded',
  },
  weigh: {
    Fields: WeighStep,
    line: t('What the scale says, and what was learned.'),
    lower: 'none',
    phoneLower: 'none',
    strip: 'folded',
  },
};

/** Step in which a picked part's fields stand. */
export const stepOfPart = (partId: string, isItem: boolean): StepId => {
  if (isItem) return 'loads';
  if (isOfAxle(partId)) return 'axle';
  if (isOfTongue(partId) || partId === 'coupler') return 'tongue';
  return 'frame';
};

/** The field of a part's whole group, where it has none of its own. */
export const groupFieldOf = (partId: string): string => {
  if (isOfAxle(partId)) return 'axle';
  if (isOfTongue(partId)) return 'tongue';
  const { kind } = parsePartId(partId);
  if (kind === 'rail' || kind === 'header') return kind;
  return kind === 'side-rail' || kind === 'post' || kind === 'board' ? 'side' : 'cross';
};
