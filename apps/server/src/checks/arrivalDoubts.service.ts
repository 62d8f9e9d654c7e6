import { todayIn } from '@bright-sprout/core/clock/clock';
import { heightOf, numberFound } from '@bright-sprout/core/measures/finding';
import { benchFor, USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { type ReadingDoubt, type ReadingState } from '@bright-sprout/core/readings/reading';
import { doubtOfReading, type LookedReading } from '@bright-sprout/core/readings/surroundings';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Injectable } from '@nestjs/common';
import { type ContainerToWriteFor } from '../access/scope.service';
import { Database } from '../database/database';
import { type NewReading } from './insertReadings';

/** A container, and one reading of it; or a container alone that nobody has looked at. */
interface Beside {
  id: string;
  code: string;
  position: number;
  sownOn: string | null;
  treatment: string;
  speciesId: string | null;
  reading: string | null;
  plant: string;
  day: string;
  state: ReadingState;
  supersedes: string | null;
  recordedAt: Date;
  heightMm: number | null;
}

/**
 * Asks about heights that nobody has asked about yet: typed from paper, taken in from a sheet, or sent by a device that did
 * not know what another had recorded. A correction was made on purpose and is not asked about.
 */
@Injectable()
export class ArrivalDoubts {
  constructor(private readonly db: Database) {}

  /**
   * The readings of one container and day, each with the open question its height raises beside what was recorded before of
   * the containers that the same team looks after.
   */
  async ask(container: ContainerToWriteFor, day: string, readings: NewReading[]): Promise<NewReading[]> {
    const unasked = readings.filter((r) => heightOf(r) !== null && !r.doubt && !r.supersedesId);
    if (unasked.length === 0) return readings;
    const { investigation } = container;
    const beside = await this.beside(container, day);
    const here = beside.find((c) => c.id === container.id);
    // Given to another team in this very moment: whom to compare it with is not known.
    if (!here) return readings;
    const species = speciesById(here.speciesId ?? investigation.speciesId);
    if (!species) return readings;
    const now = todayIn(investigation.classGroup.timeZone);
    const setting = {
      species,
      resolution: investigation.resolution,
      containers: [...new Map(beside.map((c) => [c.id, { ...c, sownOn: c.sownOn ?? investigation.sownOn }])).values()],
      readings: beside.flatMap(readingOf),
      plants: benchFor(investigation.bench ?? USUAL_BENCH, here.treatment).plants,
    };
    const asked = (reading: NewReading): ReadingDoubt | null => {
      const height = {
        containerId: here.id,
        plant: reading.plant,
        day,
        valueMm: heightOf(reading)!,
        today: now > day ? now : day,
      };
      const doubt = doubtOfReading(height, setting);
      return doubt && { kind: doubt.kind, answer: null, secondMm: null };
    };
    return readings.map((r) => (unasked.includes(r) ? { ...r, doubt: asked(r) } : r));
  }

  /**
   * The container with its twins and neighbours among those that the same team looks after (where a whole class shares its
   * containers, there are many others), each with what was recorded of it before a day.
   */
  private beside({ investigationId, teamId, treatmentId, position }: ContainerToWriteFor, day: string): Promise<Beside[]> {
    return this.db.query<Beside[]>(
      `SELECT c.id, c.code, c.position, c.sown_on AS sownOn, t.code AS treatment, t.species_id AS speciesId,
         r.id AS reading, r.plant, k.day, r.state, r.supersedes_id AS supersedes, k.recorded_at AS recordedAt, f.value AS heightMm
       FROM container c JOIN treatment t ON t.id = c.treatment_id
         LEFT JOIN plant_check k ON k.container_id = c.id AND k.day < ?
         LEFT JOIN reading r ON r.check_id = k.id
         LEFT JOIN finding f ON f.reading_id = r.id AND f.measure = 'height'
       WHERE c.investigation_id = ? AND c.team_id <=> ? AND c.taken_back_at IS NULL AND c.in_reserve = 0
         AND (c.treatment_id = ? OR c.position BETWEEN ? AND ?)`,
      [day, investigationId, teamId, treatmentId, position - 1, position + 1],
    );
  }
}

function readingOf({ reading, id, plant, day, state, supersedes, recordedAt, heightMm }: Beside): LookedReading[] {
  if (reading === null) return [];
  const findings = heightMm === null ? [] : [numberFound('height', heightMm)];
  return [{ id: reading, containerId: id, plant, day, state, supersedes, recordedAt: recordedAt.toISOString(), findings }];
}
