import { type InvestigationRecords, type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { type PhotoView } from '@bright-sprout/contracts/answers/photos';
import { type Finding, type SeenInPicture } from '@bright-sprout/core/measures/finding';
import { type ReadingDoubt } from '@bright-sprout/core/readings/reading';
import { Injectable } from '@nestjs/common';
import { type FindOptionsWhere, In, IsNull } from 'typeorm';
import { Photo } from '../photos/photo.entity';
import { photoView } from '../photos/photoView';
import { type Investigation } from './investigation.entity';
import { InvestigationViews } from './investigationViews.service';
import { Database } from '../database/database';

/** A reading with one of its findings, or with none. */
type ReadingRow = Omit<ReadingView, 'findings' | 'doubt' | 'recordedAt'> &
  Omit<Finding, 'measure' | 'seen'> & { measure: string | null; seen: string | null; doubt: string | null; recordedAt: Date };

const findingOfRow = (found: Finding, seen: string | null): Finding =>
  seen === null ? found : { ...found, seen: JSON.parse(seen) as SeenInPicture };

/** Of the containers that are compared, not of those in reserve or taken back. */
const OF_INVESTIGATION =
  'k.container_id IN (SELECT id FROM container WHERE investigation_id = ? AND in_reserve = 0 AND taken_back_at IS NULL)';

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

  /** Of the containers of an investigation those readings and pictures whose check or id is named. */
  async named(
    investigationId: string,
    checkIds: string[],
    photoIds: string[],
  ): Promise<Pick<InvestigationRecords, 'readings' | 'photos'>> {
    const [readings, photos] = await Promise.all([
      checkIds.length === 0 ? [] : this.readings(`k.id IN (?) AND ${OF_INVESTIGATION}`, [checkIds, investigationId]),
      photoIds.length === 0
        ? []
        : this.findPhotos({ id: In(photoIds), container: { investigationId, inReserve: false, takenBackAt: IsNull() } }),
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
    return containerIds.length === 0 ? [] : this.readings('k.container_id IN (?)', [containerIds]);
  }

  /** A class has tens of thousands in a year: rows as they come, without an object for each table they come from. */
  private async readings(where: string, values: unknown[]): Promise<ReadingView[]> {
    const rows = await this.db.query<ReadingRow[]>(
      `SELECT r.id, k.container_id AS containerId, r.plant, k.day, r.state, r.doubt, r.lost_reason AS lostReason, r.note,
         r.supersedes_id AS supersedes, k.recorded_at AS recordedAt, k.source, k.day_reason AS dayReason, k.day_code AS dayCode,
         f.measure, f.value, f.choice, f.typed, f.seen
       FROM plant_check k JOIN reading r ON r.check_id = k.id LEFT JOIN finding f ON f.reading_id = r.id
       WHERE ${where}`,
      values,
    );
    const readings = new Map<string, ReadingView & { findings: Finding[] }>();
    for (const { measure, value, choice, typed, seen, doubt, recordedAt, ...row } of rows) {
      const found = measure === null ? [] : [findingOfRow({ measure, value, choice, typed }, seen)];
      const known = readings.get(row.id);
      if (known) known.findings.push(...found);
      else
        readings.set(row.id, {
          ...row,
          findings: found,
          doubt: doubt === null ? null : (JSON.parse(doubt) as ReadingDoubt),
          recordedAt: recordedAt.toISOString(),
        });
    }
    return [...readings.values()].sort((a, b) =>
      a.recordedAt === b.recordedAt ? (a.id < b.id ? -1 : 1) : a.recordedAt < b.recordedAt ? -1 : 1,
    );
  }
}
