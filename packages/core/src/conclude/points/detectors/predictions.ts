import { predictedHeights } from '../../../compare/figures/predicted';
import { daysBetween, type IsoDay } from '../../../calendar/days';
import { isNearAsked } from '../../../readings/whatCame';
import { generatorFrom } from '../../../random/generator';
import { type Lesson } from '../lesson';
import { type Found } from '../point';

const DEALS = 999;
const SEED = 13;

/** The day looked at that is nearest to the one asked about. */
function nearestDay(lesson: Lesson, dayNumber: number): IsoDay {
  const sown = lesson.records.containers[0]!.sownOn;
  const off = (day: IsoDay) => Math.abs(daysBetween(sown, day) - dayNumber);
  return lesson.days.reduce((a, b) => (off(b) < off(a) ? b : a));
}

function cameOf(lesson: Lesson) {
  const asked = lesson.expected.find((e) => e.heightMm !== null);
  if (lesson.measure.code !== 'height' || !asked) return null;
  const day = nearestDay(lesson, asked.dayNumber);
  const rows = predictedHeights(lesson.records, lesson.expected, day).flatMap((r) =>
    r.came === null ? [] : [{ team: r.team, said: r.predicted, came: r.came }],
  );
  const dayNumber = daysBetween(lesson.records.containers[0]!.sownOn, day);
  return rows.length < 2 || !isNearAsked(dayNumber, asked.dayNumber) ? null : { day, rows, dayNumber };
}

const off = (r: { said: number; came: number }) => Math.abs(r.said - r.came);

/** Share of deals of the predictions among the teams in which the nearest is as near, or the farthest as far. */
function chanceOf(rows: readonly { said: number; came: number }[], asMuch: (errors: readonly number[]) => boolean): number {
  const random = generatorFrom(SEED);
  let count = 0;
  for (let deal = 0; deal < DEALS; deal++) {
    const said = random.shuffle(rows.map((r) => r.said));
    if (asMuch(rows.map((r, i) => Math.abs(said[i]! - r.came)))) count++;
  }
  return (count + 1) / (DEALS + 1);
}

/** The team whose number came nearest to its own tallest plant. */
export function predictionNearest(lesson: Lesson): Found<'prediction-nearest'>[] {
  const found = cameOf(lesson);
  if (found === null) return [];
  const best = found.rows.reduce((a, b) => (off(b) < off(a) ? b : a));
  return [
    {
      key: 'prediction-nearest',
      day: found.day,
      chance: chanceOf(found.rows, (errors) => Math.min(...errors) <= off(best)),
      team: best.team,
      said: best.said,
      came: best.came,
      dayNumber: found.dayNumber,
      teams: found.rows.length,
      figure: { kind: 'pegs', rows: found.rows.map((r) => ({ label: r.team, said: r.said, came: r.came, marked: r === best })) },
    },
  ];
}

/** The number that lay farthest from what came: it is the plant that surprised, not the team that was wrong. */
export function predictionFarthest(lesson: Lesson): Found<'prediction-farthest'>[] {
  const found = cameOf(lesson);
  if (found === null) return [];
  const worst = found.rows.reduce((a, b) => (off(b) > off(a) ? b : a));
  if (off(worst) === 0) return [];
  return [
    {
      key: 'prediction-farthest',
      day: found.day,
      chance: chanceOf(found.rows, (errors) => Math.max(...errors) >= off(worst)),
      team: worst.team,
      said: worst.said,
      came: worst.came,
      dayNumber: found.dayNumber,
      teams: found.rows.length,
      figure: { kind: 'pegs', rows: found.rows.map((r) => ({ label: r.team, said: r.said, came: r.came, marked: r === worst })) },
    },
  ];
}
