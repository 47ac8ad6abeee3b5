/** Floors of the house and the rooms of the core: what may import what, and no circles. */
const WORKSPACES = ['core', 'words', 'contract', 'server', 'app'];
const MAY_USE = {
  core: [],
  words: ['core'],
  contract: ['core'],
  server: ['core', 'words', 'contract'],
  app: ['core', 'words', 'contract'],
};
/** Rooms of the core from the ground up: each may use those before it. */
const ROOMS = [
  'quantity',
  'profile',
  'gear',
  'bit',
  'material',
  'tool',
  'machine',
  'mechanics',
  'setting',
  'operation',
  'plan',
  'compare',
  'learn',
  'cost',
  'inventory',
  'identify',
  'rescue',
  'choose',
  'solid',
  'grind',
  'wheel',
  'form',
];
const TESTS = '\\.(test|fixture)\\.tsx?$|/fixture\\.ts$';

const floor = (name) => ({
  name: `floor-${name}`,
  severity: 'error',
  comment: `${name} may import ${MAY_USE[name].join(', ') || 'no other workspace'}: imports only go down.`,
  from: { path: `^${name}/src/`, pathNot: TESTS },
  to: { path: `^(${WORKSPACES.filter((one) => one !== name && !MAY_USE[name].includes(one)).join('|')})/` },
});

const room = (name, i) => ({
  name: `room-${name}`,
  severity: 'error',
  comment: `In the core ${name} uses only what lies below it.`,
  from: { path: `^core/src/${name}/`, pathNot: TESTS },
  to: { path: `^core/src/(${ROOMS.slice(i + 1).join('|')})/` },
});

export default {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...WORKSPACES.map(floor),
    ...ROOMS.slice(0, -1).map(room),
    {
      name: 'family-knows-no-operation',
      severity: 'error',
      comment: 'What several operations share knows none of them.',
      from: { path: '^core/src/operation/family/' },
      to: { path: '^core/src/operation/(?!family)[^/]+/' },
    },
    {
      name: 'kit-knows-no-data',
      severity: 'error',
      comment: 'Kit and theme are told what to show; they do not look it up.',
      from: { path: '^app/src/(kit|theme)/', pathNot: TESTS },
      to: { path: '^app/src/(data|areas|app|workers)/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(node_modules|dist)/' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.json'],
    },
  },
};
