import { say } from '@bright-sprout/words/say';
import { noAnswer, type Result } from '../result/result';
import { type Drawing } from '../statistics/arrangements';
import { type DealtContrast, dealLabels, labelDealing, type LabelDealing, type LabelDeals } from '../statistics/dealLabels';
import { type Unit } from '../statistics/units';
import { containersOf, type Group } from './groups';
import { type Question } from './question';
import { type ComparedDesign } from './records';
import { type AskedContrast, type WantedContrast, wantedOf } from './wanted';

/** One difference, slope or interaction with all that is known of how sure it is. */
export interface Contrast extends DealtContrast {
  asked: AskedContrast;
}

/** How sure a question's answers are: everything from one model and one set of deals. */
export interface Sureness extends Omit<LabelDeals, 'contrasts'> {
  contrasts: Contrast[];
}

/** The comparison's own seed: one and the same for everybody, so that all devices show the same numbers. */
export const DEAL_SEED = 20260303;

/** A difference is spoken of when its p among all that are looked at is below this. */
export const CLEAR_BELOW = 0.05;

export const isClear = ({ pAmong }: Pick<Contrast, 'pAmong'>): boolean => pAmong < CLEAR_BELOW;

interface Modelled {
  units: Unit[];
  keys: string[];
  wanted: WantedContrast[];
}

/** The containers as units: their groups are what is dealt, teams the blocks (treatments, where teams are compared). */
export function modelOf(
  groups: readonly Group[],
  question: Pick<Question, 'between'>,
  design: ComparedDesign | null,
): Result<Modelled> {
  if (question.between === 'predicted') return noAnswer(say('compare.predictedLookedTested'));
  const control = groups.find((g) => g.treatment.control);
  if (control?.dots.length === 0 && question.between === 'treatments')
    return noAnswer(say('compare.controlContainerValueNothing'));
  if (groups.filter((g) => g.dots.length > 0).length < 2)
    return noAnswer(control && control.dots.length > 0 ? say('compare.onlyControlValue') : say('compare.onlyGroupValueNothing'));
  const byTeam = question.between === 'teams';
  const units = groups.flatMap((g) =>
    containersOf(g).map(({ container, value }) => ({
      treatment: g.key,
      block: byTeam ? container.treatment : (container.block ?? ''),
      value,
    })),
  );
  if (byTeam && !units.some((u) => units.some((v) => v.block === u.block && v.treatment !== u.treatment)))
    return noAnswer(say('compare.treatmentTwoTeamsNothing'));
  const wanted = wantedOf(groups, question, design);
  const first = wanted.length > 0 && control ? control : groups.find((g) => g.dots.length > 0)!;
  const keys = [first.key, ...groups.filter((g) => g !== first).map((g) => g.key)];
  if (wanted.length === 0) return noAnswer(say('compare.recordsHoldNothingKind'));
  return { ok: true, units, keys, wanted };
}

/** All of it at once. Heavy: meant for a worker. */
export function surenessOf(
  groups: readonly Group[],
  question: Pick<Question, 'between'>,
  design: ComparedDesign | null,
  drawing: Drawing = { seed: DEAL_SEED },
): Result<Sureness> {
  const model = modelOf(groups, question, design);
  if (!model.ok) return model;
  const found = dealLabels(model.units, model.keys, model.wanted, drawing);
  return found.ok ? { ok: true, ...withAsked(found, model.wanted) } : found;
}

/** Deal by deal, for progress, for stopping in between, and for showing it happen. */
export function dealingOf(
  groups: readonly Group[],
  question: Pick<Question, 'between'>,
  design: ComparedDesign | null,
  drawing: Drawing = { seed: DEAL_SEED },
): Result<{ dealing: LabelDealing; wanted: WantedContrast[]; finish: () => Sureness }> {
  const model = modelOf(groups, question, design);
  if (!model.ok) return model;
  const dealing = labelDealing(model.units, model.keys, model.wanted, drawing);
  if (!dealing.ok) return dealing;
  return { ok: true, dealing, wanted: model.wanted, finish: () => withAsked(dealing.finish(), model.wanted) };
}

function withAsked(deals: LabelDeals, wanted: readonly WantedContrast[]): Sureness {
  return {
    ...deals,
    contrasts: deals.contrasts.map((c) => ({ ...c, asked: wanted.find((w) => w.key === c.key)!.asked })),
  };
}
