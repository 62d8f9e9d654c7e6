import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type LengthUnit, lengthIn } from '@bright-sprout/core/quantities/length';
import { capital } from '@bright-sprout/core/words/capital';
import { useState } from 'react';
import { type CloserProps } from './closerProps';
import { codeOfDot } from '../../../compare/codeOfDot';

const UNITS: LengthUnit[] = ['mm', 'cm', 'm', 'in', 'ft'];

/** Measures of the tallest and the shortest plant: lengths as they stood, not what became of them. */
export const hasExtremes = ({ measure, question }: Pick<CloserProps, 'measure' | 'question'>): boolean =>
  measure.quantity === 'length' && (question.follow === 'value' || question.follow === 'highest');

/** The tallest and the shortest of the whole garden, in any unit. */
export function ExtremesPanel({ groups, records, measure }: CloserProps) {
  const [unit, setUnit] = useState<LengthUnit>(records.investigation.resolution === 'quarter-in' ? 'in' : 'cm');
  const all = groups.flatMap((g) => g.dots.filter((d) => d.plants > 0).map((d) => ({ ...d, label: g.label })));
  if (all.length === 0) return <p>{say('compare.nothingMeasured')}</p>;
  const sorted = [...all].sort((a, b) => b.value - a.value);
  const length = (v: number) => `${Number(lengthIn(v, unit).toPrecision(3))} ${unit}`;
  const [greatest, smallest] = [measure.more, measure.less].map((word) => capital(word.replace(/er$/, 'est')));
  const row = (name: string, d: (typeof all)[number]) => (
    <li key={name}>
      <b>{name}</b>: {codeOfDot(d)}, {d.label}
      {d.container.block && `, ${d.container.block}`}: <b className="numeral">{length(d.value)}</b>
    </li>
  );
  const [most, least] = [sorted[0]!, sorted[sorted.length - 1]!];
  return (
    <div>
      <div className="look-closer-choices" role="group" aria-label={say('compare.unit')}>
        {UNITS.map((u) => (
          <button key={u} type="button" className="btn" aria-pressed={u === unit} onClick={() => setUnit(u)}>
            {u}
          </button>
        ))}
      </div>
      <ul className="extremes">
        {row(say('compare.ofAll', { greatest }), most)}
        {row(say('compare.smallestOfAll', { smallest }), least)}
        <li>
          <Say
            it="compare.betweenThemLie"
            length={length(most.value - least.value)}
            b={(inside) => <b className="numeral">{inside}</b>}
          />
        </li>
        {groups.map((g) => {
          const own = sorted.filter((d) => d.label === g.label);
          return own.length === 0 ? null : row(`${greatest}, ${g.label}`, own[0]!);
        })}
      </ul>
    </div>
  );
}
