import { toldSize } from '@bright-sprout/core/claims/contrastWords';
import { type Group } from '@bright-sprout/core/compare/groups';
import { type Question } from '@bright-sprout/core/compare/question';
import { type ComparedDesign } from '@bright-sprout/core/compare/records';
import { dealingOf, modelOf, type Sureness } from '@bright-sprout/core/compare/sureness';
import { useEffect, useMemo, useRef, useState } from 'react';
import { emptyPile, type Pile, withDeals } from './pile';

const SLICE_MS = 10;
/** Deals looked at to see how far the pile will reach. */
const TRIED = 200;

export interface Dealing {
  pile: Pile;
  /** Treatment of each unit under the labels as they lie now; the real ones before the first deal. */
  labels: readonly (string | null)[];
  /** All are dealt: what they say together, the page's own numbers. */
  all: Sureness | null;
  running: boolean;
}

/** Deals labels again, one, ten, or all of them, for one of the question's differences. */
export function useDealing(groups: readonly Group[], question: Question, design: ComparedDesign | null, chosen: number) {
  const prepared = useMemo(() => {
    const model = modelOf(groups, question, design);
    const begun = dealingOf(groups, question, design);
    if (!model.ok || !begun.ok) return { ok: false as const, reason: !model.ok ? model.reason : begun.ok ? '' : begun.reason };
    const { dealing } = begun;
    const at = Math.min(chosen, dealing.seen.length - 1);
    // A slope is told for one step of its amounts, here as on the page.
    const told = toldSize(begun.wanted.find((w) => w.key === dealing.seen[at]!.key)!);
    const seen = { ...dealing.seen[at]!, estimate: dealing.seen[at]!.estimate * told, se: dealing.seen[at]!.se * told };
    // How far luck reaches is tried beforehand with deals of its own, so that the pile keeps its scale.
    const trial = dealingOf(groups, question, design, { seed: 1, draws: TRIED });
    let reach = Math.abs(seen.estimate);
    if (trial.ok)
      for (let i = 0; i < TRIED && trial.dealing.next(); i++) reach = Math.max(reach, Math.abs(trial.dealing.t(at) * seen.se));
    return { ...begun, ok: true as const, units: model.units, at, seen, reach, real: model.units.map((u) => u.treatment) };
  }, [groups, question, design, chosen]);
  const start = (): Dealing => ({
    pile: prepared.ok ? emptyPile(prepared.seen.estimate, prepared.reach) : emptyPile(0, 1),
    labels: prepared.ok ? prepared.real : [],
    all: null,
    running: false,
  });
  const [state, setState] = useState(start);
  const [made, setMade] = useState(prepared);
  const frame = useRef(0);
  const current = useRef(state);
  if (made !== prepared) {
    setMade(prepared);
    setState(start());
  }
  useEffect(() => {
    current.current = state;
  });
  useEffect(() => () => cancelAnimationFrame(frame.current), [prepared]);
  const deal = (count: number) => {
    if (!prepared.ok) return;
    cancelAnimationFrame(frame.current);
    const { dealing, at, seen, finish } = prepared;
    let left = count;
    const slice = () => {
      const until = performance.now() + SLICE_MS;
      const values: number[] = [];
      let more = true;
      while (left > 0 && more && performance.now() < until) {
        more = dealing.next();
        if (!more) break;
        values.push(dealing.t(at) * seen.se);
        left--;
      }
      const labels = dealing.labels();
      const pile = withDeals(current.current.pile, values, seen.estimate);
      const done = !more || pile.dealt >= dealing.total;
      current.current = { pile, labels, all: done ? finish() : null, running: left > 0 && !done };
      setState(current.current);
      if (left > 0 && more) frame.current = requestAnimationFrame(slice);
    };
    slice();
  };
  return { prepared, state, deal };
}
