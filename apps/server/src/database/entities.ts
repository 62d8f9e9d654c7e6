import { ClaimEntryEntity } from '../conclude/claimEntry.entity';
import { ClaimNote } from '../conclude/claimNote.entity';
import { Lesson } from '../conclude/lesson.entity';
import { AccessSession } from '../access/accessSession.entity';
import { FailedAttempt } from '../access/failedAttempt.entity';
import { RequestCount } from '../access/requestCount.entity';
import { School } from '../access/school.entity';
import { Teacher } from '../access/teacher.entity';
import { PlantCheck } from '../checks/plantCheck.entity';
import { FindingEntity } from '../checks/finding.entity';
import { ReadingEntity } from '../checks/reading.entity';
import { ClassGroup } from '../classes/classGroup.entity';
import { Team } from '../classes/team.entity';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { TreatmentEntity } from '../investigations/treatment.entity';
import { Change } from '../live/change.entity';
import { Plan } from '../plans/plan.entity';
import { Photo } from '../photos/photo.entity';
import { Prediction } from '../predictions/prediction.entity';
import { CareEvent } from '../care/careEvent.entity';
import { Deviation } from '../deviations/deviation.entity';
import { RoomReadingEntity } from '../room/roomReading.entity';
import { Film } from '../films/film.entity';
import { Frame } from '../films/frame.entity';
import { FrameMending } from '../films/frameMending.entity';
import { HeldEntry } from '../held/heldEntry.entity';
import { SavedQuestionEntity } from '../questions/savedQuestion.entity';
import { RunChange } from '../running/runChange.entity';
import { ScreenLink } from '../screens/screenLink.entity';
import { Together, TogetherReading } from '../together/together.entities';
import { SeedLotEntity } from '../seeds/seedLot.entity';

/** Every table, named one by one so that nothing is picked up by accident. */
export const ENTITIES = [
  School,
  Teacher,
  AccessSession,
  FailedAttempt,
  RequestCount,
  ClassGroup,
  Team,
  Plan,
  SeedLotEntity,
  Prediction,
  Investigation,
  TreatmentEntity,
  Container,
  Deviation,
  CareEvent,
  HeldEntry,
  RunChange,
  ScreenLink,
  SavedQuestionEntity,
  Lesson,
  ClaimEntryEntity,
  ClaimNote,
  RoomReadingEntity,
  Together,
  TogetherReading,
  Photo,
  Film,
  Frame,
  FrameMending,
  PlantCheck,
  ReadingEntity,
  FindingEntity,
  Change,
];
