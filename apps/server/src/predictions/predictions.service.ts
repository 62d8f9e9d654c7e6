import { told } from '@bright-sprout/words/say';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type BenchPrediction, type PredictionAnswer, type TeamPrediction } from '@bright-sprout/contracts/answers/predictions';
import { type PredictionRequest } from '@bright-sprout/contracts/predictions';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { planProblems } from '@bright-sprout/core/plan/document/planProblems';
import { predictedHeightDay } from '@bright-sprout/core/plan/document/predictedDay';
import { planTreatments } from '@bright-sprout/core/plan/document/planTreatments';
import { parseLength, RESOLUTION_UNIT } from '@bright-sprout/core/quantities/length';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Injectable } from '@nestjs/common';
import { type TeacherRequester, type TeamRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { newId } from '../database/ids';
import { Plan } from '../plans/plan.entity';
import { Database } from '../database/database';
import { ChangesService } from '../live/changes.service';
import { asTold, notFound, Problem, wrongField } from '../problems/problem';
import { Prediction } from './prediction.entity';

const LOCKED = told('refusals.seedsSownPredictionsLocked');

/** Teams say what they expect of a plan while it is open to them; sowing locks it. */
@Injectable()
export class PredictionsService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly changes: ChangesService,
  ) {}

  /** What the team is asked at the moment, and what it said before a sowing. */
  async asked({ classId, teamId }: TeamRequester): Promise<BenchPrediction[]> {
    const own = await this.db.of(Prediction).findBy({ teamId });
    const plans = await this.db.of(Plan).findBy({ classId });
    const shown = plans.filter((p) => (p.sown ? own.some((o) => o.planId === p.id) : isOpen(p.document)));
    return shown.map(({ id, document, sown }) => ({
      planId: id,
      teamId,
      question: document.question,
      speciesName: speciesById(document.speciesId)?.name ?? '',
      resolution: document.protocol.resolution,
      kinds: document.predictions,
      treatments: planTreatments(document).map(({ code, label }) => ({ code, label })),
      heightDay: predictedHeightDay(document),
      answer: answerOf(own.find((p) => p.planId === id)),
      sown,
    }));
  }

  /** Keeps the team's answer; sent again it changes nothing, changed it replaces the one before. */
  async save({ classId, teamId }: TeamRequester, planId: string, request: PredictionRequest): Promise<PredictionAnswer> {
    const plan = await this.db.of(Plan).findOneBy({ id: planId, classId });
    if (!plan) throw notFound(told('refusals.thisPlan'));
    if (plan.sown) throw new Problem(422, LOCKED);
    if (!isOpen(plan.document)) throw new Problem(422, told('refusals.teacherAskingPredictionsPlan'));
    const height = request.height ? parseLength(request.height, RESOLUTION_UNIT[plan.document.protocol.resolution]) : null;
    if (height && !height.ok) throw wrongField(400, 'height', asTold(height.reason));
    if (request.winner && !planTreatments(plan.document).some((t) => t.code === request.winner))
      throw wrongField(400, 'winner', told('refusals.chooseTreatments'));
    const answer = {
      firstSproutDay: request.firstSproutDay ?? null,
      heightMm: height?.mm ?? null,
      winner: request.winner ?? null,
    };
    await this.db.work(async () => {
      // Held against a sowing at the same moment: either this is kept before it, or it comes too late.
      const [open] = (await this.db.query('SELECT sown FROM plan WHERE id = ? LOCK IN SHARE MODE', [planId])) as {
        sown: number;
      }[];
      if (!open || Number(open.sown) === 1) throw new Problem(422, LOCKED);
      await this.db
        .of(Prediction)
        .upsert({ id: newId(), planId, teamId, ...answer, recordedAt: timeNow() }, ['planId', 'teamId']);
      await this.changes.note({ kind: 'plan-changed', classId });
    });
    return answer;
  }

  /** Every team's answer, for the teacher. */
  async ofPlan(teacher: TeacherRequester, planId: string): Promise<TeamPrediction[]> {
    await this.scope.planOf(teacher, planId);
    const found = await this.db.of(Prediction).find({ where: { planId }, relations: { team: true } });
    // A team that was taken away says nothing.
    const present = found.filter((p) => p.team !== null);
    return present.map((p) => ({
      ...answerOf(p)!,
      team: { id: p.team.id, emblem: p.team.emblem, nickname: p.team.nickname },
      recordedAt: p.recordedAt.toISOString(),
    }));
  }
}

function isOpen(document: PlanDocument): boolean {
  return document.askTeams && document.predictions.length > 0 && planProblems(document).length === 0;
}

function answerOf(found: Prediction | undefined): PredictionAnswer | null {
  return found ? { firstSproutDay: found.firstSproutDay, heightMm: found.heightMm, winner: found.winner } : null;
}
