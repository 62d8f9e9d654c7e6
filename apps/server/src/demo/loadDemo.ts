import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { EMBLEM_NAMES } from '@bright-sprout/contracts/access';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { numberFound } from '@bright-sprout/core/measures/finding';
import { formatLength, roundToResolution } from '@bright-sprout/core/quantities/length';
import { generatorFrom } from '@bright-sprout/core/random/generator';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { type SimulatedReading, simulateInvestigation } from '@bright-sprout/core/simulate/simulateInvestigation';
import { DataSource, type EntityManager } from 'typeorm';
import { hashPassword } from '../access/access.service';
import { PinsService } from '../access/pins.service';
import { School } from '../access/school.entity';
import { Teacher } from '../access/teacher.entity';
import { PlantCheck } from '../checks/plantCheck.entity';
import { insertReadings } from '../checks/insertReadings';
import { ClassGroup } from '../classes/classGroup.entity';
import { Team } from '../classes/team.entity';
import { newId, requestHash } from '../database/ids';
import { CareEvent } from '../care/careEvent.entity';
import { Plan } from '../plans/plan.entity';
import { Prediction } from '../predictions/prediction.entity';
import { RoomReadingEntity } from '../room/roomReading.entity';
import { SeedLotEntity } from '../seeds/seedLot.entity';
import { type Settings } from '../settings';
import { insertInvestigation, investigationOf } from '../sowing/investigationOfPlan';
import { demoPlan, demoPredictions, demoRoom, demoSeedLots, demoSowing, demoSownPlan, demoWatering } from './demoPlanning';
import { DEMO_CLASSES, DEMO_EMBLEMS, DEMO_TEACHER, type DemoClass } from './demoScenario';

/** The PIN of each demo team, in the order of the emblems. */
export function demoPins(demoClass: Pick<DemoClass, 'pinSeed'>): string[] {
  const random = generatorFrom(demoClass.pinSeed);
  return DEMO_EMBLEMS.map(() => String(random.below(10_000)).padStart(4, '0'));
}

/** Fills an empty database with the demo school; does nothing where there is any teacher. True when it was loaded. */
export async function loadDemo(dataSource: DataSource, settings: Settings): Promise<boolean> {
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const today = todayIn(timeZone);
  const pins = new PinsService(settings);
  return dataSource.transaction(async (manager) => {
    if (await manager.getRepository(Teacher).exists()) return false;
    const schoolId = newId();
    const teacherId = newId();
    await manager.getRepository(School).insert({ id: schoolId, name: DEMO_TEACHER.schoolName });
    await manager.getRepository(Teacher).insert({
      id: teacherId,
      schoolId,
      email: DEMO_TEACHER.email,
      name: DEMO_TEACHER.name,
      passwordHash: await hashPassword(DEMO_TEACHER.password),
    });
    for (const demo of DEMO_CLASSES) {
      const classId = newId();
      await manager.getRepository(ClassGroup).insert({
        id: classId,
        schoolId,
        teacherId,
        name: demo.name,
        gradeBand: demo.gradeBand,
        timeZone,
        joinCode: demo.joinCode,
      });
      const secrets = demoPins(demo);
      const teams = DEMO_EMBLEMS.map((emblem, i) => ({
        id: newId(),
        classId,
        emblem,
        nickname: EMBLEM_NAMES[emblem],
        sealedPin: pins.seal(secrets[i]!),
      }));
      await manager.getRepository(Team).insert(teams);
      await loadInvestigation(
        manager,
        demo,
        classId,
        teams.map((t) => t.id),
        today,
      );
    }
    await loadPlanning(manager, schoolId, today);
    return true;
  });
}

/** What is being planned, and the seed shelf. */
async function loadPlanning(manager: EntityManager, schoolId: string, today: IsoDay): Promise<void> {
  const [first] = DEMO_CLASSES;
  const { id: classId } = await manager.getRepository(ClassGroup).findOneByOrFail({ schoolId, name: first!.name });
  const document = demoPlan(today, DEMO_EMBLEMS.length);
  await manager
    .getRepository(Plan)
    .insert({ id: newId(), classId, version: 1, document, requestHash: requestHash(document), changedAt: timeNow() });
  await manager.getRepository(SeedLotEntity).insert(demoSeedLots(today).map((lot) => ({ ...lot, id: newId(), schoolId })));
}

async function loadInvestigation(
  manager: EntityManager,
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
  await manager
    .getRepository(Plan)
    .insert({ id, classId, version: 1, document, requestHash: requestHash(document), changedAt: timeNow(), sown: true });
  const sown = investigationOf(document, out, { id, classId, teamIds, requestHash: requestHash(plan.question) });
  await insertInvestigation(manager, {
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
  await manager.getRepository(PlantCheck).insert(rows.map((r) => r.check));
  await insertReadings(
    manager,
    rows.map((r) => r.reading),
  );
  await manager.getRepository(CareEvent).insert(
    [...demoSowing(sown.investigation.runSheet.length, sownOn), ...demoWatering(plan, sownOn, today)].map((c) => ({
      ...c,
      id: newId(),
      investigationId: id,
    })),
  );
  await manager
    .getRepository(Prediction)
    .insert(demoPredictions(document, teamIds, sownOn).map((p) => ({ ...p, id: newId(), planId: id })));
  if (plan.phase === 'growing')
    await manager
      .getRepository(RoomReadingEntity)
      .insert(demoRoom(document, sownOn, today).map((r) => ({ ...r, id: newId(), classId })));
}

/** One look as stored; the slip of the demo is a point one place off, put right a minute later. */
function rowsOf(simulated: SimulatedReading, containerId: string, teamId: string, { investigation }: DemoClass, slip: boolean) {
  const at = (minute: number) => new Date(`${simulated.day}T10:${String(15 + minute).padStart(2, '0')}:00Z`);
  const row = (valueMm: number | null, minute: number, supersedesId: string | null) => {
    const check = {
      id: newId(),
      containerId,
      teamId,
      day: simulated.day,
      recordedAt: at(minute),
      receivedAt: at(minute),
      source: 'simulated' as const,
      requestHash: requestHash(simulated),
    };
    const { state, leaves, lostReason } = simulated;
    return {
      check,
      reading: {
        id: newId(),
        checkId: check.id,
        plant: '1',
        state,
        findings: [
          ...(valueMm === null ? [] : [numberFound('height', valueMm, formatLength(valueMm, investigation.resolution))]),
          ...(state === 'measured' && leaves !== null ? [numberFound('leaves', leaves)] : []),
        ],
        lostReason,
        note: null,
        supersedesId,
      },
    };
  };
  if (!slip) return [row(simulated.valueMm, simulated.team, null)];
  const wrong = row(roundToResolution(simulated.valueMm! / 10, investigation.resolution), simulated.team, null);
  return [wrong, row(simulated.valueMm, simulated.team + 1, wrong.reading.id)];
}
