import type { Source } from '../source.js';

/** A rule of the book: what is compared with what, who says so, and where it holds. The methods page is made from these. */
export interface Rule {
  /** the code of the findings that it makes */
  readonly code: string;
  /** what is asked against what is allowed, in symbols or in words; its numbers are the program's own */
  readonly formula: string;
  /** tight from this share of what is allowed; 70 % unless the rule says otherwise, and for rules that compare a share */
  readonly tightFrom?: number;
  readonly source: Source;
  /** where it holds, and what it leaves out */
  readonly holds: string;
}

/** What a stage writes down of each of its rules. */
export type RuleTable<Code extends string> = Readonly<Record<Code, Omit<Rule, 'code'>>>;

export type Rules<Code extends string> = { readonly [C in Code]: Rule & { readonly code: C } };

/** The rules of a stage by the codes of its findings; a code without its rule does not compile. */
export const rulesOf = <Code extends string>(table: RuleTable<Code>): Rules<Code> =>
  Object.fromEntries(
    Object.entries<Omit<Rule, 'code'>>(table).map(([code, rule]) => [code, { code, ...rule }]),
  ) as unknown as Rules<Code>;
