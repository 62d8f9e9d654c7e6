/** The same arrows as in eslint.config.mjs, checked on resolved files, plus two that patterns cannot see. */
const rule = (name, from, to) => ({ name, severity: 'error', from, to });

module.exports = {
  forbidden: [
    // Two entities name each other where a relation has two sides; nothing else may.
    rule('no-cycles', { pathNot: '\\.entity\\.ts$' }, { circular: true }),
    rule('core-stands-alone', { path: '^packages/core/src' }, { path: '^(packages/contracts|apps)/' }),
    rule('contracts-know-only-core', { path: '^packages/contracts/src' }, { path: '^apps/' }),
    rule('web-never-imports-server', { path: '^apps/web' }, { path: '^apps/server' }),
    rule('server-never-imports-web', { path: '^apps/server' }, { path: '^apps/web' }),
    rule(
      'a-view-imports-no-other-view',
      { path: '^apps/web/src/views/([^/]+)/' },
      { path: '^apps/web/src/views/', pathNot: '^apps/web/src/views/$1/' },
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|node_modules)/' },
    tsConfig: { fileName: 'tsconfig.tests.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'] },
  },
};
