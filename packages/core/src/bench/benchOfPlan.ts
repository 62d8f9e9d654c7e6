import { type BenchProtocol, MOST_TAGGED } from './benchProtocol';
import { methodById } from '../seeds/catalogue';
import { type PlanDocument } from '../plan/document/planDocument';

/** What every look will ask for once the plan is sown. */
export function benchProtocol({
  measures,
  ownMeasures,
  protocol,
  kind,
  keep,
  methodId,
  doseMl,
  assignment,
}: PlanDocument): BenchProtocol {
  const { paper, cover } = methodById(methodId)!;
  const several = kind !== 'patch' && kind !== 'viability' && protocol.seedlings !== 'tallest' && measures.includes('height');
  return {
    measures,
    heightRule: protocol.height,
    sprouted: protocol.sprouted,
    plants: several ? Math.max(1, Math.min(MOST_TAGGED, keep)) : 1,
    care: { water: protocol.water, doseMl, paper, openBag: protocol.openBag, closed: cover === 'stays' },
    atHome: assignment === 'own-pot',
    own: ownMeasures.filter((m) => m.name.trim() !== ''),
  };
}
