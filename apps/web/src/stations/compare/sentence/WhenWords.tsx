import { daysBetween, formatDay, isDated, type IsoDay, numberedDay } from '@bright-sprout/core/calendar/days';
import { whenNo } from '@bright-sprout/core/compare/askable';
import { type When } from '@bright-sprout/core/compare/question';
import { RuledWord } from '../../../page/RuledWord';
import { type SentenceProps } from './sentenceProps';

const KINDS: { value: When['kind']; label: string; detail: string }[] = [
  { value: 'day', label: 'on', detail: 'On one day of the tape.' },
  { value: 'age', label: 'at', detail: 'At an age: each counted from its own sowing.' },
  { value: 'between', label: 'from', detail: 'From one day to another.' },
  { value: 'course', label: 'over the whole course', detail: 'From the first look to the last.' },
  { value: 'end', label: 'in the end', detail: 'As it stood at the last look.' },
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
        name="When"
        value={when.kind}
        choices={KINDS.map((k) => ({ ...k, no: whenNo(k.value, question, askable) }))}
        onChoose={(kind) => onAsk({ when: startOf(kind) })}
      />
      {when.kind === 'day' && (
        <>
          {' '}
          <RuledWord
            name="Day"
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
            name="Age"
            value={String(when.age)}
            choices={[...new Set([...ages, when.age])]
              .sort((a, b) => a - b)
              .map((a) => ({ value: String(a), label: `${a} days old` }))}
            onChoose={(age) => onAsk({ when: { kind: 'age', age: Number(age) } })}
          />
        </>
      )}
      {when.kind === 'between' && (
        <>
          {' '}
          <RuledWord
            name="First day"
            value={when.from}
            choices={dayChoices((d) => (d < when.to ? null : 'it is not before the other day'))}
            onChoose={(from) => onAsk({ when: { ...when, from } })}
          />{' '}
          to{' '}
          <RuledWord
            name="Last day"
            value={when.to}
            choices={dayChoices((d) => (d > when.from ? null : 'it is not after the other day'))}
            onChoose={(to) => onAsk({ when: { ...when, to } })}
          />
        </>
      )}
    </>
  );
}
