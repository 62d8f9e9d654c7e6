import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { addDays, daysBetween, type IsoDay } from '@bright-sprout/core/calendar/days';
import { COUNTING_VERSION, countSeries } from '@bright-sprout/core/pictures/countSeries';
import { countingMethod } from '@bright-sprout/core/pictures/countingWords';
import { numberFound } from '@bright-sprout/core/measures/finding';
import { straighten } from '@bright-sprout/core/pictures/homography';
import { type Picture, type Quad } from '@bright-sprout/core/pictures/picture';
import { workSize } from '@bright-sprout/core/pictures/sectionGrid';
import sharp from 'sharp';
import { PlantCheck } from '../checks/plantCheck.entity';
import { insertReadings, type NewReading } from '../checks/insertReadings';
import { type Database } from '../database/database';
import { newId, requestHash } from '../database/ids';
import { Film } from '../films/film.entity';
import { Frame } from '../films/frame.entity';
import { FrameMending } from '../films/frameMending.entity';
import { teamsInOrder } from '../classes/teamsInOrder';
import { Investigation } from '../investigations/investigation.entity';
import { Change } from '../live/change.entity';
import { type BlobStore } from '../photos/blobStore';
import { cleanPicture } from '../photos/cleanPicture';
import { DEMO_PAN, demoPan, demoPicture, EMPTY_DAY, jpegOf } from './demoCamera';
import { DEMO_CLASSES, DEMO_TEACHER, type DemoInvestigation } from './demoScenario';

interface FilmSetting {
  investigationId: string;
  /** By code. */
  containerIds: ReadonlyMap<string, string>;
  teamIds: readonly string[];
  sownOn: IsoDay;
  today: IsoDay;
}

/** A picture as it is opened when it is counted: packed once and unpacked. */
async function openedAgain(jpeg: Buffer): Promise<Picture> {
  const { data, info } = await sharp(jpeg).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data: new Uint8ClampedArray(data.buffer, data.byteOffset, data.length) };
}

/**
 * Photographs the demo's pan where it has no film yet: the pictures take longer than all else, and the rest of the demo is there before
 * them. Whole, or not at all.
 */
export async function loadDemoPictures(db: Database, blobs: BlobStore): Promise<void> {
  for (const { name, investigations } of DEMO_CLASSES)
    for (const plan of investigations.filter((i) => i.pictured)) {
      const sown = await db.of(Investigation).findOne({
        where: { question: plan.question, classGroup: { name, teacher: { email: DEMO_TEACHER.email } } },
        relations: { containers: true, classGroup: { teams: true } },
        order: { containers: { position: 'ASC' } },
      });
      if (!sown || (await db.of(Film).existsBy({ investigationId: sown.id }))) continue;
      const { id, classId, sownOn, containers, classGroup } = sown;
      await db.work(async () => {
        await loadDemoFilm(db, blobs, plan, {
          investigationId: id,
          containerIds: new Map(containers.map((c) => [c.code, c.id])),
          teamIds: teamsInOrder(classGroup.teams).map((t) => t.id),
          sownOn,
          today: todayIn(classGroup.timeZone),
        });
        await db.ofUnit(Change).insert({ id: newId(), kind: 'films-changed', classId, investigationId: id, at: timeNow() });
        await db
          .ofUnit(Change)
          .insert({ id: newId(), kind: 'investigation-changed', classId, investigationId: id, at: timeNow() });
      });
    }
}

/** A film of the demo's pan up to yesterday: lined up, counted, and with the last picture of a team not looked at yet. */
async function loadDemoFilm(db: Database, blobs: BlobStore, plan: DemoInvestigation, setting: FilmSetting): Promise<void> {
  const { investigationId, containerIds, teamIds, sownOn, today } = setting;
  const codes = [...containerIds.keys()].slice(0, DEMO_PAN.columns * DEMO_PAN.rows);
  const pan = demoPan(plan, codes, (code) => code[0]!, sownOn);
  const film = {
    ...DEMO_PAN,
    id: newId(),
    investigationId,
    version: 1,
    name: 'The clover pan',
    kind: 'pan' as const,
    cells: codes.map((code) => containerIds.get(code)!),
    index: 'excess-green' as const,
    removedAt: null,
  };
  const size = workSize(film);
  const days = Array.from({ length: Math.max(0, daysBetween(sownOn, today)) }, (_, i) => i).filter((d) => d !== EMPTY_DAY);
  const taken = await Promise.all(
    days.map(async (day) => {
      const { picture, corners } = demoPicture(pan, day);
      const { full, small, width, height } = await cleanPicture(await jpegOf(picture));
      const recordedAt = new Date(`${addDays(sownOn, day)}T10:40:00Z`);
      const last = day === days[days.length - 1];
      const frame = {
        id: newId(),
        filmId: film.id,
        teamId: teamIds[day % teamIds.length]!,
        day: addDays(sownOn, day),
        hash: await blobs.put(full),
        smallHash: await blobs.put(small),
        width,
        height,
        recordedAt,
        seenAt: last ? null : new Date(recordedAt.getTime() + 900_000),
        takenBackAt: null,
      };
      const places = corners.map(([x, y]): [number, number] => [x / picture.width, y / picture.height]);
      const mending = { id: newId(), frameId: frame.id, kind: 'corners' as const, places, recordedAt, takenBackAt: null };
      return { frame, mending, straight: straighten(await openedAgain(full), corners as Quad, size)! };
    }),
  );
  await db.of(Film).insert(film);
  await db.of(Frame).insert(taken.map((t) => t.frame));
  const looked = taken.filter((t) => t.frame.seenAt !== null);
  await db.of(FrameMending).insert(looked.map((t) => t.mending));
  const { counted } = countSeries(
    looked.map((t) => t.straight),
    film,
    film.index,
  );
  const [checks, readings]: [object[], NewReading[]] = [[], []];
  counted.forEach(({ green }, i) =>
    green.forEach((percent, cell) => {
      if (percent === null) return;
      const { frame } = looked[i]!;
      const [checkId, recordedAt] = [newId(), frame.seenAt!];
      checks.push({
        id: checkId,
        containerId: film.cells[cell]!,
        teamId: null,
        day: frame.day,
        recordedAt,
        receivedAt: recordedAt,
        source: 'picture',
        requestHash: requestHash([frame.id, cell]),
      });
      const seen = { picture: frame.id, method: countingMethod(film.index, COUNTING_VERSION), low: null, high: null };
      const finding = { ...numberFound('percent-green', Math.round(percent * 10) / 10), seen };
      readings.push({ id: newId(), checkId, plant: '1', state: 'measured', findings: [finding] });
    }),
  );
  await db.of(PlantCheck).insert(checks);
  await insertReadings(db, readings);
}
