import { type SaveSeedLotRequest } from '@bright-sprout/contracts/seedLots';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { type TeacherRequester } from '../access/requester';
import { notFound, Problem } from '../problems/problem';
import { SeedLotEntity } from './seedLot.entity';

const MOST_LOTS = 500;

/** The seed shelf belongs to the school: its teachers share it, and nobody else sees it. */
@Injectable()
export class SeedLotsService {
  constructor(private readonly dataSource: DataSource) {}

  async list({ schoolId }: TeacherRequester): Promise<SeedLot[]> {
    const found = await this.dataSource.getRepository(SeedLotEntity).find({ where: { schoolId }, order: { name: 'ASC' } });
    return found.map(lotOf);
  }

  /** The same lot may be sent twice. */
  async save({ schoolId }: TeacherRequester, id: string, request: SaveSeedLotRequest): Promise<SeedLot> {
    const repository = this.dataSource.getRepository(SeedLotEntity);
    if (!speciesById(request.speciesId)) throw refuse('speciesId', 'This kind of seed is not in the catalogue.');
    const wrong = request.tests.findIndex((t) => t.up > t.of);
    if (wrong >= 0) throw refuse(`tests.${wrong}.up`, 'More came up than were tested.');
    const there = await repository.findOneBy({ id });
    if (there && there.schoolId !== schoolId) throw notFound('This seed lot');
    if (!there && (await repository.countBy({ schoolId })) >= MOST_LOTS)
      throw refuse('name', `The shelf holds at most ${MOST_LOTS} lots.`);
    await repository.upsert({ ...request, id, schoolId }, ['id']);
    return lotOf(await repository.findOneByOrFail({ id, schoolId }));
  }

  async remove({ schoolId }: TeacherRequester, id: string): Promise<void> {
    await this.dataSource.getRepository(SeedLotEntity).delete({ id, schoolId });
  }
}

function refuse(path: string, sentence: string): Problem {
  return new Problem(400, sentence, { errors: [{ path, sentence }] });
}

function lotOf({ id, speciesId, name, year, count, depthMm, spacingMm, daysToSprout, tests }: SeedLotEntity): SeedLot {
  return { id, speciesId, name, year, count, depthMm, spacingMm, daysToSprout, tests };
}
