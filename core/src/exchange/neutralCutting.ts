import { z } from 'zod';
import { type CuttingProblem, loadSolver, type Nested, nestSteps, type NoPlan } from '../nesting/index.js';
import { fail, type Result } from '../result.js';
import { lastOf } from '../steps.js';
import { firstIssue, inFigures, neutralId, type NeutralProblem } from './neutralProblem.js';

const MOST = 1e9;
const length = z.number().int().positive().max(MOST);
const caseSchema = z.object({
  id: neutralId,
  unit: z.string().optional(),
  kerf: z.number().int().nonnegative().max(MOST),
  stock: z
    .array(
      z.object({
        length,
        price: z.number().nonnegative().max(MOST),
        available: z.number().int().nonnegative().max(MOST).nullable(),
      }),
    )
    .min(1),
  parts: z.array(z.object({ length, qty: z.number().int().nonnegative().max(10_000) })),
});
const fileSchema = z.object({ cases: z.array(caseSchema).min(1) });
type NeutralCase = z.infer<typeof caseSchema>;

/** Prices have at most so many decimals. */
const DECIMALS = 4;

/** What prices are to be multiplied by to be whole. */
const wholeBy = (prices: readonly number[]): number => {
  for (let by = 1; by < 10 ** DECIMALS; by *= 10)
    if (prices.every((price) => Math.abs(price * by - Math.round(price * by)) < 1e-9)) return by;
  return 10 ** DECIMALS;
};

const problemOf = ({ kerf, stock, parts }: NeutralCase, by: number): CuttingProblem => {
  const quantities = new Map<number, number>();
  for (const { length: of, qty } of parts) quantities.set(of, (quantities.get(of) ?? 0) + qty);
  return {
    kerf,
    stock: stock.map((one) => ({ ...one, price: Math.round(one.price * by) })),
    parts: [...quantities].map(([of, quantity]) => ({ length: of, quantity })),
  };
};

const MESSAGES: Readonly<Record<NoPlan['code'], string>> = {
  'too-long': 'longer than every stick',
  'too-little-stock': 'there is too little stock',
  'too-fine': 'the lengths are too many units to be worked out: give them in larger units',
  'not-found': 'no plan was found',
};

const answerOf = ({ id, stock }: NeutralCase, problem: CuttingProblem, by: number, nested: Nested): object => {
  if (!nested.ok) {
    const parts = 'parts' in nested.error ? nested.error.parts : [];
    const lengths = parts.map((i) => problem.parts[i]?.length).join(', ');
    const { code } = nested.error;
    const message = lengths ? `${MESSAGES[code]}: ${lengths}` : MESSAGES[code];
    return { id, error: { code: code === 'too-fine' ? 'unsupported' : 'impossible', message } };
  }
  const { price, leastPrice, proved, patterns } = nested.value;
  return {
    id,
    cost: price / by,
    lowerBound: leastPrice / by,
    optimal: price <= leastPrice,
    // Of the cheapest plans the one with the fewest sticks.
    fewestSticks: proved,
    plan: patterns.map(({ stock: index, times, counts }) => ({
      stock: stock[index]?.length,
      times,
      parts: Object.fromEntries(
        counts.flatMap((count, i) => (count > 0 ? [[String(problem.parts[i]?.length), count]] : [])),
      ),
    })),
  };
};

/** `kereta calc cutting`: the cheapest plan of every case, its lower bound, and whether it is proved. */
export const calculateCutting = async (
  file: unknown,
): Promise<Result<{ cases: readonly object[] }, NeutralProblem>> => {
  const parsed = fileSchema.safeParse(file);
  if (!parsed.success) return fail(firstIssue(parsed.error));
  const highs = await loadSolver();
  const cases = parsed.data.cases.map((one): { readonly error?: NeutralProblem } & object => {
    const by = wholeBy(one.stock.map(({ price }) => price));
    const problem = problemOf(one, by);
    return answerOf(one, problem, by, lastOf(nestSteps(highs, problem)));
  });
  const [first] = cases;
  if (first?.error && cases.every(({ error }) => error !== undefined))
    return fail({ ...first.error, path: 'cases[0]' });
  return inFigures({ cases });
};
