import { Router } from 'express';

/**
 * A stand-in for pads and a tongue scale that are read live, by what docs/scale.md says. It is told what the trailer is thought to put on
 * each, and shows it as a real scale would: a hidden share more or less, a wrong zero, noise, drift, and a while to settle.
 */
const CHANNELS = ['tongue', 'left', 'right'] as const;
type Channel = (typeof CHANNELS)[number];

/** A line each fifth of a second; a stream ends by itself after half an hour. */
const EVERY_MS = 200;
const LONGEST_MS = 30 * 60 * 1000;
const MOST_KG = 20_000;

/** How the stand-in is off: of each channel its share, its zero and its drift differ, the same for the same trailer. */
interface Faults {
  readonly share: number;
  readonly zeroKg: number;
  readonly driftKgPerMinute: number;
}

/** The same figure from −1 to 1 for the same words, every time. */
const steady = (words: string): number => {
  let hash = 2166136261;
  for (const sign of words) hash = Math.imul(hash ^ (sign.codePointAt(0) ?? 0), 16777619);
  return ((hash >>> 8) % 65_536) / 32_768 - 1;
};

const faultsOf = (seed: string, channel: Channel): Faults => ({
  // All of a trailer is heavier than it was drawn by up to a twelfth; channels differ by a hundredth.
  share: 1 + 0.04 + 0.04 * steady(`${seed} whole`) + 0.01 * steady(`${seed} ${channel}`),
  zeroKg: 1.5 * steady(`${seed} zero ${channel}`),
  driftKgPerMinute: 0.2 * steady(`${seed} drift ${channel}`),
});

/** It swings in like a loaded spring: nine tenths of it gone each second. */
const settling = (atMs: number): number => 1 - Math.exp(-atMs / 450) * Math.cos(atMs / 250);

/** What a channel shows at a moment, kg, to the tenth that it displays. */
export const shownKg = (seed: string, channel: Channel, loadKg: number, atMs: number, noise: number): number => {
  const { share, zeroKg, driftKgPerMinute } = faultsOf(seed, channel);
  const kg = zeroKg + share * loadKg * settling(atMs) + (driftKgPerMinute * atMs) / 60_000 + 0.15 * noise;
  return Math.round(kg * 10) / 10;
};

const loadOf = (value: unknown): number | undefined => {
  const kg = typeof value === 'string' && value.trim() !== '' ? Number(value) : Number.NaN;
  return Number.isFinite(kg) && Math.abs(kg) <= MOST_KG ? kg : undefined;
};

export const scaleRoutes = (): Router => {
  const router = Router();
  router.get('/', (request, response) => {
    const { seed = '', faulty } = request.query as Readonly<Record<string, unknown>>;
    const loads = CHANNELS.flatMap((channel) => {
      const kg = loadOf(request.query[channel]);
      return kg === undefined ? [] : [{ channel, kg }];
    });
    if (loads.length === 0 || typeof seed !== 'string') {
      response.status(400).json({ error: 'name at least one of tongue, left, right as kilograms' });
      return;
    }
    // Not to be compressed: lines are sent as they come.
    response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store, no-transform' });
    response.flushHeaders();
    const began = Date.now();
    let turn = 0;
    const timer = setInterval(() => {
      const atMs = Date.now() - began;
      if (atMs > LONGEST_MS) response.end();
      for (const { channel, kg } of loads)
        response.write(
          `data: ${JSON.stringify({ atMs, channel, kg: shownKg(seed, channel, kg, atMs, 2 * Math.random() - 1) })}\n\n`,
        );
      turn += 1;
      // A loose plug, on request.
      if (faulty === '1' && turn % 25 === 0) response.write('data: ERR 07 OVERRUN\n\n');
    }, EVERY_MS);
    response.on('close', () => clearInterval(timer));
  });
  return router;
};
