import { nounOf } from '@bright-sprout/core/words/plural';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type ContainerView, type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { designOf } from '@bright-sprout/core/compare/design';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { sownPlan } from '@bright-sprout/core/plan/sown/sownPlan';
import { type WorkedOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { methodById, speciesById } from '@bright-sprout/core/seeds/catalogue';

/** What a plan will be when it is sown, without a look yet: enough to print everything that is needed before sowing day. */
export function recordsOfPlan(id: string, plan: PlanDocument, out: WorkedOut, group: ClassView): InvestigationRecords {
  const { investigation, treatments, containers } = sownPlan(plan, out, {
    teams: group.teams.length,
    today: todayIn(group.timeZone),
  });
  const named = (speciesId: string) => {
    const species = speciesById(speciesId);
    return { speciesId, speciesName: species?.name ?? speciesId, habit: species?.habit ?? ('broad' as const) };
  };
  const method = methodById(plan.methodId);
  const viewOf = ({ team, inReserve: _in, ...c }: (typeof containers)[number]): ContainerView => {
    const theirs = team === null ? undefined : group.teams[team];
    // It has no id yet; its code is told apart as well.
    return { id: c.code, teamId: theirs?.id ?? null, block: theirs?.nickname ?? null, ...c };
  };
  return {
    readings: [],
    photos: [],
    investigation: {
      id,
      version: 0,
      phase: 'growing',
      origin: 'planned',
      brought: null,
      ...investigation,
      ...named(plan.speciesId),
      methodName: method?.name ?? '',
      containerName: method?.container ?? nounOf('container'),
      checkingClosedAt: null,
      cameLate: 0,
      deviations: [],
      expected: [],
      care: [],
      sharedWithTeams: false,
      removed: false,
      class: { id: group.id, name: group.name, gradeBand: group.gradeBand, timeZone: group.timeZone },
      teams: group.teams.map(({ id: teamId, emblem, nickname }) => ({ id: teamId, emblem, nickname })),
      treatments: treatments.map(({ speciesId, ...t }) => ({ ...t, ...named(speciesId ?? plan.speciesId) })),
      design: designOf(plan),
      containers: containers.filter((c) => !c.inReserve).map(viewOf),
      reserve: containers.filter((c) => c.inReserve).map(viewOf),
    },
  };
}
