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
      comment: 'the whole, or what is needed before anything is planned',
      from: { path: '^(web|server)/' },
      to: { path: '^core/', pathNot: '^core/((dist|src)/(index|before-planning)|package.json)' },
    },
    {
      name: 'before-planning-is-light',
      severity: 'error',
      comment: 'the first page loads nothing of the planner',
      from: { path: '^core/src/before-planning' },
      to: { path: '^core/src/(rules|way|sequence|catalogue|chemical|build|sheet|safety|choice|plan-job)', reachable: true },
    },
    {
      name: 'early-state-by-the-light-door',
      severity: 'error',
      comment: 'one value from the whole core in what every page loads brings all of it',
      from: {
        path: '^web/src/app/(app.config|root|ui/(units.service|toast|today)|features/jobs/jobs-page|state/(bench.reducer|bench-queue|bench.effects|job.reducer|job.effects|shop.reducer|shop.effects|local-copies|merged|photo-queue))',
        pathNot: 'spec',
      },
      to: { path: '^core/(dist|src)/index', dependencyTypesNot: ['type-only'] },
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
