import { type Phase } from '@bright-sprout/contracts/classes';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { benchProtocol } from '@bright-sprout/core/bench/benchOfPlan';
import { planCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { planOutlook } from '@bright-sprout/core/plan/calendar/planOutlook';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { sowingDayOfTreatment, sowingDays, speciesOfTreatment } from '@bright-sprout/core/plan/document/treatmentSowing';
import { fairTest, keptCautions } from '@bright-sprout/core/plan/fairTest/fairTest';
import { allOf } from '@bright-sprout/core/plan/layout/layOut';
import { runSheet } from '@bright-sprout/core/plan/lists/runSheet';
import { listInWords } from '@bright-sprout/core/words/listInWords';
import { type WorkedOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { type Database } from '../database/database';
import { newId } from '../database/ids';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { TreatmentEntity } from '../investigations/treatment.entity';

/** Whose investigation it becomes: its plan's id, its class, and the class's teams in order. */
export interface SownFor {
  id: string;
  classId: string;
  teamIds: readonly string[];
  requestHash: string;
  /** The day on which it is made, before which nothing can be put; null for what was made earlier. */
  today: IsoDay | null;
}

/** What a sown plan becomes: the investigation with its treatments and the containers of every team. */
export function investigationOf(plan: PlanDocument, out: WorkedOut, { id, classId, teamIds, requestHash, today }: SownFor) {
  const treatmentIds = new Map(out.treatments.map((t) => [t.code, newId()]));
  const sownOn = new Map(out.treatments.map((t) => [t.code, sowingDayOfTreatment(plan, t)]));
  const { protocol } = plan;
  return {
    investigation: {
      id,
      classId,
      question: plan.question,
      factor: listInWords(plan.factors.map((f) => f.name)),
      phase: 'growing' as Phase,
      sharedWithTeams: false,
      origin: 'planned' as const,
      speciesId: plan.speciesId,
      methodId: plan.methodId,
      sownOn: sowingDays(plan)[0]!,
      resolution: protocol.resolution,
      beforeSprouting: protocol.beforeSprouting,
      afterLoss: protocol.afterLoss,
      report: protocol.report,
      drawSeed: plan.drawSeed,
      split: out.layout.split,
      planCautions: keptCautions(fairTest(plan, out, teamIds.length)),
      runSheet: runSheet(plan, out),
      bench: benchProtocol(plan, out.recipes),
      schedule: planCalendar(plan, out, today).events,
      outlook: planOutlook(plan, out),
      requestHash,
    },
    treatments: out.treatments.map((t) => ({
      id: treatmentIds.get(t.code)!,
      investigationId: id,
      code: t.code,
      label: t.label.slice(0, 60),
      control: t.control,
      speciesId: speciesOfTreatment(plan, t),
    })),
    containers: allOf(out.layout).map((c) => ({
      id: newId(),
      investigationId: id,
      treatmentId: treatmentIds.get(c.treatment)!,
      teamId: c.team === null ? null : teamIds[c.team]!,
      code: c.code,
      position: c.place,
      inReserve: out.layout.reserve.some((r) => r.code === c.code),
      childNumber: c.child,
      seedsSown: out.recipes.find((r) => r.treatment.code === c.treatment)!.seeds,
      sownOn: sownOn.get(c.treatment)!,
    })),
  };
}

export async function insertInvestigation(db: Database, sown: ReturnType<typeof investigationOf>): Promise<void> {
  await db.of(Investigation).insert(sown.investigation);
  await db.of(TreatmentEntity).insert(sown.treatments);
  await db.of(Container).insert(sown.containers);
}
