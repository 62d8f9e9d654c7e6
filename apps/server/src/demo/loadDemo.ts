import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { EMBLEM_NAMES } from '@bright-sprout/contracts/access';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { generatorFrom } from '@bright-sprout/core/random/generator';
import { hashPassword } from '../access/passwords';
import { PinsService } from '../access/pins.service';
import { School } from '../access/school.entity';
import { Teacher } from '../access/teacher.entity';
import { ClassGroup } from '../classes/classGroup.entity';
import { Team } from '../classes/team.entity';
import { type Database } from '../database/database';
import { newId, requestHash } from '../database/ids';
import { Plan } from '../plans/plan.entity';
import { SeedLotEntity } from '../seeds/seedLot.entity';
import { type Settings } from '../settings';
import { demoPlan, demoSeedLots } from './demoPlanning';
import { DEMO_CLASSES, DEMO_EMBLEMS, DEMO_TEACHER, type DemoClass } from './demoScenario';
import { loadInvestigation } from './demoInvestigation';

/** The PIN of each demo team, in the order of the emblems. */
export function demoPins(demoClass: Pick<DemoClass, 'pinSeed'>): string[] {
  const random = generatorFrom(demoClass.pinSeed);
  return DEMO_EMBLEMS.map(() => String(random.below(10_000)).padStart(4, '0'));
}

/** Fills an empty database with the demo school; does nothing where there is any teacher. True when it was loaded. */
export async function loadDemo(db: Database, settings: Settings): Promise<boolean> {
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const today = todayIn(timeZone);
  const pins = new PinsService(settings);
  return db.work(async () => {
    if (await db.of(Teacher).exists()) return false;
    const schoolId = newId();
    const teacherId = newId();
    await db.of(School).insert({ id: schoolId, name: DEMO_TEACHER.schoolName });
    await db.of(Teacher).insert({
      id: teacherId,
      schoolId,
      email: DEMO_TEACHER.email,
      name: DEMO_TEACHER.name,
      passwordHash: await hashPassword(DEMO_TEACHER.password),
    });
    for (const demo of DEMO_CLASSES) {
      const classId = newId();
      await db.of(ClassGroup).insert({
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
      await db.of(Team).insert(teams);
      const teamIds = teams.map((t) => t.id);
      for (const investigation of demo.investigations)
        await loadInvestigation(db, investigation, {
          gradeBand: demo.gradeBand,
          classId,
          teamIds,
          today,
        });
    }
    await loadPlanning(db, schoolId, today);
    return true;
  });
}

/** What is being planned, and the seed shelf. */
async function loadPlanning(db: Database, schoolId: string, today: IsoDay): Promise<void> {
  const [first] = DEMO_CLASSES;
  const { id: classId } = await db.of(ClassGroup).findOneByOrFail({ schoolId, name: first!.name });
  const document = demoPlan(today, DEMO_EMBLEMS.length);
  await db
    .of(Plan)
    .insert({ id: newId(), classId, version: 1, document, requestHash: requestHash(document), changedAt: timeNow() });
  await db.of(SeedLotEntity).insert(demoSeedLots(today).map((lot) => ({ ...lot, id: newId(), schoolId })));
}
