import { told } from '@bright-sprout/words/say';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type DeviationView } from '@bright-sprout/contracts/answers/deviations';
import { type SaveDeviationRequest } from '@bright-sprout/contracts/deviations';
import { Injectable } from '@nestjs/common';
import { type Requester } from '../access/requester';
import { rightMoment } from '../access/deviceClock';
import { doneAt, Scope } from '../access/scope.service';
import { Database, isDuplicate } from '../database/database';
import { ChangesService } from '../live/changes.service';
import { Problem } from '../problems/problem';
import { Deviation } from './deviation.entity';
import { deviationView } from './deviationView';

const MOST_FOR_ONE = 50;

/** What really happened when the containers were sown. */
@Injectable()
export class DeviationsService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
  ) {}

  /** Writes it down once, however often it is sent. A team writes for its own containers only. */
  async save(asking: Requester, id: string, request: SaveDeviationRequest): Promise<DeviationView> {
    const teamId = asking.kind === 'team' ? asking.teamId : null;
    const there = await this.db.of(Deviation).findOneBy({ id });
    if (there) return this.repeat(there, request, teamId);
    if (request.kind === 'counted' && request.seeds === undefined) throw new Problem(422, told('refusals.sayManySeedsCounted'));
    const recordedAt = doneAt(rightMoment(asking, request.recordedAt), timeNow());
    const container = await this.scope.containerToWriteFor(asking, request.containerId, recordedAt);
    if ((await this.db.of(Deviation).countBy({ containerId: container.id })) >= MOST_FOR_ONE)
      throw new Problem(422, told('refusals.muchWrittenDownContainer'));
    const row = {
      id,
      containerId: container.id,
      teamId,
      kind: request.kind,
      seeds: request.kind === 'counted' ? request.seeds! : null,
      note: request.note ?? null,
      recordedAt,
    };
    try {
      await this.db.work(async () => {
        await this.db.of(Deviation).insert(row);
        await this.changes.note({
          kind: 'investigation-noted',
          classId: container.investigation.classId,
          investigationId: container.investigationId,
        });
      });
    } catch (error) {
      if (!isDuplicate(error)) throw error;
    }
    return deviationView(row);
  }

  /** Takes it back: it stays on record, but counts no longer. A team takes back only what it wrote itself. */
  async takeBack(asking: Requester, id: string): Promise<void> {
    const there = await this.db.of(Deviation).findOneBy({ id });
    if (!there) return;
    const container = await this.scope.containerToWriteFor(asking, there.containerId, timeNow());
    if (asking.kind === 'team' && there.teamId !== asking.teamId)
      throw new Problem(403, told('refusals.anotherTeamTeacherWrote'));
    await this.db.work(async () => {
      await this.db.of(Deviation).update({ id }, { takenBackAt: timeNow() });
      await this.changes.note({
        kind: 'investigation-noted',
        classId: container.investigation.classId,
        investigationId: container.investigationId,
      });
    });
  }

  private repeat(there: Deviation, request: SaveDeviationRequest, teamId: string | null): DeviationView {
    if (there.containerId !== request.containerId || there.kind !== request.kind || there.teamId !== teamId)
      throw new Problem(409, told('refusals.somethingElseWrittenDown'));
    return deviationView(there);
  }
}
