export type Side = 'left' | 'right';
export type End = 'front' | 'rear';
/** Bars of a tongue by where they run. */
export type TongueLine = Side | 'middle';
/** Boards, rails and posts stand on these edges of the bed. */
export type Edge = Side | End;

/**
 * What an id of a part says. Ids are stable texts, so that overrides, measurements and findings can hang on them; they are taken apart here
 * and nowhere else. `own` is whatever the user has put on by an id of its own: items, cross-members placed one by one, stands.
 */
export type PartId =
  | {
      readonly kind:
        | 'trailer'
        | 'deck'
        | 'coupler'
        | 'jack'
        | 'top-plate'
        | 'tongue'
        | 'axles'
        | 'splice'
        | 'reinforcement';
    }
  | { readonly kind: 'rail'; readonly side: Side }
  | { readonly kind: 'header'; readonly end: End }
  | { readonly kind: 'cross'; readonly number: number }
  | { readonly kind: 'tongue-bar'; readonly line: TongueLine }
  | { readonly kind: 'side-tube'; readonly side: Side }
  | { readonly kind: 'riser'; readonly line: TongueLine; readonly end: End }
  /** from a cross-member or header down to a bar of the tongue */
  | { readonly kind: 'packer'; readonly line: TongueLine; readonly under: string }
  | { readonly kind: 'side-rail' | 'board'; readonly edge: Edge }
  | { readonly kind: 'post'; readonly edge: Edge; readonly number: number }
  | { readonly kind: 'axle' | 'springs'; readonly number: number }
  | { readonly kind: 'wheel' | 'hub'; readonly axle: number; readonly side: Side }
  /** from any place to any other */
  | { readonly kind: 'own-bar'; readonly id: string }
  /** flat, of one's own or of a ready-made piece */
  | { readonly kind: 'own-panel'; readonly id: string }
  | { readonly kind: 'piece'; readonly id: string }
  /** a spare wheel on a piece that carries one */
  | { readonly kind: 'spare-wheel'; readonly id: string }
  | { readonly kind: 'cap' | 'gusset' | 'hanger'; readonly of: string }
  | { readonly kind: 'own'; readonly id: string };

const WHOLE: Readonly<Record<string, PartId>> = {
  trailer: { kind: 'trailer' },
  deck: { kind: 'deck' },
  coupler: { kind: 'coupler' },
  jack: { kind: 'jack' },
  'top-plate': { kind: 'top-plate' },
  tongue: { kind: 'tongue' },
  axle: { kind: 'axles' },
  splice: { kind: 'splice' },
  reinforcement: { kind: 'reinforcement' },
};

type Read = (match: readonly string[]) => PartId;
const PATTERNS: readonly (readonly [RegExp, Read])[] = [
  [/^rail\.(left|right)$/, ([side]) => ({ kind: 'rail', side: side as Side })],
  [/^header\.(front|rear)$/, ([end]) => ({ kind: 'header', end: end as End })],
  [/^cross\.([1-9]\d*)$/, ([number]) => ({ kind: 'cross', number: Number(number) })],
  [/^tongue\.(left|right|middle)$/, ([line]) => ({ kind: 'tongue-bar', line: line as TongueLine })],
  [/^tongue\.side\.(left|right)$/, ([side]) => ({ kind: 'side-tube', side: side as Side })],
  [
    /^tongue\.riser\.(left|right|middle)\.(front|rear)$/,
    ([line, end]) => ({ kind: 'riser', line: line as TongueLine, end: end as End }),
  ],
  [
    /^packer\.(left|right|middle)\.(.+)$/s,
    ([line, under]) => ({ kind: 'packer', line: line as TongueLine, under: under ?? '' }),
  ],
  [/^side\.(left|right|front|rear)$/, ([edge]) => ({ kind: 'side-rail', edge: edge as Edge })],
  [/^board\.(left|right|front|rear)$/, ([edge]) => ({ kind: 'board', edge: edge as Edge })],
  [
    /^post\.(left|right|front|rear)\.([1-9]\d*)$/,
    ([edge, number]) => ({ kind: 'post', edge: edge as Edge, number: Number(number) }),
  ],
  [/^axle\.([1-9])$/, ([number]) => ({ kind: 'axle', number: Number(number) })],
  [/^axle\.([1-9])\.springs$/, ([number]) => ({ kind: 'springs', number: Number(number) })],
  [
    /^axle\.([1-9])\.wheel\.(left|right)$/,
    ([axle, side]) => ({ kind: 'wheel', axle: Number(axle), side: side as Side }),
  ],
  [/^axle\.([1-9])\.hub\.(left|right)$/, ([axle, side]) => ({ kind: 'hub', axle: Number(axle), side: side as Side })],
  [/^panel\.(.+)$/s, ([own]) => ({ kind: 'own-panel', id: own ?? '' })],
  [/^wheel\.(.+)$/s, ([own]) => ({ kind: 'spare-wheel', id: own ?? '' })],
  [/^piece\.(.+)$/s, ([own]) => ({ kind: 'piece', id: own ?? '' })],
  [/^bar\.(.+)$/s, ([own]) => ({ kind: 'own-bar', id: own ?? '' })],
  [/^(cap|gusset|hanger)\.(.+)$/s, ([kind, of]) => ({ kind: kind as 'cap', of: of ?? '' })],
];

/** Takes an id of a part apart; any other text is one of the user's own. */
export const parsePartId = (id: string): PartId => {
  if (Object.hasOwn(WHOLE, id)) return WHOLE[id] as PartId;
  for (const [pattern, read] of PATTERNS) {
    const match = pattern.exec(id);
    if (match) return read(match.slice(1));
  }
  return { kind: 'own', id };
};

/** The id of a part, as it stands in files, overrides and findings. */
export const printPartId = (part: PartId): string => {
  switch (part.kind) {
    case 'axles':
      return 'axle';
    case 'rail':
      return `rail.${part.side}`;
    case 'header':
      return `header.${part.end}`;
    case 'cross':
      return `cross.${part.number}`;
    case 'tongue-bar':
      return `tongue.${part.line}`;
    case 'side-tube':
      return `tongue.side.${part.side}`;
    case 'riser':
      return `tongue.riser.${part.line}.${part.end}`;
    case 'packer':
      return `packer.${part.line}.${part.under}`;
    case 'side-rail':
      return `side.${part.edge}`;
    case 'board':
      return `board.${part.edge}`;
    case 'post':
      return `post.${part.edge}.${part.number}`;
    case 'axle':
      return `axle.${part.number}`;
    case 'springs':
      return `axle.${part.number}.springs`;
    case 'wheel':
    case 'hub':
      return `axle.${part.axle}.${part.kind}.${part.side}`;
    case 'cap':
    case 'gusset':
    case 'hanger':
      return `${part.kind}.${part.of}`;
    case 'own-bar':
      return `bar.${part.id}`;
    case 'own-panel':
      return `panel.${part.id}`;
    case 'piece':
      return `piece.${part.id}`;
    case 'spare-wheel':
      return `wheel.${part.id}`;
    case 'own':
      return part.id;
    default:
      return part.kind;
  }
};

/** Whether the part is of the tongue, as a whole or one of its bars. */
export const isOfTongue = (id: string): boolean =>
  ['tongue', 'tongue-bar', 'side-tube', 'riser', 'packer'].includes(parsePartId(id).kind);

/** Whether the part moves with the axles. */
export const isOfAxle = (id: string): boolean =>
  ['axles', 'axle', 'springs', 'wheel', 'hub'].includes(parsePartId(id).kind);

const OTHER_SIDE = { left: 'right', right: 'left' } as const;

/** The other one of a left and right pair; undefined for what stands alone. */
export const pairOf = (id: string): string | undefined => {
  const part = parsePartId(id);
  switch (part.kind) {
    case 'rail':
    case 'side-tube':
    case 'wheel':
    case 'hub':
      return printPartId({ ...part, side: OTHER_SIDE[part.side] });
    case 'tongue-bar':
    case 'riser':
    case 'packer':
      return part.line === 'middle' ? undefined : printPartId({ ...part, line: OTHER_SIDE[part.line] });
    case 'side-rail':
    case 'board':
      return part.edge === 'left' || part.edge === 'right'
        ? printPartId({ ...part, edge: OTHER_SIDE[part.edge] })
        : undefined;
    default:
      return undefined;
  }
};
