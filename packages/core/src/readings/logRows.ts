import { type IsoDay } from '../calendar/days';
import { besideEachOther, currentReadings, hasEnded, isDoubtful, type Reading } from './reading';
import { contradict, recordedDays } from './standing';

/** What the table of everything is made of. */
export interface Logged {
  investigation: {
    containers: readonly { id: string; code: string; treatment: string; sownOn: IsoDay }[];
    /** Plants of a container that are told apart; by code, where a treatment has another number of them. */
    bench: { plants: number; byTreatment?: Record<string, { plants?: number }> };
    schedule: readonly { day: IsoDay; kind: string }[];
  };
  readings: readonly Reading[];
}

export interface LogRow {
  /** `C3`, or `C3 · 2` for the second tagged plant. */
  name: string;
  containerId: string;
  treatment: string;
  plant: string;
  sownOn: IsoDay;
}

export interface LogCell<R extends Reading = Reading> {
  /** The newest reading that counts. */
  reading: R;
  /** Readings of other devices that count beside it. */
  others: R[];
  /** A question about it is open, or two devices say different things. */
  doubtful: boolean;
}

export type LogFilter = 'all' | 'missing' | 'doubtful';

/** Days on which somebody looked or should have, up to today. */
export function logDays({ investigation, readings }: Logged, today: IsoDay): IsoDay[] {
  const due = investigation.schedule.filter((e) => e.kind === 'check' && e.day <= today).map((e) => e.day);
  return [...new Set([...recordedDays(readings), ...due])].sort();
}

export function logRows({ investigation, readings }: Logged): LogRow[] {
  const { containers, bench } = investigation;
  const seen = new Map<string, Set<string>>(containers.map((c) => [c.id, new Set()]));
  for (const r of readings) seen.get(r.containerId)?.add(r.plant);
  return containers.flatMap((c) => {
    const tags = new Set([
      ...Array.from({ length: bench.byTreatment?.[c.treatment]?.plants ?? bench.plants }, (_, i) => String(i + 1)),
      ...seen.get(c.id)!,
    ]);
    const several = tags.size > 1;
    return [...tags].sort().map((plant) => ({
      name: several ? `${c.code} · ${plant}` : c.code,
      containerId: c.id,
      treatment: c.treatment,
      plant,
      sownOn: c.sownOn,
    }));
  });
}

const keyOf = (containerId: string, plant: string, day: string) => `${containerId} ${plant} ${day}`;

/** What stands in each cell: the newest reading that counts. */
export function logCells<R extends Reading>(readings: readonly R[]): (row: LogRow, day: IsoDay) => LogCell<R> | null {
  const cells = new Map<string, LogCell<R>>();
  for (const reading of currentReadings(readings)) {
    const key = keyOf(reading.containerId, reading.plant, reading.day);
    const before = cells.get(key);
    const others = before ? [...before.others, before.reading] : [];
    const disputed = others.some((o) => contradict(o, reading));
    cells.set(key, { reading: besideEachOther(before?.reading, reading), others, doubtful: disputed || isDoubtful(reading) });
  }
  return (row, day) => cells.get(keyOf(row.containerId, row.plant, day)) ?? null;
}

/** The days on which a plant was not looked at; one that is gone is not missing later, nor one that is not sown yet. */
export function missingDays(row: LogRow, days: readonly IsoDay[], cell: (row: LogRow, day: IsoDay) => LogCell | null): IsoDay[] {
  const missing: IsoDay[] = [];
  let gone = false;
  for (const day of days) {
    const found = cell(row, day);
    if (found) gone = hasEnded(found.reading.state);
    else if (!gone && day > row.sownOn) missing.push(day);
  }
  return missing;
}
