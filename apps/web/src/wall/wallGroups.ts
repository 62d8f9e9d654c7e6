import { say } from '@bright-sprout/words/say';
import {
  type ContainerView,
  type InvestigationRecords,
  type InvestigationView,
} from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay, daysBetween } from '@bright-sprout/core/calendar/days';
import { describe } from '@bright-sprout/core/statistics/descriptives';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { sumUp } from '@bright-sprout/core/measures/sumUp';
import { countedUp } from '@bright-sprout/core/readings/countedUp';
import { foundOf, type Standing } from '@bright-sprout/core/readings/standing';
import { formatLength } from '@bright-sprout/core/quantities/length';
import { counted } from '@bright-sprout/core/words/plural';
import { type LineUpGroup } from './lineUpGroup';

/** By what the plants stand together. */
export const GROUPINGS = ['treatment', 'team', 'kind', 'age'] as const;
export type Grouping = (typeof GROUPINGS)[number];

/** The ways that tell something here: kinds and ages only where there are several. */
export function groupingsOf({ containers, treatments, teams }: InvestigationView): Grouping[] {
  const several = (values: unknown[]) => new Set(values).size > 1;
  return GROUPINGS.filter(
    (g) =>
      g === 'treatment' ||
      (g === 'team' && teams.length > 1) ||
      (g === 'kind' && several(treatments.map((t) => t.speciesId))) ||
      (g === 'age' && several(containers.map((c) => c.sownOn))),
  );
}

const byCode = new Intl.Collator('en', { numeric: true });
const inOrder = (a: ContainerView, b: ContainerView) => byCode.compare(a.code, b.code);

/**
 * The groups of a day with their containers. A mean stands only over groups whose plants were treated alike; a team has one of
 * each, so its group has its peg instead: the height it expected.
 */
export function wallGroups(
  { investigation }: Pick<InvestigationRecords, 'investigation'>,
  standings: ReadonlyMap<string, Standing>,
  day: IsoDay,
  by: Grouping,
  measure: Measure,
): LineUpGroup[] {
  const { containers, treatments, teams, resolution, containerName } = investigation;
  const group = (
    key: string,
    title: string,
    own: ContainerView[],
    part: Partial<LineUpGroup> & { alike: boolean },
  ): LineUpGroup[] => {
    if (own.length === 0) return [];
    const values = own.flatMap((c) => {
      const standing = standings.get(c.id);
      return standing ? (sumUp(measure, foundOf(standing, measure.code), c.seedsSown) ?? []) : [];
    });
    const { alike, ...rest } = part;
    const described = alike ? describe(values) : null;
    const summary = described?.ok ? described : null;
    const measured = say('wall.ofMeasured', { countValues: values.length, countOwn: counted(own.length, containerName) });
    const meaning = summary ? say('wall.meanOf', { n: counted(summary.n, containerName) }) : measured;
    return [
      { key, title, detail: meaning, containers: own.sort(inOrder), summary, look: null, emblem: null, peg: null, ...rest },
    ];
  };
  if (by === 'team')
    return [...teams, null].flatMap((team) => {
      const own = containers.filter((c) => c.teamId === (team?.id ?? null));
      const expected = investigation.expected.find((e) => e.teamId === team?.id && e.heightMm !== null);
      return group(team?.id ?? 'class', team?.nickname ?? say('common.theClassTitle'), own, {
        alike: false,
        emblem: team?.emblem ?? null,
        peg: expected
          ? {
              mm: expected.heightMm!,
              words: say('wall.expectedDay', {
                heightMm: formatLength(expected.heightMm!, resolution),
                dayNumber: expected.dayNumber,
              }),
            }
          : null,
      });
    });
  if (by === 'kind')
    return [...new Set(treatments.map((t) => t.speciesId))].flatMap((id) => {
      const own = treatments.filter((t) => t.speciesId === id);
      return group(
        id,
        own[0]!.speciesName,
        containers.filter((c) => own.some((t) => t.code === c.treatment)),
        { alike: own.length === 1, look: own[0]!.code },
      );
    });
  if (by === 'age')
    return [...new Set(containers.map((c) => c.sownOn))].sort().flatMap((sownOn) => {
      const own = containers.filter((c) => c.sownOn === sownOn);
      const age = daysBetween(sownOn, day);
      const alike = new Set(own.map((c) => c.treatment)).size === 1;
      return group(sownOn, age < 0 ? say('wall.sownYet') : say('wall.daysOld', { age }), own, {
        alike,
        look: alike ? own[0]!.treatment : null,
      });
    });
  return treatments.flatMap((t) =>
    group(
      t.code,
      t.label,
      containers.filter((c) => c.treatment === t.code),
      { alike: true, look: t.code, letter: t.code },
    ),
  );
}

/** How many of a group have sprouted, of all that were sown where somebody counted. */
export function countDetail(group: LineUpGroup, standings: ReadonlyMap<string, Standing>, measure: Measure): string {
  const share = countedUp(group.all ?? group.containers, standings, measure.code);
  if (!share) return say('wall.countedYet');
  return say('wall.upOfPercent', {
    up: share.up,
    of: share.of,
    noun: measure.noun![1],
    percent: Math.round((100 * share.up) / share.of),
  });
}
