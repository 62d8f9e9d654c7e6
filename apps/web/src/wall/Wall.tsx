import { type TeamView } from '@bright-sprout/contracts/classes';
import { type ExpectedView, type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { formatDay, type IsoDay, weekdayName } from '@bright-sprout/core/calendar/days';
import { countedUp } from '@bright-sprout/core/readings/countedUp';
import { type Standing, standingsOn } from '@bright-sprout/core/readings/standing';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { summaryNumber, summaryUnit } from '@bright-sprout/core/measures/summaryWords';
import { useMemo, useRef, useState } from 'react';
import { EmblemMark } from '../marks/EmblemMark';
import { LineUp, wallTop } from './LineUp';
import { type LineUpGroup } from './lineUpGroup';
import { RuledWord } from '../page/RuledWord';
import { TreatmentMark } from '../marks/TreatmentMark';
import { useWidth } from '../page/useWidth';
import { measuresShown } from '../records/found';
import { CountWall } from './CountWall';
import { ValueWall } from './ValueWall';
import { PlantStory } from './PlantStory';
import { type Grouping, groupingsOf, wallGroups } from './wallGroups';
import './wall.scss';

/** Up to so many containers stand in one row; more get a shelf for each treatment. */
const ONE_ROW = 32;
const PHONE = 640;
/** Height of everything around the plants; the rest of the window is theirs. */
const AROUND = 508;

const GROUPING_WORDS: Record<Grouping, string> = { treatment: 'treatment', team: 'team', kind: 'kind', age: 'age' };

/** Every plant of the investigation on one day, side by side and to scale. */
export function Wall({
  records,
  day,
  before,
  team = false,
}: {
  records: InvestigationRecords;
  day: IsoDay;
  before: IsoDay | null;
  /** Seen on a team's device. */
  team?: boolean;
}) {
  const { investigation, readings } = records;
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder);
  const [chosen, setChosen] = useState<string | null>(null);
  const [by, setBy] = useState<Grouping>('treatment');
  const [outline, setOutline] = useState<'last' | 'none'>('last');
  const [single, setSingle] = useState<string | null>(null);
  const measures = useMemo(() => measuresShown(investigation, readings), [investigation, readings]);
  const [code, setCode] = useState<string | null>(null);
  const measure = measures.find((m) => m.code === code) ?? measures[0]!;
  const shown = useMemo(() => {
    const ids = investigation.containers.map((c) => c.id);
    const standings = standingsOn(ids, readings, day);
    return {
      standings,
      groups: wallGroups(records, standings, day, by, measure),
      earlier: before === null || outline === 'none' ? null : standingsOn(ids, readings, before),
    };
  }, [records, investigation, readings, day, before, by, outline, measure]);
  const topMm = useMemo(() => {
    const pegs = by === 'team' ? investigation.expected.map((e) => e.heightMm ?? 0) : [];
    return wallTop(readings, pegs, investigation.resolution === 'quarter-in');
  }, [readings, investigation, by]);
  const phone = width < PHONE;
  const shelves = phone
    ? [shown.groups.filter((g, i) => (single === null ? i === 0 : g.key === single))]
    : investigation.containers.length > ONE_ROW
      ? shelvesOf(shown.groups)
      : [shown.groups];
  const plantHeight = shelves.length > 1 ? 190 : phone ? 300 : Math.min(640, Math.max(260, window.innerHeight - AROUND));
  const standings = [...shown.standings.values()];
  const count = (state: string) => standings.filter((s) => s.state === state).length;
  const lineUp = {
    investigation,
    standings: shown.standings,
    earlier: shown.earlier,
    day,
    beforeDay: before,
    width,
    topMm,
    chosen,
    onChoose: setChosen,
  };
  const counts = measure.quantity === 'count-of' && measure.noun !== null;
  const drawn = measure.drawn === 'height';
  const story = investigation.containers.find((c) => c.id === chosen);
  return (
    <section aria-label="Line-up wall">
      <div className="wall-legend">
        <div className="ruled-sentence wall-sentence">
          {measures.length > 1 ? (
            <>
              <RuledWord
                name="What is shown"
                value={measure.code}
                choices={measures.map((m) => ({ value: m.code, label: m.name.charAt(0).toUpperCase() + m.name.slice(1) }))}
                onChoose={setCode}
              />{' '}
              of {investigation.speciesName.toLowerCase()}
            </>
          ) : (
            investigation.speciesName
          )}{' '}
          lined up by{' '}
          <RuledWord
            name="Lined up by"
            value={by}
            choices={groupingsOf(investigation).map((g) => ({ value: g, label: GROUPING_WORDS[g] }))}
            onChoose={(g) => (setBy(g), setSingle(null))}
          />
          {before && drawn && (
            <>
              , with{' '}
              <RuledWord
                name="Outline"
                value={outline}
                choices={[
                  { value: 'last', label: `${weekdayName(before)}’s outline` },
                  { value: 'none', label: 'no outline' },
                ]}
                onChoose={setOutline}
              />{' '}
              behind
            </>
          )}
          .
        </div>
        <div className="wall-facts">
          <p className="wall-count" role="status">
            {count('measured')} {counts ? 'counted' : 'measured'} · {count('not-up')} not up yet · {count('lost')} lost
            {count('not-checked') > 0 && ` · ${count('not-checked')} not looked at`}
          </p>
          <p className="wall-key">
            {drawn && shown.groups.some((g) => g.peg) && (
              <>
                <span className="key-peg" /> what the team expected of its tallest
              </>
            )}
            {before && drawn && outline === 'last' && (
              <>
                <span className="key-ghost" /> {formatDay(before)}
              </>
            )}
            {drawn && shown.groups.some((g) => g.summary) && (
              <>
                <span className="key-mean" /> mean and 95% interval of the plants that are up
              </>
            )}
          </p>
        </div>
      </div>
      {phone && (
        <div className="wall-switch" role="group" aria-label="Group shown">
          {shown.groups.map((g) => (
            <button
              key={g.key}
              type="button"
              className={`btn${shelves[0]![0] === g ? ' active' : ''}`}
              aria-pressed={shelves[0]![0] === g}
              aria-label={g.title}
              onClick={() => setSingle(g.key)}
            >
              {g.emblem ? <EmblemMark emblem={g.emblem} size={24} /> : (g.letter ?? g.title)}
            </button>
          ))}
        </div>
      )}
      <div ref={holder}>
        {shelves.map((groups) => (
          <div key={groups.map((g) => g.key).join(' ')}>
            <Headings
              groups={counts ? groups.map((g) => ({ ...g, detail: countDetail(g, shown.standings, measure) })) : groups}
              measure={measure}
              total={width}
              investigation={investigation}
            />
            {counts ? (
              <CountWall {...lineUp} measure={measure} groups={groups} />
            ) : drawn ? (
              <LineUp {...lineUp} groups={groups} plantHeight={plantHeight} />
            ) : (
              <ValueWall {...lineUp} measure={measure} groups={groups} readings={readings} />
            )}
          </div>
        ))}
      </div>
      {drawn && <Missing investigation={investigation} standings={shown.standings} />}
      {story && <PlantStory container={story} records={records} team={team} onClose={() => setChosen(null)} />}
    </section>
  );
}

/** How many of a group have sprouted, of all that were sown where somebody counted. */
function countDetail(group: LineUpGroup, standings: ReadonlyMap<string, Standing>, measure: Measure): string {
  const share = countedUp(group.containers, standings, measure.code);
  if (!share) return 'not counted yet';
  return `${share.up} of ${share.of} ${measure.noun![1]}: ${Math.round((100 * share.up) / share.of)} %`;
}

/** Groups side by side as long as one shelf carries them: one treatment a shelf, several teams. */
function shelvesOf(groups: LineUpGroup[]): LineUpGroup[][] {
  const shelves: LineUpGroup[][] = [];
  for (const group of groups) {
    const last = shelves[shelves.length - 1];
    const standing = last?.reduce((n, g) => n + g.containers.length, 0) ?? 0;
    if (last && standing + group.containers.length <= ONE_ROW / 2) last.push(group);
    else shelves.push([group]);
  }
  return shelves;
}

function Headings({
  groups,
  measure,
  total,
  investigation,
}: {
  groups: LineUpGroup[];
  measure: Measure;
  total: number;
  investigation: InvestigationRecords['investigation'];
}) {
  const columns = groups.map((g) => `${Math.max(1, g.containers.length)}fr`).join(' ');
  // Seeds are told in the words below the title; ranks have no mean worth a big number.
  const meaned = measure.summedUp === 'mean' || measure.summedUp === 'median';
  return (
    <div className="wall-headings" style={{ gridTemplateColumns: columns, width: total }}>
      {groups.map((group) => {
        const believers =
          group.letter && measure.drawn === 'height' ? investigation.expected.filter((e) => e.winner === group.letter) : [];
        return (
          <div key={group.key} className="wall-heading">
            {group.look && <TreatmentMark code={group.look} size={22} />}
            {group.emblem && <EmblemMark emblem={group.emblem} size={26} />}
            {group.letter && <span className="wall-letter">{group.letter}</span>}
            <span className="wall-what">
              <b>{group.title}</b>
              <span>{group.detail}</span>
            </span>
            {group.summary && meaned && (
              <span className="wall-mean">
                {summaryNumber(measure, group.summary.mean, investigation.resolution)}
                <small>{summaryUnit(measure, investigation.resolution)}</small>
              </span>
            )}
            {believers.length > 0 && <Believers teams={investigation.teams} expected={believers} />}
          </div>
        );
      })}
    </div>
  );
}

/** The teams that expected this treatment to be the tallest. */
function Believers({ teams, expected }: { teams: TeamView[]; expected: ExpectedView[] }) {
  const own = teams.filter((t) => expected.some((e) => e.teamId === t.id));
  return (
    <span className="wall-believers">
      expected tallest by{' '}
      {own.map((t) => (
        <span key={t.id} title={t.nickname}>
          <EmblemMark emblem={t.emblem} size={16} />
          <span className="visually-hidden">{t.nickname} </span>
        </span>
      ))}
    </span>
  );
}

/** Who is in no mean, by name. */
function Missing({
  investigation,
  standings,
}: {
  investigation: InvestigationRecords['investigation'];
  standings: Map<string, Standing>;
}) {
  const codes = (fits: (s: Standing) => boolean) =>
    investigation.containers.filter((c) => fits(standings.get(c.id)!)).map((c) => c.code);
  const parts = (
    [
      ['not up yet', codes((s) => s.state === 'not-up')],
      ['lost', codes((s) => s.state === 'lost')],
      ['without a height', codes((s) => s.state === 'measured' && s.heightMm === null)],
      ['not looked at', codes((s) => s.state === 'not-checked')],
    ] as [string, string[]][]
  ).filter(([, list]) => list.length > 0);
  if (parts.length === 0) return null;
  return (
    <p className="second wall-missing">
      {parts.map(([word, list]) => `${list.join(', ')} ${word}`).join(' · ')}: you see them here, but no mean counts them.
    </p>
  );
}
