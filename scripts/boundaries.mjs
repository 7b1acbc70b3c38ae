import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { cruise } from 'dependency-cruiser';
import { longFunctions } from './functionLengths.mjs';
import { ROOT } from './toolbox.mjs';

// Folders of core in the order in which they may know each other: a stage may import what stands before it, never after it.
const ORDER = [
  'source',
  'result',
  'steps',
  'units',
  'squaring',
  'weighing',
  'sections',
  'frame-analysis',
  'materials',
  'catalog',
  'project',
  'findings',
  'suspension',
  'chassis',
  'mass',
  'balance',
  'running-gear',
  'coupling',
  'strength',
  'towing',
  'body',
  'nesting',
  'fabrication',
  'coating',
  'evaluation',
  'as-built',
  'service',
  'lighting',
  'manners',
  'training',
  'starting',
  'buying',
  'drawing',
  'building',
  'solids',
  'cad',
  'wording',
  'jobs',
  'exchange',
  'demos',
  'index',
];

const coreRules = ORDER.map((folder, index) => {
  const later = folder === 'index' ? [] : ORDER.slice(index + 1);
  return {
    name: `core-${folder}-knows-only-what-is-upstream`,
    severity: 'error',
    from: { path: `^core/src/${folder}(/|\\.ts$)`, pathNot: '\\.test\\.ts$' },
    to: { path: `^core/src/(${later.join('|') || 'nothing'})(/|\\.ts$)` },
  };
});

// Folders of the page in tiers: each knows what stands in the tiers before it, none what stands after.
const WEB_TIERS = [
  ['storage', 'jobs'],
  ['fields'],
  ['drawing'],
  ['bench'],
  [
    'steps',
    'print',
    'trip',
    'shed',
    'starting',
    'words',
    'saw',
    'square',
    'build',
    'weigh',
    'log',
    'send',
    'lights',
    'coat',
    'papers',
    'buy',
  ],
  ['app', 'main'],
];

const webRules = WEB_TIERS.map((tier, index) => ({
  name: `web-${tier.join('-')}-knows-only-what-is-below`,
  severity: 'error',
  from: { path: `^web/src/(${tier.join('|')})(/|\\.tsx$)`, pathNot: '\\.test\\.tsx?$' },
  to: {
    path: `^web/src/(${
      WEB_TIERS.slice(index + 1)
        .flat()
        .join('|') || 'nothing'
    })(/|\\.tsx$)`,
  },
}));

const forbidden = [
  { name: 'no-cycles', severity: 'error', from: { pathNot: '\\.test\\.tsx?$' }, to: { circular: true } },
  ...coreRules,
  {
    name: 'core-only-libraries',
    comment:
      'core runs in page, worker and Node alike: no DOM library, no Node module, nothing of the other workspaces',
    severity: 'error',
    from: { path: '^core/src/', pathNot: '\\.test\\.ts$' },
    to: {
      pathNot:
        '^core/src/|node_modules/(zod|papaparse|@tarikjabiri/dxf|pure-rand|jsonc-parser|ml-matrix|highs|replicad|replicad-opencascadejs|@gltf-transform/core|@types/papaparse)/',
      dependencyTypesNot: [],
    },
  },
  {
    name: 'core-folders-through-their-index',
    severity: 'error',
    from: { path: '^core/src/([^/]+)/', pathNot: '\\.test\\.ts$' },
    to: { path: '^core/src/[^/]+/(?!index\\.ts)', pathNot: '^core/src/$1/' },
  },
  {
    name: 'web-takes-core-by-its-name',
    severity: 'error',
    from: { path: '^web/' },
    to: { path: '^(core/src|server|cli|e2e)/' },
  },
  {
    name: 'server-and-cli-apart',
    severity: 'error',
    from: { path: '^(server|cli)/' },
    to: { path: '^(web|e2e|core/src)/' },
  },
  {
    name: 'e2e-nothing-of-the-inside',
    severity: 'error',
    from: { path: '^e2e/' },
    // but for the phrases, by which pages in other languages are searched for English ones
    to: { path: '^(core|web|server|cli)/', pathNot: '^web/src/fields/language/phrasebook/' },
  },
  ...webRules,
];

const result = await cruise(['core/src', 'web/src', 'server/src', 'cli/src', 'e2e'], {
  baseDir: ROOT,
  ruleSet: { forbidden },
  validate: true,
  parser: 'swc',
  doNotFollow: { path: 'node_modules|dist' },
  exclude: { path: '/dist/' },
  tsPreCompilationDeps: true,
  enhancedResolveOptions: {
    exportsFields: ['exports'],
    conditionNames: ['import', 'types', 'node'],
    extensions: ['.ts', '.tsx', '.js', '.mjs', '.css'],
    extensionAlias: { '.js': ['.ts', '.js'] },
  },
});
const { summary } = result.output;
const least = 100;
if (summary.totalCruised < least) {
  console.error(`Only ${summary.totalCruised} modules were looked at: the boundary check does not see the code.`);
  process.exit(1);
}
for (const { rule, from, to, cycle } of summary.violations) {
  console.error(`${rule.name}: ${from} -> ${cycle?.length ? cycle.map((step) => step.name).join(' -> ') : to}`);
}
// Conversion factors stand in units/ alone.
const withoutComments = (text) => text.replace(/\/\*[\s\S]*?\*\/|\/\/.*$/gm, '');
const stray = result.output.modules
  .map(({ source }) => source)
  .filter(
    (source) =>
      /^(core|web|server|cli)\/src\/.*\.tsx?$/.test(source) && !/\.test\.tsx?$|^core\/src\/units\//.test(source),
  )
  .filter((source) =>
    /\b(0\.0254|0\.3048|25\.4|4\.448\d*|9\.80665|0\.4535\d*|6894\.\d+)\b/.test(
      withoutComments(readFileSync(join(ROOT, source), 'utf8')),
    ),
  );
for (const source of stray) console.error(`conversion factor outside core/src/units: ${source}`);
const long = longFunctions(
  ROOT,
  result.output.modules
    .map(({ source }) => source)
    .filter((source) => /^(core|web|server|cli)\/src\/.*\.tsx?$/.test(source)),
);
for (const sentence of long) console.error(sentence);
const failures = summary.violations.length + stray.length + long.length;
console.log(
  `${summary.totalCruised} modules, ${summary.totalDependenciesCruised} imports, ${failures} across a boundary`,
);
process.exit(failures > 0 ? 1 : 0);
