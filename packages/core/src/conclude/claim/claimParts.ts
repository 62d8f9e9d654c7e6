import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { joined, type ClaimSubject } from '../../claims/claimSubject';
import { type Group } from '../../compare/groups';
import { type Contrast } from '../../compare/sureness';
import { capital } from '../../words/capital';

/** How a claim begins: what the team saw, what it holds likely, or that it cannot be told. */
export const LEADS = ['saw', 'think', 'sure', 'cannot'] as const;
export type Lead = (typeof LEADS)[number];

export const VERBS = ['less', 'more', 'alike', 'stopped'] as const;
export type Verb = (typeof VERBS)[number];

/** A claim put together from parts: all that the records can speak of may be chosen, also what they do not show. */
export interface ClaimParts {
  lead: Lead;
  /** Key of the group that it is about, and of what it is held against; empty while it is not chosen. */
  of: string;
  verb: Verb | '';
  against: string;
  /** The day is said; the size of the difference is said. */
  when: boolean;
  size: boolean;
}

export const NO_PARTS: ClaimParts = { lead: 'saw', of: '', verb: '', against: '', when: false, size: false };

export const LEAD_WORDS: Record<Lead, string> = spoken({
  saw: 'conclude.weSawThat',
  think: 'conclude.weThinkThat',
  sure: 'conclude.weProvedThat',
  cannot: 'conclude.cannotTellWhether',
});

/** One word of the sentence: what it says, and which part it is. */
export interface ClaimWord {
  part: 'lead' | 'of' | 'verb' | 'against' | 'when' | 'size';
  text: string;
}

/** What parts are chosen from and put into words with. */
export interface ClaimVocabulary {
  groups: readonly Group[];
  contrasts: readonly Contrast[];
  subject: ClaimSubject;
}

/** A group as the subject of a claim: `with 50 mmol/L, barley`, or the kind itself. */
export function groupWords(group: Pick<Group, 'label'>, subject: ClaimSubject): string {
  const { between } = subject.question;
  if (between === 'kinds') return group.label.toLowerCase();
  if (between === 'ages') return say('conclude.kindOfGroup', { kind: subject.kind, label: group.label });
  return `${subject.kind} ${joined([group.label], subject)}`;
}

export function verbWords(verb: Verb, { shown }: ClaimSubject): string {
  switch (verb) {
    case 'less':
      return shown.less;
    case 'more':
      return shown.more;
    case 'alike':
      return say('conclude.justSame', { name: shown.name });
    case 'stopped':
      return say('conclude.stoppedGrowingUnlike');
  }
}

/** The words of a claim in order; parts that are not chosen are left out. */
export function claimWords(parts: ClaimParts, { groups, contrasts, subject }: ClaimVocabulary): ClaimWord[] {
  const find = (key: string) => groups.find((g) => g.key === key);
  const [of, against] = [find(parts.of), find(parts.against)];
  const words: ClaimWord[] = [{ part: 'lead', text: LEAD_WORDS[parts.lead] }];
  if (of) words.push({ part: 'of', text: groupWords(of, subject) });
  if (parts.verb !== '') words.push({ part: 'verb', text: verbWords(parts.verb, subject) });
  if (against) {
    const group = groupWords(against, subject);
    const compares = parts.verb === 'less' || parts.verb === 'more';
    words.push({ part: 'against', text: compares ? say('conclude.thanGroup', { group }) : group });
  }
  if (parts.when && subject.when) words.push({ part: 'when', text: subject.when });
  const size = parts.size ? sizeBetween(parts.of, parts.against, contrasts, groups, subject) : '';
  if (size) words.push({ part: 'size', text: say('conclude.byAbout', { size }) });
  return words;
}

/** The size of the difference of two groups as the page has it; empty where steps have no size. */
export function sizeBetween(
  of: string,
  against: string,
  contrasts: readonly Contrast[],
  groups: readonly Group[],
  { shown }: ClaimSubject,
): string {
  const contrast = contrastOf(of, against, contrasts, groups);
  return contrast ? shown.size(contrast.estimate) : '';
}

/** The contrast between two groups whichever way round it was asked; null where the page has none. */
export function contrastOf(
  of: string,
  against: string,
  contrasts: readonly Contrast[],
  groups: readonly Group[],
): (Contrast & { turned: boolean }) | null {
  const label = (key: string) => groups.find((g) => g.key === key)?.label;
  for (const c of contrasts) {
    if (c.asked.kind !== 'difference' || c.asked.where !== undefined) continue;
    if (c.asked.of === label(of) && c.asked.against === label(against)) return { ...c, turned: false };
    if (c.asked.of === label(against) && c.asked.against === label(of)) return { ...c, turned: true };
  }
  return null;
}

/** The claim as one sentence; empty while its subject or its verb is missing. */
export function claimText(parts: ClaimParts, vocabulary: ClaimVocabulary): string {
  if (parts.of === '' || parts.verb === '') return '';
  return `${capital(
    claimWords(parts, vocabulary)
      .map((w) => w.text)
      .join(' '),
  )}.`;
}
