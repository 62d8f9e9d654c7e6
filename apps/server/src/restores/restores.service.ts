import { canBeSaid, told } from '@bright-sprout/words/say';
import { type RestoredView } from '@bright-sprout/contracts/answers/restores';
import { EMBLEMS } from '@bright-sprout/contracts/access';
import { EMBLEM_NAMES } from '@bright-sprout/contracts/access';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { HELD_KINDS } from '@bright-sprout/contracts/heldKinds';
import { Inject, Injectable } from '@nestjs/common';
import { isUUID } from 'class-validator';
import { Between, type ObjectLiteral } from 'typeorm';
import { PinsService } from '../access/pins.service';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { insertInChunks } from '../checks/insertReadings';
import { ClassGroup } from '../classes/classGroup.entity';
import { Team } from '../classes/team.entity';
import { Database, isAgainstRules } from '../database/database';
import { newId } from '../database/ids';
import { correctedFirst, WHOLE, type WholeInvestigation } from '../exports/wholeRows';
import { heldBody } from '../held/heldBody';
import { Investigation } from '../investigations/investigation.entity';
import { InvestigationsService } from '../investigations/investigations.service';
import { ChangesService } from '../live/changes.service';
import { BLOB_STORE, type BlobStore } from '../photos/blobStore';
import { cleanPicture } from '../photos/cleanPicture';
import { type Progress } from '../problems/longWork';
import { Problem } from '../problems/problem';
import { RoomReadingEntity } from '../room/roomReading.entity';
import { SeedLotEntity } from '../seeds/seedLot.entity';
import { checkRows } from './packageRows';
import { readPackage } from './readPackage';
import { idsInText, Renewer, renewedId } from './renewed';

/** Of a picture that is not there: no file has this for its hash. */
const NO_FILE = { hash: '0'.repeat(64), smallHash: '0'.repeat(64), width: 0, height: 0 };

/** Brings an investigation back from its package, into whichever class and school: whole, or not at all. */
@Injectable()
export class RestoresService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly investigations: InvestigationsService,
    private readonly changes: ChangesService,
    private readonly pins: PinsService,
    @Inject(BLOB_STORE) private readonly blobs: BlobStore,
  ) {}

  async restore(teacher: TeacherRequester, classId: string, content: Buffer, progress: Progress): Promise<RestoredView> {
    const group = await this.scope.classOf(teacher, classId);
    const { whole, pictures } = await readPackage(content);
    const before = String(whole.rows.investigation![0]!.id);
    if (!isUUID(before)) throw new Problem(422, told('refusals.packageWholeNothingBrought'));
    const here = await this.known(teacher, before, classId);
    if (here) return { added: false, investigation: await this.investigations.viewOf(teacher, here) };
    const id = renewedId(before, classId);
    const ids = idsOf(whole, classId);
    await checkRows(whole, progress);
    await checkHeld(whole, ids, classId);
    await this.drawAnew(whole, pictures, progress);
    // What comes in is here, whatever was about to become of it elsewhere.
    whole.rows.investigation![0]!.goesAt = null;
    const comingIn = this.db.work(async () => {
      const teams = await this.teams(group, whole);
      for (const [old, present] of teams) ids.set(old, present);
      for (const row of Object.values(whole.rows).flat()) if (typeof row.classId === 'string') ids.set(row.classId, classId);
      const lot = await this.lotOfOwn(teacher, whole);
      if (lot) ids.set(lot, lot);
      const there = idsByTable(whole, ids);
      there.set(Team, new Set(teams.values())).set(ClassGroup, new Set([classId]));
      await this.putBack(whole, classId, new Renewer(classId, ids, there), progress);
      await this.changes.note({ kind: 'investigation-changed', classId, investigationId: id });
    });
    await comingIn.catch((error: unknown) => {
      // What was looked at above fits; the tables have the last word, and the same rows may be here under another name.
      if (!isAgainstRules(error)) throw error;
      throw new Problem(422, told('refusals.somePackageAlreadyCannot'));
    });
    return { added: true, investigation: await this.investigations.viewOf(teacher, id) };
  }

  /** The investigation itself where the teacher has it, or what a package of it became in this class. */
  private async known(teacher: TeacherRequester, id: string, classId: string): Promise<string | null> {
    const classes = new Set((await this.scope.classesOf(teacher)).map((c) => c.id));
    const found = await this.db.of(Investigation).find({ where: [{ id }, { id: renewedId(id, classId) }], withDeleted: true });
    const here = found.find((i) => classes.has(i.classId));
    if (!here) return null;
    // What was deleted and has not gone yet is simply taken back.
    if (here.goesAt !== null) await this.db.of(Investigation).update({ id: here.id }, { goesAt: null });
    return here.id;
  }

  /** Teams of the package in this class: those with the same emblem, and new ones where it has none. */
  private async teams(group: ClassGroup, { teams }: WholeInvestigation): Promise<Map<string, string>> {
    const there = await this.db.of(Team).find({ where: { classId: group.id }, withDeleted: true });
    const found = new Map<string, string>();
    for (const { id, emblem } of teams) {
      const known = EMBLEMS.find((e) => e === emblem);
      if (!known) throw new Problem(422, told('refusals.teamPackageEmblemKnown'));
      const present = there.find((t) => t.emblem === known);
      if (present) {
        if (present.removedAt !== null) await this.db.of(Team).update({ id: present.id }, { removedAt: null });
        found.set(id, present.id);
        continue;
      }
      const made = {
        id: newId(),
        classId: group.id,
        emblem: known,
        nickname: EMBLEM_NAMES[known],
        sealedPin: this.pins.seal(this.pins.draw()),
      };
      await this.db.of(Team).insert(made);
      found.set(id, made.id);
    }
    return found;
  }

  /** Pictures are drawn anew as every picture is that comes in, and lie in the store before the first row speaks of them. */
  private async drawAnew(
    { rows }: WholeInvestigation,
    pictures: ReadonlyMap<string, Uint8Array>,
    progress: Progress,
  ): Promise<void> {
    const all = [...rows.photo!, ...rows.frame!];
    let done = 0;
    for (const photo of all) {
      // Whatever file a row names, it shows the one that came along with it or none.
      Object.assign(photo, { ...NO_FILE, goesAt: null });
      const file = (photo.takenBackAt ?? null) === null ? pictures.get(photo.id as string) : undefined;
      if (file) {
        const { full, small, width, height } = await cleanPicture(Buffer.from(file));
        Object.assign(photo, { hash: await this.blobs.put(full), smallHash: await this.blobs.put(small), width, height });
      } else photo.takenBackAt ??= timeNow().toISOString();
      progress(++done, all.length);
    }
  }

  /** A seed lot stands on the shelf of one school: the one that the plan names where it is on the teacher's own. */
  private async lotOfOwn({ schoolId }: TeacherRequester, { rows }: WholeInvestigation): Promise<string | null> {
    const document = rows.plan![0]?.document as { seedLotId?: unknown } | undefined;
    if (!document || !isUUID(document.seedLotId)) return null;
    const id = document.seedLotId as string;
    if (await this.db.of(SeedLotEntity).existsBy({ id, schoolId })) return id;
    document.seedLotId = '';
    return null;
  }

  /** What was read of the room in the days of the investigation; what the class has of them already stays as it is. */
  private async newOfRoom(classId: string, made: ObjectLiteral[]): Promise<ObjectLiteral[]> {
    if (made.length === 0) return [];
    const times = made.map((r) => (r.at as Date).getTime());
    const [first, last] = times.reduce(([a, b], t) => [Math.min(a!, t), Math.max(b!, t)], [Infinity, -Infinity]);
    const there = await this.db.of(RoomReadingEntity).findBy({ classId, at: Between(new Date(first!), new Date(last!)) });
    const known = new Set(there.flatMap((r) => [r.id, `${r.kind} ${r.at.getTime()}`]));
    return made.filter((r) => !known.has(r.id as string) && !known.has(`${r.kind as string} ${(r.at as Date).getTime()}`));
  }

  private async putBack({ rows }: WholeInvestigation, classId: string, renewer: Renewer, progress: Progress): Promise<void> {
    const of = Object.values(rows).reduce((n, list) => n + list.length, 0);
    let done = 0;
    for (const [name, entity] of Object.entries(WHOLE)) {
      const { metadata } = this.db.of(entity);
      const list = name === 'reading' ? correctedFirst(rows.reading!) : rows[name]!;
      if (list.length !== rows[name]!.length) throw new Problem(422, told('refusals.packageWholeCorrectionNothing'));
      const made: ObjectLiteral[] = list.map((row) => renewer.row(name, metadata, row));
      const fresh = name === 'room' ? await this.newOfRoom(classId, made) : made;
      if (name === 'room' && fresh.length > 0) await this.changes.note({ kind: 'room-changed', classId });
      await insertInChunks(this.db, entity, fresh, (n) => progress((done += n), of));
    }
  }
}

/** New ids for every row that has one. */
function idsOf({ rows }: WholeInvestigation, classId: string): Map<string, string> {
  const ids = new Map<string, string>();
  for (const row of Object.values(rows).flat()) if (typeof row.id === 'string') ids.set(row.id, renewedId(row.id, classId));
  return ids;
}

/** The ids that rows of each table get, by the class of the table. */
function idsByTable({ rows }: WholeInvestigation, ids: ReadonlyMap<string, string>): Map<unknown, ReadonlySet<string>> {
  return new Map(
    Object.entries(WHOLE).map(([name, entity]) => {
      const keys = rows[name]!.map((r) => (typeof r.id === 'string' ? r.id : String(r.investigationId)));
      return [entity, new Set(keys.map((k) => ids.get(k)!))];
    }),
  );
}

/** What waits for the teacher is checked as if a team sent it; what it names gets ids of its own. */
async function checkHeld({ rows }: WholeInvestigation, ids: Map<string, string>, classId: string): Promise<void> {
  for (const row of rows.held!) {
    const kind = HELD_KINDS.find((k) => k === row.kind);
    const body = kind && (await heldBody(kind, row.body).catch(() => null));
    if (!body) throw notWaiting();
    row.body = body;
    for (const id of idsInText(JSON.stringify(body))) if (!ids.has(id)) ids.set(id, renewedId(id, classId));
    if (!canBeSaid(row.reason)) throw notWaiting();
  }
}

const notWaiting = () => new Problem(422, told('refusals.waitsDecisionPackageCannot'));
