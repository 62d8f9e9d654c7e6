import { type ClaimParts, LEADS, NO_PARTS, VERBS } from './claimParts';

/**
 * What a team writes of a conclusion, part by part, so that two devices of a team write side by side: each part is replaced by its newest, and
 * all that was there before stays on record.
 */
export const ENTRY_PARTS = ['question', 'claim', 'typed', 'reasoning', 'ready', 'report'] as const;
export type EntryPart =
  | (typeof ENTRY_PARTS)[number]
  /** A piece of evidence, in or put back. */
  | `evidence.${string}`
  /** A question of the check of reach that is answered with "keep it". */
  | `kept.${string}`
  /** An answer to a note of the teacher. */
  | `answer.${string}`;

export const ENTRY_FORM = /^(?:question|claim|typed|reasoning|ready|report|(?:evidence|kept|answer)\.[^\p{C}]{1,80})$/u;
export const LONGEST_ENTRY = 2000;
export const IN = 'in';

export interface ClaimEntry {
  id: string;
  part: string;
  /** Empty where it was taken out. */
  text: string;
  /** ISO 8601, by the device's clock put right. */
  recordedAt: string;
}

/** The newest of each part; written at the same moment, the later id counts on every device alike. */
export function currentEntries(entries: readonly ClaimEntry[]): Map<string, ClaimEntry> {
  const newest = new Map<string, ClaimEntry>();
  for (const entry of entries) {
    const before = newest.get(entry.part);
    if (!before || isNewer(entry, before)) newest.set(entry.part, entry);
  }
  return newest;
}

const isNewer = (a: ClaimEntry, b: ClaimEntry) => (a.recordedAt === b.recordedAt ? a.id > b.id : a.recordedAt > b.recordedAt);

/** A team's conclusion as it stands. */
export interface TeamClaim {
  /** The question as part of an address; empty for the class's first. */
  question: string;
  parts: ClaimParts;
  typed: string;
  reasoning: string;
  /** Pieces of evidence as `refText` writes them, in the order in which they were picked. */
  evidence: string[];
  /** Questions of the check of reach, by code and word, that the team keeps its words against. */
  kept: string[];
  /** Answers to notes, by the note's id. */
  answers: Record<string, string>;
  /** The team has shown it. */
  ready: boolean;
  /** How its report is arranged, as `arrangementText` writes it. */
  report: string;
}

export function teamClaimOf(entries: readonly ClaimEntry[]): TeamClaim {
  const current = currentEntries(entries);
  const text = (part: string) => current.get(part)?.text ?? '';
  const within = (kind: string) =>
    [...current.values()]
      .filter((e) => e.part.startsWith(`${kind}.`) && e.text !== '')
      .sort((a, b) => (a.recordedAt < b.recordedAt ? -1 : 1))
      .map((e) => ({ name: e.part.slice(kind.length + 1), text: e.text }));
  return {
    question: text('question'),
    parts: readParts(text('claim')),
    typed: text('typed'),
    reasoning: text('reasoning'),
    evidence: within('evidence').map((e) => e.name),
    kept: within('kept').map((e) => e.name),
    answers: Object.fromEntries(within('answer').map((e) => [e.name, e.text])),
    ready: text('ready') === IN,
    report: text('report'),
  };
}

/** Whether a team has written anything at all. */
export function hasBegun({ parts, typed, reasoning, evidence }: TeamClaim): boolean {
  return typed.trim() !== '' || reasoning.trim() !== '' || evidence.length > 0 || (parts.of !== '' && parts.verb !== '');
}

/** The parts of a claim as they are kept: `saw|B|less|A|1|0`. */
export function partsText({ lead, of, verb, against, when, size }: ClaimParts): string {
  return [lead, of, verb, against, when ? '1' : '0', size ? '1' : '0'].join('|');
}

export function readParts(text: string): ClaimParts {
  const [lead, of = '', verb, against = '', when, size] = text.split('|');
  return {
    lead: LEADS.find((l) => l === lead) ?? NO_PARTS.lead,
    of,
    verb: VERBS.find((v) => v === verb) ?? '',
    against,
    when: when === '1',
    size: size === '1',
  };
}
