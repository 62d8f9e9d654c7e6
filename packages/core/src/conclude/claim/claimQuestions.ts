import { type IsoDay } from '../../calendar/days';
import { type Askable } from '../../compare/askable';
import { firstQuestion, goodQuestions } from '../../compare/goodQuestions';
import { type Question } from '../../compare/question';
import { settled } from '../../compare/settled';

/** Questions from which a team can conclude: one thing held against another, a mark a container; the fitting one first. */
export function claimQuestions(askable: Askable, day: IsoDay): Question[] {
  const first = firstQuestion(askable, day);
  const between = first.between === 'kinds' || first.between === 'ages' ? first.between : ('treatments' as const);
  const own = settled({ ...first, between, mark: 'container', withOthers: [] }, askable, day);
  const others = goodQuestions(askable, day).filter((q) => q.between === between && q.mark === 'container');
  const same = (q: Question) => JSON.stringify(q) === JSON.stringify(own);
  return [own, ...others.filter((q) => !same(q))];
}
