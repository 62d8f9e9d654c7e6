import { benchFor } from '@bright-sprout/core/bench/benchProtocol';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type ContainerView, type InvestigationView, type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { valueOf } from '@bright-sprout/core/measures/finding';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { doubtAboutFinding, type FindingDoubt } from '@bright-sprout/core/readings/findingDoubt';
import { type Doubt } from '@bright-sprout/core/readings/plausibility';
import { doubtOfReading } from '@bright-sprout/core/readings/surroundings';
import { type Species } from '@bright-sprout/core/seeds/catalogue';
import { type Entry } from './entry';
import { useEffect, useMemo, useState } from 'react';

/** A number is asked about when nobody has tapped for so long. */
const QUIET_MS = 900;

interface TypedNow {
  investigation: InvestigationView;
  container: ContainerView;
  plant: string;
  day: IsoDay;
  mm: number | null;
  readings: ReadingView[];
  /** Kinds that the device knows. */
  kinds: readonly Species[];
}

/** The question that the typed height raises: at once for saving, and shown when the typing has come to rest. */
export function useDoubt({ investigation, container, plant, day, mm, readings, kinds }: TypedNow): {
  doubt: Doubt | null;
  shown: boolean;
} {
  const doubt = useMemo(() => {
    const treatment = investigation.treatments.find((t) => t.code === container.treatment)!;
    const species = kinds.find((k) => k.id === treatment.speciesId);
    if (mm === null || !species) return null;
    const today = todayIn(investigation.class.timeZone);
    const { resolution, containers } = investigation;
    const { plants } = benchFor(investigation.bench, container.treatment);
    return doubtOfReading(
      { containerId: container.id, plant, day, valueMm: mm, today: today > day ? today : day },
      { species, resolution, containers, readings, plants },
    );
  }, [investigation, container, plant, day, mm, readings, kinds]);
  const [restedAt, setRestedAt] = useState<number | null>(null);
  useEffect(() => {
    if (mm === null) return;
    const timer = setTimeout(() => setRestedAt(mm), QUIET_MS);
    return () => clearTimeout(timer);
  }, [mm]);
  return { doubt, shown: doubt !== null && restedAt === mm };
}

/** The first question that another value than the height raises, beside what was found last time. */
export function doubtAboutOthers(
  entry: Entry,
  last: ReadingView | null,
  { seedsSown: sown }: ContainerView,
  { bench, resolution }: InvestigationView,
): FindingDoubt | null {
  if (entry.state !== 'measured') return null;
  for (const { measure: code, value } of entry.found) {
    const measure = measureOf(code, bench.own);
    if (!measure || value === null) continue;
    const doubt = doubtAboutFinding(measure, value, last ? valueOf(last, code) : null, { resolution, sown });
    if (doubt) return doubt;
  }
  return null;
}
