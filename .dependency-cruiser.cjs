/** Who may import whom. */
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'core: zod, a seeded generator, sums with dates, and itself',
      from: { path: '^core/src', pathNot: 'spec' },
      to: { pathNot: ['^core/src', 'node_modules/(zod|pure-rand|date-fns)'] },
    },
    { name: 'server-not-web', severity: 'error', from: { path: '^server/src' }, to: { path: '^web/' } },
    { name: 'web-not-server', severity: 'error', from: { path: '^web/src' }, to: { path: '^server/' } },
    {
      name: 'core-by-its-door',
      severity: 'error',
      from: { path: '^(web|server)/' },
      to: { path: '^core/', pathNot: '^core/(dist/index|src/index|package.json)' },
    },
    {
      name: 'features-apart',
      severity: 'error',
      from: { path: '^web/src/app/features/([^/]+)/' },
      to: { path: '^web/src/app/features/', pathNot: '^web/src/app/features/$1/' },
    },
    { name: 'ui-knows-no-feature', severity: 'error', from: { path: '^web/src/app/(ui|state|api)/' }, to: { path: '^web/src/app/features/' } },
  ],
  options: {
    doNotFollow: { path: 'node_modules|dist' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.tests.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types'] },
  },
};
