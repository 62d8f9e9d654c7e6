import { type Group } from '../../compare/groups';
import { type Shown } from '../../compare/shown';
import { listInWords } from '../../words/listInWords';
import { type ReachQuestion } from './reach';
import { type ReachFacts } from './reachFacts';

/** What a team picked from its figure: a mark, or the mean of a group. Its value is looked up, never copied. */
export type EvidenceRef = { kind: 'mark'; containerId: string; plant: string | null } | { kind: 'mean'; key: string };

/** As it is kept: `mark:id`, `mark:id:2`, `mean:B`. */
export function refText(ref: EvidenceRef): string {
  if (ref.kind === 'mean') return `mean:${ref.key}`;
  return `mark:${ref.containerId}${ref.plant === null ? '' : `:${ref.plant}`}`;
}

export function readRef(text: string): EvidenceRef | null {
  const [kind, id, plant] = text.split(':');
  if (!id) return null;
  if (kind === 'mean') return { kind, key: text.slice('mean:'.length) };
  return kind === 'mark' ? { kind, containerId: id, plant: plant ?? null } : null;
}

/** A picked piece with what it says now: the figure and the evidence can never differ. */
export interface Evidence {
  ref: EvidenceRef;
  group: Group;
  /** Stored unit. */
  value: number;
  /** Containers behind it. */
  containers: number;
  code: string | null;
}

/** Null where the figure has no such mark any more, or not in this question. */
export function evidenceOf(ref: EvidenceRef, groups: readonly Group[], shown: Pick<Shown, 'ranks'>): Evidence | null {
  if (ref.kind === 'mean') {
    const group = groups.find((g) => g.key === ref.key);
    if (!group?.summary.ok) return null;
    const { mean, median, n } = group.summary;
    return { ref, group, value: shown.ranks ? median : mean, containers: n, code: null };
  }
  for (const group of groups) {
    const dot = group.dots.find((d) => d.container.id === ref.containerId && (ref.plant === null || d.plant === ref.plant));
    if (dot) return { ref, group, value: dot.value, containers: 1, code: dot.container.code };
  }
  return null;
}

/** So many single marks show a class; fewer are a plant or two. */
const FEWEST = 3;

/** Evidence that is one plant, or one side only, is asked about once a claim stands. */
export function reachOfEvidence(evidence: readonly Evidence[], facts: ReachFacts): ReachQuestion[] {
  if (evidence.length === 0 || facts.containers < FEWEST) return [];
  const seen = evidence.reduce((sum, e) => sum + e.containers, 0);
  if (seen >= FEWEST) return [];
  const word = listInWords(evidence.map((e) => e.code ?? e.group.label));
  return [{ code: 'one-plant', span: [0, 0], facts: { word } }];
}
