import { type ReachFacts } from './reachFacts';
import { comparisonIn, type Said, verdictOn } from './comparison';
import { firstOf, NEGATED_BEFORE, WORDS } from './wordsOfReach';

/** What a claim can be asked about its reach: never a block, never a mark. */
export const REACH_CODES = ['too-sure', 'wrong-direction', 'beyond', 'cause', 'one-plant', 'no-difference'] as const;
export type ReachCode = (typeof REACH_CODES)[number];

/** One question about a claim: what it is about, and the words that it hangs from. */
export interface ReachQuestion {
  code: ReachCode;
  /** First and one past the last letter of what was written. */
  span: [number, number];
  /** What makes the question worth asking, for its words. */
  facts: { of?: string; against?: string; sign?: number; limit?: number; dose?: number; grew?: number; word: string };
}

/**
 * Questions that a careful reader would ask about a sentence of a team, by rules: at most one of each kind. They catch what is
 * written plainly and let through what is written cleverly; `docs/science.md` has the rates.
 */
export function reachOf(text: string, facts: ReachFacts): ReachQuestion[] {
  const lower = text.toLowerCase().replace(/’/g, "'");
  if (lower.trim() === '') return [];
  const said = comparisonIn(lower, facts);
  const asked = [
    ...beyond(lower, facts),
    ...onePlant(lower),
    ...noDifference(lower, said, facts),
    ...cause(lower, facts),
    ...tooSure(lower, said, facts),
    ...direction(lower, said, facts),
  ];
  const kept: ReachQuestion[] = [];
  for (const question of asked) if (!kept.some((k) => silences(k, question, lower))) kept.push(question);
  return kept;
}

/** One question is enough where another says the same, or comes first. */
function silences(before: ReachQuestion, question: ReachQuestion, text: string): boolean {
  if (before.code === question.code) return true;
  const sure = question.code === 'too-sure' || question.code === 'wrong-direction';
  // A plant that stands for its class, and a day nobody saw, are asked about before how sure it sounds; a word of certainty is asked about all the same.
  if (sure && (before.code === 'one-plant' || before.code === 'beyond' || before.code === 'cause'))
    return !WORDS.certain.test(text.slice(...question.span));
  return before.code === 'no-difference' && sure;
}

const at = (found: RegExpExecArray): [number, number] => [found.index, found.index + found[0].length];

/** `does not prove`, `not certain`: the word is there, and is not meant. */
const isDenied = (text: string, index: number) => NEGATED_BEFORE.test(text.slice(0, index));

function tooSure(text: string, said: Said | null, { grew, sizes, groups }: ReachFacts): ReachQuestion[] {
  const certain = firstOf(WORDS.certain, text);
  if (certain && !isDenied(text, certain.index)) return [{ code: 'too-sure', span: at(certain), facts: { word: certain[0] } }];
  const total = firstOf(WORDS.total, text);
  if (!total || isDenied(text, total.index) || WORDS.hedge.test(text)) return [];
  // Of those that are spoken of: all that were treated, where none is named.
  const of = said?.of.length ? said.of : groups.filter((g) => !g.control).map((g) => g.key);
  const most = Math.max(0, ...of.map((key) => grew[key] ?? 0));
  return most > 0 ? [{ code: 'too-sure', span: at(total), facts: { word: total[0], ...(sizes ? { grew: most } : {}) } }] : [];
}

const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const DAYS: Record<string, number> = { day: 1, week: 7, month: 30, year: 365 };

function beyond(text: string, { groups, unit, lastDay }: ReachFacts): ReachQuestion[] {
  const ask = (span: [number, number], dose?: number): ReachQuestion[] => [
    { code: 'beyond', span, facts: { word: text.slice(...span), limit: lastDay, dose } },
  ];
  const times = /\b(\d+|[a-z]+) (day|week|month|year)s?\b/g;
  for (let found = times.exec(text); found; found = times.exec(text)) {
    const n = Number(found[1]) || NUMBERS.indexOf(found[1]!) + 1 || 0;
    if (n * DAYS[found[2]!]! > lastDay) return ask(at(found));
  }
  const after = /\bday (\d+)\b/.exec(text);
  if (after && Number(after[1]) > lastDay) return ask(at(after));
  const amounts = groups.flatMap((g) => g.amount ?? []);
  if (amounts.length > 0 && unit !== '') {
    const largest = Math.max(...amounts);
    const doses = new RegExp(`(\\d+(?:\\.\\d+)?) ?${unit.toLowerCase().replace(/[.*+?^${}()|[\]\\/]/g, '\\$&')}`, 'g');
    for (let found = doses.exec(text); found; found = doses.exec(text))
      if (Number(found[1]) > largest) return ask(at(found), largest);
  }
  const elsewhere = firstOf(WORDS.elsewhere, text);
  return elsewhere && !WORDS.hedge.test(text) ? ask(at(elsewhere)) : [];
}

function onePlant(text: string): ReachQuestion[] {
  const one = firstOf(WORDS.onePlant, text);
  if (one) return [{ code: 'one-plant', span: at(one), facts: { word: one[0] } }];
  const code = /\b[a-h]\d{1,2}\b/.exec(text);
  return code && WORDS.therefore.test(text) ? [{ code: 'one-plant', span: at(code), facts: { word: code[0] } }] : [];
}

function noDifference(text: string, said: Said | null, facts: ReachFacts): ReachQuestion[] {
  const found = firstOf(WORDS.noDifference, text);
  if (!found || WORDS.hedge.test(text)) return [];
  const verdict = verdictOn(said?.of ?? [], said?.against ?? [], facts);
  return verdict.clear
    ? [{ code: 'wrong-direction', span: at(found), facts: { word: found[0], ...verdict } }]
    : [{ code: 'no-difference', span: at(found), facts: { word: found[0] } }];
}

function cause(text: string, { oneCause }: ReachFacts): ReachQuestion[] {
  const found = oneCause ? null : firstOf(WORDS.cause, text);
  return found && !isDenied(text, found.index) ? [{ code: 'cause', span: at(found), facts: { word: found[0] } }] : [];
}

function direction(text: string, said: Said | null, facts: ReachFacts): ReachQuestion[] {
  if (said === null || said.sign === 0 || WORDS.hedge.test(text) || isDenied(text, said.span[0])) return [];
  const verdict = verdictOn(said.of, said.against, facts);
  const word = text.slice(...said.span);
  if (!verdict.known) return [];
  if (!verdict.clear) return [{ code: 'too-sure', span: said.span, facts: { word, of: verdict.of, against: verdict.against } }];
  return verdict.sign === said.sign ? [] : [{ code: 'wrong-direction', span: said.span, facts: { word, ...verdict } }];
}
