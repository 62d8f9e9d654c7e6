import { type Static, Type } from '@sinclair/typebox';
import { TeamView } from './classes';
import { InvestigationRecords, InvestigationView } from './investigations';
import { Species } from './species';
import { nothing, shape } from './shape';

export const SavedCheck = shape({
  id: Type.String(),
  receivedAt: Type.String(),
});
export type SavedCheck = Static<typeof SavedCheck>;

/** An investigation as a team's device shows it: of its own containers, and without the other teams. */
export const BenchRecords = shape({
  ...InvestigationRecords.properties,
  investigation: shape({ ...InvestigationView.properties, teams: nothing }),
});
export type BenchRecords = Static<typeof BenchRecords>;

/** The records of the whole class, as teams see them once they are shared: without what only the teacher settles. */
export const SharedRecords = shape({
  ...InvestigationRecords.properties,
  investigation: shape({ ...InvestigationView.properties, cameLate: Type.Literal(0), brought: Type.Null() }),
});
export type SharedRecords = Static<typeof SharedRecords>;

/** What a team's device shows: its own containers and their records. */
export const BenchView = shape({
  team: TeamView,
  className: Type.String(),
  /** Today in the class's time zone. */
  today: Type.String(),
  /** Newest growing investigation first; containers are the team's own and those without a team, which any team may check. */
  investigations: Type.Array(BenchRecords),
  /** Facts of every kind of seed that is grown, for the questions at the bench: a device needs no whole catalogue. */
  species: Type.Array(Species),
});
export type BenchView = Static<typeof BenchView>;
