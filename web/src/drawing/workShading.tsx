import { t } from '../fields/language/t';
/** Five steps, one hue, paler to darker and sparser to denser; over 100 % red cross-hatch. */
const STEPS = [
  { id: 'idle', upTo: 0.25, word: t('idle'), range: t('under 25 %'), space: '--paper' },
  { id: 'easy', upTo: 0.5, word: t('easy'), range: t('25 to 50 %'), space: '--work-easy' },
  { id: 'working', upTo: 0.7, word: t('working'), range: t('50 to 70 %'), space: '--work-working' },
  { id: 'tight', upTo: 1, word: t('tight'), range: t('70 to 100 %'), space: '--work-tight' },
  { id: 'past', upTo: Number.POSITIVE_INFINITY, word: t('past'), range: t('over 100 %'), space: '--fix' },
] as const;

/** The step that a share falls into; `space` is its plain colour where hatches cannot be drawn. */
export const workStep = (utilisation: number): (typeof STEPS)[number] =>
  STEPS.find(({ upTo }) => utilisation <= upTo) ?? STEPS[4];

export const workFill = (utilisation: number | undefined): string =>
  utilisation === undefined ? 'var(--paper)' : `url(#work-${workStep(utilisation).id})`;

const Hatch = ({
  id,
  base,
  line,
  gap,
  width,
  crossed,
}: {
  readonly id: string;
  readonly base: string;
  readonly line: string;
  readonly gap: number;
  readonly width: number;
  readonly crossed: boolean;
}) => (
  <pattern id={`work-${id}`} width={gap} height={gap} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
    <rect width={gap} height={gap} fill={base} />
    {width > 0 && <path d={`M0 0V${gap}${crossed ? `M0 0H${gap}` : ''}`} stroke={line} strokeWidth={width} />}
  </pattern>
);

export const WorkPatterns = () => (
  <defs>
    <Hatch id="idle" base="var(--paper)" line="var(--dye)" gap={8} width={0} crossed={false} />
    <Hatch id="easy" base="var(--paper)" line="var(--dye)" gap={9} width={1} crossed={false} />
    <Hatch id="working" base="var(--dye-soft)" line="var(--dye)" gap={5} width={1.2} crossed={false} />
    <Hatch id="tight" base="var(--dye-soft)" line="var(--dye)" gap={4.5} width={1.6} crossed />
    <Hatch id="past" base="var(--fix-soft)" line="var(--fix)" gap={4.5} width={2} crossed />
    <pattern id="band" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="6" height="6" fill="var(--good-soft)" />
      <path d="M0 0V6" stroke="var(--good)" strokeWidth="1" />
    </pattern>
    <pattern id="band-bad" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="8" height="8" fill="var(--fix-soft)" />
      <path d="M0 0V8" stroke="var(--fix)" strokeWidth="1" />
    </pattern>
  </defs>
);

export const WorkLegend = () => (
  <ul className="flex flex-wrap gap-x-5 gap-y-1 px-4 py-1" aria-label={t('How hard the steel works')}>
    {STEPS.map(({ id, word, range }) => (
      <li key={id} className="flex items-center gap-2">
        <svg width="30" height="16" aria-hidden>
          <rect x="0.5" y="0.5" width="29" height="15" fill={`url(#work-${id})`} stroke="var(--ink)" />
        </svg>
        <span className="narrow text-[12.5px] leading-[14px]">
          <b>{word}</b> <span className="mute">{range}</span>
        </span>
      </li>
    ))}
  </ul>
);
