import { benchProtocol } from '../../bench/benchOfPlan';
import { type IsoDay } from '../../calendar/days';
import { listInWords } from '../../words/listInWords';
import { planCalendar } from '../calendar/planCalendar';
import { planOutlook } from '../calendar/planOutlook';
import { type PlanDocument } from '../document/planDocument';
import { sowingDayOfTreatment, sowingDays, speciesOfTreatment } from '../document/treatmentSowing';
import { fairTest, keptCautions } from '../fairTest/fairTest';
import { allOf } from '../layout/layOut';
import { runSheet } from '../lists/runSheet';
import { type WorkedOut } from '../workedOut/workOut';

const LONGEST_LABEL = 60;

/**
 * What a plan becomes when it is sown: the investigation, its treatments, and the containers of every team, which are told by their
 * place in the class's order.
 * @param today the day on which it is made, before which nothing can be put; null for what was made earlier
 */
export function sownPlan(plan: PlanDocument, out: WorkedOut, { teams, today }: { teams: number; today: IsoDay | null }) {
  const sownOn = new Map(out.treatments.map((t) => [t.code, sowingDayOfTreatment(plan, t)]));
  const seeds = new Map(out.recipes.map((r) => [r.treatment.code, r.seeds]));
  const inReserve = new Set(out.layout.reserve.map((r) => r.code));
  const { protocol } = plan;
  return {
    investigation: {
      question: plan.question,
      factor: listInWords(plan.factors.map((f) => f.name)),
      speciesId: plan.speciesId,
      methodId: plan.methodId,
      sownOn: sowingDays(plan)[0]!,
      resolution: protocol.resolution,
      beforeSprouting: protocol.beforeSprouting,
      afterLoss: protocol.afterLoss,
      report: protocol.report,
      drawSeed: plan.drawSeed,
      split: out.layout.split,
      planCautions: keptCautions(fairTest(plan, out, teams)),
      runSheet: runSheet(plan, out),
      bench: benchProtocol(plan, out.recipes),
      schedule: planCalendar(plan, out, today).events,
      outlook: planOutlook(plan, out),
    },
    treatments: out.treatments.map((t) => ({
      code: t.code,
      label: t.label.slice(0, LONGEST_LABEL),
      control: t.control,
      speciesId: speciesOfTreatment(plan, t),
    })),
    containers: allOf(out.layout).map((c) => ({
      code: c.code,
      treatment: c.treatment,
      team: c.team,
      position: c.place,
      inReserve: inReserve.has(c.code),
      childNumber: c.child,
      seedsSown: seeds.get(c.treatment)!,
      sownOn: sownOn.get(c.treatment)!,
    })),
  };
}
