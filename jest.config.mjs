const transform = {
  '^.+\\.(t|j)sx?$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true },
        target: 'es2022',
        transform: { react: { runtime: 'automatic' } },
      },
    },
  ],
};
const shared = {
  transform,
  testEnvironment: 'node',
  // Forms are tested in jsdom (a first line of their file says so) with the packages that Node takes.
  testEnvironmentOptions: { customExportConditions: ['node', 'node-addons'] },
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '^canonicalize$': '<rootDir>/node_modules/canonicalize/lib/canonicalize.js',
  },
  transformIgnorePatterns: [
    '/node_modules/(?!(@noble|canonicalize|uuid|better-auth|@better-auth|jose|nanostores|better-call|rou3|defu|kysely|uncrypto|double-metaphone|@plussub|zod|p-limit|yocto-queue)/)',
  ],
};
export default {
  testTimeout: 120_000,
  projects: [
    {
      ...shared,
      displayName: 'core',
      testMatch: [
        '<rootDir>/src/{core,words,entry,report,ui,screens,instruments,workers}/**/*.test.{ts,tsx}',
        '<rootDir>/demo/**/*.test.ts',
      ],
    },
    {
      ...shared,
      displayName: 'server',
      testMatch: ['<rootDir>/src/{data,server,app}/**/*.test.ts', '<rootDir>/bin/**/*.test.ts'],
    },
  ],
};
