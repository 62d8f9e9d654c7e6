/**
 * The tests of the core alone, for tools that run them many times; with SPROUT_TESTS_OF only those of some folders of
 * `src`, since a test of everything tells late what a test of its own part tells at once.
 */
const core = require('../../jest.config.cjs').projects.find((project) => project.displayName === 'core');
const folders = (process.env.SPROUT_TESTS_OF ?? '').split(',').filter(Boolean);

core.roots = ['<rootDir>/packages/core', '<rootDir>/packages/words'];

module.exports = folders.length
  ? { ...core, testMatch: folders.map((folder) => `<rootDir>/packages/core/src/${folder}/**/*.test.ts`) }
  : core;
