import { test as base } from '@playwright/test';
import { demoPort } from './startApplication';

/** A test beside the server of its own process, so that two files never meet in one database. */
export const test = base.extend({
  baseURL: async ({}, use, info) => use(`http://127.0.0.1:${demoPort(info.parallelIndex)}`),
});
