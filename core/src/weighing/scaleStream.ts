import { fail, ok, type Result } from '../result.js';

/** One line of a scale that is read live, or of a file of such lines. */
export interface ScaleLine {
  /** since the scale was switched on, ms */
  readonly atMs: number;
  readonly channel: 'tongue' | 'left' | 'right';
  readonly kg: number;
}

const CHANNELS: readonly string[] = ['tongue', 'left', 'right'];
const isFigure = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);

/** No trailer's pad reads more, kg. */
const MOST_KG = 50_000;

/** Reads one line: `{"atMs": 1200, "channel": "tongue", "kg": 84.6}`. */
export const readScaleLine = (text: string): Result<ScaleLine, 'no-json' | 'no-reading'> => {
  let line: unknown;
  try {
    line = JSON.parse(text);
  } catch {
    return fail('no-json');
  }
  if (typeof line !== 'object' || line === null) return fail('no-reading');
  const { atMs, channel, kg } = line as Record<string, unknown>;
  if (!isFigure(atMs) || !isFigure(kg) || Math.abs(kg) > MOST_KG || !CHANNELS.includes(channel as string))
    return fail('no-reading');
  return ok({ atMs, channel: channel as ScaleLine['channel'], kg });
};

/** What a channel has said lately. */
export interface Channel {
  readonly lines: readonly ScaleLine[];
  /** the mean over the last two seconds, kg */
  readonly kg: number;
  /** it stands still */
  readonly settled: boolean;
  /** how often it went from standing still to something else at once */
  readonly jumps: number;
}

export interface ScaleState {
  readonly channels: Readonly<Partial<Record<ScaleLine['channel'], Channel>>>;
  /** lines that were none */
  readonly garbage: number;
}

export const NO_READING: ScaleState = { channels: {}, garbage: 0 };

const WINDOW_MS = 2000;
const LEAST_LINES = 4;
/** It stands still where all of the window lies within this share or this much. */
const STILL = { share: 0.004, kg: 0.4 } as const;
/** From one line to the next by more than this share and this much: somebody stepped on it, or it was touched. */
const JUMP = { share: 0.05, kg: 5 } as const;

const settledIn = (lines: readonly ScaleLine[], meanKg: number): boolean => {
  const last = lines.at(-1)?.atMs ?? 0;
  const first = lines[0]?.atMs ?? last;
  const values = lines.map(({ kg }) => kg);
  const span = Math.max(...values) - Math.min(...values);
  return (
    lines.length >= LEAST_LINES &&
    last - first >= WINDOW_MS * 0.8 &&
    span <= Math.max(STILL.kg, STILL.share * Math.abs(meanKg))
  );
};

const withLine = (channel: Channel | undefined, line: ScaleLine): Channel => {
  const before = channel?.lines.at(-1);
  // A scale that begins anew begins its window anew.
  const old = before && line.atMs < before.atMs ? [] : (channel?.lines ?? []);
  const lines = [...old.filter(({ atMs }) => line.atMs - atMs <= WINDOW_MS), line];
  const kg = lines.reduce((sum, one) => sum + one.kg, 0) / lines.length;
  const by = before ? Math.abs(line.kg - before.kg) : 0;
  const jumped = (channel?.settled ?? false) && by > Math.max(JUMP.kg, JUMP.share * Math.abs(before?.kg ?? 0));
  return {
    lines,
    kg,
    settled: settledIn(lines, kg),
    jumps: (channel?.jumps ?? 0) + (jumped ? 1 : 0),
  };
};

/** The state after one more line of text; what is no line is counted and changes nothing else. */
export const afterLine = (state: ScaleState, text: string): ScaleState => {
  const read = readScaleLine(text);
  if (!read.ok) return { ...state, garbage: state.garbage + 1 };
  const { channel } = read.value;
  return { ...state, channels: { ...state.channels, [channel]: withLine(state.channels[channel], read.value) } };
};
