import { createHash } from 'node:crypto';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FolderBlobStore } from '../src/photos/blobStore';
import { readSettings, SettingsError } from '../src/settings';

const GOOD = { DATABASE_URL: 'mariadb://sprout@127.0.0.1:3306/sprout', SPROUT_SECRET: 'ab'.repeat(32) };

describe('settings', () => {
  test('have safe values where nothing is said: this machine only, the demo, no sensor box', () => {
    expect(readSettings(GOOD)).toMatchObject({
      port: 4310,
      host: '127.0.0.1',
      databaseUrl: 'mysql://sprout@127.0.0.1:3306/sprout',
      demo: 'on',
      secureCookies: false,
      tls: null,
      trustedProxies: [],
      sensorUrl: null,
      address: null,
      startsAt: null,
      strictAnswers: false,
    });
  });

  test.each([
    [{ PORT: 'high' }, /PORT is “high”/],
    [{ PORT: '70000' }, /from 0 to 65535/],
    [{ DATABASE_URL: 'sprout.db' }, /DATABASE_URL must be an address/],
    [{ SPROUT_DEMO: 'perhaps' }, /SPROUT_DEMO is “perhaps”; it must be on, no-pictures or off/],
    [{ SPROUT_SECRET: 'short' }, /64 hexadecimal digits/],
    [{ SPROUT_NOW: 'next Thursday' }, /SPROUT_NOW is “next Thursday”/],
    [{ SPROUT_TLS_CERT: '/nowhere/cert.pem' }, /belong together/],
    [{ SPROUT_TLS_CERT: '/nowhere/cert.pem', SPROUT_TLS_KEY: '/nowhere/key.pem' }, /\/nowhere\/cert.pem, which cannot be read/],
    [{ SPROUT_SENSOR_URL: 'box' }, /SPROUT_SENSOR_URL must be an address/],
    [{ SPROUT_ADDRESS: 'our school' }, /SPROUT_ADDRESS is “our school”/],
    [{ SPROUT_ADDRESS: 'https://school.example/sprout' }, /without a path/],
    [{ SPROUT_SENSOR_URL: 'file:///etc' }, /SPROUT_SENSOR_URL must be an address/],
  ])('%j is refused with a sentence', (change, sentence) => {
    expect(() => readSettings({ ...GOOD, ...change })).toThrow(SettingsError);
    expect(() => readSettings({ ...GOOD, ...change })).toThrow(sentence);
  });
});

describe('pictures on the disk', () => {
  const folder = mkdtempSync(join(tmpdir(), 'sprout-blobs-'));
  const store = new FolderBlobStore(folder);
  afterAll(() => rmSync(folder, { recursive: true }));

  test('lie under their hash, once, and nothing half written stays', async () => {
    const content = Buffer.from('a green patch');
    const hashes = await Promise.all([store.put(content), store.put(content), store.put(content)]);
    expect(new Set(hashes)).toEqual(new Set([createHash('sha256').update(content).digest('hex')]));
    expect(readdirSync(join(folder, hashes[0]!.slice(0, 2)))).toEqual([hashes[0]]);
    expect(await store.get(hashes[0]!)).toEqual(content);
  });

  test('what is needed again once it was put aside is put back', async () => {
    const hash = await store.put(Buffer.from('a leaf'));
    const needed = [false, true];
    await store.remove(hash, () => Promise.resolve(needed.shift()!));
    expect(needed).toEqual([]);
    expect((await store.get(hash))!.toString()).toBe('a leaf');
    await store.remove(hash, () => Promise.resolve(false));
    expect(await store.has(hash)).toBe(false);
  });

  test('what is not there is null, and what is no hash leads to no file', async () => {
    expect(await store.get('0'.repeat(64))).toBeNull();
    await expect(store.get('../../etc/hostname')).rejects.toThrow(/is no hash/);
  });
});
