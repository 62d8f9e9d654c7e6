/**
 * Short links that a class is reached by: `/c/CODE` joins it, `/c/CODE/1A2B3C/A3` opens a container after that. Written in capitals,
 * which a square holds in fewer modules than small letters; scheme, host and these paths are read in either.
 */

/** So many characters at the end of an investigation's id tell it from the others of its class. */
const TAIL = 6;

/** @param address `http://192.168.1.20:4310`, without a path */
export function joinLink(address: string, joinCode: string): string {
  return `${address}/c/${joinCode}`.toUpperCase();
}

/** The link of a container. A code that has small letters keeps them. */
export function containerLink(address: string, joinCode: string, investigationId: string, container: string): string {
  return `${joinLink(address, joinCode)}/${investigationId.slice(-TAIL).toUpperCase()}/${encodeURIComponent(container)}`;
}

/** True where a link, or an older one with the whole id, means this investigation. */
export function isMeant(investigationId: string, wanted: string): boolean {
  return wanted.length >= TAIL && investigationId.endsWith(wanted.toLowerCase());
}
