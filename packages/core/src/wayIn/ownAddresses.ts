/** An address of a network card, as the machine tells it. */
export interface CardAddress {
  address: string;
  family: 'IPv4' | 'IPv6' | 4 | 6;
  internal: boolean;
}

/** True for an address that only the machine itself can open. */
export function isLoopback(host: string): boolean {
  return host === 'localhost' || /^127\./.test(host) || /^\[?::1\]?$/.test(host);
}

/** True for one that means every card of the machine. */
const isEveryCard = (host: string) => host === '0.0.0.0' || /^\[?::\]?$/.test(host);

/** Addresses of a home or school network come first. */
const isPrivate = (address: string) => /^(192\.168\.|10\.|172\.(1[6-9]|2\d|3[01])\.)/.test(address);

const inAddress = (host: string) => (host.includes(':') && !host.startsWith('[') ? `[${host}]` : host);

/**
 * Where devices in the room reach a server, the likeliest first; empty where it listens to its own machine only.
 * @param said the address that was given for it; goes before everything
 */
export function ownAddresses({
  said,
  scheme,
  host,
  port,
  cards,
}: {
  said: string | null;
  scheme: 'http' | 'https';
  host: string;
  port: number;
  cards: readonly CardAddress[];
}): string[] {
  if (said !== null) return [said];
  if (isLoopback(host)) return [];
  const isV4 = (c: CardAddress) => c.family === 'IPv4' || c.family === 4;
  const outside = cards.filter((c) => !c.internal && !/^(169\.254\.|fe80:)/i.test(c.address));
  const v4 = outside.filter(isV4).map((c) => c.address);
  const found = v4.length > 0 ? v4 : outside.map((c) => c.address);
  const hosts = isEveryCard(host) ? [...found.filter(isPrivate), ...found.filter((a) => !isPrivate(a))] : [host];
  const usual = port === (scheme === 'https' ? 443 : 80);
  return hosts.map((h) => `${scheme}://${inAddress(h)}${usual ? '' : `:${port}`}`);
}
