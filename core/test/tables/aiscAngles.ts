/** AISC Manual table 1-7, angles of 2 in and up; values moved by about 1 % between editions with the assumed fillet; recalled, not re-read. lb/ft, in. */
export interface Row {
  readonly name: string;
  readonly lbPerFt: string;
  readonly A: string;
  readonly Ix: string;
  readonly Sx: string;
  readonly y: string;
}

export const ROWS: readonly Row[] = [
  { name: 'L2x2x1/8', lbPerFt: '1.65', A: '0.491', Ix: '0.189', Sx: '0.129', y: '0.534' },
  { name: 'L2x2x3/16', lbPerFt: '2.44', A: '0.722', Ix: '0.271', Sx: '0.188', y: '0.561' },
  { name: 'L2x2x1/4', lbPerFt: '3.19', A: '0.944', Ix: '0.346', Sx: '0.244', y: '0.586' },
  { name: 'L2-1/2x2-1/2x3/16', lbPerFt: '3.07', A: '0.901', Ix: '0.535', Sx: '0.295', y: '0.687' },
  { name: 'L2-1/2x2-1/2x1/4', lbPerFt: '4.1', A: '1.19', Ix: '0.692', Sx: '0.387', y: '0.711' },
  { name: 'L3x2x1/4', lbPerFt: '4.1', A: '1.20', Ix: '1.09', Sx: '0.541', y: '0.980' },
  { name: 'L3x3x3/16', lbPerFt: '3.71', A: '1.09', Ix: '0.948', Sx: '0.433', y: '0.812' },
  { name: 'L3x3x1/4', lbPerFt: '4.9', A: '1.44', Ix: '1.23', Sx: '0.569', y: '0.836' },
  { name: 'L4x3x1/4', lbPerFt: '5.8', A: '1.69', Ix: '2.75', Sx: '0.988', y: '1.22' },
  { name: 'L4x4x1/4', lbPerFt: '6.6', A: '1.93', Ix: '3.00', Sx: '1.03', y: '1.08' },
];
