import next from '@next/eslint-plugin-next';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Forbids imports by pattern, with the reason shown to whoever breaks the rule. */
function noImports(files, rules) {
  return {
    files,
    ignores: ['**/*.test.ts', '**/*.test.tsx'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        { patterns: rules.map(([group, message]) => ({ group, message })) },
      ],
    },
  };
}

const core =
  'The core is pure: it imports nothing of ours and no framework (see docs/decisions/0001-layers.md).';

const CORE_ALONE = [
  [['next', 'next/*', 'react', 'react-dom', 'sequelize', 'mariadb', 'node:*', 'fs', 'path'], core],
  [['@/app/*', '@/ui/*', '@/data/*', '@/demo/*', '**/app/**', '**/ui/**', '**/data/**', '**/demo/**'], core],
];

/** The folders of the core from the bottom: each may import those before it. */
const CORE_FOLDERS = [
  'errors',
  'json',
  'documents',
  'units',
  'people',
  'explain',
  'thread',
  'geometry',
  'tool',
  'gauging',
  'depth',
  'compound',
  'bore',
  'nut',
  'identify',
  'slip',
  'gearing',
  'thread-dial',
  'lathe',
  'shop',
  'book',
  'groove',
  'cut',
  'technique',
  'force',
  'blank',
  'schedule',
  'bears',
  'fault',
  'fair',
  'gauge-line',
  'proof',
  'stops',
  'worksheet',
  'plan',
  'practice',
  'sheet',
  'record',
  'marking',
  'board',
  'calc',
  'tables',
  'formats',
  'test',
];

export default tseslint.config(
  {
    ignores: [
      '.next/**',
      '.oyakata/**',
      'node_modules/**',
      'next-env.d.ts',
      // Plain JavaScript that browsers run as it stands, without types; the end-to-end tests run it.
      'workers/bench-worker.js',
      // Frozen: what version 1 derived, for its migration.
      'data/migrations/version-1/derive.ts',
    ],
  },
  ...tseslint.configs.recommendedTypeChecked,
  { languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } } },
  { ...hooks.configs.flat.recommended, files: ['ui/**', 'app/**'] },
  next.configs['core-web-vitals'],
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      // `== null` asks for null and undefined at once.
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'no-console': 'error',
      // The table library keeps its own state; the compiler that this warns for is not used here.
      'react-hooks/incompatible-library': 'off',
    },
  },
  { files: ['scripts/**', 'e2e/**'], rules: { 'no-console': 'off' } },
  { files: ['**/*.mjs', '**/*.cjs'], ...tseslint.configs.disableTypeChecked },
  noImports(['core/**/*.ts'], CORE_ALONE),
  ...CORE_FOLDERS.map((folder, index) =>
    noImports(
      [`core/${folder}/**/*.ts`],
      [
        ...CORE_ALONE,
        ...CORE_FOLDERS.slice(index + 1).map((above) => [
          [`@/core/${above}`, `../${above}`, `../../${above}`].flatMap((path) => [path, `${path}/**`]),
          `core/${folder} lies under core/${above}: the core imports downward only.`,
        ]),
      ],
    ),
  ),
  // The last one to speak of these files, so it repeats what holds for the folder.
  noImports(
    ['core/thread/*/**/*.ts'],
    [
      ...CORE_ALONE,
      [
        ['../systems', '../limits', '../parse-designation', '../index'],
        'A system of threads knows nothing of the lists that it stands in.',
      ],
      [
        CORE_FOLDERS.slice(CORE_FOLDERS.indexOf('thread') + 1).flatMap((above) => [
          `../../${above}`,
          `../../${above}/**`,
        ]),
        'core/thread lies near the bottom: the core imports downward only.',
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
  noImports(
    ['ui/**/*.{ts,tsx}'],
    [
      [
        ['@/app/*', '@/data/*', '@/demo/*', 'sequelize', 'mariadb'],
        'ui imports the core; data is server-only and reached through app.',
      ],
    ],
  ),
);
