import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { groupsOnDay } from '@bright-sprout/core/compare/compareOnDay';
import { standingsOn } from '@bright-sprout/core/measure/standing';
import { formatLengthNumber } from '@bright-sprout/core/quantities/length';
import { useMemo, useRef, useState } from 'react';
import { comparedRecords } from '../../components/comparedRecords';
import { LineUp, type LineUpGroup, wallTop } from '../../components/LineUp';
import { TreatmentMark } from '../../components/TreatmentMark';
import { useWidth } from '../../components/useWidth';
import { PlantStory } from './PlantStory';
import './wall.scss';

/** Up to so many containers stand in one row; more get a shelf for each treatment. */
const ONE_ROW = 32;
const PHONE = 640;
/** Height of everything around the plants; the rest of the window is theirs. */
const AROUND = 470;

/** Every plant of the investigation on one day, side by side and to scale. */
export function Wall({ records, day, before }: { records: InvestigationRecords; day: IsoDay; before: IsoDay | null }) {
  const { investigation, readings } = records;
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder);
  const [chosen, setChosen] = useState<string | null>(null);
  const [single, setSingle] = useState(investigation.treatments[0]!.code);
  const shown = useMemo(() => {
    const ids = investigation.containers.map((c) => c.id);
    const groups: LineUpGroup[] = groupsOnDay(comparedRecords(records), day, 'exclude').map((group) => ({
      group,
      containers: investigation.containers
        .filter((c) => c.treatment === group.treatment.code)
        .sort((a, b) => a.code.localeCompare(b.code, 'en', { numeric: true })),
    }));
    return {
      groups,
      standings: standingsOn(ids, readings, day),
      earlier: before === null ? null : standingsOn(ids, readings, before),
    };
  }, [records, investigation, readings, day, before]);
  const topMm = useMemo(() => wallTop(readings, investigation.resolution === 'quarter-in'), [readings, investigation]);
  const phone = width < PHONE;
  const shelves = phone
    ? [shown.groups.filter((g) => g.group.treatment.code === single)]
    : investigation.containers.length > ONE_ROW
      ? shown.groups.map((g) => [g])
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
  const story = investigation.containers.find((c) => c.id === chosen);
  return (
    <section aria-label="Line-up wall">
      <div className="wall-legend">
        <p className="wall-count" role="status">
          {count('measured')} measured · {count('not-up')} not up yet · {count('lost')} lost
          {count('not-checked') > 0 && ` · ${count('not-checked')} not looked at`}
        </p>
        <p className="wall-key">
          {before && (
            <>
              <span className="key-ghost" /> {formatDay(before)}
            </>
          )}
          <span className="key-mean" /> mean and 95% interval of the plants that are up
        </p>
      </div>
      {phone && (
        <div className="wall-switch" role="group" aria-label="Group shown">
          {investigation.treatments.map((t) => (
            <button
              key={t.code}
              type="button"
              className={`btn${single === t.code ? ' active' : ''}`}
              aria-pressed={single === t.code}
              onClick={() => setSingle(t.code)}
            >
              {t.code}
            </button>
          ))}
        </div>
      )}
      <div ref={holder}>
        {shelves.map((groups) => (
          <div key={groups.map((g) => g.group.treatment.code).join('')}>
            <Headings groups={groups} total={width} investigation={investigation} />
            <LineUp {...lineUp} groups={groups} plantHeight={plantHeight} />
          </div>
        ))}
      </div>
      <Missing groups={shown.groups} />
      {story && <PlantStory container={story} records={records} onClose={() => setChosen(null)} />}
    </section>
  );
}

function Headings({
  groups,
  total,
  investigation,
}: {
  groups: LineUpGroup[];
  total: number;
  investigation: InvestigationRecords['investigation'];
}) {
  const columns = groups.map((g) => `${Math.max(1, g.containers.length)}fr`).join(' ');
  return (
    <div className="wall-headings" style={{ gridTemplateColumns: columns, width: total }}>
      {groups.map(({ group }) => (
        <div key={group.treatment.code} className="wall-heading">
          <TreatmentMark code={group.treatment.code} size={22} />
          <span className="wall-letter">{group.treatment.code}</span>
          <span className="wall-what">
            <b>{group.treatment.label}</b>
            <span>{groupWords(group, investigation.containerName)}</span>
          </span>
          {group.summary.ok && (
            <span className="wall-mean">
              {formatLengthNumber(group.summary.mean, investigation.resolution === 'quarter-in' ? 'quarter-in' : 'mm')}
              <small>{investigation.resolution === 'quarter-in' ? 'in' : 'cm'}</small>
            </span>
          )}
        </div>
      ))}
    </div>
  );
}

function groupWords(group: LineUpGroup['group'], container: string): string {
  if (!group.summary.ok) return 'none measured';
  const { n } = group.summary;
  return `mean of ${n} ${container}${n === 1 ? '' : 's'}`;
}

/** Who is in no mean, by name. */
function Missing({ groups }: { groups: LineUpGroup[] }) {
  const codes = (pick: (g: LineUpGroup['group']) => { code: string }[]) =>
    groups.flatMap(({ group }) => pick(group).map((c) => c.code));
  const parts = [
    ['not up yet', codes((g) => g.notUp)],
    ['lost', codes((g) => g.lost.map((l) => l.container))],
    ['not looked at', codes((g) => g.notChecked)],
  ].filter(([, list]) => list!.length > 0) as [string, string[]][];
  if (parts.length === 0) return null;
  return (
    <p className="second wall-missing">
      {parts.map(([word, list]) => `${list.join(', ')} ${word}`).join(' · ')}: you see them here, but no mean counts them.
    </p>
  );
}
