import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';
import { CACHE, ROOT } from './toolbox.mjs';

// docs/verification.md from the figures that the tests wrote down, docs/project.schema.json from the schema itself.
// With --check nothing is written; a document that differs fails.
const checkOnly = process.argv.includes('--check');
const { projectSchema } = await import('../core/dist/index.js');

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

const documents = [
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
