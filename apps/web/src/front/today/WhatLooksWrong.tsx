import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { mainMeasure } from '@bright-sprout/core/measures/registry';
import { summaryNumber, summaryWords } from '@bright-sprout/core/measures/summaryWords';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { groupsOf } from '@bright-sprout/core/compare/groups';
import { firstQuestion } from '@bright-sprout/core/compare/goodQuestions';
import { type LookAgain, lookAgain } from '@bright-sprout/core/compare/lookAgain';
import { recordedDays, standingsOn } from '@bright-sprout/core/readings/standing';
import { counted } from '@bright-sprout/core/words/plural';
import { Link } from 'react-router';
import { askableRecords } from '../../records/comparedRecords';

interface Oddity extends LookAgain {
  measure: Measure;
  records: InvestigationRecords;
}

/** Who is late or behind as last checked, and which teams have not answered today. */
export function WhatLooksWrong({ all }: { all: InvestigationRecords[] }) {
  const odd: Oddity[] = all.flatMap((records) => {
    const day = recordedDays(records.readings).pop();
    if (!day) return [];
    const measure = mainMeasure(records.investigation.bench);
    const askable = askableRecords(records);
    const groups = groupsOf(askable.records, measure, {
      ...firstQuestion(askable, day),
      measure: measure.code,
      follow: 'value',
      when: { kind: 'day', day },
      between: 'treatments',
      beforeSprouting: 'exclude',
    });
    return lookAgain(groups, measure).map((o) => ({ ...o, measure, records }));
  });
  const open = all.flatMap(({ investigation, readings }) => {
    const today = todayIn(investigation.class.timeZone);
    if (!isLookedAt(investigation, today)) return [];
    const standings = standingsOn(
      investigation.containers.map((c) => c.id),
      readings,
      today,
    );
    const missing = investigation.containers.filter((c) => standings.get(c.id)!.state === 'not-checked');
    const teams = investigation.teams.filter((t) => missing.some((c) => c.teamId === t.id)).map((t) => t.nickname);
    return missing.length > 0 ? [{ investigation, teams, missing: missing.length }] : [];
  });
  return (
    <>
      <section className="section">
        <h2>{say('today.looksWrong')}</h2>
        {odd.length === 0 && <p className="second">{say('today.nothingStandsLastChecked')}</p>}
        {odd.slice(0, 4).map((o) => (
          <div key={`${o.records.investigation.id} ${o.code}`} className="oddity">
            <h3>
              {o.records.investigation.class.name}: {o.code} {o.kind === 'late' ? say('today.isNotUp') : say('today.behindTwins')}
            </h3>
            <p>{whyOdd(o)}</p>
            <Link className="btn" to={`/investigations/${o.records.investigation.id}`}>
              {say('today.lookAt', { code: o.code })}
            </Link>
          </div>
        ))}
        {odd.length > 4 && <p className="second">{say('today.moreWalls', { countOdd: odd.length - 4 })}</p>}
      </section>
      <section className="section mt-4">
        <h2>{say('today.answeredToday')}</h2>
        {open.length === 0 ? (
          <p className="second">{say('today.everyPotAnswerToday')}</p>
        ) : (
          open.map(({ investigation, teams, missing }) => (
            <p key={investigation.id}>
              <Say
                it="today.missingOf"
                name={investigation.class.name}
                b={(inside) => <b>{inside}</b>}
                missing={missing}
                countContainers={counted(investigation.containers.length, investigation.containerName)}
              />
              {teams.length > 0 && `: ${teams.join(', ')}`}
            </p>
          ))
        )}
      </section>
    </>
  );
}

/** The plan has a look for this day; where there is no plan, every day has one. */
function isLookedAt({ schedule }: InvestigationRecords['investigation'], day: IsoDay): boolean {
  return schedule.length === 0 || schedule.some((e) => e.day === day && (e.kind === 'check' || e.kind === 'first-look'));
}

function whyOdd({ kind, value, measure, treatment, twins, records }: Oddity): string {
  const { resolution, sownOn } = records.investigation;
  const day = recordedDays(records.readings).pop()!;
  if (kind === 'late') return say('today.daysOthers', { daysBetween: daysBetween(sownOn, day), treatment, up: twins.up });
  const range = say('today.fromToSummary', {
    from: summaryNumber(measure, twins.low, resolution),
    to: summaryWords(measure, twins.high, resolution),
  });
  return say('today.othersStood', {
    summaryWords: summaryWords(measure, value!, resolution),
    day: formatDay(day),
    treatment,
    range,
  });
}
