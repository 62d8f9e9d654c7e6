import { type ClassView } from '@bright-sprout/contracts/classes';
import { type ContainerView, type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { benchProtocol } from '@bright-sprout/core/bench/benchOfPlan';
import { designOf } from '@bright-sprout/core/compare/design';
import { planCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { planOutlook } from '@bright-sprout/core/plan/calendar/planOutlook';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { sowingDayOfTreatment, sowingDays, speciesOfTreatment } from '@bright-sprout/core/plan/document/treatmentSowing';
import { allOf } from '@bright-sprout/core/plan/layout/layOut';
import { runSheet } from '@bright-sprout/core/plan/lists/runSheet';
import { type WorkedOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { methodById, speciesById } from '@bright-sprout/core/seeds/catalogue';

/** What a plan will be when it is sown, without a look yet: enough to print everything that is needed before sowing day. */
export function recordsOfPlan(id: string, plan: PlanDocument, out: WorkedOut, group: ClassView): InvestigationRecords {
  const named = (speciesId: string) => {
    const species = speciesById(speciesId);
    return { speciesId, speciesName: species?.name ?? speciesId, habit: species?.habit ?? ('broad' as const) };
  };
  const method = methodById(plan.methodId);
  const sownOn = new Map(out.treatments.map((t) => [t.code, sowingDayOfTreatment(plan, t)]));
  const seeds = new Map(out.recipes.map((r) => [r.treatment.code, r.seeds]));
  const containers = allOf(out.layout).map((c): ContainerView => {
    const team = c.team === null ? undefined : group.teams[c.team];
    return {
      id: c.code,
      code: c.code,
      treatment: c.treatment,
      teamId: team?.id ?? null,
      block: team?.nickname ?? null,
      position: c.place,
      seedsSown: seeds.get(c.treatment)!,
      sownOn: sownOn.get(c.treatment)!,
      childNumber: c.child,
    };
  });
  const inReserve = new Set(out.layout.reserve.map((r) => r.code));
  const { protocol } = plan;
  return {
    readings: [],
    photos: [],
    investigation: {
      id,
      version: 0,
      question: plan.question,
      factor: plan.factors.map((f) => f.name).join(' and '),
      phase: 'growing',
      origin: 'planned',
      brought: null,
      ...named(plan.speciesId),
      methodId: plan.methodId,
      methodName: method?.name ?? '',
      containerName: method?.container ?? 'container',
      sownOn: sowingDays(plan)[0]!,
      resolution: protocol.resolution,
      beforeSprouting: protocol.beforeSprouting,
      afterLoss: protocol.afterLoss,
      report: protocol.report,
      drawSeed: plan.drawSeed,
      split: out.layout.split,
      planCautions: [],
      runSheet: runSheet(plan, out),
      bench: benchProtocol(plan, out.recipes),
      schedule: planCalendar(plan, out, null).events,
      outlook: planOutlook(plan, out),
      checkingClosedAt: null,
      cameLate: 0,
      deviations: [],
      expected: [],
      care: [],
      sharedWithTeams: false,
      removed: false,
      class: { id: group.id, name: group.name, gradeBand: group.gradeBand, timeZone: group.timeZone },
      teams: group.teams.map(({ id: teamId, emblem, nickname }) => ({ id: teamId, emblem, nickname })),
      treatments: out.treatments.map((t) => ({
        code: t.code,
        label: t.label,
        control: t.control,
        ...named(speciesOfTreatment(plan, t) ?? plan.speciesId),
      })),
      design: designOf(plan),
      containers: containers.filter((c) => !inReserve.has(c.code)),
      reserve: containers.filter((c) => inReserve.has(c.code)),
    },
  };
}
