const common = {
  testRunner: '<rootDir>/scripts/test/runner.cjs',
  // Releases are copies of the sources.
  modulePathIgnorePatterns: ['<rootDir>/.oyakata/'],
  // A look-up of a global in the sandbox is a hundred times slower than outside; the core lives by Math.
  sandboxInjectedGlobals: ['Math', 'Number', 'Array', 'Object'],
  transform: {
    '^.+\\.m?[tj]sx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/$1', '^server-only$': '<rootDir>/scripts/empty-module.cjs' },
  transformIgnorePatterns: ['/node_modules/(?!(@tanstack|d3-[a-z-]+|internmap)/)'],
};

const config = {
  maxWorkers: '100%',
  projects: [
    {
      ...common,
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/{core,demo,app,door}/**/*.test.ts'],
    },
    {
      ...common,
      displayName: 'ui',
      testEnvironment: 'jsdom',
      testMatch: ['<rootDir>/ui/**/*.test.{ts,tsx}'],
      setupFilesAfterEnv: ['<rootDir>/ui/test/patience.ts'],
    },
    {
      ...common,
      displayName: 'machine',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/scripts/**/*.test.ts'],
    },
    { ...common, displayName: 'data', testEnvironment: 'node', testMatch: ['<rootDir>/data/**/*.test.ts'] },
  ],
};

export default config;
