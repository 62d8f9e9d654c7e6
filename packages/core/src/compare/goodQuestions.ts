import { type IsoDay } from '../calendar/days';
import { countsSeeds } from '../measures/registry';
import { type Askable, orderedMeasures } from './askable';
import { dosesOf, isCrossed } from './design';
import { type Question } from './question';
import { settled } from './settled';

/** The question that a station opens on: the one that fits the kind of experiment. */
export function firstQuestion(askable: Askable, day: IsoDay): Question {
  const { design, policies } = askable;
  const all = orderedMeasures(askable);
  const main = (design?.kind === 'patch' && all.find((m) => m.code === 'percent-green')) || all[0];
  const base: Question = {
    ...policies,
    measure: main?.code ?? '',
    follow: 'value',
    reach: '',
    when: { kind: 'day', day },
    between: 'treatments',
    mark: 'container',
    afterRemoval: 'exclude',
    doubts: 'kept',
    withOthers: [],
  };
  const onlySeeds = main !== undefined && countsSeeds([main.code]);
  const fitting: Partial<Question> = onlySeeds
    ? { follow: 'sprouted', when: { kind: 'course' } }
    : design?.kind === 'age-ladder'
      ? { between: 'ages' }
      : isCrossed(design)
        ? { between: 'factors' }
        : design?.kind === 'side-by-side' && askable.kinds > 1
          ? { between: 'kinds' }
          : dosesOf(design) && design?.kind === 'dose-series'
            ? { between: 'doses' }
            : {};
  return settled({ ...base, ...fitting }, askable, day);
}

/** Further questions that suit the kind of experiment, the fitting one first; each makes sense as it stands. */
export function goodQuestions(askable: Askable, day: IsoDay): Question[] {
  const first = firstQuestion(askable, day);
  // Kinds and ages are compared as such; what is of one age has nothing to wait for.
  const between = first.between === 'kinds' ? 'kinds' : 'treatments';
  const ladder = first.between === 'ages';
  const wanted: Partial<Question>[] = [
    {},
    { between, when: { kind: 'day', day } },
    ...(ladder
      ? []
      : ([
          { follow: 'sprouted', between, when: { kind: 'course' } },
          { follow: 'share-up', between, when: { kind: 'end' } },
        ] as const)),
    ...(ladder || countsSeeds([first.measure]) ? [] : [{ follow: 'per-day', between } as const]),
    { mark: 'plant', between, follow: 'value', when: { kind: 'day', day } },
    { report: 'total', between, follow: 'value', when: { kind: 'day', day } },
    { between: 'teams', follow: 'value', when: { kind: 'day', day } },
    { between: 'predicted', follow: 'value', when: { kind: 'day', day } },
    { between: 'classes', follow: 'value', when: { kind: 'day', day } },
    { between: 'earlier', follow: 'value', when: { kind: 'day', day } },
  ];
  const found: Question[] = [];
  for (const part of wanted) {
    const asked = { ...first, ...part, withOthers: [] };
    const question = settled(asked, askable, day);
    const kept = (Object.keys(part) as (keyof Question)[]).every((k) =>
      k === 'when' ? question.when.kind === part.when!.kind : question[k] === part[k],
    );
    if (kept && !found.some((f) => JSON.stringify(f) === JSON.stringify(question))) found.push(question);
  }
  return found;
}
