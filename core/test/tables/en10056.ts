/** EN 10056-1 equal angles; recalled, not re-read. kg/m, cm. */
export interface Row {
  readonly name: string;
  readonly kgPerM: string;
  readonly A: string;
  readonly I: string;
  readonly W: string;
  readonly e: string;
}

export const ROWS: readonly Row[] = [
  { name: '30x30x3', kgPerM: '1.36', A: '1.74', I: '1.40', W: '0.649', e: '0.835' },
  { name: '40x40x4', kgPerM: '2.42', A: '3.08', I: '4.47', W: '1.55', e: '1.12' },
  { name: '40x40x5', kgPerM: '2.97', A: '3.79', I: '5.43', W: '1.91', e: '1.16' },
  { name: '50x50x4', kgPerM: '3.06', A: '3.89', I: '8.97', W: '2.46', e: '1.36' },
  { name: '50x50x5', kgPerM: '3.77', A: '4.80', I: '11.0', W: '3.05', e: '1.40' },
  { name: '60x60x5', kgPerM: '4.57', A: '5.82', I: '19.4', W: '4.45', e: '1.64' },
  { name: '60x60x6', kgPerM: '5.42', A: '6.91', I: '22.8', W: '5.29', e: '1.69' },
  { name: '70x70x7', kgPerM: '7.38', A: '9.40', I: '42.3', W: '8.41', e: '1.97' },
];
