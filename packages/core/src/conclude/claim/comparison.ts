import { type NamedGroup, type ReachFacts } from './reachFacts';
import { firstOf, WORDS } from './wordsOfReach';

/** What a sentence compares with what, and in which direction, as far as rules can read it. */
export interface Said {
  /** Keys of the groups that are spoken of; empty for the factor as a whole. */
  of: string[];
  against: string[];
  /** −1 less, 1 more, 0 where no direction is said. */
  sign: number;
  span: [number, number];
}

interface Mention {
  at: number;
  keys: string[];
}

const escaped = (name: string) => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Where groups and the factor are named; a longer name counts before a shorter one inside it. */
function mentionsIn(text: string, { groups, factor }: ReachFacts): Mention[] {
  const treated = groups.filter((g) => !g.control).map((g) => g.key);
  const names = [
    ...groups.flatMap((g: NamedGroup) => g.names.map((name) => ({ name, keys: [g.key] }))),
    ...factor.map((name) => ({ name, keys: treated })),
  ].sort((a, b) => b.name.length - a.name.length);
  const taken: [number, number][] = [];
  const found: Mention[] = [];
  for (const { name, keys } of names) {
    const pattern = new RegExp(`(?<![\\w.])${escaped(name)}(?![\\w])`, 'g');
    for (let hit = pattern.exec(text); hit; hit = pattern.exec(text)) {
      const [from, to] = [hit.index, hit.index + hit[0].length];
      if (taken.some(([a, b]) => from < b && to > a)) continue;
      taken.push([from, to]);
      found.push({ at: from, keys });
    }
  }
  return found.sort((a, b) => a.at - b.at);
}

/** Growing with the factor, `the more salt the shorter`, `increased with the concentration`: what it does as a whole. */
const WITH_MORE =
  /\b(?:the more|the higher|with more|with increasing|increasing|for each additional|with (?:the )?(?:concentration|strength|amount))\b/;

/** The comparison of a sentence; null where nothing that is compared is named. */
export function comparisonIn(text: string, facts: ReachFacts): Said | null {
  const mentions = mentionsIn(text, facts);
  if (mentions.length === 0) return null;
  const dose = WITH_MORE.exec(text);
  const ways = facts.later ? DAYS : SIZES;
  const word = directionIn(text, dose ? dose.index + dose[0].length : 0, ways) ?? directionIn(text, 0, ways);
  const [sign, span] = word ?? [0, [0, text.length] as [number, number]];
  if (dose) return { of: [], against: [], sign, span };
  const than = /\bthan\b|\bcompared (?:with|to)\b|\bagainst\b|\bunlike\b|\b(?:same|alike|equal)\b[\w ]*? as\b/.exec(text);
  const before = mentions.filter((m) => than === null || m.at < than.index);
  const after = than === null ? [] : mentions.filter((m) => m.at > than.index);
  const keys = (some: readonly Mention[]) => [...new Set(some.flatMap((m) => m.keys))];
  // Beside its amount the factor is only what the amount is of.
  const narrow = (some: readonly Mention[]) => {
    const named = some.filter((m) => m.keys.length === 1);
    return keys(named.length > 0 ? named : some);
  };
  if (before.length === 0) return { of: [], against: narrow(after), sign, span };
  // One subject and what stands after its verb: `wheat outgrew barley`.
  if (than === null && span[0] > before[0]!.at && before.length > 1) {
    const [first, rest] = [before.filter((m) => m.at < span[0]), before.filter((m) => m.at > span[0])];
    const kinds = facts.factor.length === 0 && rest.length > 0;
    if (kinds) return { of: narrow(first), against: narrow(rest), sign, span };
  }
  return { of: narrow(before), against: narrow(after), sign, span };
}

/** `grew less tall`, `not as tall`: less of what would be more. */
const TURNED = /\b(?:less|not as|not so|no|stop\w*)\s$/;

const SIZES = { less: WORDS.less, more: WORDS.more };
/** Of days until something happened, more is later. */
const DAYS = { less: WORDS.sooner, more: WORDS.later };

function directionIn(text: string, from: number, ways: typeof SIZES): [number, [number, number]] | null {
  const rest = text.slice(from);
  const found = (['less', 'more'] as const).flatMap((way) => {
    const hit = firstOf(ways[way], rest);
    return hit ? [{ way, at: from + hit.index, length: hit[0].length }] : [];
  });
  if (found.length === 0) return null;
  const { way, at, length } = found.reduce((a, b) => (b.at < a.at ? b : a));
  const turned = way === 'more' && TURNED.test(text.slice(0, at));
  return [way === 'less' || turned ? -1 : 1, [at, at + length]];
}

/** What the core reads of the same comparison. */
export function verdictOn(
  of: readonly string[],
  against: readonly string[],
  { groups, contrasts }: ReachFacts,
): { known: boolean; clear: boolean; sign: number; of?: string; against?: string } {
  const control = new Set(groups.filter((g) => g.control).map((g) => g.key));
  const label = (key: string) => groups.find((g) => g.key === key)?.label;
  const controls = of.length > 0 && of.every((k) => control.has(k));
  const relevant = contrasts.flatMap((c) => {
    const forth = (of.length === 0 || of.includes(c.of)) && (against.length === 0 || against.includes(c.against));
    if (forth && !controls) return [c];
    const back = of.includes(c.against) && (against.length === 0 || against.includes(c.of));
    return back ? [{ ...c, of: c.against, against: c.of, sign: -c.sign }] : [];
  });
  if (relevant.length === 0) return { known: false, clear: false, sign: 0 };
  const clear = relevant.filter((c) => c.clear);
  // What is said of several is asked about where one of those named has not been shown; what is said of all, where none has.
  const named = of.length > 0 && of.length < groups.length - control.size;
  const told =
    named && clear.length < relevant.length && !controls ? relevant.find((c) => !c.clear)! : (clear[0] ?? relevant[0]!);
  return { known: true, clear: told.clear, sign: told.sign, of: label(told.of), against: label(told.against) };
}
