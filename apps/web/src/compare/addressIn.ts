import { type Address, ADDRESS_KEYS } from '@bright-sprout/core/compare/address';

/** The words of an address that say the question, as far as there are any. */
export function addressIn(search: URLSearchParams): Address {
  return Object.fromEntries(ADDRESS_KEYS.flatMap((key) => (search.has(key) ? [[key, search.get(key)!]] : [])));
}
