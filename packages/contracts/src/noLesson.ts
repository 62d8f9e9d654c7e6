import { type LessonDocument } from './conclude';

/** What is settled before anybody has settled anything; apart from the classes, so that no page loads validators for it. */
export const NO_LESSON: LessonDocument = {
  order: [],
  pinned: [],
  hidden: [],
  own: [],
  claimsOpen: false,
  goals: [],
  reports: [],
};
