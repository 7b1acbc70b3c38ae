import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** Lines that a function may have, by folder: what is longer answers more than one question. */
const MOST_LINES = { core: 100, web: 120, server: 120, cli: 120 };

/** Functions that are longer than their folder allows, as sentences. */
export const longFunctions = (root, sources) =>
  sources.flatMap((source) => {
    const most = MOST_LINES[source.split('/')[0]];
    if (most === undefined || /\.(test|testkit)\.tsx?$/.test(source)) return [];
    const file = ts.createSourceFile(
      source,
      readFileSync(join(root, source), 'utf8'),
      ts.ScriptTarget.Latest,
      true,
      source.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
    );
    const found = [];
    const lineOf = (position) => file.getLineAndCharacterOfPosition(position).line;
    const visit = (node) => {
      if (ts.isFunctionLike(node) && node.body) {
        const lines = lineOf(node.end) - lineOf(node.getStart()) + 1;
        if (lines > most)
          found.push(`${source}:${lineOf(node.getStart()) + 1} a function of ${lines} lines, at most ${most}`);
      }
      ts.forEachChild(node, visit);
    };
    visit(file);
    return found;
  });
