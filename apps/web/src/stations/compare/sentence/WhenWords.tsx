import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { daysBetween, formatDay, isDated, type IsoDay, numberedDay } from '@bright-sprout/core/calendar/days';
import { whenNo } from '@bright-sprout/core/compare/askable';
import { type When } from '@bright-sprout/core/compare/question';
import { RuledWord } from '../../../page/RuledWord';
import { type SentenceProps } from './sentenceProps';

const KINDS: { value: When['kind']; label: string; detail: string }[] = [
  {
    value: 'day',
    get label() {
      return say('compare.onChoice');
    },
    get detail() {
      return say('compare.dayTape');
    },
  },
  {
    value: 'age',
    get label() {
      return say('compare.at');
    },
    get detail() {
      return say('compare.ageCountedOwnSowing');
    },
  },
  {
    value: 'between',
    get label() {
      return say('compare.from');
    },
    get detail() {
      return say('compare.dayAnother');
    },
  },
  {
    value: 'course',
    get label() {
      return say('compare.overWholeCourse');
    },
    get detail() {
      return say('compare.firstLookLast');
    },
  },
  {
    value: 'end',
    get label() {
      return say('compare.inTheEnd');
    },
    get detail() {
      return say('compare.stoodLastLook');
    },
  },
];

/** When: a day, an age, a stretch of days, the whole course or the end. */
export function WhenWords({ investigation, askable, question, onAsk, onLook }: SentenceProps) {
  const { when } = question;
  const { days, records } = askable;
  const { sownOn } = investigation;
  const last = days[days.length - 1] ?? '';
  const dayChoices = (kept: (day: IsoDay) => string | null) =>
    days.map((d) => ({ value: d, label: numberedDay(sownOn, d), detail: isDated(d) ? formatDay(d) : '', no: kept(d) }));
  const ages = [...new Set(records.containers.flatMap((c) => days.map((d) => daysBetween(c.sownOn, d))))]
    .filter((a) => a > 0)
    .sort((a, b) => a - b);
  const startOf = (kind: When['kind']): When => {
    const day = when.kind === 'day' ? when.day : last;
    if (kind === 'day') return { kind, day };
    if (kind === 'age') return { kind, age: daysBetween(records.containers[0]?.sownOn ?? sownOn, day) };
    if (kind === 'between') return { kind, from: days[Math.max(0, Math.floor(days.length / 2) - 1)] ?? '', to: last };
    return { kind };
  };
  return (
    <>
      <RuledWord
        name={say('compare.when')}
        value={when.kind}
        choices={KINDS.map((k) => ({ ...k, no: whenNo(k.value, question, askable) }))}
        onChoose={(kind) => onAsk({ when: startOf(kind) })}
      />
      {when.kind === 'day' && (
        <>
          {' '}
          <RuledWord
            name={say('common.dayHead')}
            value={when.day}
            choices={dayChoices(() => null)}
            onChoose={(day) => (onLook ? onLook(day) : onAsk({ when: { kind: 'day', day } }))}
          />
        </>
      )}
      {when.kind === 'age' && (
        <>
          {' '}
          <RuledWord
            name={say('compare.age')}
            value={String(when.age)}
            choices={[...new Set([...ages, when.age])]
              .sort((a, b) => a - b)
              .map((a) => ({ value: String(a), label: say('compare.daysOldChoice', { age: a }) }))}
            onChoose={(age) => onAsk({ when: { kind: 'age', age: Number(age) } })}
          />
        </>
      )}
      {when.kind === 'between' && (
        <>
          {' '}
          <Say
            it="compare.fromTo"
            from={
              <RuledWord
                name={say('compare.firstDay')}
                value={when.from}
                choices={dayChoices((d) => (d < when.to ? null : say('compare.notBeforeOtherDay')))}
                onChoose={(from) => onAsk({ when: { ...when, from } })}
              />
            }
            to={
              <RuledWord
                name={say('compare.lastDay')}
                value={when.to}
                choices={dayChoices((d) => (d > when.from ? null : say('compare.notAfterOtherDay')))}
                onChoose={(to) => onAsk({ when: { ...when, to } })}
              />
            }
          />
        </>
      )}
    </>
  );
}
