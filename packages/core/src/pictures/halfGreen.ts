import { say } from '@bright-sprout/words/say';
/** A share on a day that was counted, %. */
export interface DayShare {
  day: number;
  share: number;
}

/** When a share was reached for the first time, between the looks at it: after one day and by another. */
export type Reached =
  | { kind: 'between'; after: number; by: number }
  /** Already at the first look. */
  | { kind: 'by'; by: number }
  | { kind: 'not-yet'; last: number }
  | { kind: 'unknown' };

/** @param days in any order */
export function reached(days: readonly DayShare[], share: number): Reached {
  const inOrder = [...days].sort((a, b) => a.day - b.day);
  const first = inOrder.findIndex((d) => d.share >= share);
  if (inOrder.length === 0) return { kind: 'unknown' };
  if (first < 0) return { kind: 'not-yet', last: inOrder[inOrder.length - 1]!.day };
  const by = inOrder[first]!.day;
  return first === 0 ? { kind: 'by', by } : { kind: 'between', after: inOrder[first - 1]!.day, by };
}

/** “half green on day 9”, “half green between day 11 and day 13”. */
export function halfGreenWords(when: Reached): string {
  switch (when.kind) {
    case 'between':
      return when.by - when.after === 1
        ? say('pictures.halfGreenDay', { by: when.by })
        : say('pictures.halfGreenBetweenDay', { after: when.after, by: when.by });
    case 'by':
      return say('pictures.halfGreenDayFirst', { by: when.by });
    case 'not-yet':
      return say('pictures.notHalfGreenBy', { last: when.last });
    case 'unknown':
      return say('pictures.countedYet');
  }
}
