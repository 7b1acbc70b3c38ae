import {
  formatMoney,
  formatPercent,
  type SheetGroup,
  SHEET_NAMES,
  sheetsCsv,
  type Speaker,
  type Trailer,
} from '@kereta/core';
import { download, fileName } from '../../fields/download';
import { Sized } from '../../fields/Sized';
import { figures, t, voice } from '../../fields/language/t';

const SHEET_PX = 300;
/** Narrower parts have no room for their mark, and below that none for their size. */
const MARK_FROM_PX = 26;
const SIZE_FROM_PX = 96;

const titleOf = ({ of, thicknessM, materialName }: SheetGroup, say: Speaker): string =>
  of === 'plate'
    ? t('Plate {thickness}, {materialName}', {
        thickness: say.length(thicknessM),
        materialName: voice.name(materialName ?? ''),
      })
    : `${voice.name(SHEET_NAMES[of])} ${say.length(thicknessM)}`;

const buyText = (
  { sheets, sheet, priceEach, leastSheets, joined, assumed }: SheetGroup,
  trailer: Trailer,
  say: Speaker,
) => {
  const cutM2 = sheets.reduce(
    (sum, { parts }) => sum + parts.reduce((own, { lengthM, widthM }) => own + lengthM * widthM, 0),
    0,
  );
  const share = cutM2 / Math.max(1e-9, sheets.length * sheet.lengthM * sheet.widthM);
  return [
    `${sheets.length} × ${say.length(sheet.widthM)} x ${say.length(sheet.lengthM)}${assumed ? t(', as is usually sold') : ''}`,
    priceEach === null ? '' : `, ${figures(formatMoney(priceEach * sheets.length, trailer.settings.currency))}`,
    `; ${t('{share} of it is used.', { share: figures(formatPercent(share, 0)) })} `,
    sheets.length <= leastSheets
      ? t('No plan needs fewer.')
      : t('The best found; {leastSheets} {leastSheets2} not ruled out.', {
          leastSheets,
          leastSheets2: leastSheets === 1 ? t('sheet is') : t('sheets are'),
        }),
    joined.length > 0
      ? ` ${t('{joined}: larger than a sheet, joined from several a saw’s cut apart; put the joints on bars.', { joined: joined.join(', ') })}`
      : '',
  ].join('');
};

/** Outlines for a table that burns or routs, 1:1. */
const saveSheets = async (group: SheetGroup, trailer: Trailer, title: string): Promise<void> => {
  const { sheetsDxf } = await import('./sheetFiles');
  download(fileName(`${trailer.name} ${title}`, '.dxf'), sheetsDxf(group, trailer.settings.units), 'application/dxf');
};

/** One sheet to scale: its parts by mark and size, what is left hatched. */
const SheetPicture = ({
  group,
  index,
  say,
}: {
  readonly group: SheetGroup;
  readonly index: number;
  readonly say: Speaker;
}) => {
  const { sheet, sheets } = group;
  const perM = SHEET_PX / sheet.lengthM;
  const parts = sheets[index]?.parts ?? [];
  const sizeOf = (one: { readonly lengthM: number; readonly widthM: number }): string =>
    `${say.length(one.lengthM)} x ${say.length(one.widthM)}`;
  return (
    <svg
      width={SHEET_PX + 2}
      height={sheet.widthM * perM + 2}
      viewBox={`-1 -1 ${SHEET_PX + 2} ${sheet.widthM * perM + 2}`}
      role="img"
      aria-label={t('Sheet {index}: {parts}', {
        index: index + 1,
        parts: parts.map((one) => `${one.mark} ${sizeOf(one)}`).join(', '),
      })}
      className="block max-w-full"
      style={{ fontFamily: 'var(--font-sans)' }}
    >
      <rect
        width={SHEET_PX}
        height={sheet.widthM * perM}
        fill="url(#hatch-left)"
        stroke="var(--ink)"
        strokeDasharray="3 3"
      />
      {parts.map((one) => {
        const [wide, high] = [one.lengthM * perM, one.widthM * perM];
        const [x, y] = [(one.xM + one.lengthM / 2) * perM, (one.yM + one.widthM / 2) * perM];
        return (
          <g key={`${one.part} ${one.xM} ${one.yM}`}>
            <path
              d={one.outlines
                .map((outline) => `M${outline.map((at) => at.map((m) => m * perM).join(' ')).join('L')}Z`)
                .join('')}
              fill="var(--steel)"
              fillRule="evenodd"
              stroke="var(--ink)"
              strokeWidth="1.5"
            />
            {one.holes.map(({ at: [hx, hy], diameterM }) => (
              <circle
                key={`${hx} ${hy}`}
                cx={hx * perM}
                cy={hy * perM}
                r={(diameterM / 2) * perM}
                fill="var(--paper)"
                stroke="var(--ink)"
              />
            ))}
            {wide >= MARK_FROM_PX && high >= 14 && (
              <text x={x} y={y + 4} textAnchor="middle" fontSize="12" fontWeight="700" fill="var(--ink)">
                {one.mark}
              </text>
            )}
            {wide >= SIZE_FROM_PX && high >= 34 && (
              <text x={x} y={y + 18} textAnchor="middle" fontSize="11" fill="var(--ink)">
                {sizeOf(one)}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
};

/** How deck, panels and plates are cut from whole sheets; every cut goes right through what is left. */
export const SheetPictures = ({
  groups,
  trailer,
  say,
}: {
  readonly groups: readonly SheetGroup[];
  readonly trailer: Trailer;
  readonly say: Speaker;
}) => {
  if (groups.length === 0) return null;
  return (
    <section aria-label={t('Sheets')} className="mt-6">
      <div className="flex items-center justify-between gap-3">
        <h2 className="text-[17px] font-bold">{t('Sheets')}</h2>
        <button
          type="button"
          className="button no-print"
          onClick={() =>
            download(
              fileName(t('{name} sheets', { name: trailer.name }), '.csv'),
              sheetsCsv(trailer, groups),
              'text/csv',
            )
          }
        >
          {t('Sheets, CSV')}
        </button>
      </div>
      {groups.map((group) => (
        <div key={titleOf(group, say)} className="mt-3 border-t border-base-300 pt-3">
          <div className="flex items-center justify-between gap-3">
            <h3 className="text-[15px] font-semibold">
              <Sized>{titleOf(group, say)}</Sized>
            </h3>
            <button
              type="button"
              className="button no-print"
              aria-label={`${titleOf(group, say)}, DXF`}
              onClick={() => void saveSheets(group, trailer, titleOf(group, say))}
            >
              {t('DXF')}
            </button>
          </div>
          <p className="narrow mute text-[13.5px]">
            <Sized>{buyText(group, trailer, say)}</Sized>
          </p>
          <div className="mt-2 flex flex-wrap gap-4">
            {group.sheets.map((sheet, i) => (
              <SheetPicture key={sheet.parts.map(({ part }) => part).join(' ')} group={group} index={i} say={say} />
            ))}
          </div>
        </div>
      ))}
    </section>
  );
};
