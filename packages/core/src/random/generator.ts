import prand from 'pure-rand';

/** A seeded stream of random draws; the same seed always gives the same stream (xoroshiro128+). */
export interface Generator {
  /** Uniform in [0, 1) with 53 bits. */
  uniform(): number;
  /** Uniform whole number from 0 to n − 1. */
  below(n: number): number;
  /** The same from a single draw, for numbers of a few thousand at most: for dealing labels many thousand times. */
  pick(n: number): number;
  /** Standard normal (Box and Muller 1958). */
  normal(): number;
  /** Shuffles in place (Fisher and Yates) and returns the same array. */
  shuffle<T>(items: T[]): T[];
}

/**
 * Spreads neighbouring seeds over all 32 bits (the finaliser of MurmurHash3): the generator's streams for 1, 2, 3 … would
 * otherwise begin alike.
 */
function scatter(seed: number): number {
  let h = seed | 0;
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return h ^ (h >>> 16);
}

/** @param seed any 32-bit whole number; keep it to draw the same again. */
export function generatorFrom(seed: number): Generator {
  const stream = prand.xoroshiro128plus(scatter(seed));
  prand.unsafeSkipN(stream, 8);
  const bits = (n: number) => stream.unsafeNext() >>> (32 - n);
  const uniform = () => (bits(26) * 2 ** 27 + bits(27)) / 2 ** 53;
  const below = (n: number) => Math.floor(uniform() * n);
  return {
    uniform,
    below,
    pick: (n) => Math.floor((bits(32) / 2 ** 32) * n),
    normal: () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform()),
    shuffle: (items) => {
      for (let i = items.length - 1; i > 0; i--) {
        const j = below(i + 1);
        [items[i], items[j]] = [items[j]!, items[i]!];
      }
      return items;
    },
  };
}
