import { todayIn } from '@bright-sprout/core/clock/clock';
import { heightOf } from '@bright-sprout/core/measures/finding';
import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { type ReadingDoubt } from '@bright-sprout/core/readings/reading';
import { doubtOfReading } from '@bright-sprout/core/readings/surroundings';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull } from 'typeorm';
import { Container } from '../investigations/container.entity';
import { RecordsService } from '../investigations/records.service';
import { type NewReading } from './insertReadings';

/**
 * Asks about heights that nobody has asked about yet: typed from paper, taken in from a sheet, or sent by a device that did
 * not know what another had recorded. A correction was made on purpose and is not asked about.
 */
@Injectable()
export class ArrivalDoubts {
  constructor(
    private readonly dataSource: DataSource,
    private readonly records: RecordsService,
  ) {}

  /**
   * The readings of one container and day, each with the open question its height raises beside what was recorded before of
   * the containers that the same team looks after.
   * @param container loaded with its investigation and class
   */
  async ask(container: Container, day: string, readings: NewReading[]): Promise<NewReading[]> {
    const unasked = readings.filter((r) => heightOf(r) !== null && !r.doubt && !r.supersedesId);
    if (unasked.length === 0) return readings;
    const { investigation, investigationId, teamId } = container;
    const ofTeam = await this.dataSource
      .getRepository(Container)
      .find({ where: { investigationId, teamId: teamId ?? IsNull() }, relations: { treatment: true } });
    const here = ofTeam.find((c) => c.id === container.id);
    // Given to another team in this very moment: whom to compare it with is not known.
    if (!here) return readings;
    // Only twins and neighbours are compared with: where a whole class shares its containers, there are many others.
    const beside = ofTeam.filter((c) => c.treatmentId === here.treatmentId || Math.abs(c.position - here.position) <= 1);
    const species = speciesById(here.treatment.speciesId ?? investigation.speciesId);
    if (!species) return readings;
    const now = todayIn(investigation.classGroup.timeZone);
    const setting = {
      species,
      resolution: investigation.resolution,
      containers: beside.map(({ id, code, treatment, position, sownOn }) => ({
        id,
        code,
        treatment: treatment.code,
        position,
        sownOn: sownOn ?? investigation.sownOn,
      })),
      readings: await this.records.readingsOf(beside.map((c) => c.id)),
      plants: (investigation.bench ?? USUAL_BENCH).plants,
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
}
