import { type Phase } from '@bright-sprout/contracts/classes';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { sownPlan } from '@bright-sprout/core/plan/sown/sownPlan';
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

/** A sown plan as it is kept. */
export function investigationOf(plan: PlanDocument, out: WorkedOut, { id, classId, teamIds, requestHash, today }: SownFor) {
  const { investigation, treatments, containers } = sownPlan(plan, out, { teams: teamIds.length, today });
  const treatmentIds = new Map(treatments.map((t) => [t.code, newId()]));
  return {
    investigation: {
      id,
      classId,
      phase: 'growing' as Phase,
      sharedWithTeams: false,
      origin: 'planned' as const,
      requestHash,
      ...investigation,
    },
    treatments: treatments.map((t) => ({ id: treatmentIds.get(t.code)!, investigationId: id, ...t })),
    containers: containers.map(({ treatment, team, ...container }) => ({
      id: newId(),
      investigationId: id,
      treatmentId: treatmentIds.get(treatment)!,
      teamId: team === null ? null : teamIds[team]!,
      ...container,
    })),
  };
}

export async function insertInvestigation(db: Database, sown: ReturnType<typeof investigationOf>): Promise<void> {
  await db.of(Investigation).insert(sown.investigation);
  await db.of(TreatmentEntity).insert(sown.treatments);
  await db.of(Container).insert(sown.containers);
}
