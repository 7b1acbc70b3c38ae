/** Aluminum Design Manual part V, Aluminum Association standard channels; recalled, not re-read. in. */
export interface Row {
  readonly name: string;
  readonly A: string;
  readonly Ix: string;
  readonly Sx: string;
}

export const ROWS: readonly Row[] = [
  { name: '2x0.577', A: '0.491', Ix: '0.288', Sx: '0.288' },
  { name: '3x1.14', A: '0.965', Ix: '1.41', Sx: '0.94' },
  { name: '3x1.60', A: '1.358', Ix: '1.97', Sx: '1.31' },
  { name: '4x1.74', A: '1.478', Ix: '3.91', Sx: '1.95' },
  { name: '4x2.33', A: '1.982', Ix: '5.21', Sx: '2.6' },
  { name: '5x2.21', A: '1.881', Ix: '7.88', Sx: '3.15' },
  { name: '5x3.09', A: '2.627', Ix: '11.14', Sx: '4.45' },
  { name: '6x2.83', A: '2.41', Ix: '14.35', Sx: '4.78' },
];
