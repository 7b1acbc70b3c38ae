/** AISC Manual table 1-5, American standard channels; recalled, not re-read. in. */
export interface Row {
  readonly name: string;
  readonly A: string;
  readonly Ix: string;
  readonly Sx: string;
  readonly Zx: string;
  readonly Iy: string;
  readonly x: string;
  readonly J: string;
}

export const ROWS: readonly Row[] = [
  { name: 'C3x4.1', A: '1.20', Ix: '1.65', Sx: '1.10', Zx: '1.32', Iy: '0.191', x: '0.437', J: '0.0269' },
  { name: 'C3x5', A: '1.47', Ix: '1.85', Sx: '1.23', Zx: '1.52', Iy: '0.241', x: '0.439', J: '0.0425' },
  { name: 'C3x6', A: '1.76', Ix: '2.07', Sx: '1.38', Zx: '1.74', Iy: '0.300', x: '0.455', J: '0.0725' },
  { name: 'C4x5.4', A: '1.58', Ix: '3.85', Sx: '1.92', Zx: '2.29', Iy: '0.312', x: '0.457', J: '0.0399' },
  { name: 'C4x7.25', A: '2.13', Ix: '4.58', Sx: '2.29', Zx: '2.84', Iy: '0.425', x: '0.459', J: '0.0817' },
  { name: 'C5x6.7', A: '1.97', Ix: '7.48', Sx: '2.99', Zx: '3.55', Iy: '0.470', x: '0.484', J: '0.0549' },
  { name: 'C5x9', A: '2.64', Ix: '8.89', Sx: '3.56', Zx: '4.39', Iy: '0.624', x: '0.478', J: '0.109' },
  { name: 'C6x8.2', A: '2.39', Ix: '13.1', Sx: '4.35', Zx: '5.16', Iy: '0.687', x: '0.512', J: '0.0736' },
  { name: 'C6x10.5', A: '3.07', Ix: '15.1', Sx: '5.04', Zx: '6.18', Iy: '0.860', x: '0.500', J: '0.128' },
];
