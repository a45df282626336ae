// Which folder may know which. A broken rule is answered by moving the code, not the rule.
const station =
  '(readers|understanding|gathering|drafting|checks|sets|learning|fitting|handing-over|writers|reading-back|results)';

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    {
      name: 'no-cycles',
      severity: 'error',
      comment:
        'A cycle means that two files are one; types count, since they tie the files together as well.',
      from: {},
      to: { circular: true },
    },
    {
      name: 'stations-meet-in-pipeline',
      severity: 'error',
      comment:
        'A station hands on data. Only pipeline knows how one follows the other, so that each can be read, tested and replaced alone.',
      from: { path: `^src/core/${station}/` },
      // What a table means is asked by both roads while they read it; they know the station by its door alone.
      to: {
        path: `^src/core/(${station}|pipeline)/`,
        pathNot: ['^src/core/$1/', '^src/core/understanding/index.ts$'],
      },
    },
    {
      name: 'only-two-roads-ask-what-a-table-means',
      severity: 'error',
      comment:
        'Gathering and learning ask the understanding; whoever else needs it goes through the pipeline.',
      from: {
        path: `^src/core/${station}/`,
        pathNot: '^src/core/(understanding|gathering|learning)/',
      },
      to: { path: '^src/core/understanding/' },
    },
    {
      name: 'model-imports-nothing-of-ours',
      severity: 'error',
      comment: 'The model is what all agree on; it depends on no one.',
      from: { path: '^src/core/model/' },
      to: { path: '^src/', pathNot: '^src/core/model/' },
    },
    {
      name: 'shared-knows-no-station',
      severity: 'error',
      comment: 'A helper that knows a station belongs to that station.',
      from: { path: '^src/core/shared/' },
      to: { path: '^src/', pathNot: '^src/core/(shared|model)/' },
    },
    {
      name: 'core-stands-alone',
      severity: 'error',
      comment: 'The core runs in a page, a worker and a server alike, so it leans on none of them.',
      from: { path: '^src/core/' },
      to: { path: '^src/(islands|workers|store|server|pages|stand-ins)/' },
    },
    {
      name: 'core-uses-no-surroundings',
      severity: 'error',
      comment:
        'React, IndexedDB and Node are surroundings; what the core needs of them is handed in.',
      from: { path: '^src/core/' },
      to: {
        path: 'node_modules/(react|react-dom|idb|comlink|astro|@mantine)/|^node:',
        dependencyTypesNot: ['type-only'],
      },
    },
    {
      name: 'no-place-knows-another',
      severity: 'error',
      comment:
        'A place can be left out, or fail to load, without the others noticing; what two of them show is a part, what two of them know is state.',
      from: { path: '^src/islands/(gather|draft|bank|sets|layouts|hand-over|rehearse|results)/' },
      to: {
        path: '^src/islands/(gather|draft|bank|sets|layouts|hand-over|rehearse|results|app)/',
        pathNot: '^src/islands/$1/',
      },
    },
    {
      name: 'reading-back-is-independent',
      severity: 'error',
      comment:
        'What proves a file may share nothing with what wrote it but the model and plain helpers.',
      from: { path: '^src/core/reading-back/' },
      to: { path: '^src/core/(fitting|writers|learning|gathering)/' },
    },
    {
      name: 'stand-ins-share-no-road',
      severity: 'error',
      comment: 'A receiver that checks a file must not be made of what it checks.',
      from: { path: '^src/stand-ins/' },
      to: { path: '^src/', pathNot: '^src/(stand-ins|core/model)/' },
    },
    {
      name: 'islands-leave-work-to-workers',
      severity: 'error',
      comment: 'Heavy work on the page blocks it. Types, the model and small helpers may cross.',
      from: { path: '^src/islands/' },
      to: { path: `^src/core/(${station}|pipeline)/`, dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'server-and-islands-apart',
      severity: 'error',
      comment: 'The server answers scripts; the page talks to its worker.',
      from: { path: '^src/islands/' },
      to: { path: '^src/server/' },
    },
    {
      name: 'only-workers-and-server-run-the-pipeline',
      severity: 'error',
      comment: 'Two doors to the core are enough to keep an eye on.',
      from: { path: '^src/', pathNot: '^src/(core/pipeline|workers|server)/|\\.test\\.ts$' },
      to: { path: '^src/core/pipeline/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'no-development-packages',
      severity: 'error',
      comment: 'What ships may not lean on what is only installed for development.',
      from: { path: '^src/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['npm-dev'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.ts$' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'browser', 'default'],
    },
  },
};
