import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type SessionView } from '@bright-sprout/contracts/answers/access';
import { GRADE_BAND_NAMES } from '@bright-sprout/contracts/classes';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { request } from '../../api/client';
import { useLive } from '../../api/live';
import { useClasses, useGrowing } from '../../api/queries';
import { Empty, Loaded } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
import { WhatComes } from './WhatComes';
import { NewClass } from './NewClass';
import { WhatLooksWrong } from './WhatLooksWrong';
import { heightOf } from '@bright-sprout/core/measures/finding';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { recordedDays } from '@bright-sprout/core/readings/standing';
import { useRef } from 'react';
import { useWidth } from '../../page/useWidth';
import { Shelf } from './Shelf';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { counted } from '@bright-sprout/core/words/plural';
import './today.scss';

export function TodayView({ teacher }: { teacher: NonNullable<SessionView['teacher']> }) {
  const growing = useGrowing();
  const classes = useClasses();
  useLive();
  const client = useQueryClient();
  const signOut = async () => {
    await request('DELETE', '/session');
    client.clear();
    location.assign('/');
  };
  const first = growing.data?.[0]?.investigation;
  const title = growing.data?.length ? titleOf(growing.data) : say('today.nothingGrowingYet');
  return (
    <div className="page">
      <PageHead
        tag={<span className="group-tag">{teacher.name}</span>}
        title={growing.data ? title : say('common.today')}
        aside={
          <>
            <Link className="btn btn-plain" to="/seeds">
              {say('today.seedShelf')}
            </Link>
            <Link className="btn btn-plain" to="/keeping">
              {say('common.whatIsKept')}
            </Link>
            <button type="button" className="btn btn-plain" onClick={() => void signOut()}>
              {say('today.signOutOf', { schoolName: teacher.schoolName })}
            </button>
          </>
        }
        next={
          first && (
            <Link className="btn-next" to={`/investigations/${first.id}`}>
              {say('today.openNamed', { name: first.class.name })}
            </Link>
          )
        }
      />
      <main className="today">
        <div className="today-shelves">
          <Loaded query={growing} what={say('today.whatIsGrowing')}>
            {(all) =>
              all.length === 0 ? (
                <Empty title={say('today.potsStand')}>
                  <p>{say('today.openClassBelowSet')}</p>
                </Empty>
              ) : (
                <Shelves all={all} />
              )
            }
          </Loaded>
          {/* After the shelves, which would push it from under a finger. */}
          {!growing.isPending && <Classes query={classes} />}
        </div>
        <aside className="today-side">
          {classes.data && <WhatWaits classes={classes.data} />}
          {growing.data && growing.data.length > 0 && <WhatComes all={growing.data} />}
          {growing.data && <WhatLooksWrong all={growing.data} />}
        </aside>
      </main>
    </div>
  );
}

function Classes({ query }: { query: ReturnType<typeof useClasses> }) {
  return (
    <section className="section mt-4">
      <h2>{say('today.yourClasses')}</h2>
      <Loaded query={query} what={say('today.yourClassesLower')}>
        {(list) => (
          <>
            {list.map((c) => (
              <div key={c.id} className="class-row">
                <Link className="group-tag" to={`/classes/${c.id}`}>
                  {c.name}
                </Link>
                <span className="second">
                  <Say
                    it="today.teamsCode"
                    gradeBandNames={GRADE_BAND_NAMES[c.gradeBand]}
                    countTeams={c.teams.length}
                    joinCode={c.joinCode}
                    b={(inside) => <b>{inside}</b>}
                  />
                </span>
                <span className="class-row-list">
                  {c.investigations.slice(0, 3).map((i) => (
                    <Link key={i.id} to={`/investigations/${i.id}`}>
                      {i.phase === 'finished' ? say('today.finished', { question: i.question }) : i.question}
                    </Link>
                  ))}
                </span>
              </div>
            ))}
            <NewClass first={list.length === 0} />
          </>
        )}
      </Loaded>
    </section>
  );
}

/** Every investigation on its own shelf, all at one scale. */
function Shelves({ all }: { all: InvestigationRecords[] }) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 800);
  const top = Math.max(100, ...all.map(tallestNow)) * 1.04;
  return (
    <div ref={holder}>
      <p className="second text-end mb-1">{say('today.lastCheckedShelvesScale')}</p>
      {all.map((records) => (
        <Shelf key={records.investigation.id} records={records} width={width} scale={150 / top} />
      ))}
    </div>
  );
}

/** The tallest plant as last checked, in mm. */
function tallestNow({ readings }: InvestigationRecords): number {
  const day = recordedDays(readings).pop();
  return Math.max(0, ...readings.filter((r) => r.day === day).map((r) => heightOf(r) ?? 0));
}

/** What teams entered and could not be taken by itself, by class. Shown only while something waits. */
function WhatWaits({ classes }: { classes: readonly ClassView[] }) {
  const waiting = classes.filter((c) => c.waiting > 0);
  if (waiting.length === 0) return null;
  return (
    <section className="section mb-4">
      <h2>{say('today.waitingDecide')}</h2>
      {waiting.map((c) => {
        const at = c.investigations.find((i) => i.phase === 'growing') ?? c.investigations[0];
        return (
          <p key={c.id}>
            <Say it="today.entryEntriesTakenOther" name={c.name} b={(inside) => <b>{inside}</b>} waiting={c.waiting} />{' '}
            {at && (
              <Link className="btn btn-plain" to={`/investigations/${at.id}/run`}>
                {say('today.decide')}
              </Link>
            )}
          </p>
        );
      })}
    </section>
  );
}

/** What there is to look at today, or when the next look is due. */
function titleOf(all: InvestigationRecords[]): string {
  const due = all.filter(({ investigation: i }) => {
    const today = todayIn(i.class.timeZone);
    return i.schedule.length === 0 || i.schedule.some((e) => e.kind === 'check' && e.day === today);
  });
  if (due.length > 0) {
    const pots = due.reduce((n, r) => n + r.investigation.containers.length, 0);
    const names = new Set(due.map((r) => r.investigation.containerName));
    const noun = names.size === 1 ? counted(pots, [...names][0]!) : counted(pots, 'pot');
    return say('today.todayInvestigationInvestigationsLook', { n: due.length, noun });
  }
  const next = all
    .flatMap(({ investigation: i }) => {
      const today = todayIn(i.class.timeZone);
      return i.schedule.filter((e) => e.kind === 'check' && e.day > today);
    })
    .map((e) => e.day)
    .sort()[0];
  const growing = say('today.investigationInvestigationsGrowing', { n: all.length });
  return next ? say('today.nextCheck', { growing, next: formatDay(next) }) : growing;
}
