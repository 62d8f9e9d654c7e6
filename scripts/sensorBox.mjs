#!/usr/bin/env node
// A simulated sensor box that speaks HTTP: GET /now answers with what it reads at this moment. A real one can take its place.
import { createServer } from 'node:http';

const DAY_MS = 86_400_000;
/** The same clock as the application's, where that was set. */
const ahead = process.env.SPROUT_NOW ? Date.parse(process.env.SPROUT_NOW) - Date.now() : 0;

/** A room through a day: warm and light at noon, soil that dries until it is watered every third day. */
function now(at = Date.now() + ahead) {
  const hour = (at % DAY_MS) / 3_600_000;
  const sun = Math.max(0, Math.sin(((hour - 6) / 12) * Math.PI));
  const flicker = Math.sin(at / 61_000) * 0.3;
  return {
    at: new Date(at).toISOString(),
    temperature: Number((17 + 4 * sun + flicker).toFixed(1)),
    light: Math.round(40 + 2600 * sun),
    moisture: Number((38 - 7 * ((at % (3 * DAY_MS)) / DAY_MS) + flicker).toFixed(1)),
    ph: Number((6.4 + flicker / 10).toFixed(2)),
  };
}

const server = createServer((request, response) => {
  const known = request.method === 'GET' && request.url === '/now';
  response.writeHead(known ? 200 : 404, { 'content-type': 'application/json' });
  response.end(JSON.stringify(known ? now() : { error: 'Ask for /now.' }));
});

server.listen(Number(process.env.SENSOR_PORT ?? 4320), '127.0.0.1', () => process.send?.('ready'));
for (const end of ['SIGINT', 'SIGTERM', 'disconnect']) process.on(end, () => process.exit(0));
