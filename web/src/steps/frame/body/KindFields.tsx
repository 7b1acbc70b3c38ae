import { inches, type Piece } from '@kereta/core';
import { useEditing } from '../../../fields/editing';
import { CheckField, SelectField } from '../../../fields/fields';
import { QuantityField } from '../../../fields/QuantityField';
import { CutoutFields } from './CutoutFields';
import { SheetFields } from './SheetFields';
import { t } from '../../../fields/language/t';

const EDGES = ['left', 'right', 'front', 'rear'] as const;
const EDGE_OPTIONS = [
  { value: 'rear', text: t('Rear') },
  { value: 'front', text: t('Front') },
  { value: 'left', text: t('Left side') },
  { value: 'right', text: t('Right side') },
] as const;
const HELD = [
  { value: 'ground', text: t('Lies on the ground, a ramp') },
  { value: 'chains', text: t('Hangs on chains') },
] as const;

export interface KindProps {
  readonly piece: Piece;
  readonly change: (said: string, part: Partial<Piece>) => void;
}

/** Whether walls are part of the frame, or only stand on it. */
const Carries = ({ piece, change }: KindProps & { readonly piece: Extract<Piece, { kind: 'sides' | 'body' }> }) => (
  <div className="col-span-2">
    <CheckField
      label={t('Welded all round, and carries with the frame')}
      checked={piece.carries}
      onCommit={(carries) => change(carries ? t('part of the frame') : t('only stand on it'), { carries })}
    />
    <p className="mute text-[13px]">
      {piece.carries
        ? t('Its bars are analysed with the frame.')
        : t('It weighs on the frame and is not analysed: its own bars are yours to check.')}
    </p>
    {piece.kind === 'body' && piece.carries && (
      <>
        <CheckField
          label={t('Its skins hold it square')}
          checked={piece.skinCarries}
          onCommit={(skinCarries) =>
            change(skinCarries ? t('held square by its skins') : t('without what its skins hold'), { skinCarries })
          }
        />
        <p className="mute text-[13px]">
          {t('Fastened to every post and rail, all round. A bay with a door or window in it counts for nothing.')}
        </p>
      </>
    )}
  </div>
);

/** Bars up and outward at the ends of a rack's bars across. */
const Horns = ({ piece, change }: KindProps & { readonly piece: Extract<Piece, { kind: 'rack' }> }) => {
  const { trailer } = useEditing();
  const metric = trailer.settings.units === 'metric';
  const { horns } = piece;
  return (
    <>
      <CheckField
        label={t('Ends bent up and out')}
        checked={horns !== undefined}
        onCommit={(on) =>
          change(on ? t('with ends bent up') : t('with straight ends'), {
            horns: on ? { heightM: metric ? 0.3 : inches(12), outM: metric ? 0.1 : inches(4) } : undefined,
          })
        }
      />
      {horns && (
        <div className="grid grid-cols-2 gap-x-3 gap-y-2">
          <QuantityField
            label={t('Ends rise by')}
            kind="length"
            value={horns.heightM}
            of="frame.pieces.horns.heightM"
            onCommit={(heightM) => change(t('height of its ends'), { horns: { ...horns, heightM } })}
          />
          <QuantityField
            label={t('Ends lean out by')}
            kind="length"
            value={horns.outM}
            of="frame.pieces.horns.outM"
            onCommit={(outM) => change(t('lean of its ends'), { horns: { ...horns, outM } })}
          />
        </div>
      )}
    </>
  );
};

type Covered = Extract<Piece, { kind: 'upper-frame' | 'shelf' | 'step' }>;
/** Something lies on it, that it may do without. */
const covered = (piece: Piece): piece is Covered =>
  piece.kind === 'upper-frame' || piece.kind === 'shelf' || piece.kind === 'step';

interface EdgeProps {
  readonly edge: (typeof EDGES)[number];
  readonly onCommit: (said: string, edge: (typeof EDGES)[number]) => void;
}

/** On which edge of the bed a piece is. */
const EdgeField = ({ edge: present, onCommit }: EdgeProps) => (
  <SelectField
    label={t('On the edge')}
    value={present}
    options={EDGE_OPTIONS}
    onCommit={(edge) => onCommit(t('at the {edge}', { edge }), edge)}
  />
);

/** On which edges sides stand. */
const EdgesFields = ({ piece, change }: KindProps & { readonly piece: Extract<Piece, { kind: 'sides' }> }) => (
  <fieldset className="col-span-2 flex flex-wrap gap-x-4" aria-label={t('On which edges')}>
    {EDGES.map((edge) => (
      <CheckField
        key={edge}
        label={edge[0]?.toUpperCase() + edge.slice(1)}
        checked={piece.edges[edge]}
        onCommit={(on) => change(`${on ? t('with') : t('without')} ${edge}`, { edges: { ...piece.edges, [edge]: on } })}
      />
    ))}
  </fieldset>
);

/** Skin, roof, insulation and openings of a box body. */
const BodyFields = ({ piece, change }: KindProps & { readonly piece: Extract<Piece, { kind: 'body' }> }) => (
  <>
    <SheetFields
      label={t('Skin')}
      sheet={piece.skin}
      optional={false}
      of="frame.pieces.fill.thicknessM"
      onCommit={(said, sheet) => sheet && change(said, { skin: sheet })}
    />
    <SheetFields
      label={t('Roof')}
      sheet={piece.roof}
      of="frame.pieces.fill.thicknessM"
      onCommit={(said, sheet) => change(said, { roof: sheet })}
    />
    <SheetFields
      label={t('Insulation')}
      sheet={piece.insulation}
      of="frame.pieces.fill.thicknessM"
      onCommit={(said, sheet) => change(said, { insulation: sheet })}
    />
    <Carries piece={piece} change={change} />
    <CutoutFields
      openings={piece.openings}
      path="frame.pieces.openings"
      cutIn="walls"
      onCommit={(said, openings) => change(said, { openings: [...openings] })}
    />
  </>
);

/** A rack's bars along, diagonals and bent ends. */
const RackFields = ({ piece, change }: KindProps & { readonly piece: Extract<Piece, { kind: 'rack' }> }) => (
  <div className="col-span-2">
    <CheckField
      label={t('Bars along both sides')}
      checked={piece.longBars}
      onCommit={(longBars) => change(longBars ? t('with bars along') : t('without bars along'), { longBars })}
    />
    <CheckField
      label={t('A diagonal on each side')}
      checked={piece.braced}
      onCommit={(braced) => change(braced ? t('braced') : t('not braced'), { braced })}
    />
    <Horns piece={piece} change={change} />
  </div>
);

/** What a piece is beyond its figures: edges, fills, openings, how it is held. */
export const KindFields = ({ piece, change }: KindProps) => {
  const fill =
    piece.kind === 'sides' || piece.kind === 'gate' || piece.kind === 'headboard' || covered(piece) ? (
      <SheetFields
        label={
          piece.kind === 'upper-frame' || piece.kind === 'shelf' || piece.kind === 'step'
            ? t('Covered with')
            : t('Filled with')
        }
        sheet={piece.fill}
        of="frame.pieces.fill.thicknessM"
        onCommit={(said, sheet) => change(said, { fill: sheet })}
      />
    ) : null;
  switch (piece.kind) {
    case 'sides':
      return (
        <>
          <EdgesFields piece={piece} change={change} />
          {fill}
          <Carries piece={piece} change={change} />
        </>
      );
    case 'gate':
      return (
        <>
          <EdgeField edge={piece.edge} onCommit={(said, edge) => change(said, { edge })} />
          <SelectField
            label={t('Let down, it')}
            value={piece.held}
            options={HELD}
            onCommit={(held) => change(held === 'ground' ? t('lies on the ground') : t('hangs on chains'), { held })}
          />
          {fill}
          <p className="mute col-span-2 text-[13px]">
            {t('Hinges, latches and chains are not weighed: add them as fitted loads.')}
          </p>
        </>
      );
    case 'rack':
      return <RackFields piece={piece} change={change} />;
    case 'fender':
      return (
        <>
          <SheetFields
            label={t('Of')}
            sheet={piece.fill}
            optional={false}
            of="frame.pieces.fill.thicknessM"
            onCommit={(said, sheet) => sheet && change(said, { fill: sheet })}
          />
          <CheckField
            label={t('To stand on')}
            checked={piece.standOn}
            onCommit={(standOn) => change(standOn ? t('to stand on') : t('not to stand on'), { standOn })}
          />
        </>
      );
    case 'step':
      return (
        <>
          <EdgeField edge={piece.edge} onCommit={(said, edge) => change(said, { edge })} />
          {fill}
        </>
      );
    case 'spare':
      return (
        <>
          <EdgeField edge={piece.edge} onCommit={(said, edge) => change(said, { edge })} />
          <CheckField
            label={t('A wheel is on it')}
            checked={piece.wheel}
            onCommit={(wheel) => change(wheel ? t('with its wheel') : t('without a wheel'), { wheel })}
          />
        </>
      );
    case 'body':
      return <BodyFields piece={piece} change={change} />;
    default:
      return fill;
  }
};
