import { leftOver, placeCause } from '../../../compare/causes/placeCause';
import { teamOffsets } from '../../../compare/causes/teamCauses';
import { groupsOf } from '../../../compare/groups';
import { placesOf } from '../../../compare/places';
import { type IsoDay } from '../../../calendar/days';
import { valuesOnDay } from '../../../compare/question';
import { type Lesson } from '../lesson';
import { type Found, RARE } from '../point';

const asked = (lesson: Lesson, day: IsoDay) => valuesOnDay(lesson.measure.code, day);

const groupsOn = (lesson: Lesson, day: IsoDay) => groupsOf(lesson.records, lesson.measure, asked(lesson, day));

/** A rise across the tray in what treatment and team leave: t of the slope, times the two directions looked along. */
export function placeOnTray(lesson: Lesson): Found<'place-on-tray'>[] {
  const { positions, records } = lesson;
  if (positions === null) return [];
  const question = asked(lesson, lesson.last);
  const facts = { groups: groupsOn(lesson, lesson.last), question, positions, records };
  const cause = placeCause(facts);
  if (cause?.code !== 'place' || 2 * cause.p > RARE) return [];
  const places = new Map(
    placesOf(records.containers.map((c) => ({ ...c, position: positions.get(c.id) ?? 0 }))).map((p) => [p.id, p]),
  );
  return [
    {
      key: 'place-on-tray',
      day: lesson.last,
      chance: Math.min(1, 2 * cause.p),
      along: cause.along,
      difference: cause.difference,
      figure: {
        kind: 'tray',
        cells: (leftOver(facts) ?? []).map(({ container, residual }) => {
          const { x, row } = places.get(container.id)!;
          return { containerId: container.id, x, row, left: residual };
        }),
      },
    },
  ];
}

/** A day this early in the record shows small plants. */
const EARLY = 1 / 3;
/** Where small plants show at least this share of the offset, it is not that everything grows larger there. */
const AS_MUCH = 0.6;

/**
 * A team whose numbers lie above, or below, the others', treatments taken into account. It is looked at while plants are small, where a ruler
 * that is read from its end shows best, and on the last day; the chance is that of the furthest of all teams on both days
 * (Bonferroni). A question about rulers, light and care; never about who.
 */
export function teamReadsHigh(lesson: Lesson): Found<'team-reads-high'>[] {
  const early = lesson.days[Math.floor(lesson.days.length * EARLY)]!;
  const looked = [...new Set([early, lesson.last])].flatMap((day) =>
    (teamOffsets({ groups: groupsOn(lesson, day) }) ?? []).map((o) => ({ ...o, day })),
  );
  if (looked.length === 0) return [];
  const furthest = looked.reduce((a, b) => (b.p < a.p ? b : a));
  const own = (day: IsoDay) => looked.find((o) => o.day === day && o.team === furthest.team)?.offset;
  const [small, large] = [own(early), own(lesson.last)];
  const chance = Math.min(1, new Set(looked.map((o) => o.day)).size * furthest.p);
  if (chance > RARE) return [];
  return [
    {
      key: `team-reads-high ${furthest.team}`,
      day: furthest.day,
      chance,
      team: furthest.team,
      offset: furthest.offset,
      low: furthest.low,
      high: furthest.high,
      alsoSmall: early === lesson.last || small === undefined || large === undefined ? null : small / large >= AS_MUCH,
      figure: {
        kind: 'spans',
        spans: looked
          .filter((o) => o.day === furthest.day)
          .map((o) => ({ label: o.team, key: '', low: o.low, at: o.offset, high: o.high, marked: o === furthest })),
        zero: true,
        band: null,
      },
    },
  ];
}
