import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { type IncomingHttpHeaders } from 'node:http';
import { request } from 'node:https';
import { type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PASSWORD, startApplication, type TestApplication } from './application';

const folder = mkdtempSync(join(tmpdir(), 'sprout-tls-'));
let application: TestApplication;
let ca: Buffer;

beforeAll(async () => {
  const [cert, key] = ['cert.pem', 'key.pem'].map((name) => join(folder, name)) as [string, string];
  const subject = ['-subj', '/CN=localhost', '-addext', 'subjectAltName=IP:127.0.0.1'];
  const made = ['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-keyout', key, '-out', cert, ...subject];
  execFileSync('openssl', made, { stdio: 'ignore' });
  ca = readFileSync(cert);
  application = await startApplication({ tls: { cert: ca, key: readFileSync(key) }, secureCookies: true });
  await application.app.listen(0, '127.0.0.1');
});
afterAll(async () => {
  await application.close();
  rmSync(folder, { recursive: true });
});

function ask(method: string, path: string, body?: object): Promise<{ status: number; headers: IncomingHttpHeaders }> {
  const { port } = application.server.address() as AddressInfo;
  const headers = { 'content-type': 'application/json' };
  return new Promise((resolve, reject) => {
    const sent = request(`https://127.0.0.1:${port}${path}`, { method, headers, ca }, (answer) => {
      answer.resume();
      resolve({ status: answer.statusCode!, headers: answer.headers });
    });
    sent.once('error', reject).end(body && JSON.stringify(body));
  });
}

test('with a certificate it serves HTTPS itself, with cookies that go nowhere else', async () => {
  expect((await ask('GET', '/api/health')).status).toBe(200);
  const first = { schoolName: 'Weir School', name: 'Room 3', email: 'one@weir.example', password: PASSWORD };
  const { status, headers } = await ask('POST', '/api/v1/teachers/first', first);
  expect([status, headers['set-cookie']![0]]).toEqual([201, expect.stringContaining('Secure')]);
  expect(headers['strict-transport-security']).toBeDefined();
});
