/** ASME B36.10M schedule 40; OD, wall and weight published, recalled; the rest computed from them. in, lb/ft. */
export interface Row {
  readonly name: string;
  readonly lbPerFt: string;
  readonly A: string;
  readonly I: string;
  readonly S: string;
  readonly J: string;
  /** AISC Manual table 1-14, at 0.93 of the wall; recalled, where it is */
  readonly aisc?: { readonly A: string; readonly I: string };
}

export const ROWS: readonly Row[] = [
  { name: '1', lbPerFt: '1.68', A: '0.494', I: '0.0873', S: '0.133', J: '0.175' },
  { name: '1-1/4', lbPerFt: '2.27', A: '0.669', I: '0.195', S: '0.235', J: '0.389' },
  { name: '1-1/2', lbPerFt: '2.72', A: '0.799', I: '0.310', S: '0.326', J: '0.620' },
  { name: '2', lbPerFt: '3.65', A: '1.07', I: '0.666', S: '0.561', J: '1.33', aisc: { A: '1.02', I: '0.627' } },
  { name: '2-1/2', lbPerFt: '5.79', A: '1.70', I: '1.53', S: '1.06', J: '3.06' },
  { name: '3', lbPerFt: '7.58', A: '2.23', I: '3.02', S: '1.72', J: '6.03', aisc: { A: '2.07', I: '2.85' } },
];
