import { type IsoDay } from '../calendar/days';
import { BETWEENS, FOLLOWS, type Follow, MARKS, type Question, SPROUTING, type When } from './question';

/** The words of a question as the parts of an address; what is as usual is left out. */
export type Address = Partial<Record<(typeof ADDRESS_KEYS)[number], string>>;
export const ADDRESS_KEYS = ['what', 'reach', 'when', 'by', 'mark', 'notup', 'lost', 'out', 'open', 'tall', 'with'] as const;

const DAY = /^\d{4}-\d{2}-\d{2}$/;
const oneOf = <T extends string>(all: readonly T[], text: string | undefined): T | undefined => all.find((v) => v === text);

function whenText(when: When): string {
  switch (when.kind) {
    case 'day':
      return '';
    case 'age':
      return `age.${when.age}`;
    case 'between':
      return `${when.from}.${when.to}`;
    default:
      return when.kind;
  }
}

function readWhen(text: string | undefined, day: IsoDay): When | undefined {
  if (text === undefined) return undefined;
  if (text === '') return { kind: 'day', day };
  if (text === 'course' || text === 'end') return { kind: text };
  const age = /^age\.(\d{1,3})$/.exec(text);
  if (age) return { kind: 'age', age: Number(age[1]) };
  const [from, to] = text.split('.');
  return from && to && DAY.test(from) && DAY.test(to) ? { kind: 'between', from, to } : undefined;
}

/** The whole question but for the day looked at, which the tape of days keeps in the address by itself. */
export function addressOf(question: Question, usual: Question): Address {
  const address: Address = {};
  const put = (key: keyof Address, value: string, as: string) => {
    if (value !== as) address[key] = value;
  };
  const what = (q: Question) => oneOf(SPROUTING, q.follow) ?? (q.follow === 'value' ? q.measure : `${q.measure}.${q.follow}`);
  put('what', what(question), what(usual));
  if (question.reach !== '') address.reach = question.reach;
  put('when', whenText(question.when), whenText(usual.when));
  put('by', question.between, usual.between);
  put('mark', question.mark, usual.mark);
  put('notup', question.beforeSprouting, usual.beforeSprouting);
  put('lost', question.afterLoss, usual.afterLoss);
  put('out', question.afterRemoval, usual.afterRemoval);
  put('open', question.doubts, usual.doubts);
  put('tall', question.report, usual.report);
  put('with', question.withOthers.join('.'), '');
  return address;
}

/** The question of an address, as far as it can be read; what cannot is as usual. */
export function questionAt(address: Address, usual: Question, day: IsoDay): Question {
  const [measure, follow] = (address.what ?? '').split('.');
  const told: Pick<Question, 'measure' | 'follow'> =
    address.what === undefined
      ? usual
      : oneOf(SPROUTING, address.what) !== undefined
        ? { measure: usual.measure, follow: address.what as Follow }
        : { measure: measure!, follow: oneOf(FOLLOWS, follow) ?? 'value' };
  return {
    ...usual,
    measure: told.measure,
    follow: told.follow,
    reach: address.reach ?? '',
    when: readWhen(address.when, day) ?? (usual.when.kind === 'day' ? { kind: 'day', day } : usual.when),
    between: oneOf(BETWEENS, address.by) ?? usual.between,
    mark: oneOf(MARKS, address.mark) ?? usual.mark,
    beforeSprouting: oneOf(['exclude', 'zero'] as const, address.notup) ?? usual.beforeSprouting,
    afterLoss: oneOf(['exclude', 'carry', 'zero'] as const, address.lost) ?? usual.afterLoss,
    afterRemoval: oneOf(['exclude', 'carry'] as const, address.out) ?? usual.afterRemoval,
    doubts: oneOf(['kept', 'left-out'] as const, address.open) ?? usual.doubts,
    report: oneOf(['container-mean', 'tallest', 'total'] as const, address.tall) ?? usual.report,
    withOthers: (address.with ?? '').split('.').filter((id) => /^[0-9a-f-]{36}$/i.test(id)),
  };
}
