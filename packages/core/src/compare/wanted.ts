import { say } from '@bright-sprout/words/say';
import { type Wanted } from '../statistics/dealContrasts';
import { dosesOf, isCrossed } from './design';
import { type Group } from './groups';
import { type Question } from './question';
import { type ComparedDesign } from './records';

/** What a contrast is about, so that words can be made of it. */
export type AskedContrast =
  /** The first against the second, or against the mean of all others (`rest`); groups or levels by their labels. */
  | { kind: 'difference'; of: string; against: string; rest?: true; code: string; where?: string }
  /** Along the amounts of a factor, for each unit of it. */
  | { kind: 'slope'; factor: string; unit: string; step: number }
  /** A factor's level against its control, over the levels of the other factor. */
  | { kind: 'main'; factor: string; of: string; against: string; over: string }
  /** How much more one level of the first factor does at one level of the second than at its control. */
  | { kind: 'interaction'; factors: [string, string]; of: string; at: string; against: string };

export type WantedContrast = Wanted & { asked: AskedContrast };

/** Up to so many groups without a control every pair is asked about. */
const MOST_IN_PAIRS = 5;

/** What is asked of the groups: each against the control where there is one. */
export function wantedOf(
  groups: readonly Group[],
  { between }: Pick<Question, 'between'>,
  design: ComparedDesign | null,
): WantedContrast[] {
  const present = groups.filter((g) => g.dots.length > 0);
  switch (between) {
    case 'doses':
      return slopeOf(design);
    case 'factors':
      return design !== null && isCrossed(design) ? crossedOf(design) : [];
    case 'teams':
      return againstTheRest(present);
    case 'ages':
      return nextByNext(present);
    case 'predicted':
      return [];
    default: {
      const control = groups.find((g) => g.treatment.control);
      if (control) return present.filter((g) => g !== control).map((g) => difference(g, control));
      return present.length <= MOST_IN_PAIRS ? pairsOf(present) : againstTheRest(present);
    }
  }
}

function difference(of: Group, against: Group): WantedContrast {
  return {
    key: against.treatment.control ? of.key : `${of.key}−${against.key}`,
    weights: { [of.key]: 1, [against.key]: -1 },
    asked: { kind: 'difference', of: of.label, against: against.label, code: of.treatment.code },
  };
}

/** Every pair, the one with the higher mean first, so that a difference is said from above. */
function pairsOf(groups: readonly Group[]): WantedContrast[] {
  const level = (g: Group) => (g.summary.ok ? g.summary.mean : 0);
  return groups.flatMap((a, i) => groups.slice(i + 1).map((b) => (level(a) >= level(b) ? difference(a, b) : difference(b, a))));
}

/** Each group against the mean of the others. */
function againstTheRest(groups: readonly Group[]): WantedContrast[] {
  if (groups.length < 2) return [];
  return groups.map((group) => ({
    key: group.key,
    weights: Object.fromEntries(groups.map((g) => [g.key, g === group ? 1 : -1 / (groups.length - 1)])),
    asked: { kind: 'difference', of: group.label, against: say('compare.theOthers'), rest: true, code: group.treatment.code },
  }));
}

/** Each age against the next younger. */
function nextByNext(groups: readonly Group[]): WantedContrast[] {
  return groups.slice(1).map((older, i) => difference(older, groups[i]!));
}

function slopeOf(design: ComparedDesign | null): WantedContrast[] {
  const doses = dosesOf(design);
  if (design === null || doses === null) return [];
  const { name, unit, levels } = design.factors[doses.factor]!;
  const amounts = levels.map((l) => l.amount!).sort((a, b) => a - b);
  const step = Math.min(
    ...amounts
      .slice(1)
      .map((a, i) => a - amounts[i]!)
      .filter((d) => d > 0),
  );
  return [{ key: 'slope', along: doses.amounts, asked: { kind: 'slope', factor: name, unit, step } }];
}

/** Main effects, interactions, and, where both factors have two levels, what the first does at each level of the second. */
function crossedOf(design: ComparedDesign): WantedContrast[] {
  const [first, second] = design.factors as [ComparedDesign['factors'][number], ComparedDesign['factors'][number]];
  const cells = Object.entries(design.levels);
  const over = (pick: (levels: readonly number[]) => boolean) => cells.filter(([, l]) => pick(l)).map(([code]) => code);
  const weigh = (...parts: [codes: string[], weight: number][]) => {
    const weights: Record<string, number> = {};
    for (const [codes, weight] of parts) for (const c of codes) weights[c] = (weights[c] ?? 0) + weight / codes.length;
    return weights;
  };
  const mains = ([factor, other, f]: [typeof first, typeof first, 0 | 1]): WantedContrast[] =>
    factor.levels.slice(1).map((level, i) => ({
      key: `${f}:${i + 1}`,
      weights: weigh([over((l) => l[f] === i + 1), 1], [over((l) => l[f] === 0), -1]),
      asked: { kind: 'main', factor: factor.name, of: level.label, against: factor.levels[0]!.label, over: other.name },
    }));
  const cell = (a: number, b: number) => over((l) => l[0] === a && l[1] === b);
  const interactions: WantedContrast[] = first.levels.slice(1).flatMap((level, i) =>
    second.levels.slice(1).map((at, j) => ({
      key: `${i + 1}×${j + 1}`,
      weights: weigh([cell(i + 1, j + 1), 1], [cell(0, j + 1), -1], [cell(i + 1, 0), -1], [cell(0, 0), 1]),
      asked: {
        kind: 'interaction' as const,
        factors: [first.name, second.name] as [string, string],
        of: level.label,
        at: at.label,
        against: second.levels[0]!.label,
      },
    })),
  );
  const two = first.levels.length === 2 && second.levels.length === 2;
  const simple: WantedContrast[] = two
    ? second.levels.map((at, j) => ({
        key: `1@${j}`,
        weights: weigh([cell(1, j), 1], [cell(0, j), -1]),
        asked: {
          kind: 'difference' as const,
          of: first.levels[1]!.label,
          against: first.levels[0]!.label,
          code: cell(1, j)[0]!,
          where: at.label,
        },
      }))
    : [];
  return [...mains([first, second, 0]), ...mains([second, first, 1]), ...interactions, ...simple];
}
