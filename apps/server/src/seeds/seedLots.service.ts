import { told } from '@bright-sprout/words/say';
import { type SaveSeedLotRequest } from '@bright-sprout/contracts/seedLots';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { Injectable } from '@nestjs/common';
import { type TeacherRequester } from '../access/requester';
import { Database, isDuplicate } from '../database/database';
import { notFound, wrongField } from '../problems/problem';
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
    if (!speciesById(request.speciesId)) throw wrongField(400, 'speciesId', told('refusals.kindSeedCatalogue'));
    const wrong = request.tests.findIndex((t) => t.up > t.of);
    if (wrong >= 0) throw wrongField(400, `tests.${wrong}.up`, told('refusals.moreCameTested'));
    if (!(await repository.existsBy({ id, schoolId }))) await this.add(schoolId, id, request);
    await repository.update({ id, schoolId }, request);
    const kept = await repository.findOneBy({ id, schoolId });
    if (!kept) throw notFound(told('refusals.seedLot'));
    return lotOf(kept);
  }

  /** A lot that is there already, be it another school's, stays as it is. */
  private async add(schoolId: string, id: string, request: SaveSeedLotRequest): Promise<void> {
    const repository = this.db.of(SeedLotEntity);
    if ((await repository.countBy({ schoolId })) >= MOST_LOTS)
      throw wrongField(400, 'name', told('refusals.shelfHoldsMostLots', { mostLots: MOST_LOTS }));
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

function lotOf({ id, speciesId, name, year, count, depthMm, spacingMm, daysToSprout, tests }: SeedLotEntity): SeedLot {
  return { id, speciesId, name, year, count, depthMm, spacingMm, daysToSprout, tests };
}
