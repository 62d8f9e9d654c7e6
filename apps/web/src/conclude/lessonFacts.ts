import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { orderedMeasures } from '@bright-sprout/core/compare/askable';
import { type LessonFacts } from '@bright-sprout/core/conclude/points/lesson';
import { type PointSubject } from '@bright-sprout/core/conclude/points/pointWords';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { isNumeric } from '@bright-sprout/core/measures/measure';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { askableRecords, comparedRecords } from '../records/comparedRecords';

/** What the lesson speaks about: the first measure of the class with numbers, or height. */
export function lessonMeasure(records: InvestigationRecords): Measure {
  return orderedMeasures(askableRecords(records)).find(isNumeric) ?? measureOf('height')!;
}

/** What a team said, with the team as its containers call it. */
export function expectations({ expected, teams }: InvestigationRecords['investigation']) {
  const names = new Map(teams.map((t) => [t.id, t.nickname]));
  return expected.map(({ teamId, ...said }) => ({ team: names.get(teamId) ?? '', ...said }));
}

/** Everything that talking points are found in, but for the measure, whose words are functions and stay on their side. */
export function lessonFacts(records: InvestigationRecords, readingError: number | null): Omit<LessonFacts, 'measure'> {
  const { investigation } = records;
  const planned = investigation.origin === 'planned';
  const species = investigation.treatments.map((t) => ({ code: t.code, species: speciesById(t.speciesId) }));
  const latest = species.flatMap((s) => s.species?.emergenceDays[1] ?? []);
  return {
    records: comparedRecords(records),
    design: investigation.design,
    positions: planned ? new Map(investigation.containers.map((c) => [c.id, c.position])) : null,
    expected: expectations(investigation),
    calendar: investigation.outlook?.calendar ?? null,
    readingError,
    germination: new Map(species.flatMap((s) => (s.species ? [[s.code, s.species.germination] as const] : []))),
    // Half as long again as the slowest usually take.
    allUpBy: latest.length > 0 ? 1.5 * Math.max(...latest) : null,
  };
}

export function pointSubject({ investigation }: InvestigationRecords, measure: Measure): PointSubject {
  return {
    measure,
    resolution: investigation.resolution,
    container: investigation.containerName,
    sownOn: investigation.sownOn,
    band: investigation.class.gradeBand,
  };
}
