import js from '@eslint/js';
import angular from 'angular-eslint';
import globals from 'globals';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/dist/', '**/node_modules/', '**/.angular/', 'data/', 'test-results/'] },
  js.configs.recommended,
  { files: ['**/*.mjs', '**/*.js', '**/*.cjs'], languageOptions: { globals: globals.node } },
  { files: ['tools/bench.mjs'], languageOptions: { globals: globals.browser } },
  { files: ['web/public/sw.js'], languageOptions: { globals: globals.serviceworker } },
  {
    files: ['**/*.ts'],
    extends: [...tseslint.configs.recommended, ...tseslint.configs.stylistic],
    rules: {
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports', prefer: 'type-imports' }],
      '@typescript-eslint/no-explicit-any': 'error',
      'max-lines': ['error', { max: 400, skipBlankLines: true }],
    },
  },
  {
    files: ['web/src/**/*.ts'],
    extends: [...angular.configs.tsRecommended],
    rules: {
      '@angular-eslint/component-selector': ['error', { type: 'element', prefix: 'lb', style: 'kebab-case' }],
      '@angular-eslint/component-class-suffix': 'off',
      '@angular-eslint/prefer-on-push-component-change-detection': 'error',
    },
  },
  { files: ['web/src/app/state/*.ts'], rules: { '@typescript-eslint/consistent-type-definitions': 'off' } },
  { files: ['web/src/**/*.html'], extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility], rules: {} },
);
