import { told } from '@bright-sprout/words/say';
import { type FrameView } from '@bright-sprout/contracts/answers/films';
import { type FrameRequest, type MendFrameRequest, MOST_FRAMES } from '@bright-sprout/contracts/films';
import { addDays, isIsoDay } from '@bright-sprout/core/calendar/days';
import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { isConvex } from '@bright-sprout/core/pictures/homography';
import { type Quad } from '@bright-sprout/core/pictures/picture';
import { Injectable } from '@nestjs/common';
import { IsNull } from 'typeorm';
import { rightDay, rightMoment } from '../access/deviceClock';
import { type Requester, type TeacherRequester } from '../access/requester';
import { doneAt, Scope } from '../access/scope.service';
import { Database, isDuplicate } from '../database/database';
import { type Investigation } from '../investigations/investigation.entity';
import { ChangesService } from '../live/changes.service';
import { isShownTo } from '../photos/photoView';
import { type StoredFile } from '../photos/pictureRequests';
import { StoredPictures } from '../photos/storedPictures.service';
import { notFound, Problem } from '../problems/problem';
import { Film } from './film.entity';
import { Frame } from './frame.entity';
import { FrameMending } from './frameMending.entity';
import { frameView } from './filmView';

const MOST_MENDINGS = 400;

type FrameOfFilm = Frame & { film: Film & { investigation: Investigation } };

/** Pictures of films: any team of the class takes them, the teacher sees them first and puts right what was counted. */
@Injectable()
export class FramesService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
    private readonly pictures: StoredPictures,
  ) {}

  /** Keeps a picture once, however often it arrives. */
  async save(asking: Requester, id: string, request: FrameRequest, sent: Buffer): Promise<FrameView> {
    const teamId = asking.kind === 'team' ? asking.teamId : null;
    const before = await this.repeat(id, request.filmId, teamId);
    if (before) return before;
    const recordedAt = rightMoment(asking, request.recordedAt);
    const film = await this.db.of(Film).findOneBy({ id: request.filmId, removedAt: IsNull() });
    if (!film) throw notFound(told('refusals.thisFilm'));
    const investigation = await this.scope.investigationToCareFor(asking, film.investigationId, doneAt(recordedAt, timeNow()));
    const { timeZone } = investigation.classGroup;
    const day = rightDay(asking, request, timeZone);
    if (!isIsoDay(day) || day < investigation.sownOn || day > addDays(todayIn(timeZone), 1))
      throw new Problem(422, told('refusals.dayPictureLiesBetween'));
    if ((await this.db.of(Frame).countBy({ filmId: film.id, takenBackAt: IsNull() })) >= MOST_FRAMES) throw tooMany();
    const stored = await this.pictures.store(sent);
    const { hash, smallHash, width, height } = stored;
    const seenAt = teamId === null ? timeNow() : null;
    const row = { id, filmId: film.id, teamId, day, hash, smallHash, width, height, recordedAt, seenAt, takenBackAt: null };
    try {
      await this.db.work(async () => {
        // One after the other for a film: each counts what is there once the one before it is done.
        await this.db.query('SELECT id FROM film WHERE id = ? FOR UPDATE', [film.id]);
        await this.db.of(Frame).insert(row);
        if ((await this.db.of(Frame).countBy({ filmId: film.id, takenBackAt: IsNull() })) > MOST_FRAMES) throw tooMany();
        await this.noteOf({ film: { ...film, investigation } as FrameOfFilm['film'] }, id);
      });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      return (await this.repeat(id, request.filmId, teamId))!;
    }
    await stored.again();
    return frameView({ ...row, goesAt: null, mendings: [] });
  }

  private async repeat(id: string, filmId: string, teamId: string | null): Promise<FrameView | null> {
    const there = await this.db.of(Frame).findOne({ where: { id }, relations: { mendings: true } });
    if (!there) return null;
    if (there.filmId !== filmId || there.teamId !== teamId) throw new Problem(409, told('refusals.pictureIdSavedBefore'));
    return frameView(there);
  }

  /** The JPEG itself: the teacher's, the team's own, or one that the teacher has looked at. */
  async picture(asking: Requester, id: string, small: boolean): Promise<StoredFile> {
    const frame = await this.frameOf(asking, id);
    const { takenBackAt, film } = frame;
    // With its film it is put away; for a team with the whole investigation too.
    const away = film.removedAt !== null || (asking.kind === 'team' && film.investigation.removedAt !== null);
    if (takenBackAt !== null || away) throw notFound(told('refusals.thisPicture'));
    if (!isShownTo(asking, { seen: frame.seenAt !== null, teamId: frame.teamId })) throw notFound(told('refusals.thisPicture'));
    return this.pictures.read(small ? frame.smallHash : frame.hash);
  }

  /** The teacher has looked at it: now the class may. */
  async see(teacher: TeacherRequester, id: string): Promise<void> {
    const frame = await this.frameOf(teacher, id);
    if (frame.seenAt !== null) return;
    await this.db.work(async () => {
      await this.db.of(Frame).update({ id, seenAt: IsNull() }, { seenAt: timeNow() });
      await this.noteOf(frame, id);
    });
  }

  /** Takes a picture back on every device: the teacher any of the class, a team its own. Its file leaves the store. */
  async takeBack(asking: Requester, id: string): Promise<void> {
    if (!(await this.db.of(Frame).existsBy({ id }))) return;
    const frame = await this.frameOf(asking, id);
    if (asking.kind === 'team' && frame.teamId !== asking.teamId)
      throw new Problem(403, told('refusals.anotherTeamTakenPicture'));
    await this.db.work(async () => {
      await this.db.of(Frame).update({ id, takenBackAt: IsNull() }, { takenBackAt: timeNow() });
      await this.noteOf(frame, id);
    });
    for (const hash of [frame.hash, frame.smallHash]) await this.pictures.forget(hash);
  }

  /** Puts something right on a picture; sent twice it is done once. */
  async mend(teacher: TeacherRequester, id: string, request: MendFrameRequest): Promise<FrameView> {
    const frame = await this.frameOf(teacher, request.frameId);
    checkMending(request);
    if ((await this.db.of(FrameMending).countBy({ frameId: frame.id })) >= MOST_MENDINGS)
      throw new Problem(422, told('refusals.mostThingsPutRight', { mostMendings: MOST_MENDINGS }));
    const { kind, places, green = null, radius = null, recordedAt } = request;
    const row = { id, frameId: frame.id, kind, places, green, radius, recordedAt: new Date(recordedAt), takenBackAt: null };
    await this.db
      .work(async () => {
        await this.db.of(FrameMending).insert(row);
        await this.noteOf(frame, frame.id);
      })
      .catch(async (error: unknown) => {
        if (!isDuplicate(error)) throw error;
        const there = await this.db.of(FrameMending).findOneBy({ id });
        if (there?.frameId !== frame.id) throw new Problem(409, told('refusals.somethingElseKeptUnder'));
      });
    return frameView(await this.frameOf(teacher, frame.id));
  }

  /** Undoes one thing that was put right; it stays on record. */
  async unmend(teacher: TeacherRequester, id: string): Promise<void> {
    const mending = await this.db.of(FrameMending).findOneBy({ id });
    if (!mending) return;
    const frame = await this.frameOf(teacher, mending.frameId);
    await this.db.work(async () => {
      await this.db.of(FrameMending).update({ id, takenBackAt: IsNull() }, { takenBackAt: timeNow() });
      await this.noteOf(frame, frame.id);
    });
  }

  /** A picture of the asker's class. */
  private async frameOf(asking: Requester, id: string): Promise<FrameOfFilm> {
    const frame = await this.db.of(Frame).findOne({
      where: {
        id,
        film: {
          investigation:
            asking.kind === 'teacher'
              ? { classGroup: { schoolId: asking.schoolId, teacherId: asking.teacherId } }
              : { classId: asking.classId, classGroup: { schoolId: asking.schoolId } },
        },
      },
      relations: { film: { investigation: true }, mendings: true },
    });
    if (!frame) throw notFound(told('refusals.thisPicture'));
    return frame;
  }

  private noteOf({ film: { investigation } }: Pick<FrameOfFilm, 'film'>, subjectId: string): Promise<void> {
    const { classId, id: investigationId } = investigation;
    return this.changes.note({ kind: 'films-changed', classId, investigationId, subjectId });
  }
}

const tooMany = () => new Problem(422, told('refusals.filmMostPicturesTake', { mostFrames: MOST_FRAMES }));

function checkMending({ kind, places, green, radius }: MendFrameRequest): void {
  if (kind === 'corners' && (places.length !== 4 || !isConvex(places as unknown as Quad)))
    throw new Problem(422, told('refusals.fourCornersGoRound'));
  if (kind === 'white-patch' && places.length !== 2) throw new Problem(422, told('refusals.sayWhereWhereWhite'));
  if (kind === 'brush' && (green === undefined || radius === undefined))
    throw new Problem(422, told('refusals.brushSaysGreenBroad'));
}
