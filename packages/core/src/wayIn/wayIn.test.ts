import { isLoopback, ownAddresses } from './ownAddresses';
import { containerLink, isMeant, joinLink } from './shortLink';

const CARDS = [
  { address: '127.0.0.1', family: 'IPv4' as const, internal: true },
  { address: '169.254.3.4', family: 'IPv4' as const, internal: false },
  { address: '81.2.3.4', family: 'IPv4' as const, internal: false },
  { address: '192.168.1.20', family: 'IPv4' as const, internal: false },
  { address: 'fd00::5', family: 'IPv6' as const, internal: false },
];
const SERVED = { said: null, scheme: 'http' as const, host: '0.0.0.0', port: 4310, cards: CARDS };

test('a server that listens to the room is reached at its own addresses, the school’s network first', () => {
  expect(ownAddresses(SERVED)).toEqual(['http://192.168.1.20:4310', 'http://81.2.3.4:4310']);
  expect(ownAddresses({ ...SERVED, host: '::', scheme: 'https', port: 443 })).toEqual([
    'https://192.168.1.20',
    'https://81.2.3.4',
  ]);
  expect(ownAddresses({ ...SERVED, host: '192.168.1.20', port: 80 })).toEqual(['http://192.168.1.20']);
  expect(ownAddresses({ ...SERVED, cards: CARDS.slice(4) })).toEqual(['http://[fd00::5]:4310']);
});

test('one that listens to its own machine has none, unless one is said', () => {
  for (const host of ['127.0.0.1', 'localhost', '::1', '127.0.0.2']) {
    expect(isLoopback(host)).toBe(true);
    expect(ownAddresses({ ...SERVED, host })).toEqual([]);
  }
  expect(ownAddresses({ ...SERVED, host: '127.0.0.1', said: 'https://sprout.school.example' })).toEqual([
    'https://sprout.school.example',
  ]);
});

test('a short link is capitals only, so that its square has few modules, and names the investigation by its end', () => {
  const id = '0198c0de-0000-7000-8000-0000001a2b3c';
  expect(joinLink('http://192.168.1.20:4310', 'COPPR7')).toBe('HTTP://192.168.1.20:4310/C/COPPR7');
  const link = containerLink('http://192.168.1.20:4310', 'COPPR7', id, 'A3');
  expect(link).toBe('HTTP://192.168.1.20:4310/C/COPPR7/1A2B3C/A3');
  expect(link).toMatch(/^[0-9A-Z $%*+\-./:]+$/);
  expect(containerLink('http://a', 'X', id, 'a/1')).toBe('HTTP://A/C/X/1A2B3C/a%2F1');
  expect(isMeant(id, '1A2B3C')).toBe(true);
  expect(isMeant(id, id)).toBe(true);
  expect(isMeant(id, '1A2B3D')).toBe(false);
  expect(isMeant(id, '')).toBe(false);
});
