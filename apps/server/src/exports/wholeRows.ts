import { addDays, type IsoDay } from '@bright-sprout/core/calendar/days';
import { In, type ObjectLiteral } from 'typeorm';
import { CareEvent } from '../care/careEvent.entity';
import { FindingEntity } from '../checks/finding.entity';
import { PlantCheck } from '../checks/plantCheck.entity';
import { ReadingEntity } from '../checks/reading.entity';
import { ClassGroup } from '../classes/classGroup.entity';
import { Team } from '../classes/team.entity';
import { ClaimEntryEntity } from '../conclude/claimEntry.entity';
import { ClaimNote } from '../conclude/claimNote.entity';
import { Lesson } from '../conclude/lesson.entity';
import { type Database } from '../database/database';
import { Deviation } from '../deviations/deviation.entity';
import { Film } from '../films/film.entity';
import { Frame } from '../films/frame.entity';
import { FrameMending } from '../films/frameMending.entity';
import { HeldEntry } from '../held/heldEntry.entity';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { TreatmentEntity } from '../investigations/treatment.entity';
import { Photo } from '../photos/photo.entity';
import { Plan } from '../plans/plan.entity';
import { Prediction } from '../predictions/prediction.entity';
import { SavedQuestionEntity } from '../questions/savedQuestion.entity';
import { RoomReadingEntity } from '../room/roomReading.entity';
import { roomOfDays } from '../room/roomOfDays';
import { RunChange } from '../running/runChange.entity';
import { Together, TogetherReading } from '../together/together.entities';

/** Every table in which an investigation is kept, in the order in which rows can be put back: what is pointed at comes first. */
export const WHOLE: Readonly<Record<string, new () => ObjectLiteral>> = {
  plan: Plan,
  investigation: Investigation,
  treatment: TreatmentEntity,
  container: Container,
  deviation: Deviation,
  care: CareEvent,
  runChange: RunChange,
  prediction: Prediction,
  question: SavedQuestionEntity,
  lesson: Lesson,
  claimEntry: ClaimEntryEntity,
  claimNote: ClaimNote,
  together: Together,
  togetherReading: TogetherReading,
  photo: Photo,
  film: Film,
  frame: Frame,
  frameMending: FrameMending,
  check: PlantCheck,
  reading: ReadingEntity,
  finding: FindingEntity,
  held: HeldEntry,
  // It is the class's, and goes along for the days of the investigation.
  room: RoomReadingEntity,
};

/** A team as it leaves: its PIN stays. */
export interface KeptTeam {
  id: string;
  emblem: string;
  nickname: string;
}

/** An investigation with every row of it, as it is kept: nothing is made shorter, corrections and what was taken back included. */
export interface WholeInvestigation {
  teams: KeptTeam[];
  rows: Record<string, ObjectLiteral[]>;
}

const IDS_AT_A_TIME = 1000;

/** Reads every row of an investigation. */
export async function wholeRows(db: Database, investigationId: string): Promise<WholeInvestigation> {
  const all = async (entity: new () => ObjectLiteral, key: string, ids: readonly string[]): Promise<ObjectLiteral[]> => {
    const found: ObjectLiteral[] = [];
    for (let from = 0; from < ids.length; from += IDS_AT_A_TIME)
      found.push(...(await db.of(entity).findBy({ [key]: In(ids.slice(from, from + IDS_AT_A_TIME)) })));
    return found;
  };
  const own = [investigationId];
  const idsOf = (rows: ObjectLiteral[]) => rows.map((r) => r.id as string);
  const container = await all(Container, 'investigationId', own);
  const check = await all(PlantCheck, 'containerId', idsOf(container));
  const reading = await all(ReadingEntity, 'checkId', idsOf(check));
  const film = await all(Film, 'investigationId', own);
  const frame = await all(Frame, 'filmId', idsOf(film));
  const together = await all(Together, 'containerId', idsOf(container));
  const rows: WholeInvestigation['rows'] = {
    plan: await all(Plan, 'id', own),
    investigation: await all(Investigation, 'id', own),
    treatment: await all(TreatmentEntity, 'investigationId', own),
    container,
    deviation: await all(Deviation, 'containerId', idsOf(container)),
    care: await all(CareEvent, 'investigationId', own),
    runChange: await all(RunChange, 'containerId', idsOf(container)),
    prediction: await all(Prediction, 'planId', own),
    question: await all(SavedQuestionEntity, 'investigationId', own),
    lesson: await all(Lesson, 'investigationId', own),
    claimEntry: await all(ClaimEntryEntity, 'investigationId', own),
    claimNote: await all(ClaimNote, 'investigationId', own),
    together,
    togetherReading: await all(TogetherReading, 'togetherId', idsOf(together)),
    photo: await all(Photo, 'containerId', idsOf(container)),
    film,
    frame,
    frameMending: await all(FrameMending, 'frameId', idsOf(frame)),
    check,
    // What is corrected is put back before what corrects it.
    reading: correctedFirst(reading),
    finding: await all(FindingEntity, 'readingId', idsOf(reading)),
    held: await all(HeldEntry, 'investigationId', own),
    room: [],
  };
  const [investigation] = rows.investigation! as Investigation[];
  const group = investigation && (await db.of(ClassGroup).findOneBy({ id: investigation.classId }));
  if (group) rows.room = await roomOfDays(db, group, lookedDays(investigation.sownOn, check as PlantCheck[]));
  const teamIds = new Set<string>();
  for (const row of Object.values(rows).flat())
    for (const key of ['teamId', 'fromTeam', 'toTeam']) if (typeof row[key] === 'string') teamIds.add(row[key]);
  const teams = await db.of(Team).find({ where: { id: In([...teamIds]) }, withDeleted: true });
  return { rows, teams: teams.map(({ id, emblem, nickname }) => ({ id, emblem, nickname })) };
}

/** The room is told from sowing to so many days after the last look. */
const DAYS_BEHIND = 1;

/** The days over which an investigation went: from sowing until the last look was over. */
export function lookedDays(sownOn: IsoDay, looks: readonly { day: IsoDay }[]): [IsoDay, IsoDay] {
  return [
    sownOn,
    addDays(
      looks.reduce((last, l) => (l.day > last ? l.day : last), sownOn),
      DAYS_BEHIND,
    ),
  ];
}

/** Readings in an order in which each comes after the one it corrects. */
export function correctedFirst(readings: readonly ObjectLiteral[]): ObjectLiteral[] {
  const waiting = new Map<string, ObjectLiteral[]>();
  const roots: ObjectLiteral[] = [];
  for (const r of readings) {
    const of = r.supersedesId as string | null;
    if (of === null || of === undefined) roots.push(r);
    else waiting.set(of, [...(waiting.get(of) ?? []), r]);
  }
  const sorted: ObjectLiteral[] = [];
  for (let at = roots; at.length > 0; at = at.flatMap((r) => waiting.get(r.id as string) ?? [])) sorted.push(...at);
  return sorted;
}
