import { told } from '@bright-sprout/words/say';
import {
  type BenchClaims,
  type BenchConclusion,
  type ClaimNoteView,
  type TeamClaimView,
} from '@bright-sprout/contracts/answers/conclude';
import { type ClaimEntryRequest, type ClaimNoteRequest } from '@bright-sprout/contracts/conclude';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type ClaimEntry } from '@bright-sprout/core/conclude/claim/claimEntries';
import { Injectable } from '@nestjs/common';
import { IsNull } from 'typeorm';
import { rightMoment } from '../access/deviceClock';
import { type TeacherRequester, type TeamRequester } from '../access/requester';
import { doneAt, Scope } from '../access/scope.service';
import { type Team } from '../classes/team.entity';
import { teamsInOrder } from '../classes/teamsInOrder';
import { Database, isDuplicate } from '../database/database';
import { Investigation } from '../investigations/investigation.entity';
import { ChangesService } from '../live/changes.service';
import { notFound, Problem } from '../problems/problem';
import { ClaimEntryEntity } from './claimEntry.entity';
import { ClaimNote } from './claimNote.entity';
import { LessonService } from './lesson.service';

const MOST_ENTRIES = 2000;
const MOST_NOTES = 60;
const OTHER_ID = told('refusals.somethingElseWrittenDown');

/** What teams conclude, and what the teacher says to it. */
@Injectable()
export class ClaimsService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
    private readonly lessons: LessonService,
  ) {}

  /** Investigations of the team's class that are shared with the teams, the newest first: also those that are finished. */
  async open({ classId, schoolId }: TeamRequester): Promise<BenchConclusion[]> {
    const found = await this.db.of(Investigation).find({
      where: { classId, classGroup: { schoolId }, sharedWithTeams: true, removedAt: IsNull() },
      order: { sownOn: 'DESC' },
    });
    return found.map(({ id, question, phase }) => ({ investigationId: id, question, phase }));
  }

  /** The team's own conclusion, and all others once they are open to the class. */
  async ofTeam(team: TeamRequester, investigationId: string): Promise<BenchClaims> {
    const investigation = await this.scope.investigationOf(team, investigationId);
    const { document } = await this.lessons.kept(investigationId);
    const all = await this.all(investigation);
    const own = all.find((c) => c.team.id === team.teamId);
    if (!own) throw notFound(told('refusals.thisConclusion'));
    const others = all.filter((c) => c !== own).map(({ notes: _notes, ...c }) => ({ ...c, notes: [] }));
    return { own, others: document.claimsOpen ? others : null, goals: document.goals };
  }

  /** Keeps what was written once, however often it is sent. */
  async write(team: TeamRequester, investigationId: string, id: string, request: ClaimEntryRequest): Promise<ClaimEntry> {
    const { classId } = await this.scope.investigationOf(team, investigationId);
    const recordedAt = doneAt(rightMoment(team, request.recordedAt), timeNow());
    const row = { id, investigationId, teamId: team.teamId, part: request.part, text: request.text, recordedAt };
    const there = await this.db.of(ClaimEntryEntity).findOneBy({ id });
    if (there) {
      if (there.investigationId !== investigationId || there.teamId !== team.teamId || there.part !== request.part)
        throw new Problem(409, OTHER_ID);
      return entryView(there);
    }
    if ((await this.db.of(ClaimEntryEntity).countBy({ investigationId, teamId: team.teamId })) >= MOST_ENTRIES)
      throw new Problem(422, told('refusals.muchWrittenDownConclusion'));
    try {
      await this.db.work(async () => {
        await this.db.of(ClaimEntryEntity).insert(row);
        await this.changes.note({ kind: 'claims-changed', classId, investigationId });
      });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      return this.write(team, investigationId, id, request);
    }
    return entryView(row);
  }

  /** Every team's conclusion side by side, for the teacher. */
  async list(teacher: TeacherRequester, investigationId: string): Promise<TeamClaimView[]> {
    return this.all(await this.scope.investigationOf(teacher, investigationId));
  }

  /** Says something to a team, once however often it is sent; sent with other words it becomes those. */
  async note(
    teacher: TeacherRequester,
    investigationId: string,
    teamId: string,
    id: string,
    { kind, text }: ClaimNoteRequest,
  ): Promise<ClaimNoteView> {
    const { classId } = await this.teamIn(teacher, investigationId, teamId);
    const there = await this.db.of(ClaimNote).findOneBy({ id });
    if (there && (there.investigationId !== investigationId || there.teamId !== teamId)) throw new Problem(409, OTHER_ID);
    const writtenAt = there?.writtenAt ?? timeNow();
    const row = { id, investigationId, teamId, kind, text, writtenAt, removedAt: null };
    if (!there && (await this.db.of(ClaimNote).countBy({ investigationId, teamId, removedAt: IsNull() })) >= MOST_NOTES)
      throw new Problem(422, told('refusals.mostNotesKeptTeam', { mostNotes: MOST_NOTES }));
    try {
      await this.db.work(async () => {
        if (there) await this.db.of(ClaimNote).update({ id }, { kind, text, removedAt: null });
        else await this.db.of(ClaimNote).insert(row);
        await this.changes.note({ kind: 'claims-changed', classId, investigationId });
      });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
      return this.note(teacher, investigationId, teamId, id, { kind, text });
    }
    return noteView(row);
  }

  async takeNoteBack(teacher: TeacherRequester, investigationId: string, teamId: string, id: string): Promise<void> {
    const { classId } = await this.teamIn(teacher, investigationId, teamId);
    await this.db.work(async () => {
      await this.db.of(ClaimNote).update({ id, investigationId, teamId, removedAt: IsNull() }, { removedAt: timeNow() });
      await this.changes.note({ kind: 'claims-changed', classId, investigationId });
    });
  }

  private async teamIn(teacher: TeacherRequester, investigationId: string, teamId: string): Promise<Investigation> {
    const investigation = await this.scope.investigationOf(teacher, investigationId);
    if (!investigation.classGroup.teams.some((t) => t.id === teamId)) throw notFound(told('refusals.thisTeam'));
    return investigation;
  }

  private async all({ id: investigationId, classGroup }: Investigation): Promise<TeamClaimView[]> {
    const [entries, notes] = await Promise.all([
      this.db.of(ClaimEntryEntity).find({ where: { investigationId }, order: { recordedAt: 'ASC' } }),
      this.db.of(ClaimNote).find({ where: { investigationId, removedAt: IsNull() }, order: { writtenAt: 'ASC' } }),
    ]);
    return teamsInOrder(classGroup.teams).map((team: Team) => ({
      team: { id: team.id, emblem: team.emblem, nickname: team.nickname },
      entries: entries.filter((e) => e.teamId === team.id).map(entryView),
      notes: notes.filter((n) => n.teamId === team.id).map(noteView),
    }));
  }
}

const entryView = ({ id, part, text, recordedAt }: Omit<ClaimEntryEntity, 'team' | 'investigation'>): ClaimEntry => ({
  id,
  part,
  text,
  recordedAt: recordedAt.toISOString(),
});

const noteView = ({ id, kind, text, writtenAt }: Omit<ClaimNote, 'team' | 'investigation'>): ClaimNoteView => ({
  id,
  kind,
  text,
  writtenAt: writtenAt.toISOString(),
});
