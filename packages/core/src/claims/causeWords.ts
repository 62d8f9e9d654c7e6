import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { formatDay } from '../calendar/days';
import { type Cause } from '../compare/causes/cause';
import { placesWords } from '../plan/layout/splitWords';
import { capital } from '../words/capital';
import { listInWords } from '../words/listInWords';
import { plural } from '../words/plural';
import { type ClaimSubject, ofGroup } from './claimSubject';
import { oftenInWords } from './luckWords';

/** A question to the reader, and what the records say to it. */
export interface CauseWords {
  asks: string;
  says: string;
  /** What one press would change; null where there is nothing to switch. */
  press: string | null;
}

const SOME = 6;
const some = (codes: readonly string[]) =>
  codes.length > SOME
    ? say('claims.codesAndMore', { codes: codes.slice(0, SOME).join(', '), countCodes: codes.length - SOME })
    : listInWords(codes);

type CauseSubject = Pick<ClaimSubject, 'container' | 'shown' | 'kind' | 'joined' | 'question'>;

/** Words for what else could explain it; together with `claimFinding` the only place that speaks of a comparison. */
export const causeWords = (cause: Cause, subject: CauseSubject): CauseWords =>
  (WORDS[cause.code] as (cause: Cause, subject: CauseSubject) => CauseWords)(cause, subject);

const said = (asks: string, says: string, press: string | null = null): CauseWords => ({ asks, says, press });

/** What each of them asks and says. */
const WORDS: { [C in Cause['code']]: (cause: Extract<Cause, { code: C }>, subject: CauseSubject) => CauseWords } = {
  place: (cause, { shown }) => {
    const where = cause.along === 'row' ? say('claims.betweenWindowRowOther') : say('claims.endTeamsRowOther');
    const size = shown.size(cause.difference) || say('common.aStep');
    return cause.verdict === 'ask'
      ? said(
          say('claims.betterPlace'),
          say('claims.treatmentTeamLeaveDiffers', { size, where, oftenInWords: oftenInWords(cause.p) }),
        )
      : said(
          say('claims.betterPlace'),
          say('claims.slopeAcrossTrayStands', { size, where, oftenInWords: oftenInWords(cause.p) }),
        );
  },
  'place-unknown': () => said(say('claims.betterPlace'), say('claims.whereStoodRecordsLight')),
  team: (cause, { shown }) =>
    said(
      say('claims.teamReadsDifferently'),
      say('claims.againstOtherTeamsComparing', {
        team: cause.team,
        offset: shown.signed(cause.offset),
        low: shown.signed(cause.low),
        high: shown.signed(cause.high),
      }),
    ),
  'teams-alike': (cause, { shown }) =>
    said(
      say('claims.teamReadsDifferently'),
      say('claims.teamStandsApartFurthest', { shown: shown.size(cause.most) || say('claims.lessStep') }),
    ),
  'no-teams': () => said(say('claims.carefulCarelessHand'), say('claims.teamsKnownMeasurerLook')),
  apart: (cause, subject) =>
    said(
      say('claims.teamTreatment'),
      subject.question.between === 'teams'
        ? say('claims.treatmentOtherTeamsToo', { groups: listInWords(cause.groups) })
        : say('claims.teamBesideComparedTeam', { groups: listInWords(cause.groups) }),
    ),
  losses: (cause, subject) => {
    const lost = cause.by.filter((b) => b.lost > 0);
    if (lost.length === 0) return said(say('claims.onlyStrongOnesLeft'), say('claims.noneLost'));
    const counts = listInWords(
      lost.map((b) => say('claims.lostOfGroup', { lost: b.lost, of: b.of, ofGroup: ofGroup(b.label, subject) })),
    );
    const press =
      cause.change?.afterLoss === undefined
        ? null
        : cause.change.afterLoss === 'carry'
          ? say('claims.countLostLastSeen')
          : say('claims.leaveLost');
    return said(say('claims.onlyStrongOnesLeft'), say('claims.lostMeasuredMayStronger', { counts, uneven: cause.uneven }), press);
  },
  survivors: (cause, subject) =>
    said(
      say('claims.onlyEarlyOnesMeasured'),
      say('claims.meanSinceSurvivorsEarly', {
        by: listInWords(
          cause.by
            .filter((b) => b.out > 0)
            .map((b) => say('claims.outOfGroup', { out: b.out, of: b.of, ofGroup: ofGroup(b.label, subject) })),
        ),
      }),
      cause.change ? say('claims.countZero') : null,
    ),
  looks: (cause) => {
    if (cause.missing.length > 0)
      return said(say('claims.lookedLessOften'), say('claims.nobodyLooked', { groups: some(cause.missing) }));
    return cause.uneven
      ? said(say('claims.lookedLessOften'), say('claims.overCheckDayCheck', { days: cause.days }))
      : said(say('claims.lookedLessOften'), say('claims.lookedAlikeCheckDay', { days: cause.days }));
  },
  sowing: (cause) => {
    if (cause.by.length === 0) return said(say('claims.sownDifferently'), say('claims.nothingWentDifferentlySowing'));
    return said(
      say('claims.sownDifferently'),
      say('claims.treatmentsEveryTreatment', {
        by: listInWords(cause.by.map((b) => `${some(b.containers)} (${listInWords(b.words)})`)),
        uneven: cause.uneven,
      }),
    );
  },
  exception: (cause) => said(say('claims.quiteFair'), cause.sentence),
  room: (cause, { kind }) =>
    cause.cold
      ? said(
          say('claims.colderDays'),
          say('claims.downCWeekendCold', {
            coldest: decimal(cause.coldest, 0),
            day: formatDay(cause.day),
            weekend: cause.weekend,
            kind,
          }),
        )
      : said(
          say('claims.colderDays'),
          say('claims.neverBelowCRoom', { coldest: decimal(cause.coldest, 0), day: formatDay(cause.day) }),
        ),
  'room-unknown': () => said(say('claims.colderDays'), say('claims.nobodyReadRoomsTemperature')),
  doubts: (cause) =>
    said(
      say('claims.slipBench'),
      say('claims.questionAboutReadingStill', { reading: some(cause.containers) }),
      cause.change?.doubts === 'left-out' ? say('claims.seeWithoutThem') : say('claims.countThemAgain'),
    ),
  ages: (cause) =>
    said(
      say('claims.olderBetter'),
      say('claims.daySomeDayDays', { youngest: cause.youngest, oldest: cause.oldest }),
      say('claims.compareDayDaysOld', { youngest: cause.youngest }),
    ),
  kinds: () => said(say('claims.moreThingDiffers'), say('claims.kindsSeedDifferMany')),
  gaps: (cause, { container }) =>
    cause.containers === 0
      ? said(say('claims.overWeekend'), say('claims.somebodyLookedEveryDay'))
      : said(
          say('claims.overWeekend'),
          say('claims.dayOnlyKnownLie', {
            containers: cause.containers,
            of: cause.of,
            pots: plural(container),
            longest: Math.round(cause.longest),
          }),
        ),
  lot: (cause, { container }) => said(say('claims.chosenPlaces'), `${capital(placesWords(cause.split, container))}.`),
};
