const { rmSync } = require('node:fs');

module.exports = async () => {
  await globalThis.testDatabase.stop();
  rmSync(globalThis.testDatabase.dataDir, { recursive: true, force: true });
};
