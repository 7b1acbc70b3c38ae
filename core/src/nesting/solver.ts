import type { Highs } from 'highs';

/** One row of a linear program: Σ coefficient × column, and what it must keep. */
export interface Row {
  readonly of: readonly { readonly column: number; readonly times: number }[];
  readonly sign: '>=' | '<=';
  readonly bound: number;
}

/** Least Σ cost × column under the rows, columns from 0 on. */
export interface Program {
  readonly costs: readonly number[];
  readonly rows: readonly Row[];
  readonly whole: boolean;
  /** s; what is best by then counts, unproved */
  readonly withinS?: number;
  /** a whole answer that costs no more than this is good enough: none can be cheaper */
  readonly target?: number;
}

export interface Answer {
  readonly columns: readonly number[];
  /** what one more of each row's bound would cost; of whole programs nothing */
  readonly duals: readonly number[];
  readonly cost: number;
  readonly proved: boolean;
}

let loading: Promise<Highs> | undefined;

/** The solver (HiGHS, WASM), loaded when it is first asked for. */
export const loadSolver = (): Promise<Highs> => {
  // Its types say CommonJS, what is loaded is a module.
  loading ??= import('highs').then((loaded) => (loaded as unknown as { default: () => Promise<Highs> }).default());
  return loading;
};

const TERMS_PER_LINE = 8;
const sum = (terms: readonly string[]): string =>
  terms
    .reduce<string[][]>((lines, term, i) => {
      if (i % TERMS_PER_LINE === 0) lines.push([]);
      lines.at(-1)?.push(term);
      return lines;
    }, [])
    .map((line) => line.join(' '))
    .join('\n ');
const term = (times: number, column: number): string => `${times < 0 ? '-' : '+'} ${Math.abs(times)} x${column}`;

/** The program in the LP format that the solver reads. */
const asText = ({ costs, rows, whole }: Program): string =>
  [
    'Minimize',
    ` cost: ${sum(costs.map((cost, column) => term(cost, column)))}`,
    'Subject To',
    ...rows.map(
      ({ of, sign, bound }, i) => ` r${i}: ${sum(of.map(({ column, times }) => term(times, column)))} ${sign} ${bound}`,
    ),
    ...(whole ? ['Generals', ` ${sum(costs.map((_, column) => `x${column}`))}`] : []),
    'End',
  ].join('\n');

const WITH_AN_ANSWER: ReadonlySet<string> = new Set(['Optimal', 'Time limit reached', 'Target for objective reached']);

/** 'none' where nothing keeps all rows; undefined where nothing was found in time. */
export const solved = (highs: Highs, program: Program): Answer | 'none' | undefined => {
  const { whole, withinS, costs, target } = program;
  const found = highs.solve(asText(program), {
    output_flag: false,
    ...(whole ? { mip_rel_gap: 0, mip_abs_gap: 1e-6 } : {}),
    ...(withinS === undefined ? {} : { time_limit: withinS }),
    ...(target === undefined ? {} : { objective_target: target + 1e-6 }),
  });
  if (found.Status === 'Infeasible') return 'none';
  if (!WITH_AN_ANSWER.has(found.Status)) return undefined;
  const columns = costs.map((_, i) => {
    const column = found.Columns[`x${i}`];
    return column && 'Primal' in column ? column.Primal : 0;
  });
  if (!Number.isFinite(found.ObjectiveValue)) return undefined;
  return {
    columns,
    duals: found.Rows.map((row) => ('Dual' in row && typeof row.Dual === 'number' ? row.Dual : 0)),
    cost: found.ObjectiveValue,
    proved: found.Status !== 'Time limit reached',
  };
};
