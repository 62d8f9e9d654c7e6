import { say } from '@bright-sprout/words/say';
import { type Contrast, isClear, type Sureness } from '../compare/sureness';
import { type Group } from '../compare/groups';
import { type Shown } from '../compare/shown';
import { type Result } from '../result/result';
import { capital } from '../words/capital';
import { type GradeBand } from '../words/gradeBand';
import { listInWords } from '../words/listInWords';
import { plural } from '../words/plural';
import { type ClaimSubject, joined } from './claimSubject';
import { amountWords } from './contrastWords';
import { dealtWithin, oftenInWords } from './luckWords';

// All sentences of a finding stand here, made of facts alone: another language would be another file beside this one.

/** What was found, in the words of a grade band. */
export function finding(groups: readonly Group[], sureness: Result<Sureness>, subject: ClaimSubject): string {
  if (!sureness.ok) return nothingToTell(groups, subject) ?? sureness.reason;
  const { between } = subject.question;
  if (between === 'doses') return slopeFinding(sureness, subject);
  if (between === 'factors') return crossedFinding(sureness, subject);
  return differencesFinding(sureness.contrasts, subject);
}

/** Where one group stands alone, or all have the same value, that is what there is to say. */
function nothingToTell(groups: readonly Group[], { shown, container, when }: ClaimSubject): string | null {
  const values = groups.flatMap((g) => g.dots.map((d) => d.value));
  if (values.length < 2) return null;
  const told = { when, hasWhen: when !== '' };
  if (values.every((v) => v === values[0]))
    return say('claims.allContainersAlike', { containers: plural(container), ...told, value: shown.words(values[0]!) });
  const [only] = groups;
  if (groups.length > 1 || !only?.summary.ok) return null;
  const middle = shown.ranks ? only.summary.median : only.summary.mean;
  return say('claims.oneGroupAlone', { name: capital(shown.name), ...told, average: shown.words(middle) });
}

const young = (band: GradeBand) => band === 'early' || band === 'primary';

/** The kind itself, or the soil that it stands in. */
const nounOf = (subject: ClaimSubject) => (subject.shown.about === 'soil' ? theNounOf(subject) : subject.kind);

const theNounOf = ({ shown, kind }: ClaimSubject) =>
  say(shown.about === 'soil' ? 'claims.theSoilOfKind' : 'claims.theKind', { kind });

/** By how much: nothing where steps have no size, or where the youngest are spoken to. */
function sizeOf(own: readonly Contrast[], { shown, band }: ClaimSubject): { size: string; hasSize: boolean } {
  const words = band === 'early' ? [] : own.map((c) => sizeWords(shown, c.estimate, band));
  const size = words.every((w) => w === '') ? '' : listInWords(words);
  return { size, hasSize: size !== '' };
}

/** When it was, for a sentence that may leave it out. */
const whenOf = ({ when }: ClaimSubject) => ({ when, hasWhen: when !== '' });

/** The younger bands hear whole numbers of the unit. */
function sizeWords(shown: Shown, difference: number, band: GradeBand): string {
  const size = shown.size(difference);
  const whole = Math.round(Math.abs(shown.inUnit(difference)));
  if (!young(band) || whole === 0 || size === '' || shown.unit === 'in' || shown.unit === '%') return size;
  return shown.unit === 'days' ? say('compare.wholeDays', { n: whole }) : size.replace(/^[\d.]+/, String(whole));
}

function differencesFinding(contrasts: readonly Contrast[], subject: ClaimSubject): string {
  const clear = contrasts.filter(isClear);
  const unclear = contrasts.filter((c) => !isClear(c));
  const sentences = (['less', 'more'] as const).flatMap((direction) => {
    const own = clear.filter((c) => (direction === 'less') === c.estimate < 0);
    return grouped(own).map((together) => differenceSentence(together, direction, subject));
  });
  if (unclear.length > 0) sentences.push(cannotTell(unclear, clear.length, subject));
  return sentences.join(' ');
}

/** Contrasts with the same thing they are held against, in order. */
function grouped(contrasts: readonly Contrast[]): Contrast[][] {
  const groups = new Map<string, Contrast[]>();
  for (const c of contrasts) {
    const key = againstOf(c);
    groups.set(key, [...(groups.get(key) ?? []), c]);
  }
  return [...groups.values()];
}

const ofLabel = ({ asked }: Contrast) => (asked.kind === 'difference' || asked.kind === 'main' ? asked.of : '');
const againstOf = ({ asked }: Contrast) => (asked.kind === 'difference' || asked.kind === 'main' ? asked.against : '');

function differenceSentence(own: readonly Contrast[], direction: 'less' | 'more', subject: ClaimSubject): string {
  const { band, question, shown } = subject;
  const verb = shown[direction];
  const labels = listInWords(own.map(ofLabel));
  const against = againstOf(own[0]!);
  const noun = nounOf(subject);
  const told = { ...whenOf(subject), ...sizeOf(own, subject) };
  if (question.between === 'teams') return say('claims.teamFoundMoreOrLess', { teams: labels, noun, verb, ...told });
  if (question.between === 'kinds')
    return say('claims.kindDiffers', {
      kinds: capital(labels.toLowerCase()),
      verb: own.length > 1 ? (shown.ofMany?.[direction] ?? verb) : verb,
      against: against.toLowerCase(),
      ...told,
    });
  if (question.between === 'ages') return say('claims.ageDiffers', { noun, ages: labels, verb, against, ...told });
  const theNoun = theNounOf(subject);
  const { asked } = own[0]!;
  const rest = asked.kind === 'difference' && asked.rest;
  const treated = {
    treated: joined(own.map(ofLabel), subject),
    verb,
    against: rest ? against : joined([against], subject),
    ...told,
  };
  if (band === 'early' && !rest)
    return say('claims.treatedDiffersEarly', { theNoun: capital(theNoun), theNounAgain: theNoun, ...treated });
  if (young(band)) return capital(say('claims.treatedDiffersPrimary', { theNoun, ...treated }));
  return capital(say('claims.treatedDiffers', { noun, ...treated }));
}

const cannot = ({ band, container, classes }: ClaimSubject): string =>
  band === 'early'
    ? say('claims.cannotTellYet')
    : say('claims.classesCannotTellYet', { container: plural(container), classes, severalClasses: classes > 1 });

/** More pairs than this are counted instead of named. */
const MOST_PAIRS = 3;

function cannotTell(own: readonly Contrast[], clear: number, subject: ClaimSubject): string {
  const { between } = subject.question;
  if (between === 'teams')
    return own.length > 3
      ? clear > 0
        ? say('claims.aboutOtherTeamsCannot')
        : say('claims.cannotTellTeamFound', { container: plural(subject.container) })
      : say('claims.aboutCannotTell', { own: listInWords(own.map(ofLabel)) });
  const pairs = own.some((c) => againstOf(c) !== againstOf(own[0]!));
  if (pairs && own.length > MOST_PAIRS)
    return say('claims.cannotTellOfPairs', { someClear: clear > 0, pairs: own.length, cannot: cannot(subject) });
  const groups = listInWords(
    own.map((c) => (pairs ? say('claims.against', { ofLabel: ofLabel(c), againstOf: againstOf(c) }) : ofLabel(c))),
  );
  return say(subject.band === 'early' ? 'claims.cannotTellOfEarly' : 'claims.cannotTellOf', { groups, cannot: cannot(subject) });
}

function slopeFinding({ contrasts }: Sureness, subject: ClaimSubject): string {
  const slope = contrasts.find((c) => c.asked.kind === 'slope');
  if (!slope || slope.asked.kind !== 'slope') return say('claims.seriesAmounts');
  const { shown, band } = subject;
  const { factor, unit, step } = slope.asked;
  const noun = nounOf(subject);
  if (!isClear(slope)) return say('claims.cannotTellSlope', { noun, factor, cannot: cannot(subject) });
  const verb = slope.estimate < 0 ? shown.less : shown.more;
  if (young(band)) return say('claims.slopeYoung', { factor, noun, verb, ...whenOf(subject) });
  const size = sizeWords(shown, slope.estimate * step, band);
  const amount = amountWords(step, unit);
  return say('claims.slope', { amount, factor, noun, verb, ...whenOf(subject), size, hasSize: size !== '' });
}

function crossedFinding({ contrasts }: Sureness, subject: ClaimSubject): string {
  const both = contrasts.filter((c) => c.asked.kind === 'interaction');
  const simple = contrasts.filter((c) => c.asked.kind === 'difference');
  const told = both.map((c) => interactionSentence(c, simple, subject));
  const mains = contrasts.filter((c) => c.asked.kind === 'main');
  // Where one factor does more at one level of the other, the mean over both says little.
  if (both.some(isClear)) return told.join(' ');
  const clear = mains.filter(isClear).map((c) => mainSentence(c, subject));
  const unclear = mains.filter((c) => !isClear(c)).map(ofLabel);
  const rest = unclear.length > 0 ? [say('claims.cannotTellOf', { groups: listInWords(unclear), cannot: cannot(subject) })] : [];
  return [...clear, ...rest, ...told].join(' ');
}

function mainSentence(c: Contrast, subject: ClaimSubject): string {
  const { asked } = c;
  if (asked.kind !== 'main') return '';
  const verb = c.estimate < 0 ? subject.shown.less : subject.shown.more;
  const size = sizeWords(subject.shown, c.estimate, subject.band);
  return say('claims.mainEffect', {
    of: capital(joined([asked.of], subject)),
    noun: nounOf(subject),
    verb,
    ...whenOf(subject),
    against: joined([asked.against], subject),
    size,
    hasSize: size !== '',
    over: asked.over,
  });
}

function interactionSentence(c: Contrast, simple: readonly Contrast[], subject: ClaimSubject): string {
  const { asked } = c;
  if (asked.kind !== 'interaction') return '';
  const { shown, band } = subject;
  if (!isClear(c))
    return say('claims.whetherMuch', {
      of: asked.of,
      at: joined([asked.at], subject),
      against: joined([asked.against], subject),
      cannot: cannot(subject),
    });
  const at = (where: string) => simple.find((s) => s.asked.kind === 'difference' && s.asked.where === where);
  const [there, here] = [at(asked.at), at(asked.against)];
  const size = (d: number) => sizeWords(shown, d, band);
  if (!there || !here)
    return say('claims.didMoreOrLess', {
      of: capital(asked.of),
      less: c.estimate < 0,
      at: joined([asked.at], subject),
      against: joined([asked.against], subject),
      size: size(c.estimate),
      hasSize: size(c.estimate) !== '',
    });
  // A change of sign is the more telling fact than its size.
  if (Math.sign(there.estimate) !== Math.sign(here.estimate) && isClear(there) && isClear(here))
    return say('claims.workedWayOtherWay', {
      of: capital(asked.of),
      against: joined([asked.against], subject),
      estimate: shown.signed(here.estimate),
      at: joined([asked.at], subject),
      otherEstimate: shown.signed(there.estimate),
    });
  const more = Math.abs(there.estimate) > Math.abs(here.estimate);
  const [most, least] = more ? [there, here] : [here, there];
  const place = (s: Contrast) => (s.asked.kind === 'difference' ? s.asked.where! : '');
  return say('claims.moreBetweenTwo', {
    of: capital(asked.of),
    place: joined([place(most)], subject),
    estimate: shown.signed(most.estimate),
    otherPlace: joined([place(least)], subject),
    otherEstimate: shown.signed(least.estimate),
    size: size(c.estimate),
    byLuck: !isClear(least),
  });
}

/** Where luck alone gives the greatest gap too often for any statement; null elsewhere. */
export function tooFewWords(sureness: Result<Sureness>, { band, container, question }: ClaimSubject): string | null {
  if (young(band) || !sureness.ok || !sureness.tooFew) return null;
  return say('claims.tooFewDealWithin', {
    container: plural(container),
    within: dealtWithin(sureness, question),
    oftenInWords: oftenInWords(sureness.smallestP),
  });
}

/** With few containers and spreads this unequal the intervals lose some of their 95 (measured by simulation). */
const UNEQUAL = 2.5;
const FEW = 5;

/** In how many of 100 classes the intervals are right. */
export const rightIn = ({ spreadRatio, containers, overall }: Sureness): number =>
  (spreadRatio ?? 1) > UNEQUAL && containers / (overall.dfBetween + 1) <= FEW ? 92 : 95;
