import { createScanner, parse, type ParseError, printParseErrorCode } from 'jsonc-parser';

interface Token {
  readonly text: string;
  readonly offset: number;
  /** lines are counted from 1 */
  readonly line: number;
  readonly column: number;
  readonly firstInLine: boolean;
}

/** Tokens up to `end`, without blanks. */
const tokensBefore = (text: string, end: number): readonly Token[] => {
  const scanner = createScanner(text, false);
  const tokens: Token[] = [];
  let line = 1;
  let lineStart = 0;
  let firstInLine = true;
  for (scanner.scan(); scanner.getTokenLength() > 0 && scanner.getTokenOffset() <= end; scanner.scan()) {
    const offset = scanner.getTokenOffset();
    const token = text.slice(offset, offset + scanner.getTokenLength());
    if (/^[\r\n]+$/.test(token)) {
      line += 1;
      lineStart = offset + token.length;
      firstInLine = true;
    } else if (token.trim() !== '') {
      tokens.push({ text: token, offset, line, column: offset - lineStart, firstInLine });
      firstInLine = false;
    }
  }
  return tokens;
};

const OPENED_BY: Readonly<{ [closing: string]: string }> = { '}': '{', ']': '[' };
const isOpening = (token: Token | undefined): boolean => token?.text === '{' || token?.text === '[';
const isClosing = (token: Token | undefined): boolean => token?.text === '}' || token?.text === ']';
const isName = (token: Token | undefined): boolean => token?.text.startsWith('"') === true;

/** The line before this token's, where that is empty: something was there, and is not. Else this token's own. */
const orTheEmptyOne = (token: Token, before: Token | undefined): number =>
  token.firstInLine && before && token.line - before.line > 1 ? token.line - 1 : token.line;

/**
 * Where a text that holds one thing a line leaves that layout: a bracket that closes in the wrong place or is followed by something, a line
 * that stands further out than what it is in, or that begins with no name inside braces. Undefined where the layout holds, or where there is
 * none.
 */
const layoutBreaks = (text: string, tokens: readonly Token[]): number | undefined => {
  if (!/^\s*[{[]\r?\n[ \t]/.test(text)) return undefined;
  const open: { readonly line: number; readonly indent: number; readonly text: string }[] = [];
  let indent = 0;
  for (const [index, token] of tokens.entries()) {
    const before = tokens[index - 1];
    const after = tokens[index + 1];
    if (token.firstInLine) indent = token.column;
    const inner = open.at(-1);
    if (isClosing(token)) {
      if (inner?.text !== OPENED_BY[token.text]) return orTheEmptyOne(token, before);
      if (inner && inner.line !== token.line && (!token.firstInLine || token.column !== inner.indent))
        return orTheEmptyOne(token, before);
      open.pop();
      continue;
    }
    if (inner && inner.line !== token.line && token.firstInLine) {
      if (token.column <= inner.indent)
        return before && isOpening(before) && token.column === inner.indent
          ? before.line
          : orTheEmptyOne(token, before);
      if (inner.text === '{' && !isName(token)) return before?.text === ':' ? before.line : token.line;
    }
    if (isOpening(token)) {
      if (after?.line === token.line && OPENED_BY[after.text] !== token.text) return token.line;
      open.push({ line: token.line, indent, text: token.text });
    }
  }
  return undefined;
};

/** What is missing was to stand where the token before ends; everything else is where it is found. */
const MISSING_BEFORE: readonly string[] = ['CommaExpected', 'ColonExpected', 'PropertyNameExpected', 'ValueExpected'];

/** The line of the parser's first error, or the one where what it misses was to stand. */
const lineOf = (first: ParseError, tokens: readonly Token[]): number | undefined => {
  const at = tokens.findLastIndex(({ offset }) => offset <= first.offset);
  const found = tokens[at];
  const before = tokens[at - 1];
  if (!found) return undefined;
  if (!before || !MISSING_BEFORE.includes(printParseErrorCode(first.error))) return found.line;
  // A colon after a value: that value is the name of its line, and what is missing was to stand in the line before.
  if (found.text === ':' && before.firstInLine && isName(before)) return before.line - 1;
  if (!found.firstInLine || found.text === ',' || found.text === ':') return found.line;
  // Nothing is missing after an opening brace or a comma but what stands there, unless the comma itself was too many.
  if (before.text === '{' || (before.text === ',' && !isClosing(found))) return orTheEmptyOne(found, before);
  return found.line - before.line > 1 ? found.line - 1 : before.line;
};

export interface Damage {
  /** from 1; undefined where nothing can be told */
  readonly line: number | undefined;
  /** what is there is in order, and then there is no more */
  readonly endsEarly: boolean;
}

/** Where a JSON text that cannot be read was most likely damaged. */
export const damageOf = (text: string): Damage => {
  const errors: ParseError[] = [];
  try {
    parse(text, errors, { disallowComments: true, allowTrailingComma: false });
  } catch {
    // Nested so deep that the parser itself gives up.
    return { line: undefined, endsEarly: false };
  }
  const [first] = errors;
  if (!first) return { line: undefined, endsEarly: false };
  const tokens = tokensBefore(text, first.offset);
  const broken = layoutBreaks(text, tokens);
  if (broken !== undefined) return { line: broken, endsEarly: false };
  const end = text.trimEnd();
  if (first.offset + first.length >= end.length) return { line: end.split('\n').length, endsEarly: true };
  return { line: lineOf(first, tokens), endsEarly: false };
};
