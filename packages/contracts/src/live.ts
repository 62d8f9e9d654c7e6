/** What changes are about; each is answered by asking anew for that and nothing more. */
export const LIVE_KINDS = [
  /** One more check, named by `subjectId`. */
  'check-saved',
  /** One more picture, named by `subjectId`. */
  'photo-saved',
  /** Something beside the readings: care, what went otherwise at sowing, settings. */
  'investigation-noted',
  /** Anything of the investigation, its readings and pictures too. */
  'investigation-changed',
  /** A film of the investigation, its pictures or what was put right on them. */
  'films-changed',
  /** A plant that the class reads together. */
  'together-changed',
  /** What teams conclude, or what the teacher says to it. */
  'claims-changed',
  /** A plan of the class, or a prediction about it. */
  'plan-changed',
  /** How warm, light or moist the room is. */
  'room-changed',
  'class-changed',
] as const;

/** One change, told to whoever may see it. */
export interface LiveEvent {
  id: string;
  kind: (typeof LIVE_KINDS)[number];
  classId: string;
  investigationId: string | null;
  subjectId: string | null;
}

/** At most so many checks, or pictures, are asked for one by one; beyond that everything is asked for. */
export const MOST_NEWS = 50;
