const swc = { '^.+\\.ts$': ['@swc/jest', { jsc: { target: 'es2022', parser: { syntax: 'typescript' } } }] };
const fromSource = { '^@lift-bare/core$': '<rootDir>/../core/src/index.ts' };

/** Node projects compile with swc; the web project with the Angular preset on the built core. */
export default {
  // A busy machine is several times slower than a quiet one: what is right there late is right.
  testTimeout: 60_000,
  projects: [
    {
      displayName: 'core',
      rootDir: 'core',
      testEnvironment: 'node',
      transform: { ...swc, 'node_modules/three/.+\\.js$': ['@swc/jest', { jsc: { target: 'es2022' }, module: { type: 'commonjs' } }] },
      transformIgnorePatterns: ['node_modules/(?!three/)'],
      testMatch: ['**/*.spec.ts'],
    },
    { displayName: 'server', rootDir: 'server', testEnvironment: 'node', transform: swc, testMatch: ['**/*.spec.ts'], moduleNameMapper: fromSource },
    {
      displayName: 'web',
      rootDir: 'web',
      preset: 'jest-preset-angular',
      setupFilesAfterEnv: ['<rootDir>/jest.setup.ts'],
      testMatch: ['<rootDir>/src/**/*.spec.ts'],
      transform: {
        '^.+\\.(ts|js|mjs|html|svg)$': [
          'jest-preset-angular',
          { tsconfig: '<rootDir>/tsconfig.spec.json', stringifyContentPathRegex: '\\.(html|svg)$' },
        ],
      },
      transformIgnorePatterns: ['node_modules/(?!(.*\\.mjs$|@lift-bare|@angular|@ngrx|ng-zorro-antd|date-fns))'],
    },
  ],
};
