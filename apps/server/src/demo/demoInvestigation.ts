import { timeNow } from '@bright-sprout/core/clock/clock';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { simulateInvestigation } from '@bright-sprout/core/simulate/simulateInvestigation';
import { type Database } from '../database/database';
import { PlantCheck } from '../checks/plantCheck.entity';
import { insertReadings } from '../checks/insertReadings';
import { newId, requestHash } from '../database/ids';
import { CareEvent } from '../care/careEvent.entity';
import { Plan } from '../plans/plan.entity';
import { Prediction } from '../predictions/prediction.entity';
import { RoomReadingEntity } from '../room/roomReading.entity';
import { insertInvestigation, investigationOf } from '../sowing/investigationOfPlan';
import { demoPredictions, demoRoom, demoSowing, demoSownPlan, demoWatering } from './demoPlanning';
import { type DemoClass } from './demoScenario';
import { rowsOf } from './simulatedRows';

export async function loadInvestigation(
  db: Database,
  demo: DemoClass,
  classId: string,
  teamIds: string[],
  today: IsoDay,
): Promise<void> {
  const plan = demo.investigation;
  const id = newId();
  const sownOn = plan.sownOn(today);
  const document = demoSownPlan(plan, demo.gradeBand, sownOn, teamIds.length);
  const out = workOut(document, teamIds.length);
  const laid = out.layout.containers;
  await db
    .of(Plan)
    .insert({ id, classId, version: 1, document, requestHash: requestHash(document), changedAt: timeNow(), sown: true });
  const sown = investigationOf(document, out, { id, classId, teamIds, requestHash: requestHash(plan.question), today: null });
  await insertInvestigation(db, {
    ...sown,
    investigation: { ...sown.investigation, phase: plan.phase, sharedWithTeams: plan.shared },
  });
  const containerIds = new Map(sown.containers.map((c) => [c.code, c.id]));
  const simulated = simulateInvestigation({
    species: speciesById(plan.speciesId)!,
    containers: laid.map((c) => ({ code: c.code, treatment: c.treatment, team: c.team!, seeds: plan.seeds })),
    effects: plan.effects,
    checkDays: plan.checkDays,
    temperature: plan.temperature,
    sownOn,
    resolution: plan.resolution,
    trouble: plan.trouble,
    seed: plan.growthSeed,
  });
  const past = simulated.filter((r) => r.day < today);
  const slipped = past.filter((r) => (r.valueMm ?? 0) > 50).pop();
  const rows = past.flatMap((r) => rowsOf(r, containerIds.get(r.code)!, teamIds[r.team]!, demo, r === slipped));
  await db.of(PlantCheck).insert(rows.map((r) => r.check));
  await insertReadings(
    db,
    rows.map((r) => r.reading),
  );
  await db.of(CareEvent).insert(
    [...demoSowing(sown.investigation.runSheet.length, sownOn), ...demoWatering(plan, sownOn, today)].map((c) => ({
      ...c,
      id: newId(),
      investigationId: id,
    })),
  );
  await db.of(Prediction).insert(demoPredictions(document, teamIds, sownOn).map((p) => ({ ...p, id: newId(), planId: id })));
  if (plan.phase === 'growing')
    await db.of(RoomReadingEntity).insert(demoRoom(document, sownOn, today).map((r) => ({ ...r, id: newId(), classId })));
}
