import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { type Dot, type Group, markedIn } from '../compare/groups';
import { isTime, type Question } from '../compare/question';
import { type Sureness } from '../compare/sureness';
import { type Result } from '../result/result';
import { listInWords } from '../words/listInWords';
import { counted, plural } from '../words/plural';
import { finding, rightIn, tooFewWords } from './claimFinding';
import { contrastName, toldSize } from './contrastWords';
import { type ClaimSubject } from './claimSubject';

export interface Claim {
  /** What was found, or that these containers cannot tell. */
  finding: string;
  /** That there are only estimates here, since luck alone gives the greatest gap too often. */
  tooFew: string | null;
  /** Counts behind it: measured, not up, lost, not looked at. */
  evidence: string;
  /** What limits it, beside other explanations: reading error, unequal spread. */
  limits: string[];
}

/**
 * Puts the claim of a question together from its facts. It never says more than they carry: a wide interval becomes "cannot
 * tell", never "no effect".
 */
export function claimSentence(groups: readonly Group[], sureness: Result<Sureness>, subject: ClaimSubject): Claim {
  return {
    finding: finding(groups, sureness, subject),
    tooFew: tooFewWords(sureness, subject),
    evidence: evidence(groups, subject),
    limits: [...withinReading(sureness, subject), ...unequalSpread(sureness, subject)],
  };
}

/** Counts behind the figure, everyone who has no mark named by number. */
function evidence(groups: readonly Group[], { container, question, shown }: ClaimSubject): string {
  const total = (pick: (g: Group) => number) => groups.reduce((sum, g) => sum + pick(g), 0);
  const dots = groups.flatMap((g) => g.dots);
  const counts = new Set(groups.flatMap((g) => [...markedIn(g)]));
  const [notUp, lost, removed, without, blank] = [
    total((g) => g.notUp.length),
    total((g) => g.lost.length),
    total((g) => g.removed.length),
    total((g) => g.notMeasured.length),
    total((g) => g.notChecked.length),
  ];
  // A mark that a policy gave stands in its list too.
  const given = new Set(groups.flatMap((g) => [g.notUp, g.lost, g.removed].flat().map((c) => c.id)));
  const measured = [...counts].filter((id) => !given.has(id)).length;
  const parts = [
    seedsOf(dots, measured, container, question) ??
      `${counted(measured, container)} ${DONE[question.follow] ?? say('claims.measured')}`,
  ];
  const asCounted = (list: (g: Group) => Group['lost'], words: string) =>
    groups.some((g) => list(g).some((c) => counts.has(c.id))) ? `, ${words}` : '';
  if (notUp > 0)
    parts.push(
      isTime(question)
        ? say('claims.neverCountedWaitingLast', { notUp })
        : say('claims.notUpYet', { notUp, asCounted: asCounted((g) => g.notUp, say('claims.countedZero')) }),
    );
  if (lost > 0)
    parts.push(
      say('claims.lostCount', {
        lost,
        asCounted: asCounted(
          (g) => g.lost,
          question.afterLoss === 'carry' ? say('claims.countedLastSeen') : say('claims.countedZero'),
        ),
      }),
    );
  if (removed > 0)
    parts.push(say('claims.takenPurpose', { removed, asCounted: asCounted((g) => g.removed, say('claims.countedLastSeen')) }));
  if (without > 0)
    parts.push(
      `${without} ${shown.name === 'height' ? say('claims.withoutHeight') : say('claims.lookedWithout', { name: shown.name })}`,
    );
  if (blank > 0) parts.push(say('claims.notLookedAt', { blank }));
  const plants = dots.reduce((sum, d) => sum + d.plants, 0);
  const words = parts.join(', ');
  const severalOfOne = plants > measured && question.follow === 'value';
  return severalOfOne ? say('claims.plantsCountsOnce', { words, plants, container }) : `${words}.`;
}

/** What a container did that counts; measured, where it is not one of these. */
const DONE: Partial<Record<Question['follow'], string>> = spoken({
  sprouted: 'claims.cameUp',
  'share-up': 'claims.cameUp',
  reached: 'claims.reachedIt',
});

/** `86 of 140 seeds came up, in 14 bags`; null where seeds were not counted one by one. */
function seedsOf(
  dots: readonly Dot[],
  containers: number,
  container: string,
  { follow }: Pick<Question, 'follow'>,
): string | null {
  const up = dots.reduce((sum, d) => sum + d.plants, 0);
  if ((follow !== 'sprouted' && follow !== 'share-up') || up <= containers) return null;
  const sown = dots.reduce((sum, d) => sum + d.behind.reduce((s, c) => s + c.seedsSown, 0), 0);
  return say('claims.seedsCame', { up, sown, containers: counted(containers, container) });
}

/** Differences smaller than twice the class's own reading error are hard to tell from reading the ruler differently. */
function withinReading(sureness: Result<Sureness>, { readingError, shown, question }: ClaimSubject): string[] {
  if (!readingError || !sureness.ok || !['value', 'change', 'highest'].includes(question.follow)) return [];
  const small = sureness.contrasts.filter((c) => Math.abs(c.estimate * toldSize(c)) < 2 * readingError);
  if (small.length === 0) return [];
  return [
    say('claims.readSeveralTeamsPlant', {
      readingError: shown.words(readingError),
      small: listInWords(small.map((c) => contrastName(c))),
      countSmall: small.length,
    }),
  ];
}

function unequalSpread(sureness: Result<Sureness>, { container, band }: ClaimSubject): string[] {
  if (!sureness.ok || sureness.tooFew || band === 'early' || rightIn(sureness) === 95) return [];
  return [say('claims.fewSomeMuchFurther', { container: plural(container), rightIn: rightIn(sureness) })];
}
