/** The same arrows as in eslint.config.mjs, checked on resolved files, plus those that patterns cannot see. */
const rule = (name, from, to) => ({ name, severity: 'error', from, to });

module.exports = {
  forbidden: [
    // Two entities name each other where a relation has two sides; nothing else may.
    rule('no-cycles', { pathNot: '\\.entity\\.ts$' }, { circular: true }),
    { ...rule('no-cycles-between-folders-of-core', { path: '^packages/core/src' }, { circular: true }), scope: 'folder' },
    rule('words-stand-alone', { path: '^packages/words/src' }, { path: '^(packages/(core|contracts)|apps)/' }),
    rule('core-stands-alone', { path: '^packages/core/src' }, { path: '^(packages/contracts|apps)/' }),
    rule('contracts-know-only-core', { path: '^packages/contracts/src' }, { path: '^apps/' }),
    rule('web-never-imports-server', { path: '^apps/web' }, { path: '^apps/server' }),
    rule('server-never-imports-web', { path: '^apps/server' }, { path: '^apps/web' }),
    rule(
      'a-station-imports-no-other-room',
      { path: '^apps/web/src/stations/([^/]+)/' },
      { path: '^apps/web/src/(stations|front|team)/', pathNot: '^apps/web/src/stations/$1/' },
    ),
    rule(
      'a-room-imports-no-other-room',
      { path: '^apps/web/src/(front|team)/([^/]+)/' },
      { path: '^apps/web/src/(stations|front|team)/', pathNot: '^apps/web/src/$1/$2/' },
    ),
    rule(
      'shared-pieces-import-no-room',
      { path: '^apps/web/src/(?!stations|front|team)[^/]+/' },
      { path: '^apps/web/src/(stations|front|team)/' },
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|node_modules)/|\\.test\\.tsx?$' },
    tsConfig: { fileName: 'tsconfig.tests.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'] },
  },
};
