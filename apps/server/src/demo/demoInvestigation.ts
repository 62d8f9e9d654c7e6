import { timeNow } from '@bright-sprout/core/clock/clock';
import { daysBetween, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type PlannedTreatment } from '@bright-sprout/core/plan/document/planTreatments';
import { sowingDayOfTreatment } from '@bright-sprout/core/plan/document/treatmentSowing';
import { type WorkedOut, workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { type GradeBand } from '@bright-sprout/core/words/gradeBand';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import {
  type SimulatedContainer,
  type SimulatedReading,
  simulateInvestigation,
} from '@bright-sprout/core/simulate/simulateInvestigation';
import { type Database } from '../database/database';
import { PlantCheck } from '../checks/plantCheck.entity';
import { insertReadings } from '../checks/insertReadings';
import { newId, requestHash } from '../database/ids';
import { CareEvent } from '../care/careEvent.entity';
import { ClaimEntryEntity } from '../conclude/claimEntry.entity';
import { Lesson } from '../conclude/lesson.entity';
import { Deviation } from '../deviations/deviation.entity';
import { Plan } from '../plans/plan.entity';
import { Prediction } from '../predictions/prediction.entity';
import { RoomReadingEntity } from '../room/roomReading.entity';
import { insertInvestigation, investigationOf } from '../sowing/investigationOfPlan';
import { demoClaims, demoLesson } from './demoConclusions';
import { demoPredictions, demoRoom, demoSowing, demoSownPlan, demoWatering } from './demoPlanning';
import { type DemoInvestigation } from './demoScenario';
import { countedRows, rowsOf } from './simulatedRows';

interface DemoSetting {
  gradeBand: GradeBand;
  classId: string;
  teamIds: string[];
  today: IsoDay;
}

export async function loadInvestigation(
  db: Database,
  plan: DemoInvestigation,
  { gradeBand, classId, teamIds, today }: DemoSetting,
): Promise<void> {
  const id = newId();
  const sownOn = plan.sownOn(today);
  const document = demoSownPlan(plan, gradeBand, sownOn, teamIds.length);
  const out = workOut(document, teamIds.length);
  await db
    .of(Plan)
    .insert({ id, classId, version: 1, document, requestHash: requestHash(document), changedAt: timeNow(), sown: true });
  const sown = investigationOf(document, out, {
    id,
    classId,
    teamIds,
    requestHash: requestHash(`${plan.question} ${sownOn}`),
    today: null,
  });
  await insertInvestigation(db, {
    ...sown,
    investigation: { ...sown.investigation, phase: plan.phase, sharedWithTeams: plan.shared },
  });
  const containerIds = new Map(sown.containers.map((c) => [c.code, c.id]));
  const past = grown(plan, document, out, sownOn).filter((r) => r.day < today);
  const teamOf = (team: number) => teamIds[team]!;
  const slipped = past.filter((r) => (r.valueMm ?? 0) > 50).pop();
  const stages = document.measures.includes('stage');
  const rows = plan.pictured
    ? []
    : plan.countsOnly
      ? countedRows(past, (code) => containerIds.get(code)!, teamOf)
      : past.flatMap((r) => rowsOf(r, containerIds.get(r.code)!, teamOf(r.team), plan, { slip: r === slipped, stages }));
  await db.of(PlantCheck).insert(rows.map((r) => r.check));
  await insertReadings(
    db,
    rows.map((r) => r.reading),
  );
  if (plan.otherwise)
    await db.of(Deviation).insert(
      plan.otherwise.map(({ code, kind }) => ({
        id: newId(),
        containerId: containerIds.get(code)!,
        teamId: null,
        kind,
        seeds: null,
        note: null,
        recordedAt: new Date(`${sownOn}T10:50:00Z`),
      })),
    );
  await db.of(CareEvent).insert(
    [...demoSowing(sown.investigation.runSheet.length, sownOn), ...demoWatering(plan, sownOn, today)].map((c) => ({
      ...c,
      id: newId(),
      investigationId: id,
    })),
  );
  if (plan.concluding) {
    const claims = demoClaims(id, teamIds, containerIds, today);
    await db.of(ClaimEntryEntity).insert(claims.map((c) => ({ ...c, id: newId() })));
    await db.of(Lesson).insert(demoLesson(id));
  }
  await db.of(Prediction).insert(demoPredictions(document, teamIds, sownOn).map((p) => ({ ...p, id: newId(), planId: id })));
  if (plan.phase === 'growing')
    await db.of(RoomReadingEntity).insert(demoRoom(document, sownOn, today).map((r) => ({ ...r, id: newId(), classId })));
}

/** What became of every seedling: containers that are sown on different days grow from their own day on. */
function grown(plan: DemoInvestigation, document: PlanDocument, out: WorkedOut, sownOn: IsoDay): SimulatedReading[] {
  const sowings = new Map<IsoDay, SimulatedContainer[]>();
  for (const c of out.layout.containers) {
    const recipe = out.recipes.find((r) => r.treatment.code === c.treatment)!;
    const day = sowingDayOfTreatment(document, recipe.treatment);
    const keep = plan.countsOnly ? recipe.seeds : (plantsKept(recipe.treatment) ?? 1);
    const container = { code: c.code, treatment: c.treatment, team: c.team ?? 0, seeds: recipe.seeds, keep };
    sowings.set(day, [...(sowings.get(day) ?? []), container]);
  }
  return [...sowings].flatMap(([day, containers], i) =>
    simulateInvestigation({
      species: speciesById(plan.speciesId)!,
      containers,
      effects: plan.effects,
      checkDays: plan.checkDays.map((d) => d - daysBetween(sownOn, day)).filter((d) => d > 0),
      temperature: plan.temperature,
      sownOn: day,
      resolution: plan.resolution,
      trouble: plan.trouble,
      seed: plan.growthSeed + i,
    }),
  );
}

/** Plants that a treatment of crowding leaves in its container; null elsewhere. */
const plantsKept = ({ levels }: PlannedTreatment): number | null =>
  levels.find((l) => l.label.includes('plant') && l.amount !== null)?.amount ?? null;
