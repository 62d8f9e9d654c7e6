import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { smallestDifference } from '../power/tPower';
import { type Result } from '../result/result';
import { blockAnova, twoWayAnova } from '../statistics/factorialAnova';
import { logRank } from '../germination/survival';
import { mean } from '../statistics/descriptives';
import { fisherFreemanHalton } from '../statistics/fisherFreemanHalton';
import { kruskalWallis } from '../statistics/kruskalWallis';
import { mannWhitney } from '../statistics/mannWhitney';
import { paired } from '../statistics/paired';
import { oneWay, welchOneWay } from '../statistics/severalGroups';
import { tukey } from '../statistics/pairs';
import { hedgesG, student, welch } from '../statistics/twoGroups';
import { isCrossed } from './design';
import { containersOf, type Group } from './groups';
import { type Question } from './question';
import { type ComparedDesign } from './records';
import { type Sureness } from './sureness';

/** One line of the textbook's answers: its name, its statistic as it is written, its p. */
export interface TextbookLine {
  name: string;
  /** What it is about: a group against the control, or all groups. */
  of: string;
  statistic: string;
  p: number | null;
  /** Where there is no answer, why. */
  reason: string | null;
}

const shown = (value: number, digits = 2) => decimal(value, digits);

function line<T>(
  name: string,
  of: string,
  found: Result<T>,
  tell: (t: T) => { statistic: string; p: number | null },
): TextbookLine {
  return found.ok ? { name, of, ...tell(found), reason: null } : { name, of, statistic: '', p: null, reason: found.reason };
}

/**
 * The textbook's tests of the same marks, side by side. They are shown, and the page's own answer stays the one of the deals.
 * @param inWords a difference with its unit
 */
export function textbook(
  groups: readonly Group[],
  question: Pick<Question, 'between' | 'follow'>,
  design: ComparedDesign | null,
  inWords: (difference: number) => string = shown,
): TextbookLine[] {
  const present = groups.filter((g) => g.dots.length > 0);
  const values = (g: Group) => containersOf(g).map((c) => c.value);
  const control = present.find((g) => g.treatment.control) ?? present[0];
  if (!control) return [];
  const byTeam = question.between === 'teams';
  const rows = present.flatMap((g) =>
    containersOf(g).map(({ container, value }) => ({
      treatment: g.key,
      block: (byTeam ? container.treatment : container.block) ?? '',
      y: value,
    })),
  );
  const lines = present
    .filter((g) => g !== control)
    .flatMap((g) => {
      const [a, b] = [values(control), values(g)];
      const of = `${g.label} − ${control.label}`;
      const t = (r: { t: number; df: number; p: number }) => ({ statistic: `t(${shown(r.df, 1)}) = ${shown(r.t)}`, p: r.p });
      return [
        line(say('compare.welch'), of, welch(a, b), t),
        line(say('compare.student'), of, student(a, b), t),
        ...(byTeam ? [] : [line(say('compare.pairedTeam'), of, pairedByTeam(control, g), t)]),
        line(say('compare.ranksMannWhitney'), of, mannWhitney(a, b), (r) => ({ statistic: `U = ${shown(r.u, 1)}`, p: r.p })),
        line(say('compare.sizeHedges'), of, hedgesG(a, b), (r) => ({ statistic: `g = ${shown(r.g)}`, p: null })),
      ];
    });
  const all = present.map(values);
  const f = (r: { f: number; p: number }, df: string) => ({ statistic: `F(${df}) = ${shown(r.f)}`, p: r.p });
  lines.push(
    line(say('compare.analysisVariance'), say('compare.allGroups'), oneWay(all), (r) => f(r, `${r.dfBetween}, ${r.dfWithin}`)),
    line(say('compare.welchGroups'), say('compare.allGroups'), welchOneWay(all), (r) => ({
      statistic: `F = ${shown(r.f)}`,
      p: r.p,
    })),
    line(say('compare.treatmentsOrTeamsAsBlocks', { byTeam }), say('compare.allGroups'), blockAnova(rows), (r) =>
      f(r.treatment, `${r.treatment.df}, ${r.residual.df}`),
    ),
    line(say('compare.ranksKruskalWallis'), say('compare.allGroups'), kruskalWallis(all), (r) => ({
      statistic: `H(${r.df}) = ${shown(r.h)}`,
      p: r.p,
    })),
  );
  const pairs = tukey(all);
  if (pairs.ok)
    for (const { first, second, difference, p } of pairs.pairs)
      lines.push({
        name: say('compare.tukey'),
        of: `${present[second]!.label} − ${present[first]!.label}`,
        statistic: inWords(difference),
        p,
        reason: null,
      });
  if (design && isCrossed(design) && question.between === 'factors') lines.push(...crossedLines(present, design));
  if (question.follow === 'share-up' || question.follow === 'sprouted') lines.push(...seedLines(present, question.follow));
  return lines;
}

/** Teams that have both: the means of each. */
function pairedByTeam(control: Group, group: Group) {
  const of = (g: Group) => {
    const own = containersOf(g);
    const teams = [...new Set(own.map(({ container }) => container.block ?? ''))];
    return new Map(teams.map((t) => [t, mean(own.filter((o) => (o.container.block ?? '') === t).map((o) => o.value))]));
  };
  const [a, b] = [of(control), of(group)];
  const teams = [...a.keys()].filter((t) => t !== '' && b.has(t));
  return paired(
    teams.map((t) => a.get(t)!),
    teams.map((t) => b.get(t)!),
  );
}

function crossedLines(groups: readonly Group[], design: ComparedDesign): TextbookLine[] {
  const rows = groups.flatMap((g) =>
    containersOf(g).map(({ value }) => {
      const [a, b] = design.levels[g.key]!;
      return { a: String(a), b: String(b), y: value };
    }),
  );
  const table = twoWayAnova(rows);
  const [first, second] = design.factors;
  const f = (l: { f: number; df: number; p: number }, df: number) => ({ statistic: `F(${l.df}, ${df}) = ${shown(l.f)}`, p: l.p });
  return [
    line(say('compare.typeIi'), first!.name, table, (t) => f(t.a, t.residual.df)),
    line(say('compare.typeIi'), second!.name, table, (t) => f(t.b, t.residual.df)),
    line(say('compare.typeIi'), `${first!.name} × ${second!.name}`, table, (t) => f(t.interaction, t.residual.df)),
  ];
}

/** Tests of single seeds: only where each container holds one seed, since seeds of one container are no replicates. */
function seedLines(groups: readonly Group[], follow: Question['follow']): TextbookLine[] {
  const one = groups.every((g) => g.dots.every((d) => d.container.seedsSown === 1));
  const reason = say('compare.containerHoldsSeveralSeeds');
  const name = follow === 'sprouted' ? 'log-rank' : say('compare.fishersExactTest');
  if (!one) return [{ name, of: say('compare.allGroups'), statistic: '', p: null, reason }];
  if (follow === 'share-up')
    return [
      line(
        name,
        say('compare.allGroups'),
        fisherFreemanHalton(
          groups.map((g) => [g.dots.filter((d) => d.value > 0).length, g.dots.filter((d) => d.value === 0).length]),
        ),
        (r) => ({
          statistic: '',
          p: r.p,
        }),
      ),
    ];
  return [
    line(
      name,
      say('compare.allGroups'),
      logRank(groups.map((g) => g.dots.map((d) => ({ time: d.span?.high ?? d.value, up: d.plants > 0 })))),
      (r) => ({
        statistic: `χ²(${r.df}) = ${shown(r.chi2)}`,
        p: r.p,
      }),
    ),
  ];
}

/** The smallest difference between two groups that this spread and these numbers would show in four of five classes. */
export function couldHaveShown(
  { spread }: Pick<Sureness, 'spread'>,
  groups: readonly Group[],
): Result<{ difference: number; containers: number }> {
  const counts = groups.filter((g) => g.dots.length > 0).map((g) => containersOf(g).length);
  const containers = Math.round(counts.length / counts.reduce((sum, n) => sum + 1 / n, 0));
  const found = smallestDifference(containers, spread);
  return found.ok ? { ok: true, difference: found.difference, containers } : found;
}
