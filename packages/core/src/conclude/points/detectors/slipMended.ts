import { valueOf } from '../../../measures/finding';
import { currentReadings, replacedBy, type Reading } from '../../../readings/reading';
import { type Lesson } from '../lesson';
import { type Found } from '../point';

/** A correction by less than this factor is a second look, not a slip. */
const SLIP = 1.25;

/** The greatest slip that was struck through and mended: luck has no part in it. */
export function slipMended(lesson: Lesson): Found<'slip-mended'>[] {
  const { readings, containers } = lesson.records;
  const codes = new Map(containers.map((c) => [c.id, c.code]));
  const mended = currentReadings(readings).flatMap((r: Reading) => {
    const now = valueOf(r, lesson.measure.code);
    const old = r.supersedes === null ? undefined : replacedBy(readings, r.id)[0];
    const was = old ? valueOf(old, lesson.measure.code) : null;
    const code = codes.get(r.containerId);
    if (!old || now === null || was === null || code === undefined || !(now > 0 && was > 0)) return [];
    const factor = Math.max(was / now, now / was);
    return factor < SLIP ? [] : [{ reading: r, code, was, now, factor, asked: old.doubt !== null }];
  });
  if (mended.length === 0) return [];
  const worst = mended.reduce((a, b) => (b.factor > a.factor ? b : a));
  return [
    {
      key: `slip-mended ${worst.code}`,
      day: worst.reading.day,
      chance: null,
      container: worst.code,
      was: worst.was,
      now: worst.now,
      corrections: mended.length,
      asked: worst.asked,
      figure: { kind: 'struck', containerId: worst.reading.containerId, was: worst.was, now: worst.now },
    },
  ];
}
