import { designShape, type Member, outlineOf, outsideSize } from '@kereta/core';
import { t, voice } from '../../fields/language/t';

const SIZE_PX = 64;

/** The bar's section to scale with its two axes: z up, y sideways. */
export const SectionSketch = ({ member }: { readonly member: Member }) => {
  const shape = designShape(member.section);
  const outline = outlineOf(shape);
  if (!outline.ok) return null;
  const { heightM, widthM } = outsideSize(shape);
  const scale = SIZE_PX / Math.max(heightM, widthM);
  const y = (value: number): number => 14 + value * scale;
  const z = (value: number): number => 8 + (heightM - value) * scale;
  // Each closed loop begins where an edge does not go on from the one before.
  let path = '';
  let at: readonly [number, number] | undefined;
  for (const edge of outline.value) {
    const [start, end] =
      edge.kind === 'line'
        ? [[edge.y0, edge.z0] as const, [edge.y1, edge.z1] as const]
        : [
            [edge.y + edge.radius * Math.cos(edge.start), edge.z + edge.radius * Math.sin(edge.start)] as const,
            [
              edge.y + edge.radius * Math.cos(edge.start + edge.sweep),
              edge.z + edge.radius * Math.sin(edge.start + edge.sweep),
            ] as const,
          ];
    if (!at || Math.hypot(at[0] - start[0], at[1] - start[1]) > 1e-9) path += `M${y(start[0])} ${z(start[1])}`;
    path +=
      edge.kind === 'line'
        ? `L${y(end[0])} ${z(end[1])}`
        : `A${edge.radius * scale} ${edge.radius * scale} 0 ${Math.abs(edge.sweep) > Math.PI ? 1 : 0} ${edge.sweep > 0 ? 0 : 1} ${y(end[0])} ${z(end[1])}`;
    at = end;
  }
  const { centroidYM, centroidZM } = member.bar.design;
  return (
    <div className="my-2 flex items-center gap-4">
      <svg
        width={widthM * scale + 34}
        height={heightM * scale + 16}
        role="img"
        aria-label={t('Section {designation}', { designation: member.section.designation })}
        className="shrink-0"
      >
        <path d={path} fill="var(--steel)" stroke="var(--ink)" strokeWidth="1.3" fillRule="evenodd" />
        <path
          d={`M4 ${z(centroidZM)}H${y(widthM) + 14}M${y(centroidYM)} 2V${z(0) + 6}`}
          stroke="var(--mute)"
          strokeWidth="0.9"
          strokeDasharray="14 3 3 3"
        />
        <text x={y(widthM) + 10} y={z(centroidZM) - 3} fontSize="12" fill="var(--ink)">
          y
        </text>
        <text x={y(centroidYM) + 4} y="12" fontSize="12" fill="var(--ink)">
          z
        </text>
      </svg>
      <p className="narrow text-[13px] leading-[17px]">
        {member.section.designation}
        <br />
        {voice.name(member.material.name)}
        <br />
        <span className="mute">{t('strength counts with this wall and these corners')}</span>
      </p>
    </div>
  );
};
