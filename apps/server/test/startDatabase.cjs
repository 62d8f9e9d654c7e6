const { mkdtempSync } = require('node:fs');
const { tmpdir } = require('node:os');
const { join } = require('node:path');

/** One temporary MariaDB for all server tests; each test file makes its own database in it. */
module.exports = async () => {
  const { startMariadb, freePort } = await import('../../../scripts/mariadb.mjs');
  const dataDir = mkdtempSync(join(tmpdir(), 'sprout-test-'));
  const database = await startMariadb({ dataDir, port: await freePort() });
  process.env.TEST_DATABASE_SERVER = database.url('');
  globalThis.testDatabase = { ...database, dataDir };
};
