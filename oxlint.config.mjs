import { readdirSync } from 'node:fs';
import { CORE, CORE_INNER, UI, UI_PARTS } from './scripts/house/floors.mjs';

/** Forbids imports by pattern, with the reason shown to whoever breaks the rule. */
function noImports(files, rules) {
  return {
    files,
    // Tests may reach for what prepares them.
    excludeFiles: ['**/*.test.ts', '**/*.test.tsx'],
    rules: {
      'no-restricted-imports': ['error', { patterns: rules.map(([group, message]) => ({ group, message })) }],
    },
  };
}

const core =
  'The core is pure: it imports nothing of ours and no framework (see docs/decisions/0001-layers.md).';

const CORE_ALONE = [
  [['next', 'next/*', 'react', 'react-dom', 'sequelize', 'mariadb', 'node:*', 'fs', 'path'], core],
  [['@/app/*', '@/ui/*', '@/data/*', '@/demo/*', '**/app/**', '**/ui/**', '**/data/**', '**/demo/**'], core],
];

const WHOLE_LIBRARIES = [
  [['date-fns', '!date-fns/*'], 'Take the one function (date-fns/format): the whole is three hundred files.'],
];

/** Every spelling of a path to a folder from one, two or three folders further in. */
const pathsTo = (folder) =>
  ['..', '../..', '../../..'].flatMap((up) => [`${up}/${folder}`, `${up}/${folder}/**`]);

/** What a room of the core may not import: higher floors, and the rooms above it on its own floor. */
function aboveInCore(floor, room) {
  const floors = Object.keys(CORE);
  const rooms = CORE[floor];
  return [
    ...CORE_ALONE,
    ...floors
      .slice(floors.indexOf(floor) + 1)
      .map((above) => [
        [`@/core/${above}/**`],
        `The floor core/${floor} lies under core/${above}: the core imports downward only.`,
      ]),
    ...rooms
      .slice(rooms.indexOf(room) + 1)
      .map((above) => [
        [`@/core/${floor}/${above}/**`, ...pathsTo(above)],
        `core/${floor}/${room} lies under core/${floor}/${above}: the core imports downward only.`,
      ]),
    [
      floors.flatMap((other) => [`../../${other}/**`, `../../../${other}/**`, `../../../../${other}/**`]),
      'Another floor is named in full: @/core/….',
    ],
  ];
}

const UI_ALONE = [
  [
    ['@/app/*', '@/data/*', '@/demo/*', 'sequelize', 'mariadb'],
    'ui imports the core; data is server-only and reached through app.',
  ],
  ...WHOLE_LIBRARIES,
];

/** One way leads to a page; the kit makes it. */
const LINKS = [
  [['next/link'], 'Take PageLink (ui/kit/page-link): it asks for nothing before it is touched.'],
];

/** What a level of the interface may not import: those above it. */
const aboveInUi = (level) => [
  ...UI_ALONE,
  ...(level === 'kit' ? [] : LINKS),
  ...UI.slice(UI.indexOf(level) + 1).map((above) => [
    [`@/ui/${above}/**`, ...pathsTo(above)],
    `ui/${level} lies under ui/${above}: the interface imports downward only.`,
  ]),
];

const VIEWS = readdirSync(new URL('ui/views', import.meta.url));

/** The rules that need the types of the whole program. */
const TYPED = [
  'await-thenable',
  'no-array-delete',
  'no-base-to-string',
  'no-duplicate-type-constituents',
  'no-floating-promises',
  'no-for-in-array',
  'no-implied-eval',
  'no-misused-promises',
  'no-redundant-type-constituents',
  'no-unnecessary-type-assertion',
  'no-unsafe-argument',
  'no-unsafe-assignment',
  'no-unsafe-call',
  'no-unsafe-enum-comparison',
  'no-unsafe-member-access',
  'no-unsafe-return',
  'no-unsafe-unary-minus',
  'only-throw-error',
  'prefer-promise-reject-errors',
  'require-await',
  'restrict-plus-operands',
  'restrict-template-expressions',
  'unbound-method',
];

const asErrors = (plugin, rules) => Object.fromEntries(rules.map((rule) => [`${plugin}/${rule}`, 'error']));

export default {
  plugins: ['eslint', 'typescript', 'react', 'nextjs', 'oxc', 'import'],
  categories: { correctness: 'error' },
  options: { typeAware: true },
  ignorePatterns: [
    '.next/**',
    '.oyakata/**',
    'next-env.d.ts',
    // Plain JavaScript that browsers run as it stands, without types; the end-to-end tests run it.
    'workers/bench-worker.js',
  ],
  rules: {
    ...asErrors('typescript', [
      'ban-ts-comment',
      'consistent-type-imports',
      'no-empty-object-type',
      'no-explicit-any',
      'no-namespace',
      'no-require-imports',
      'no-unnecessary-type-constraint',
      'no-unsafe-function-type',
      'triple-slash-reference',
    ]),
    ...asErrors('eslint', [
      'no-console',
      'no-unused-expressions',
      'no-var',
      'prefer-const',
      'prefer-rest-params',
      'prefer-spread',
    ]),
    // Types count too: a circle of types is one room that pretends to be several.
    'import/no-cycle': ['error', { ignoreTypes: false }],
    // A text is read sign by sign on purpose, lists of plain text are sorted as they are.
    'typescript/no-misused-spread': 'off',
    'typescript/require-array-sort-compare': 'off',
    // Control signs are what is looked for.
    'no-control-regex': 'off',
    // The table library keeps its own state; the compiler that this warns for is not used here.
    'react/incompatible-library': 'off',
    // The bench is a page of its own: links from and to it are real ones.
    'nextjs/no-html-link-for-pages': 'off',
    // `== null` asks for null and undefined at once.
    eqeqeq: ['error', 'always', { null: 'ignore' }],
  },
  overrides: [
    { files: ['**/*.ts', '**/*.tsx'], rules: asErrors('typescript', TYPED) },
    {
      files: ['ui/**', 'app/**'],
      rules: asErrors('react', [
        'rules-of-hooks',
        'exhaustive-deps',
        'static-components',
        'use-memo',
        'void-use-memo',
        'preserve-manual-memoization',
        'immutability',
        'globals',
        'refs',
        'set-state-in-effect',
        'error-boundaries',
        'purity',
        'set-state-in-render',
        'unsupported-syntax',
      ]),
    },
    { files: ['**/*.cjs'], rules: { 'typescript/no-require-imports': 'off' } },
    { files: ['scripts/**', 'e2e/**'], rules: { 'no-console': 'off' } },
    noImports(['core/**/*.ts'], CORE_ALONE),
    ...Object.entries(CORE).flatMap(([floor, rooms]) =>
      rooms.length === 0
        ? [noImports([`core/${floor}/*.ts`], aboveInCore(floor, null))]
        : rooms.map((room) => noImports([`core/${floor}/${room}/**/*.ts`], aboveInCore(floor, room))),
    ),
    // The last ones to speak of these files, so they repeat what holds for the floor.
    ...Object.entries(CORE_INNER).flatMap(([place, rooms]) => {
      const [floor, outer] = place.split('/');
      return rooms.map((room, index) =>
        noImports(
          [`core/${place}/${room}/**/*.ts`],
          [
            ...aboveInCore(floor, outer),
            ...rooms
              .slice(index + 1)
              .map((above) => [
                pathsTo(above),
                `core/${place}/${room} lies under core/${place}/${above}: the core imports downward only.`,
              ]),
          ],
        ),
      );
    }),
    noImports(
      ['core/thread/standards/*/**/*.ts'],
      [
        ...aboveInCore('thread', 'standards'),
        [
          ['../systems', '../limits', '../parse-designation', '../index'],
          'A system of threads knows nothing of the lists that it stands in.',
        ],
      ],
    ),
    noImports(
      ['data/**/*.ts', 'demo/**/*.ts'],
      [
        [
          ['@/app/*', '@/ui/*', 'react', 'react-dom', 'next', 'next/*'],
          'data and demo know the core only, no interface.',
        ],
        ...WHOLE_LIBRARIES,
      ],
    ),
    noImports(
      ['door/**/*.ts'],
      [
        [
          ['@/*', '../*'],
          'The door knows nothing of what is behind it: it is built by itself and only passes requests on.',
        ],
      ],
    ),
    ...UI.map((level) => noImports([`ui/${level}/**/*.{ts,tsx}`], aboveInUi(level))),
    ...UI_PARTS.map((part, index) =>
      noImports(
        [`ui/parts/${part}/**/*.{ts,tsx}`],
        [
          ...aboveInUi('parts'),
          ...UI_PARTS.slice(index + 1).map((above) => [
            [`@/ui/parts/${above}/**`, ...pathsTo(above)],
            `ui/parts/${part} stands before ui/parts/${above}.`,
          ]),
        ],
      ),
    ),
    noImports(
      ['ui/views/**/*.{ts,tsx}'],
      [
        ...UI_ALONE,
        ...LINKS,
        [
          ['@/ui/views/**', ...VIEWS.flatMap(pathsTo)],
          'A view takes nothing from another: what both need is a part.',
        ],
      ],
    ),
    noImports(['ui/test/**/*.{ts,tsx}'], UI_ALONE),
    noImports(['app/**/*.{ts,tsx}'], LINKS),
  ],
};
