/** Simple pictures to show where a tape is held, 240 wide and 120 high; `thin` lines are what stands behind. */
export interface Scene {
  readonly lines: readonly string[];
  readonly thin?: readonly string[];
}

const circle = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;
const box = (x0: number, y0: number, x1: number, y1: number): string => `M${x0} ${y0}H${x1}V${y1}H${x0}Z`;
const ground = (y: number): string => `M4 ${y}H236`;

export const SCENES = {
  /** the trailer from the left: ball at 20, bed from 80 to 214, wheel at 158 */
  side: {
    lines: [box(80, 50, 214, 60), box(24, 60, 100, 67), circle(158, 78, 18), circle(20, 64, 4)],
    thin: [ground(96), box(100, 22, 150, 50), circle(158, 78, 4)],
  },
  /** from above: ball at 20, bed from 80 to 214, 30 to 90 across */
  plan: {
    lines: [
      box(80, 30, 214, 90),
      'M20 60L90 30M20 60L90 90',
      circle(20, 60, 4),
      box(142, 14, 174, 24),
      box(142, 96, 174, 106),
    ],
    thin: ['M110 30V90M140 30V90M180 30V90', 'M158 24V96'],
  },
  /** from behind: bed from 70 to 170, tires at 44 to 60 and 180 to 196, hub faces at 66 and 174 */
  rear: {
    lines: [box(70, 44, 170, 54), box(44, 58, 60, 98), box(180, 58, 196, 98), 'M66 78H174', 'M66 70V86M174 70V86'],
    thin: [ground(98), box(82, 54, 90, 74), box(150, 54, 158, 74), 'M120 30V104'],
  },
  /** vehicle ahead, at the left: wheels at 40 and 108, bumper at 146, ball at 172 */
  vehicle: {
    lines: [
      'M8 76V52L30 48L46 26H112L146 46V76Z',
      circle(40, 80, 14),
      circle(108, 80, 14),
      circle(172, 70, 4),
      'M146 70H168',
    ],
    thin: [ground(94), 'M146 46L190 46'],
  },
  /** leaf spring: eyes at 40 and 184, top of its middle at 64; shackle at 196 */
  spring: {
    lines: [
      circle(40, 42, 6),
      circle(184, 42, 6),
      'M46 44Q112 82 178 44',
      'M46 48Q112 90 178 48',
      'M184 42L196 22',
      circle(196, 22, 5),
    ],
    thin: ['M14 14H226', 'M34 14V42M46 14V42', circle(112, 80, 9)],
  },
  /** tire from its side and from ahead */
  tire: {
    lines: [circle(70, 60, 46), circle(70, 60, 24), box(160, 14, 196, 106)],
    thin: [ground(104), 'M70 52V68M62 60H78', box(168, 36, 188, 84)],
  },
  /** wheel cut through: tire from 90 to 150, its middle at 120, disc at 132, hub at 150 */
  wheel: {
    lines: [box(90, 10, 150, 26), box(90, 94, 150, 110), 'M132 26V94', box(140, 46, 150, 74), box(150, 40, 158, 80)],
    thin: ['M120 4V116', 'M158 60H226'],
  },
  /** ball on its mount: ball at 120, 34; shank 112 to 128 */
  ball: {
    lines: [circle(120, 34, 22), box(106, 56, 134, 64), box(112, 64, 128, 112), box(60, 66, 180, 80)],
    thin: ['M104 84H136V96H104Z'],
  },
  /** receiver at the left, ball at 190; mount drops from 40 to 78 */
  mount: {
    lines: [box(14, 30, 74, 50), 'M74 34H120V70H200V80H110V46H74', circle(190, 58, 12), circle(54, 40, 3)],
    thin: [ground(108)],
  },
  /** a tube cut through, 80 to 160 wide, 22 to 98 high */
  section: { lines: [box(80, 22, 160, 98), box(90, 32, 150, 88)] },
  /** a bar along: 20 to 220, a hole at 90, a splice at 150 */
  bar: { lines: [box(20, 48, 220, 72), circle(90, 60, 7)], thin: ['M150 42V78', 'M20 40V48'] },
  /** under the coupler: tab at 150, hook at 40, ball at 90 */
  chain: {
    lines: ['M84 40H200V50H84Z', circle(90, 46, 8), 'M150 50V58', 'M150 58Q96 104 40 58', circle(40, 54, 4)],
    thin: ['M10 40H60V58', ground(112)],
  },
  /** jack at 120, drawn in and wound out */
  jack: {
    lines: [box(30, 34, 210, 44), box(112, 10, 128, 62), box(114, 62, 126, 92), 'M104 92H136'],
    thin: [ground(112), circle(40, 44, 5)],
  },
  /** arm of a rubber or swing axle: pivot at 80, 44; wheel at 160, 74; unit between */
  arm: {
    lines: ['M20 24H220', circle(80, 44, 8), 'M80 44L160 74', circle(160, 74, 5)],
    thin: [circle(160, 74, 28), 'M132 28L128 62', box(70, 24, 90, 40)],
  },
  /** a sheet of 30 to 210 by 14 to 106, an opening at 80 to 150 by 40 to 80 */
  sheet: { lines: [box(30, 14, 210, 106), box(80, 40, 150, 80)] },
  /** a fillet and a gusset */
  weld: {
    lines: ['M30 20V96H130', 'M30 76L50 96', box(150, 90, 226, 98), 'M150 90V30L210 90'],
    thin: ['M30 96H20V20H30'],
  },
  /** two tubes pinned: pins at 100 and 140 */
  pins: { lines: [box(16, 44, 156, 74), box(88, 38, 224, 80), circle(100, 59, 5), circle(140, 59, 5)] },
  /** something built on the bed: from 90 to 190, up to 20; posts at 90, 140, 190 */
  piece: { lines: [box(40, 84, 220, 94), 'M90 84V20H190V84', 'M140 20V84'], thin: ['M90 52H190'] },
  /** load from its side: 70 to 170 by 30 to 84, on the bed */
  load: {
    lines: [box(20, 84, 220, 94), box(70, 30, 170, 84)],
    thin: [circle(84, 84, 6), circle(156, 84, 6), 'M120 20V100'],
  },
  /** load from behind: 80 to 160 by 30 to 84; middle of the bed at 104 */
  'load-rear': { lines: [box(40, 84, 200, 94), box(80, 30, 160, 84)], thin: ['M104 14V104', 'M120 30V84'] },
  /** a saw's cut in a stick */
  saw: { lines: ['M14 44H104V76H14Z', 'M112 44H226V76H112Z'], thin: ['M108 20V100'] },
} as const satisfies Readonly<Record<string, Scene>>;
export type SceneId = keyof typeof SCENES;
