import { addDays, dayInZone, type IsoDay } from '@bright-sprout/core/calendar/days';
import { Between } from 'typeorm';
import { type Database } from '../database/database';
import { RoomReadingEntity } from './roomReading.entity';

/** What was read of a class's room from one day to another, both of them whole on the clock of the class; oldest first. */
export async function roomOfDays(
  db: Database,
  classGroup: { id: string; timeZone: string },
  [first, last]: readonly [IsoDay, IsoDay],
): Promise<RoomReadingEntity[]> {
  const { id: classId, timeZone } = classGroup;
  // A day begins up to fourteen hours before or after that of Greenwich.
  const at = Between(new Date(`${addDays(first, -1)}T00:00:00Z`), new Date(`${addDays(last, 2)}T00:00:00Z`));
  const found = await db.of(RoomReadingEntity).find({ where: { classId, at }, order: { at: 'ASC', id: 'ASC' } });
  return found.filter((r) => {
    const day = dayInZone(r.at, timeZone);
    return day >= first && day <= last;
  });
}
