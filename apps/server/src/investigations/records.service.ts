import { type InvestigationRecords, type ReadingView } from '@bright-sprout/contracts/investigations';
import { type PhotoView } from '@bright-sprout/contracts/photos';
import { Injectable } from '@nestjs/common';
import { type FindOptionsWhere, In, IsNull } from 'typeorm';
import { type PlantCheck } from '../checks/plantCheck.entity';
import { ReadingEntity } from '../checks/reading.entity';
import { Photo } from '../photos/photo.entity';
import { photoView } from '../photos/photoView';
import { type Investigation } from './investigation.entity';
import { InvestigationViews } from './investigationViews.service';
import { Database } from '../database/database';

/** What was recorded of containers. */
@Injectable()
export class RecordsService {
  constructor(
    private readonly db: Database,
    private readonly views: InvestigationViews,
  ) {}

  /** @param investigation loaded with its class and the class's teams */
  async records(investigation: Investigation): Promise<InvestigationRecords> {
    const view = await this.views.view(investigation);
    return { investigation: view, ...(await this.recordsOf(view.containers.map((c) => c.id))) };
  }

  /** Readings and pictures of containers. */
  async recordsOf(containerIds: string[]): Promise<Pick<InvestigationRecords, 'readings' | 'photos'>> {
    const [readings, photos] = await Promise.all([this.readingsOf(containerIds), this.photos(containerIds)]);
    return { readings, photos };
  }

  /** Of the containers those readings and pictures whose check or id is named. */
  async named(
    containerIds: string[],
    checkIds: string[],
    photoIds: string[],
  ): Promise<Pick<InvestigationRecords, 'readings' | 'photos'>> {
    const [readings, photos] = await Promise.all([
      checkIds.length === 0 ? [] : this.find({ id: In(checkIds), containerId: In(containerIds) }),
      photoIds.length === 0 ? [] : this.findPhotos({ id: In(photoIds), containerId: In(containerIds) }),
    ]);
    return { readings, photos };
  }

  private async photos(containerIds: string[]): Promise<PhotoView[]> {
    return containerIds.length === 0 ? [] : this.findPhotos({ containerId: In(containerIds) });
  }

  private async findPhotos(where: FindOptionsWhere<Photo>): Promise<PhotoView[]> {
    const found = await this.db
      .of(Photo)
      .find({ where: { ...where, takenBackAt: IsNull() }, order: { day: 'ASC', recordedAt: 'ASC' } });
    return found.map(photoView);
  }

  /** Every reading of the containers, corrections and what they replaced included, in the order they were recorded. */
  async readingsOf(containerIds: string[]): Promise<ReadingView[]> {
    return containerIds.length === 0 ? [] : this.find({ containerId: In(containerIds) });
  }

  private async find(check: FindOptionsWhere<PlantCheck>): Promise<ReadingView[]> {
    const found = await this.db.of(ReadingEntity).find({ where: { check }, relations: { check: true, findings: true } });
    return found
      .sort((a, b) => a.check.recordedAt.getTime() - b.check.recordedAt.getTime() || (a.id < b.id ? -1 : 1))
      .map((r) => ({
        id: r.id,
        containerId: r.check.containerId,
        plant: r.plant,
        day: r.check.day,
        state: r.state,
        findings: r.findings.map(({ measure, value, choice, typed }) => ({ measure, value, choice, typed })),
        doubt: r.doubt,
        lostReason: r.lostReason,
        note: r.note,
        supersedes: r.supersedesId,
        recordedAt: r.check.recordedAt.toISOString(),
        source: r.check.source,
        dayReason: r.check.dayReason,
      }));
  }
}
