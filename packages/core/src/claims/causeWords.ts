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

const some = (codes: readonly string[]) =>
  `${listInWords(codes.slice(0, 6))}${codes.length > 6 ? say('claims.andMore', { countCodes: codes.length - 6 }) : ''}`;

/** Words for what else could explain it; together with `claimFinding` the only place that speaks of a comparison. */
export function causeWords(
  cause: Cause,
  subject: Pick<ClaimSubject, 'container' | 'shown' | 'kind' | 'joined' | 'question'>,
): CauseWords {
  const { container, shown, kind } = subject;
  const pots = plural(container);
  const said = (asks: string, says: string, press: string | null = null): CauseWords => ({ asks, says, press });
  switch (cause.code) {
    case 'place': {
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
    }
    case 'place-unknown':
      return said(say('claims.betterPlace'), say('claims.whereStoodRecordsLight'));
    case 'team':
      return said(
        say('claims.teamReadsDifferently'),
        say('claims.againstOtherTeamsComparing', {
          team: cause.team,
          offset: shown.signed(cause.offset),
          low: shown.signed(cause.low),
          high: shown.signed(cause.high),
        }),
      );
    case 'teams-alike':
      return said(
        say('claims.teamReadsDifferently'),
        say('claims.teamStandsApartFurthest', { shown: shown.size(cause.most) || say('claims.lessStep') }),
      );
    case 'no-teams':
      return said(say('claims.carefulCarelessHand'), say('claims.teamsKnownMeasurerLook'));
    case 'apart':
      return said(
        say('claims.teamTreatment'),
        subject.question.between === 'teams'
          ? say('claims.treatmentOtherTeamsToo', { groups: listInWords(cause.groups) })
          : say('claims.teamBesideComparedTeam', { groups: listInWords(cause.groups) }),
      );
    case 'losses': {
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
      return said(
        say('claims.onlyStrongOnesLeft'),
        say('claims.lostMeasuredMayStronger', { counts, uneven: cause.uneven }),
        press,
      );
    }
    case 'survivors':
      return said(
        say('claims.onlyEarlyOnesMeasured'),
        say('claims.meanSinceSurvivorsEarly', {
          by: listInWords(
            cause.by
              .filter((b) => b.out > 0)
              .map((b) => say('claims.outOfGroup', { out: b.out, of: b.of, ofGroup: ofGroup(b.label, subject) })),
          ),
        }),
        cause.change ? say('claims.countZero') : null,
      );
    case 'looks':
      if (cause.missing.length > 0)
        return said(say('claims.lookedLessOften'), say('claims.nobodyLooked', { groups: some(cause.missing) }));
      return cause.uneven
        ? said(say('claims.lookedLessOften'), say('claims.overCheckDayCheck', { days: cause.days }))
        : said(say('claims.lookedLessOften'), say('claims.lookedAlikeCheckDay', { days: cause.days }));
    case 'sowing':
      if (cause.by.length === 0) return said(say('claims.sownDifferently'), say('claims.nothingWentDifferentlySowing'));
      return said(
        say('claims.sownDifferently'),
        say('claims.treatmentsEveryTreatment', {
          by: listInWords(cause.by.map((b) => `${some(b.containers)} (${listInWords(b.words)})`)),
          uneven: cause.uneven,
        }),
      );
    case 'exception':
      return said(say('claims.quiteFair'), cause.sentence);
    case 'room':
      return cause.cold
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
          );
    case 'room-unknown':
      return said(say('claims.colderDays'), say('claims.nobodyReadRoomsTemperature'));
    case 'doubts':
      return said(
        say('claims.slipBench'),
        say('claims.questionAboutReadingStill', { reading: some(cause.containers) }),
        cause.change?.doubts === 'left-out' ? say('claims.seeWithoutThem') : say('claims.countThemAgain'),
      );
    case 'ages':
      return said(
        say('claims.olderBetter'),
        say('claims.daySomeDayDays', { youngest: cause.youngest, oldest: cause.oldest }),
        say('claims.compareDayDaysOld', { youngest: cause.youngest }),
      );
    case 'kinds':
      return said(say('claims.moreThingDiffers'), say('claims.kindsSeedDifferMany'));
    case 'gaps':
      return cause.containers === 0
        ? said(say('claims.overWeekend'), say('claims.somebodyLookedEveryDay'))
        : said(
            say('claims.overWeekend'),
            say('claims.dayOnlyKnownLie', {
              containers: cause.containers,
              of: cause.of,
              pots,
              longest: Math.round(cause.longest),
            }),
          );
    case 'lot':
      return said(say('claims.chosenPlaces'), `${capital(placesWords(cause.split, container))}.`);
  }
}
