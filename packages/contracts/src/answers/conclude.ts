import {
  type GoalRequest as GoalRequestType,
  type OwnPointRequest as OwnPointRequestType,
  type ReportRequest as ReportRequestType,
  type LessonDocument as LessonDocumentType,
} from '../conclude';
import { type ClaimEntry as ClaimEntryType } from '@bright-sprout/core/conclude/claim/claimEntries';
import { PHASES } from '../classes';
import { type Static, Type } from '@sinclair/typebox';
import { TeamView } from './classes';
import { shape, oneOf, like, orNull } from './shape';

/** A word of the teacher to one team: a comment, or a question back. */
export const ClaimNoteRequest = shape({
  kind: oneOf(['comment', 'question']),
  text: Type.String(),
});

export const ClaimNoteView = shape({
  ...ClaimNoteRequest.properties,
  id: Type.String(),
  writtenAt: Type.String(),
});
export type ClaimNoteView = Static<typeof ClaimNoteView>;

export const ClaimEntry = like<ClaimEntryType>()(
  shape({
    id: Type.String(),
    part: Type.String(),
    text: Type.String(),
    recordedAt: Type.String(),
  }),
);
export type ClaimEntry = ClaimEntryType;

export const TeamClaimView = shape({
  team: TeamView,
  entries: Type.Array(ClaimEntry),
  notes: Type.Array(ClaimNoteView),
});
export type TeamClaimView = Static<typeof TeamClaimView>;

/** An investigation from which the team of a device can conclude. */
export const BenchConclusion = shape({
  investigationId: Type.String(),
  question: Type.String(),
  phase: oneOf(PHASES),
});
export type BenchConclusion = Static<typeof BenchConclusion>;

export const GoalRequest = like<GoalRequestType>()(
  shape({
    id: Type.String(),
    words: Type.String(),
    mm: Type.Number(),
  }),
);

/** What a team's device shows of conclusions: its own, and the others' once the teacher has opened them. */
export const BenchClaims = shape({
  own: TeamClaimView,
  /** Null while they are not open to the class. */
  others: orNull(Type.Array(TeamClaimView)),
  goals: Type.Array(GoalRequest),
});
export type BenchClaims = Static<typeof BenchClaims>;

export const OwnPointRequest = like<OwnPointRequestType>()(
  shape({
    id: Type.String(),
    title: Type.String(),
    asks: Type.String(),
    day: Type.String(),
  }),
);

export const ReportRequest = like<ReportRequestType>()(
  shape({
    of: Type.String(),
    arrangement: Type.String(),
  }),
);

/** Everything that the teacher settles for the lesson at the end: one document with a version. */
export const LessonDocument = like<LessonDocumentType>()(
  shape({
    order: Type.Array(Type.String()),
    pinned: Type.Array(Type.String()),
    hidden: Type.Array(Type.String()),
    own: Type.Array(OwnPointRequest),
    claimsOpen: Type.Boolean(),
    goals: Type.Array(GoalRequest),
    reports: Type.Array(ReportRequest),
  }),
);

export const LessonView = shape({
  /** 0 while nothing is settled. */
  version: Type.Number(),
  document: LessonDocument,
});
export type LessonView = Static<typeof LessonView>;
