import { type IsoDay } from '../../calendar/days';
import { methodById } from '../../seeds/catalogue';
import { type PlanDocument } from '../document/planDocument';
import { sowingDayOfTreatment, sowingDays } from '../document/treatmentSowing';
import { type WorkedOut } from '../workedOut/workOut';

/** A step of sowing day as it is kept: what it says is made from it when it is shown (`runStepWords`). */
export type RunStep =
  | { code: 'turns'; turns: { day: IsoDay; treatments: string[] }[] }
  | { code: 'count-sets'; seeds: number; container: string }
  | { code: 'wet-paper' | 'water'; waterMl: readonly [number, number] }
  | { code: 'fill'; container: string; fillMl: number; damp: boolean }
  | { code: 'lay-apart' | 'large-on-side' | 'otherwise' }
  /** Depths in mm; 0 and 0 is on the surface. `kind` is named where several are sown. */
  | { code: 'holes'; kind: string | null; treatments: string[]; depthMm: readonly [number, number] }
  | { code: 'put-sets' | 'label'; container: string }
  | { code: 'close'; press: boolean }
  | { code: 'place'; carrier: string };

/** A step as it was kept before facts were: as its sentence. */
export type WrittenStep = string;

/** What happens on sowing day, step by step, for one team. */
export function runSheet(plan: PlanDocument, out: WorkedOut): RunStep[] {
  const { paper, container } = methodById(plan.methodId)!;
  const { protocol, seedsEach: seeds, fillMl } = plan;
  const large = out.kinds.some(({ species }) => (species.thousandSeedGrams ?? 5000) > 150);
  const waterMl = out.soil.waterPerContainerMl;
  const several = out.kinds.length > 1;
  const turns = turnsOf(plan, out);
  const steps: (RunStep | false)[] = [
    turns.length > 1 && { code: 'turns', turns },
    { code: 'count-sets', seeds, container },
    paper ? { code: 'wet-paper', waterMl } : { code: 'fill', container, fillMl, damp: protocol.water === 'damp-before' },
    paper && { code: 'lay-apart' },
    ...(paper
      ? []
      : out.kinds.map(({ species, treatments, depth }): RunStep => {
          const kind = several ? species.name : null;
          return { code: 'holes', kind, treatments, depthMm: [depth.mm[0], depth.mm[1]] };
        })),
    large && !paper ? { code: 'large-on-side' } : { code: 'put-sets', container },
    !paper && { code: 'close', press: protocol.firm === 'press' },
    !paper && protocol.water !== 'damp-before' && { code: 'water', waterMl },
    { code: 'label', container },
    { code: 'place', carrier: out.layout.form.carrier },
    { code: 'otherwise' },
  ];
  return steps.filter((step) => step !== false);
}

/** Staggered sowings: which treatments have their turn when. */
function turnsOf(plan: PlanDocument, { treatments }: WorkedOut): { day: IsoDay; treatments: string[] }[] {
  return sowingDays(plan).map((day) => ({
    day,
    treatments: treatments.filter((t) => sowingDayOfTreatment(plan, t) === day).map((t) => t.code),
  }));
}
