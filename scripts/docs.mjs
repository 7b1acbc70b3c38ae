import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';
import { CACHE, ROOT } from './toolbox.mjs';

// docs/verification.md from the figures that the tests wrote down, docs/project.schema.json from the schema itself.
// With --check nothing is written; a document that differs fails.
const checkOnly = process.argv.includes('--check');
const { projectSchema, RULEBOOK, sourceText } = await import('../core/dist/index.js');

const entries = () => {
  const folder = join(CACHE, 'verification');
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .sort((a, b) => (a < b ? -1 : 1))
    .flatMap((file) =>
      readFileSync(join(folder, file), 'utf8')
        .trim()
        .split('\n')
        .filter(Boolean)
        .map((line) => JSON.parse(line)),
    );
};

const significant = (value, digits) => {
  if (value === 0) return '0';
  const size = Math.floor(Math.log10(Math.abs(value)));
  return Math.abs(size) > 6 ? value.toExponential(digits - 1) : value.toFixed(Math.max(0, digits - 1 - size));
};
const difference = ({ ours, outside }) => {
  const theirs = Number(outside);
  if (theirs === 0) return Math.abs(ours) < 1e-9 ? '0' : significant(ours, 2);
  const percent = (100 * (ours - theirs)) / Math.abs(theirs);
  return Math.abs(percent) < 0.005 ? '0.00 %' : `${percent > 0 ? '+' : ''}${percent.toFixed(2)} %`;
};

const verificationPage = () => {
  const all = entries();
  const areas = [...new Set(all.map(({ area }) => area))];
  const tables = areas.map((area) => {
    const rows = all
      .filter((entry) => entry.area === area)
      .map(
        (entry) =>
          `| ${entry.check} | ${significant(entry.ours, 5)} | ${entry.outside} | ${entry.unit} | ${difference(entry)} | ${entry.source}${entry.note ? `; ${entry.note}` : ''} |`,
      );
    return `## ${area}\n\n| check | ours | outside | unit | difference | source |\n|---|---|---|---|---|---|\n${rows.join('\n')}\n`;
  });
  return `# Verification

Made by \`npm run docs\` from the figures that the tests wrote down when they ran; do not edit.

Published values were recalled, not re-read from their source. Where a published row leaves something open (a fillet radius, a
rounding), the note says so and the tolerance is wider.

${all.length} figures of ours against figures from outside.

${tables.join('\n')}`;
};

const schemaPage = () =>
  `${JSON.stringify({ title: 'Kereta project file', ...z.toJSONSchema(projectSchema) }, undefined, 2)}\n`;

const cell = (text) => text.replaceAll('|', '\\|');
const rulesPage = () => {
  const tables = RULEBOOK.map(
    ({ stage, rules }) =>
      `## ${stage}\n\n| finding | asked against allowed | holds for | source |\n|---|---|---|---|\n${rules
        .map(
          ({ code, formula, holds, source, tightFrom }) =>
            `| \`${code}\` | ${cell(formula)}${tightFrom === undefined ? '' : `; tight from ${Math.round(100 * tightFrom)} %`} | ${cell(holds)} | ${cell(sourceText(source))} |`,
        )
        .join('\n')}\n`,
  );
  const count = RULEBOOK.reduce((sum, { rules }) => sum + rules.length, 0);
  return `# Methods: the rules

Made by \`npm run docs\` from the rules that the program itself goes by (\`core/src/*/rules.ts\`); do not edit.

Values and rules marked *from memory* were written from knowledge of the named source, not re-read. Where a rule differs by region, metal or clause, the finding
names the source that governed it. How the figures come about that are compared here: [workings](workings.md).

Every finding is made from its rule by one function (\`core/src/findings/check.ts\`), which derives verdict, utilisation, the last line of the working and the finding's
identity. Tight from 70 % of what is allowed, unless the rule says otherwise; over 100 % means past the allowance, which is not yet "bends".

${count} rules.

${tables.join('\n')}`;
};

const documents = [
  ['docs/methods.md', rulesPage()],
  ['docs/verification.md', verificationPage()],
  ['docs/project.schema.json', schemaPage()],
];
let stale = 0;
for (const [name, text] of documents) {
  const file = join(ROOT, name);
  const old = existsSync(file) ? readFileSync(file, 'utf8') : '';
  if (old === text) continue;
  if (checkOnly) {
    stale += 1;
    console.error(`${name} is not what the code makes: run npm run unit, then npm run docs, and commit it.`);
  } else {
    writeFileSync(file, text);
    console.log(`${name} written`);
  }
}
process.exitCode = stale > 0 ? 1 : 0;
