import { say } from '@bright-sprout/words/say';
import { type TableMend, type TableProblem, type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { type HeadChoice } from '@bright-sprout/core/formats/table/headChoices';
import { columnLetters } from '@bright-sprout/core/formats/table/sheet';
import { type ShownPart, type TableOutlook } from '@bright-sprout/core/formats/table/tableOutlook';
import { TreatmentMark } from '../../marks/TreatmentMark';
import { type OpenedTable } from '../../workers/tableQuestion';
import { ColumnHead } from './ColumnHead';
import { ProblemLine } from './ProblemLine';

interface Props {
  opened: OpenedTable;
  outlook: TableOutlook | null;
  reading: TableReading;
  /** Columns whose meaning a person has said. */
  chosen: ReadonlySet<number>;
  /** The rest was said for an earlier table with these heads. */
  remembered: boolean;
  choicesOf: (column: number) => Promise<HeadChoice[]>;
  /** @param column whose head was changed; null where it was none */
  onReading: (reading: TableReading, column: number | null) => void;
  onMend: (mends: TableMend[]) => void;
}

/** The table as it stands in the file; its heads are choosers, and what is wrong hangs under its line. */
export function HeadTable({ opened, outlook, reading, chosen, remembered, choicesOf, onReading, onMend }: Props) {
  const top = outlook?.problems.filter((p) => p.line === 1) ?? [];
  const without = (test: (m: TableMend) => boolean) =>
    onReading({ ...reading, mends: reading.mends.filter((m) => !test(m)) }, null);
  /** The same way for every problem of one kind. */
  const forAll = (alike: string, way: number) =>
    onMend((outlook?.problems ?? []).flatMap((p) => (p.alike === alike && p.ways[way] ? [p.ways[way].mend] : [])));
  const treatments = new Map(outlook?.treatments.map((t) => [t.label.toLowerCase(), t.code]));
  const treatmentColumn = reading.columns.findIndex((c) => c.is === 'treatment');
  return (
    <section className="head-table" aria-label={say('bringIn.theTable')}>
      {top.map((p) => (
        <p key={p.sentence} className="notice head-table-notice">
          {p.sentence}
        </p>
      ))}
      <div className="head-table-scroll" tabIndex={0} role="region" aria-label={say('bringIn.linesTable')}>
        <table>
          <thead>
            <tr>
              <th scope="col" className="head-table-line">
                <span className="visually-hidden">{say('bringIn.line')}</span>
              </th>
              {opened.headings.map((heading, i) => (
                <ColumnHead
                  key={i}
                  column={i}
                  heading={heading || columnLetters(i)}
                  reading={reading}
                  status={chosen.has(i) ? 'chosen' : remembered ? 'remembered' : 'guessed'}
                  wrong={top.some((p) => p.column === i)}
                  choicesOf={choicesOf}
                  onReading={(next) => onReading(next, i)}
                />
              ))}
            </tr>
          </thead>
          <tbody>
            {outlook?.shown.map((part) => (
              <Part
                key={part.kind === 'line' ? part.line : `f${part.from}`}
                part={part}
                columns={opened.headings.length}
                reading={reading}
                markOf={(column, cell) => (column === treatmentColumn ? treatments.get(cell.trim().toLowerCase()) : undefined)}
                alikeOf={(p) => (p.alike === '' ? 1 : outlook.problems.filter((o) => o.alike === p.alike).length)}
                onMend={onMend}
                onForAll={forAll}
                onBack={without}
              />
            ))}
          </tbody>
        </table>
      </div>
      <p className="second mt-2 mb-0">{standing(reading, outlook)}</p>
    </section>
  );
}

/** What is open and what was put right. */
function standing({ columns, mends }: TableReading, outlook: TableOutlook | null): string {
  const open = columns.filter((c) => c.is === 'open').length;
  const out = mends.filter((m) => m.kind === 'leave-out').length;
  const right = new Set(mends.flatMap((m) => (m.kind === 'cell' ? [m.line] : []))).size;
  return [
    open > 0 ? say('bringIn.columnColumnsStillOpen', { open }) : '',
    right > 0 ? say('bringIn.lineLinesPutRight', { right }) : '',
    out > 0 ? say('bringIn.leftOut', { out }) : '',
    outlook && outlook.waiting.length > 0 ? say('bringIn.linesWaiting', { n: outlook.waiting.length }) : '',
    say('bringIn.nothingComesBeforeSay'),
  ]
    .filter(Boolean)
    .join(' ');
}

interface PartProps {
  part: ShownPart;
  columns: number;
  reading: TableReading;
  markOf: (column: number, cell: string) => string | undefined;
  alikeOf: (problem: TableProblem) => number;
  onMend: (mends: TableMend[]) => void;
  onForAll: (alike: string, way: number) => void;
  onBack: (test: (mend: TableMend) => boolean) => void;
}

function Part({ part, columns, reading, markOf, alikeOf, onMend, onForAll, onBack }: PartProps) {
  if (part.kind === 'fold')
    return (
      <tr className="head-table-fold">
        <td colSpan={columns + 1}>{say('bringIn.lineLinesNothingAsk', { from: part.from, to: part.to, count: part.count })}</td>
      </tr>
    );
  const wrong = new Set(part.problems.map((p) => p.column));
  const mended = new Set(reading.mends.flatMap((m) => (m.kind === 'cell' && m.line === part.line ? [m.column] : [])));
  const silent = (i: number) => ['left-out', 'open'].includes(reading.columns[i]!.is);
  return (
    <>
      <tr className={part.leftOut ? 'left-out' : undefined}>
        <th scope="row" className="head-table-line">
          {part.line}
        </th>
        {part.cells.map((cell, i) => {
          const mark = markOf(i, cell);
          return (
            <td
              key={i}
              className={`${wrong.has(i) ? 'wrong' : ''}${silent(i) ? ' silent' : ''}${mended.has(i) ? ' mended' : ''}${reading.columns[i]!.is === 'measure' ? ' number' : ''}`}
            >
              {mark && <TreatmentMark code={mark} size={14} />}
              {cell}
              {mended.has(i) && (
                <button
                  type="button"
                  className="head-table-back"
                  onClick={() => onBack((m) => m.kind === 'cell' && m.line === part.line && m.column === i)}
                >
                  {say('bringIn.asInTheFile')}
                </button>
              )}
            </td>
          );
        })}
      </tr>
      {part.leftOut && (
        <tr className="head-table-out">
          <td colSpan={columns + 1}>
            {say('bringIn.lineLeft', { line: part.line })}{' '}
            <button
              type="button"
              className="btn btn-plain"
              onClick={() => onBack((m) => m.kind === 'leave-out' && m.line === part.line)}
            >
              {say('bringIn.takeAgain')}
            </button>
          </td>
        </tr>
      )}
      {part.problems.map((p) => (
        <ProblemLine key={p.sentence} problem={p} columns={columns} alike={alikeOf(p)} onMend={onMend} onForAll={onForAll} />
      ))}
    </>
  );
}
