import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { findingOf } from '@bright-sprout/core/measures/finding';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { countsSeeds } from '@bright-sprout/core/measures/registry';
import { type Standing, standingsOn } from '@bright-sprout/core/readings/standing';
import { useMemo, useRef, useState } from 'react';
import { EmblemMark } from '../marks/EmblemMark';
import { LineUp, wallTop } from './LineUp';
import { type LineUpGroup } from './lineUpGroup';
import { useWidth } from '../page/useWidth';
import { measuresShown } from '../records/found';
import { CountWall } from './CountWall';
import { ValueWall } from './ValueWall';
import { PlantStory } from './PlantStory';
import { countDetail, type Grouping, wallGroups } from './wallGroups';
import { WallHeadings } from './WallHeadings';
import { WallMissing } from './WallMissing';
import { type Outline, WallSentence } from './WallSentence';
import { wallShelves } from './wallShelves';
import { Say } from '../words/Say';
import './wall.scss';

const PHONE = 640;

/** Height of everything around the plants; the rest of the window is theirs. */
const AROUND = 508;

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
  const [outline, setOutline] = useState<Outline>('last');
  const [single, setSingle] = useState<string | null>(null);
  const [whole, setWhole] = useState<string | null>(null);
  const { measures, measure, setCode } = useMeasure(records);
  const shown = useMemo(() => {
    const ids = investigation.containers.map((c) => c.id);
    const standings = standingsOn(ids, readings, day);
    return {
      standings,
      groups: wallGroups(records, standings, day, by, measure),
      earlier: before === null || outline === 'none' ? null : standingsOn(ids, readings, before),
    };
  }, [records, investigation, readings, day, before, by, outline, measure]);
  const topMm = useTop(records, by);
  const phone = width < PHONE;
  const inSight = phone ? shown.groups.filter((g, i) => (single === null ? i === 0 : g.key === single)) : shown.groups;
  const shelves = wallShelves(inSight, { standings: shown.standings, measure, width, alone: phone, whole });
  const opened = shown.groups.find((g) => g.key === whole);
  const plantHeight = shelves.length > 1 ? 190 : phone ? 300 : Math.min(640, Math.max(260, window.innerHeight - AROUND));
  const lineUp = { ...shown, investigation, day, beforeDay: before, width, topMm, chosen, onChoose: setChosen };
  const counts = measure.quantity === 'count-of' && measure.noun !== null;
  const drawn = measure.drawn === 'height';
  const story = investigation.containers.find((c) => c.id === chosen);
  return (
    <section aria-label={say('wall.lineWall')}>
      <div className="wall-legend">
        <WallSentence
          investigation={investigation}
          measures={measures}
          measure={measure}
          onMeasure={setCode}
          by={by}
          onGrouping={(g) => (setBy(g), setSingle(null), setWhole(null))}
          before={drawn ? before : null}
          outline={outline}
          onOutline={setOutline}
        />
        <div className="wall-facts">
          <Counts standings={[...shown.standings.values()]} counts={counts} />
          {drawn && <WallKey groups={shown.groups} outlined={outline === 'last' ? before : null} />}
        </div>
      </div>
      {phone && (
        <GroupSwitch groups={shown.groups} open={inSight[0] ?? null} onOpen={(key) => (setSingle(key), setWhole(null))} />
      )}
      {opened && <WholeGroup of={opened.containers.length} title={opened.title} onBack={() => setWhole(null)} />}
      <div ref={holder}>
        {shelves.map((groups, i) => (
          <div key={groups.map((g) => g.key).join(' ')}>
            {(!opened || i === 0) && (
              <WallHeadings
                groups={counts ? groups.map((g) => ({ ...g, detail: countDetail(g, shown.standings, measure) })) : groups}
                measure={measure}
                total={width}
                investigation={investigation}
                standings={shown.standings}
                onWhole={setWhole}
              />
            )}
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
      {drawn && <WallMissing investigation={investigation} standings={shown.standings} />}
      {story && <PlantStory container={story} records={records} team={team} onClose={() => setChosen(null)} />}
    </section>
  );
}

/** Which measure the wall shows. */
function useMeasure({ investigation, readings }: InvestigationRecords) {
  const measures = useMemo(() => measuresShown(investigation, readings), [investigation, readings]);
  const [code, setCode] = useState<string | null>(null);
  // Where seeds would be counted and nobody has, it opens on what was found: how green a patch is.
  const first = useMemo(() => {
    const [main] = measures as [Measure];
    const found = countsSeeds([main.code]) && measures.find((m) => readings.some((r) => findingOf(r, m.code)));
    return found || main;
  }, [measures, readings]);
  const measure = measures.find((m) => m.code === code) ?? first;
  return { measures, measure, setCode };
}

/** Up to what height the wall reaches, mm. */
function useTop({ investigation, readings }: InvestigationRecords, by: Grouping): number {
  return useMemo(() => {
    const pegs = by === 'team' ? investigation.expected.map((e) => e.heightMm ?? 0) : [];
    const goal = investigation.outlook?.goal?.mm;
    return wallTop(readings, goal ? [...pegs, goal] : pegs, investigation.resolution === 'quarter-in');
  }, [readings, investigation, by]);
}

function WholeGroup({ of, title, onBack }: { of: number; title: string; onBack: () => void }) {
  return (
    <p className="wall-whole no-print">
      {say('wall.allOf', { countContainers: of, title })}{' '}
      <button type="button" className="btn btn-plain" onClick={onBack}>
        {say('wall.backGroups')}
      </button>
    </p>
  );
}

/** How many stand how, in one line. */
function Counts({ standings, counts }: { standings: readonly Standing[]; counts: boolean }) {
  const count = (state: Standing['state']) => standings.filter((s) => s.state === state).length;
  return (
    <p className="wall-count" role="status">
      {say('wall.countsOfGroup', {
        count: count('measured'),
        counts,
        notUp: count('not-up'),
        lost: count('lost'),
        notLookedAt: count('not-checked'),
        someNotLookedAt: count('not-checked') > 0,
      })}
    </p>
  );
}

/** On a phone one group is seen at a time. */
function GroupSwitch({
  groups,
  open,
  onOpen,
}: {
  groups: readonly LineUpGroup[];
  open: LineUpGroup | null;
  onOpen: (key: string) => void;
}) {
  return (
    <div className="wall-switch" role="group" aria-label={say('wall.groupShown')}>
      {groups.map((g) => (
        <button
          key={g.key}
          type="button"
          className={`btn${open === g ? ' active' : ''}`}
          aria-pressed={open === g}
          aria-label={g.title}
          onClick={() => onOpen(g.key)}
        >
          {g.emblem ? <EmblemMark emblem={g.emblem} size={24} /> : (g.letter ?? g.title)}
        </button>
      ))}
    </div>
  );
}

/** What the lines, pegs and outlines of the wall mean; only of those that are there. */
function WallKey({ groups, outlined }: { groups: LineUpGroup[]; outlined: IsoDay | null }) {
  return (
    <p className="wall-key">
      {groups.some((g) => g.peg) && (
        <>
          <Say it="wall.teamExpectedTallest" span={<span className="key-peg" />} />
        </>
      )}
      {outlined && (
        <>
          <span className="key-ghost" /> {formatDay(outlined)}
        </>
      )}
      {groups.some((g) => g.summary) && (
        <>
          <Say it="wall.meanIntervalPlants" span={<span className="key-mean" />} />
        </>
      )}
    </p>
  );
}
