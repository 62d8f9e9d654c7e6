import { type SaveSeedLotRequest } from '@bright-sprout/contracts/seedLots';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { Injectable } from '@nestjs/common';
import { type TeacherRequester } from '../access/requester';
import { Database, isDuplicate } from '../database/database';
import { notFound, Problem } from '../problems/problem';
import { SeedLotEntity } from './seedLot.entity';

const MOST_LOTS = 500;

/** The seed shelf belongs to the school: its teachers share it, and nobody else sees it. */
@Injectable()
export class SeedLotsService {
  constructor(private readonly db: Database) {}

  async list({ schoolId }: TeacherRequester): Promise<SeedLot[]> {
    const found = await this.db.of(SeedLotEntity).find({ where: { schoolId }, order: { name: 'ASC' } });
    return found.map(lotOf);
  }

  /** The same lot may be sent twice. */
  async save({ schoolId }: TeacherRequester, id: string, request: SaveSeedLotRequest): Promise<SeedLot> {
    const repository = this.db.of(SeedLotEntity);
    if (!speciesById(request.speciesId)) throw refuse('speciesId', 'This kind of seed is not in the catalogue.');
    const wrong = request.tests.findIndex((t) => t.up > t.of);
    if (wrong >= 0) throw refuse(`tests.${wrong}.up`, 'More came up than were tested.');
    if (!(await repository.existsBy({ id, schoolId }))) await this.add(schoolId, id, request);
    await repository.update({ id, schoolId }, request);
    const kept = await repository.findOneBy({ id, schoolId });
    if (!kept) throw notFound('This seed lot');
    return lotOf(kept);
  }

  /** A lot that is there already, be it another school's, stays as it is. */
  private async add(schoolId: string, id: string, request: SaveSeedLotRequest): Promise<void> {
    const repository = this.db.of(SeedLotEntity);
    if ((await repository.countBy({ schoolId })) >= MOST_LOTS) throw refuse('name', `The shelf holds at most ${MOST_LOTS} lots.`);
    try {
      await repository.insert({ ...request, id, schoolId });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
    }
  }

  async remove({ schoolId }: TeacherRequester, id: string): Promise<void> {
    await this.db.of(SeedLotEntity).delete({ id, schoolId });
  }
}

function refuse(path: string, sentence: string): Problem {
  return new Problem(400, sentence, { errors: [{ path, sentence }] });
}

function lotOf({ id, speciesId, name, year, count, depthMm, spacingMm, daysToSprout, tests }: SeedLotEntity): SeedLot {
  return { id, speciesId, name, year, count, depthMm, spacingMm, daysToSprout, tests };
}
