import { type CareRule } from '../care/careTasks';
import { type PlanDocument } from '../plan/document/planDocument';
import { byTreatment } from '../plan/recipes/byTreatment';
import { type Recipe } from '../plan/recipes/recipe';
import { stirredInWords } from '../plan/recipes/stirredInWords';
import { methodById } from '../seeds/catalogue';
import { type BenchProtocol } from './benchProtocol';

/** What every look will ask for once the plan is sown, and of which treatments otherwise than of the rest. */
export function benchProtocol(plan: PlanDocument, recipes: readonly Recipe[]): BenchProtocol {
  const { measures, ownMeasures, protocol, assignment } = plan;
  const plants = Math.max(1, ...recipes.map((r) => r.tagged));
  const others = recipes.flatMap(({ treatment, tagged, heightRule }) => {
    const own = {
      ...(tagged === plants ? {} : { plants: tagged }),
      ...(heightRule === protocol.height ? {} : { heightRule }),
    };
    return Object.keys(own).length > 0 ? [[treatment.code, own] as const] : [];
  });
  return {
    measures,
    heightRule: protocol.height,
    sprouted: protocol.sprouted,
    plants,
    care: careRule(plan, recipes),
    atHome: assignment === 'own-pot',
    own: ownMeasures.filter((m) => m.name.trim() !== ''),
    ...(others.length > 0 ? { byTreatment: Object.fromEntries(others) } : {}),
  };
}

/** How it is watered; what each treatment gets, where they do not all get the same. */
function careRule({ methodId, protocol, doseMl }: PlanDocument, recipes: readonly Recipe[]): CareRule {
  const { paper, cover } = methodById(methodId)!;
  const gets = byTreatment(recipes, (r) => (r.doseMl === null ? null : { doseMl: r.doseMl, liquid: stirredInWords(r) }));
  return {
    water: protocol.water,
    doseMl,
    paper,
    openBag: protocol.openBag,
    closed: cover === 'stays',
    ...(gets.length > 1 ? { gets: gets.map(({ treatments, value }) => ({ treatments, ...value })) } : {}),
  };
}
