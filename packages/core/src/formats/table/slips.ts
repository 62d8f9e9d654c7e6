import { listInWords } from '../../words/listInWords';
import { say } from '@bright-sprout/words/say';
/** Slips of the pen that stand in tables, and what was meant. */

/** What a cell that is no number may have been meant as: a letter for a figure, a mark before it, a unit behind it. */
export function numberMeant(text: string): { text: string; why: string } | null {
  const letters: [RegExp, string, string][] = [
    [/[oO]/g, '0', say('tablesIn.letterO')],
    [/[lI|]/g, '1', say('tablesIn.letterL')],
    [/[sS]/g, '5', say('tablesIn.letterS')],
    [/[zZ]/g, '2', say('tablesIn.letterZ')],
    [/[B]/g, '8', say('tablesIn.letterB')],
  ];
  const plain = text.trim();
  if (/\d/.test(plain) && /^[\doOlI|sSzZB.,]+$/.test(plain)) {
    const found = letters.filter(([letter]) => new RegExp(letter.source).test(plain));
    const meant = found.reduce((t, [letter, figure]) => t.replace(letter, figure), plain);
    if (isNumber(meant) && found.length > 0)
      return { text: meant, why: say('tablesIn.hasInIt', { found: listInWords(found.map((f) => f[2])) }) };
  }
  const bare = plain
    .replace(/^(ca\.?|about|approx\.?|circa|around)\s*/i, '')
    .replace(/^[~≈<>≤≥=]\s*/, '')
    .replace(/\s*[?*!]+$/, '')
    .replace(/(?<=\d)\s*\([^)]*\)$/, '')
    .replace(/\s*(±|\+\/-)\s*[\d.,]+$/, '')
    .replace(/[()]/g, '')
    .trim();
  if (bare !== plain && isNumber(bare)) return { text: bare, why: say('tablesIn.moreNumber') };
  const range = /^(\d+(?:[.,]\d+)?)\s*(?:[-–]|to)\s*(\d+(?:[.,]\d+)?)$/.exec(plain);
  if (range) {
    const [low, high] = [range[1]!, range[2]!].map((n) => Number(n.replace(',', '.')));
    if (low! < high!) return { text: String(Number(((low! + high!) / 2).toFixed(4))), why: say('tablesIn.numberAnother') };
  }
  const doubled = plain
    .replace(/\s+/g, '')
    .replace(/([.,])[.,]+/, '$1')
    .replace(/[.,]$/, '');
  if (doubled !== plain && isNumber(doubled)) return { text: doubled, why: say('tablesIn.markSpaceTooMany') };
  return null;
}

const isNumber = (text: string) => /^\d+([.,]\d+)?$/.test(text);

/** Letters that were put in, left out, changed or swapped between two words (Damerau and Levenshtein), up to a bound. */
export function slipsBetween(a: string, b: string, most = 2): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let [before, last] = [[] as number[], Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      row[j] = Math.min(last[j]! + 1, row[j - 1]! + 1, last[j - 1]! + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) row[j] = Math.min(row[j]!, before[j - 2]! + 1);
    }
    [before, last] = [last, row];
  }
  return last[b.length]!;
}

/** The name that stands often of which a seldom one is a slip; null where it is a name of its own. Names with figures differ on purpose. */
export function slipOf(name: string, times: ReadonlyMap<string, number>): string | null {
  const own = times.get(name)!;
  const words = name.replace(/\d/g, '').trim();
  if (own > 2 || words.length < 3) return null;
  const figures = (text: string) => text.replace(/\D/g, '');
  const near = [...times].filter(
    ([other, n]) =>
      other !== name &&
      n >= 4 * own &&
      n >= 4 &&
      figures(other) === figures(name) &&
      slipsBetween(name.toLowerCase(), other.toLowerCase()) <= (words.length < 5 ? 1 : 2),
  );
  return near.sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}
