const swc = { '^.+\\.ts$': ['@swc/jest', { jsc: { target: 'es2022', parser: { syntax: 'typescript' } } }] };

/** Node projects compile with swc; the web project with the Angular preset. */
export default {
  projects: [
    { displayName: 'core', rootDir: 'core', testEnvironment: 'node', transform: swc, testMatch: ['**/*.spec.ts'] },
    {
      displayName: 'server', rootDir: 'server', testEnvironment: 'node', transform: swc, testMatch: ['**/*.spec.ts'],
      moduleNameMapper: { '^@lift-bare/core$': '<rootDir>/../core/src/index.ts' },
    },
  ],
};
