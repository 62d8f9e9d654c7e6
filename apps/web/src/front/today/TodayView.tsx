import { heightOf } from '@bright-sprout/core/measures/finding';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { mainMeasure } from '@bright-sprout/core/measures/registry';
import { summaryNumber, summaryWords } from '@bright-sprout/core/measures/summaryWords';
import { policiesOf } from '../../records/found';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type SessionView } from '@bright-sprout/contracts/access';
import { GRADE_BAND_NAMES, GRADE_BANDS, type GradeBand } from '@bright-sprout/contracts/classes';
import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { daysBetween, formatDay } from '@bright-sprout/core/calendar/days';
import { groupsOnDay } from '@bright-sprout/core/compare/compareOnDay';
import { type LookAgain, lookAgain } from '@bright-sprout/core/compare/lookAgain';
import { recordedDays, standingsOn } from '@bright-sprout/core/readings/standing';
import { counted } from '@bright-sprout/core/words/plural';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Form } from 'react-bootstrap';
import { Link, useNavigate } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../api/client';
import { useLive } from '../../api/live';
import { useClasses, useGrowing, useWrite } from '../../api/queries';
import { comparedRecords } from '../../records/comparedRecords';
import { Field } from '../../entry/Field';
import { Empty, Loaded, ProblemNotice } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
import { useWidth } from '../../page/useWidth';
import { Shelf } from './Shelf';
import { WhatComes } from './WhatComes';
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
  const pots = growing.data?.reduce((n, r) => n + r.investigation.containers.length, 0) ?? 0;
  const title = pots === 0 ? 'Nothing is growing yet' : titleOf(growing.data!, pots);
  return (
    <div className="page">
      <PageHead
        tag={<span className="group-tag">{teacher.name}</span>}
        title={growing.data ? title : 'Today'}
        aside={
          <>
            <Link className="btn btn-plain" to="/seeds">
              Seed shelf
            </Link>
            <button type="button" className="btn btn-plain" onClick={() => void signOut()}>
              Sign out of {teacher.schoolName}
            </button>
          </>
        }
        next={
          first && (
            <Link className="btn-next" to={`/investigations/${first.id}`}>
              Open {first.class.name}
            </Link>
          )
        }
      />
      <main className="today">
        <div className="today-shelves">
          <Loaded query={growing} what="what is growing">
            {(all) =>
              all.length === 0 ? (
                <Empty title="Your pots will stand here">
                  <p>Open a class below and set up its first investigation; it takes about two minutes.</p>
                </Empty>
              ) : (
                <Shelves all={all} />
              )
            }
          </Loaded>
          <section className="section mt-4">
            <h2>Your classes</h2>
            <Loaded query={classes} what="your classes">
              {(list) => (
                <>
                  {list.map((c) => (
                    <div key={c.id} className="class-row">
                      <Link className="group-tag" to={`/classes/${c.id}`}>
                        {c.name}
                      </Link>
                      <span className="second">
                        {GRADE_BAND_NAMES[c.gradeBand]} · {c.teams.length} teams · code <b>{c.joinCode}</b>
                      </span>
                      <span className="class-row-list">
                        {c.investigations.slice(0, 3).map((i) => (
                          <Link key={i.id} to={`/investigations/${i.id}`}>
                            {i.question} {i.phase === 'finished' && '(finished)'}
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
        </div>
        <aside className="today-side">
          {growing.data && growing.data.length > 0 && <WhatComes all={growing.data} />}
          {growing.data && <WhatLooksWrong all={growing.data} />}
        </aside>
      </main>
    </div>
  );
}

/** What there is to look at today, or when the next look is due. */
function titleOf(all: InvestigationRecords[], pots: number): string {
  const due = all.filter(({ investigation: i }) => {
    const today = todayIn(i.class.timeZone);
    return i.schedule.length === 0 || i.schedule.some((e) => e.kind === 'check' && e.day === today);
  });
  const one = all.length === 1;
  if (due.length > 0)
    return `Today ${inWords(all.length)} ${one ? 'investigation has' : 'investigations have'} ${pots} pots to look at`;
  const next = all
    .flatMap(({ investigation: i }) => {
      const today = todayIn(i.class.timeZone);
      return i.schedule.filter((e) => e.kind === 'check' && e.day > today);
    })
    .map((e) => e.day)
    .sort()[0];
  const growing = `${inWords(all.length)[0]!.toUpperCase()}${inWords(all.length).slice(1)} ${one ? 'investigation is' : 'investigations are'} growing`;
  return next ? `${growing}; the next check is ${formatDay(next)}` : growing;
}

const WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const inWords = (n: number) => WORDS[n] ?? String(n);

/** Every investigation on its own shelf, all at one scale. */
function Shelves({ all }: { all: InvestigationRecords[] }) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 800);
  const top = Math.max(100, ...all.map(tallestNow)) * 1.04;
  return (
    <div ref={holder}>
      <p className="second text-end mb-1">as last checked, all shelves at one scale</p>
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

interface Oddity extends LookAgain {
  measure: Measure;
  records: InvestigationRecords;
}

/** Who is late or behind as last checked, and which teams have not answered today. */
function WhatLooksWrong({ all }: { all: InvestigationRecords[] }) {
  const odd: Oddity[] = all.flatMap((records) => {
    const day = recordedDays(records.readings).pop();
    if (!day) return [];
    const measure = mainMeasure(records.investigation.bench);
    const groups = groupsOnDay(comparedRecords(records), {
      ...policiesOf(records.investigation),
      measure,
      day,
      beforeSprouting: 'exclude',
    });
    return lookAgain(groups, measure).map((o) => ({ ...o, measure, records }));
  });
  const open = all.flatMap(({ investigation, readings }) => {
    const today = todayIn(investigation.class.timeZone);
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
        <h2>What looks wrong</h2>
        {odd.length === 0 && <p className="second">Nothing stands out as last checked.</p>}
        {odd.slice(0, 4).map((o) => (
          <div key={`${o.records.investigation.id} ${o.code}`} className="oddity">
            <h3>
              {o.records.investigation.class.name}: {o.code} {o.kind === 'late' ? 'is not up' : 'is behind its twins'}
            </h3>
            <p>{whyOdd(o)}</p>
            <Link className="btn" to={`/investigations/${o.records.investigation.id}`}>
              Look at {o.code}
            </Link>
          </div>
        ))}
        {odd.length > 4 && <p className="second">and {odd.length - 4} more on the walls</p>}
      </section>
      <section className="section mt-4">
        <h2>Not answered today</h2>
        {open.length === 0 ? (
          <p className="second">Every pot has its answer for today.</p>
        ) : (
          open.map(({ investigation, teams, missing }) => (
            <p key={investigation.id}>
              <b>{investigation.class.name}</b>: {missing} of{' '}
              {counted(investigation.containers.length, investigation.containerName)}
              {teams.length > 0 && `: ${teams.join(', ')}`}
            </p>
          ))
        )}
      </section>
    </>
  );
}

function whyOdd({ kind, value, measure, treatment, twins, records }: Oddity): string {
  const { resolution, sownOn } = records.investigation;
  const day = recordedDays(records.readings).pop()!;
  if (kind === 'late') return `${daysBetween(sownOn, day)} days with ${treatment}; ${twins.up} others with ${treatment} are up.`;
  const range = `${summaryNumber(measure, twins.low, resolution)} to ${summaryWords(measure, twins.high, resolution)}`;
  return `${summaryWords(measure, value!, resolution)} on ${formatDay(day)}; the others with ${treatment} stood at ${range}.`;
}

function NewClass({ first }: { first: boolean }) {
  const navigate = useNavigate();
  const [open, setOpen] = useState(first);
  const [name, setName] = useState('');
  const [gradeBand, setGradeBand] = useState<GradeBand>('middle');
  const [id] = useState(() => v7());
  const save = useWrite(
    () =>
      request('PUT', `/classes/${id}`, {
        name: name.trim(),
        gradeBand,
        timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      }),
    'classes',
  );
  if (!open)
    return (
      <button type="button" className="btn mt-2" onClick={() => setOpen(true)}>
        Add a class
      </button>
    );
  return (
    <Form
      className="new-class"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate(undefined, { onSuccess: () => void navigate(`/classes/${id}`) });
      }}
    >
      <Field label="Name of the class">
        {(props) => <Form.Control required maxLength={40} value={name} onChange={(e) => setName(e.target.value)} {...props} />}
      </Field>
      <Field label="Age">
        {(props) => (
          <Form.Select value={gradeBand} onChange={(e) => setGradeBand(e.target.value as GradeBand)} {...props}>
            {GRADE_BANDS.map((g) => (
              <option key={g} value={g}>
                {GRADE_BAND_NAMES[g]}
              </option>
            ))}
          </Form.Select>
        )}
      </Field>
      <button type="submit" className="btn" disabled={save.isPending}>
        {save.isPending ? 'Saving …' : 'Add the class'}
      </button>
      {save.error && <ProblemNotice error={save.error} />}
    </Form>
  );
}
