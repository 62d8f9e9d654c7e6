// The demo's sign-ins, read from the built server so that they are written down once.
import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);
require('reflect-metadata');
const { DEMO_CLASSES, DEMO_EMBLEMS, DEMO_TEACHER } = require('../apps/server/dist/demo/demoScenario.js');
const { demoPins } = require('../apps/server/dist/demo/loadDemo.js');

export const demoTeacher = DEMO_TEACHER;

/** Class code, emblems and PINs of each demo class. */
export const demoTeams = DEMO_CLASSES.map((c) => ({
  name: c.name,
  joinCode: c.joinCode,
  pins: Object.fromEntries(demoPins(c).map((pin, i) => [DEMO_EMBLEMS[i], pin])),
}));

export function signIns(url) {
  const [first] = demoTeams;
  const pins = Object.entries(first.pins)
    .map(([emblem, pin]) => `${emblem} ${pin}`)
    .join(', ');
  return [
    `Demo teacher:  ${demoTeacher.email}  password ${demoTeacher.password}`,
    `Demo teams:    ${url}/join  class code ${first.joinCode} (${first.name}); PINs: ${pins}`,
  ].join('\n');
}
