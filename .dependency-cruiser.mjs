/** The layer arrows of docs/architecture.md. */
const coreOrder = [
  'money',
  'rates',
  'annuity',
  'table',
  'case',
  'statement',
  'exercise',
  'texts',
  'working',
  'checking',
  'marking',
  'papers',
  'sheet',
  'studentSheet',
  'starters',
];

const coreRules = coreOrder.map((folder, at) => ({
  name: `core-${folder}-imports-only-earlier`,
  severity: 'error',
  from: { path: `^packages/core/src/${folder}/` },
  to: {
    // Working and checking stand side by side: neither imports the other.
    path: `^packages/core/src/(${(folder === 'working' ? ['checking', ...coreOrder.slice(at + 1)] : folder === 'checking' ? ['working', ...coreOrder.slice(at + 1)] : coreOrder.slice(at + 1)).join('|') || 'none'})/`,
  },
}));

const only = (name, from, to) => ({ name, severity: 'error', from: { path: from }, to: { path: to } });

export default {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...coreRules,
    only('core-stands-alone', '^packages/core/src', '^packages/(contract|files|server|web)/|^node_modules/|^node:'),
    only('contract-knows-core-only', '^packages/contract/src', '^packages/(files|server|web)/'),
    only('files-know-core-and-contract', '^packages/files/src', '^packages/(server|web)/'),
    only('server-not-web', '^packages/server/src', '^packages/web/'),
    only('web-not-server', '^packages/web/src', '^packages/server/'),
    only('routes-not-store-queries', '^packages/server/src/routes/', '^packages/server/src/store/(?!database)'),
    only('services-not-routes', '^packages/server/src/services/', '^packages/server/src/routes/'),
    only('store-knows-neither', '^packages/server/src/store/', '^packages/server/src/(routes|services)/'),
    only('words-stand-alone', '^packages/web/src/words/', '^packages/web/src/(?!words/)'),
    only('ui-stands-alone', '^packages/web/src/ui/', '^packages/web/src/(api|statement|working|features|app)/'),
    only(
      'help-knows-ui-only',
      '^packages/web/src/help/',
      '^packages/web/src/(api|statement|working|student|features|app)/',
    ),
    only('ui-not-help', '^packages/web/src/ui/', '^packages/web/src/help/'),
    only('api-knows-ui-only', '^packages/web/src/api/', '^packages/web/src/(statement|working|features|app)/'),
    only('statement-not-working', '^packages/web/src/statement/', '^packages/web/src/(working|features|app)/'),
    only('working-not-features', '^packages/web/src/working/', '^packages/web/src/(features|app)/'),
    only('student-not-features', '^packages/web/src/student/', '^packages/web/src/(features|app)/'),
    only('features-not-app', '^packages/web/src/features/', '^packages/web/src/app/'),
    {
      name: 'features-apart',
      severity: 'error',
      from: { path: '^packages/web/src/features/([^/]+)/' },
      to: { path: '^packages/web/src/features/', pathNot: '^packages/web/src/features/$1/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|test|drizzle)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
