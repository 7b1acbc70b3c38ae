import type { Piece } from '../../project/index.js';
import { at, type Draft } from './site.js';

type Gate = Extract<Piece, { kind: 'gate' }>;

/** The bar that a gate's hinges are welded to. */
const hingeBarId = ({ edge }: Pick<Gate, 'edge'>): string =>
  edge === 'left' || edge === 'right' ? `rail.${edge}` : `header.${edge}`;

/** A gate, closed: it stands outside of the bed's edge, its frame behind its fill, and hangs on the bar there by its hinges. */
export const buildGate = (draft: Draft, gate: Gate): void => {
  const { site, size, bar, barId, problems } = draft;
  const { lengthM, widthM } = site.trailer.frame.bed;
  const along = gate.edge === 'left' || gate.edge === 'right';
  const roomM = along ? lengthM : widthM;
  if (gate.widthM > roomM + 1e-6) {
    problems.push({ code: 'gate-wider-than-bed', pieceId: gate.id, widthM: gate.widthM, bedM: roomM });
    return;
  }
  if (gate.heightM < 3 * size.heightM || gate.widthM < 3 * size.widthM) {
    problems.push({ code: 'piece-too-low', pieceId: gate.id, leastM: 3 * Math.max(size.heightM, size.widthM) });
    return;
  }
  const hungOn = [hingeBarId(gate)];
  const out = { left: -1, right: 1, front: -1, rear: 1 }[gate.edge];
  const edgeM = { left: -widthM / 2, right: widthM / 2, front: 0, rear: lengthM }[gate.edge];
  const t = gate.fill?.thicknessM ?? 0;
  const frameM = edgeM + out * (t + size.widthM / 2);
  const place = (alongM: number, zM: number) => (along ? at(alongM, frameM, zM) : at(frameM, alongM, zM));
  // A rear or front gate lies about the middle, a side gate about its place along the bed.
  const from = gate.atM - gate.widthM / 2;
  const to = gate.atM + gate.widthM / 2;
  const lowZM = site.deckZM + gate.gapM;
  const topZM = lowZM + gate.heightM;
  const stile = size.heightM / 2;
  const places = [from + stile, to - stile];
  // What stands is deep along the trailer unless it is turned: in a gate all bars are as deep as the frame.
  const turned = along ? 0 : 90;
  places.forEach((alongM, i) => {
    bar(`stile.${i + 1}`, place(alongM, lowZM), place(alongM, topZM), { hungOn, turnDeg: turned });
  });
  const between = (role: string, zM: number): void =>
    bar(
      role,
      { kind: 'on', barId: barId('stile.1'), atM: zM - lowZM },
      { kind: 'on', barId: barId('stile.2'), atM: zM - lowZM },
      { hungOn },
    );
  const bottom = lowZM + size.middleM;
  const top = topZM - size.heightM + size.middleM;
  between('rail.bottom', bottom);
  between('rail.top', top);
  const clear = to - from - 4 * stile;
  for (let i = 1; i <= gate.bars; i += 1) {
    // A rail's line begins at the face of the stile that it is welded to.
    const atM = (clear * i) / (gate.bars + 1);
    bar(
      `bar.${i}`,
      { kind: 'on', barId: barId('rail.bottom'), atM },
      { kind: 'on', barId: barId('rail.top'), atM },
      { hungOn, turnDeg: turned },
    );
  }
  if (!gate.fill) return;
  const [a, b] = [edgeM, edgeM + out * t];
  const thin = { low: Math.min(a, b), high: Math.max(a, b) };
  const levels = { z0M: lowZM, z1M: topZM };
  draft.panel(
    'fill',
    gate.fill,
    along ? 'along' : 'across',
    along
      ? { x0M: from, x1M: to, y0M: thin.low, y1M: thin.high, ...levels }
      : { x0M: thin.low, x1M: thin.high, y0M: from, y1M: to, ...levels },
    { heldBy: hungOn },
  );
};
