import { told } from '@bright-sprout/words/say';
import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { type PhotoView } from '@bright-sprout/contracts/answers/photos';
import { type PhotoRequest } from '@bright-sprout/contracts/photos';
import { addDays, isIsoDay } from '@bright-sprout/core/calendar/days';
import { Injectable } from '@nestjs/common';
import { IsNull } from 'typeorm';
import { type Requester, type TeacherRequester } from '../access/requester';
import { rightDay, rightMoment } from '../access/deviceClock';
import { doneAt, Scope } from '../access/scope.service';
import { Database, isDuplicate } from '../database/database';
import { ChangesService } from '../live/changes.service';
import { notFound, Problem } from '../problems/problem';
import { Photo } from './photo.entity';
import { isShownTo, photoView } from './photoView';
import { type StoredFile } from './pictureRequests';
import { StoredPictures } from './storedPictures.service';

const MOST_OF_A_CONTAINER = 60;

/** Pictures of containers: taken by those who may write for them, seen by those who may read them. */
@Injectable()
export class PhotosService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
    private readonly pictures: StoredPictures,
  ) {}

  /** Keeps a picture once, however often it arrives. */
  async save(asking: Requester, id: string, request: PhotoRequest, sent: Buffer): Promise<PhotoView> {
    const teamId = asking.kind === 'team' ? asking.teamId : null;
    const before = await this.repeat(id, request.containerId, teamId);
    if (before) return before;
    const recordedAt = rightMoment(asking, request.recordedAt);
    const container = await this.scope.containerToWriteFor(asking, request.containerId, doneAt(recordedAt, timeNow()));
    const { investigation } = container;
    const today = todayIn(investigation.classGroup.timeZone);
    const day = rightDay(asking, request, investigation.classGroup.timeZone);
    if (!isIsoDay(day) || day < (container.sownOn ?? investigation.sownOn) || day > addDays(today, 1))
      throw new Problem(422, told('refusals.dayPictureLiesBetween'));
    // Before they are drawn anew, and once more when they are kept: many may come at once.
    const taken = await this.db.of(Photo).countBy({ containerId: container.id, takenBackAt: IsNull() });
    if (taken >= MOST_OF_A_CONTAINER) throw tooMany();
    const stored = await this.pictures.store(sent);
    const { hash, smallHash, width, height } = stored;
    const row = {
      id,
      containerId: container.id,
      teamId,
      day,
      hash,
      smallHash,
      width,
      height,
      recordedAt,
      seenAt: teamId === null ? timeNow() : null,
      takenBackAt: null,
    };
    try {
      await this.db.work(async () => {
        // One after the other for a container: each counts what is there once the one before it is done.
        await this.db.query('SELECT id FROM container WHERE id = ? FOR UPDATE', [container.id]);
        await this.db.of(Photo).insert(row);
        const [{ n }] = await this.db.query<[{ n: string }]>(
          'SELECT COUNT(*) AS n FROM photo WHERE container_id = ? AND taken_back_at IS NULL',
          [container.id],
        );
        if (Number(n) > MOST_OF_A_CONTAINER) throw tooMany();
        await this.changes.note({
          kind: 'photo-saved',
          classId: investigation.classId,
          investigationId: investigation.id,
          subjectId: id,
          teamId: container.teamId,
        });
      });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      return (await this.repeat(id, request.containerId, teamId))!;
    }
    await stored.again();
    return photoView(row);
  }

  private async repeat(id: string, containerId: string, teamId: string | null): Promise<PhotoView | null> {
    const there = await this.db.of(Photo).findOneBy({ id });
    if (!there) return null;
    if (there.containerId !== containerId || there.teamId !== teamId)
      throw new Problem(409, told('refusals.pictureIdSavedBefore'));
    return photoView(there);
  }

  /** The JPEG itself. */
  async picture(asking: Requester, id: string, small: boolean): Promise<StoredFile> {
    const photo = await this.db.of(Photo).findOne({ where: { id, takenBackAt: IsNull() }, relations: { container: true } });
    if (!photo) throw notFound(told('refusals.thisPicture'));
    await this.mayRead(asking, photo);
    return this.pictures.read(small ? photo.smallHash : photo.hash);
  }

  /** The teacher has looked at it: now the class may. */
  async see(teacher: TeacherRequester, id: string): Promise<void> {
    const photo = await this.db.of(Photo).findOne({ where: { id, takenBackAt: IsNull() }, relations: { container: true } });
    if (!photo) throw notFound(told('refusals.thisPicture'));
    const { classId, id: investigationId } = await this.scope.investigationOf(teacher, photo.container.investigationId);
    if (photo.seenAt !== null) return;
    await this.db.work(async () => {
      await this.db.of(Photo).update({ id, seenAt: IsNull() }, { seenAt: timeNow() });
      await this.changes.note({ kind: 'investigation-changed', classId, investigationId });
    });
  }

  /** Its own, and what the teacher has looked at: of containers that it looks after, or where the class shares all. */
  private async mayRead(asking: Requester, { containerId, container, seenAt, teamId }: Photo): Promise<void> {
    const looksAfter = asking.kind === 'team' && (await this.scope.containersOf(asking)).some((c) => c.id === containerId);
    if (looksAfter && isShownTo(asking, { seen: seenAt !== null, teamId })) return;
    await this.scope.investigationOf(asking, container.investigationId);
    if (!isShownTo(asking, { seen: seenAt !== null, teamId })) throw notFound(told('refusals.thisPicture'));
  }

  /** Takes a picture back: the teacher any of the class, a team its own. */
  async takeBack(asking: Requester, id: string): Promise<void> {
    const photo = await this.db.of(Photo).findOne({ where: { id }, relations: { container: true } });
    if (!photo) return;
    const { investigation } = await this.scope.containerToWriteFor(asking, photo.containerId, timeNow());
    if (asking.kind === 'team' && photo.teamId !== asking.teamId)
      throw new Problem(403, told('refusals.anotherTeamTakenPicture'));
    await this.db.work(async () => {
      await this.db.of(Photo).update({ id, takenBackAt: IsNull() }, { takenBackAt: timeNow() });
      await this.changes.note({
        kind: 'investigation-changed',
        classId: investigation.classId,
        investigationId: investigation.id,
      });
    });
    for (const hash of [photo.hash, photo.smallHash]) await this.pictures.forget(hash);
  }
}

const tooMany = () => new Problem(422, told('refusals.containerMostPicturesTake', { mostOfAContainer: MOST_OF_A_CONTAINER }));
