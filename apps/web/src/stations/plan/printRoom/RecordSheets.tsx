import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { findingOf } from '@bright-sprout/core/measures/finding';
import { findingWords } from '@bright-sprout/core/measures/findingWords';
import { choicesOf, type Measure } from '@bright-sprout/core/measures/measure';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { paperColumns, type PaperColumn, type PaperSheet, periodWords } from '@bright-sprout/core/paper/paperSheets';
import { type LogRow, logRows } from '@bright-sprout/core/readings/logRows';
import { currentReadings } from '@bright-sprout/core/readings/reading';
import { MarkShape } from '../../../marks/TreatmentMark';
import { habitOf } from '../../../records/habitOf';
import { MARGIN, mm, type Paper } from '../../../print/paper';
import { wrapText } from '../../../print/wrapText';
import { EMBLEM_PATHS } from '../../../theme/emblems';
import { type DayOfSheet, headingOf } from './dayOfSheet';
import { pictureBlocks } from './PictureSheets';
import { type Printable, type SheetSize } from './printable';

interface Facts {
  records: InvestigationRecords;
  sheets: readonly PaperSheet[];
  measures: readonly Measure[];
  size: SheetSize;
}

const NARROWEST = mm(17);
const statesWords = () => [say('printRoom.notUp'), say('printRoom.lost'), say('printRoom.couldNotLook')];
/** Tallest line of a sheet, mm, and what stands over and under its lines. */
const TALLEST_LINE: Record<SheetSize, number> = { usual: 9.5 * 1.35, large: 14 * 1.35, early: 23 };
const AROUND_LINES = 22;

/** One sheet a team and period: blank columns for every measure, the last values small beside them. */
export function recordSheetPages({ records, sheets, measures, size }: Facts, paper: Paper): Printable['pages'] {
  if (sheets.length === 0) return say('printRoom.dayLookYet');
  const { investigation } = records;
  const all = logRows(records);
  const room = paper.height - mm(MARGIN * 2 + 26 + 8);
  const most = Math.floor((room - mm(AROUND_LINES)) / mm(TALLEST_LINE[size]));
  const pages = sheets.flatMap((sheet) => {
    const of = all.filter((r) => sheet.containers.includes(r.containerId));
    const blocks = sheet.days.flatMap((day) => {
      // Later sowings are not looked at before they are sown.
      const rows = of.filter((r) => r.sownOn <= day);
      if (rows.length === 0) return [];
      const heading = headingOf(day, rows);
      // More lines than a page can hold go on under the same heading on the next.
      return Array.from({ length: Math.ceil(rows.length / most) }, (_, i) => rows.slice(i * most, (i + 1) * most)).flatMap(
        (part) => {
          const drawn = { records, day, rows: part, heading };
          return size === 'early' ? pictureBlocks(drawn, measures, paper) : dayBlocks(drawn, sheet, measures, size, paper);
        },
      );
    });
    const made: { height: number; node: React.ReactNode }[][] = [[]];
    let used = 0;
    for (const block of blocks) {
      if (used + block.height > room && made[made.length - 1]!.length > 0) {
        made.push([]);
        used = 0;
      }
      made[made.length - 1]!.push(block);
      used += block.height;
    }
    return made.map((part, i) => ({ sheet, part, i, of: made.length }));
  });
  return pages.map(({ sheet, part, i, of }) => {
    const team = investigation.teams.find((t) => t.id === sheet.teamId) ?? null;
    let y = mm(MARGIN + 26);
    return {
      label: say('printRoom.recordSheetPage', {
        code: sheet.code,
        nickname: team?.nickname ?? say('common.theClass'),
        periodWords: periodWords(sheet),
        i: i + 1,
        of,
        severalOf: of > 1,
      }),
      content: (
        <>
          <SheetHead
            sheet={sheet}
            team={team}
            question={investigation.question}
            paper={paper}
            part={of > 1 ? say('printRoom.partOf', { part: i + 1, parts: of }) : ''}
          />
          {part.map((block, k) => {
            const at = y;
            y += block.height;
            return (
              <g key={k} transform={`translate(${mm(MARGIN)} ${at})`}>
                {block.node}
              </g>
            );
          })}
          <text x={mm(MARGIN)} y={paper.height - mm(MARGIN) + 8} fontSize="13" className="paper-second">
            {size === 'early' ? say('printRoom.lineWithoutTickNumber') : say('printRoom.emptyLineSaysNobody')}
          </text>
        </>
      ),
    };
  });
}

function SheetHead({
  sheet,
  team,
  question,
  paper,
  part,
}: {
  sheet: PaperSheet;
  team: { emblem: keyof typeof EMBLEM_PATHS; nickname: string } | null;
  question: string;
  paper: Paper;
  part: string;
}) {
  const left = mm(MARGIN);
  const right = paper.width - left;
  const title = wrapText(question, right - left - mm(64), { size: 17, heading: false }).slice(0, 2);
  return (
    <>
      {team && (
        <path d={EMBLEM_PATHS[team.emblem]} fillRule="evenodd" fill="#2A1B2E" transform={`translate(${left} ${left}) scale(2)`} />
      )}
      <text x={left + (team ? 60 : 0)} y={left + 26} fontSize="30" className="paper-heading">
        {team?.nickname ?? say('common.theClassTitle')}, {periodWords(sheet)}
      </text>
      {title.map((line, i) => (
        <text key={i} x={left + (team ? 60 : 0)} y={left + 50 + 20 * i} fontSize="17">
          {line}
        </text>
      ))}
      <rect x={right - mm(44)} y={left - 4} width={mm(44)} height={mm(17)} fill="none" stroke="#2A1B2E" strokeWidth="2" />
      <text x={right - mm(22)} y={left + 40} textAnchor="middle" fontSize="46" letterSpacing="3" className="paper-heading">
        {sheet.code}
      </text>
      <text x={right} y={left + 82} textAnchor="end" fontSize="13" className="paper-second">
        {say('printRoom.codeSheetPage', { part, severalParts: Boolean(part) })}
      </text>
      <path d={`M${left} ${mm(MARGIN + 23)}H${right}`} stroke="#2A1B2E" strokeWidth="3" />
    </>
  );
}

type SheetColumn = PaperColumn & { ofContainer: boolean };

/** A column with words to tick needs so much more room than one with an empty field. */
const TICKS_SHARE = 2.4;
const shareOf = (c: SheetColumn) => (c.ticks.length > 0 ? TICKS_SHARE : 1);

/** What is asked of the plants of a day, by columns. */
function columnsOf({ records: { investigation }, rows }: DayOfSheet, measures: readonly Measure[]): SheetColumn[] {
  const { own } = investigation.bench;
  const habits = [...new Set(rows.map((r) => habitOf(investigation, r)))];
  return paperColumns(measures, investigation.resolution).map((c) => ({
    ...c,
    // Plants of these kinds show only some of the stages.
    ticks:
      c.ticks.length === 0
        ? []
        : [...new Set(habits.flatMap((h) => choicesOf(measureOf(c.measure, own)!, h)).map((x) => x.words))],
    ofContainer: measureOf(c.measure, own)!.of === 'container',
  }));
}

/** Columns in as many tables as they need. */
function tablesOf(columns: readonly SheetColumn[], room: number): SheetColumn[][] {
  const tables: SheetColumn[][] = [[]];
  let used = 0;
  for (const c of columns) {
    const needed = NARROWEST * shareOf(c);
    if (used + needed > room && tables[tables.length - 1]!.length > 0) {
      tables.push([]);
      used = 0;
    }
    tables[tables.length - 1]!.push(c);
    used += needed;
  }
  return tables;
}

/** Where everything of a table lies. */
interface TableMeasures {
  columns: readonly (SheetColumn & { x: number; wide: number })[];
  width: number;
  /** Height of the heads. */
  head: number;
  /** Height of a row. */
  tall: number;
  text: number;
  states: { words: string; middle: number; wide: number }[];
}

/** The tables of one day; where there are more measures than one table can hold, the rest follows under it. */
function dayBlocks(
  of: DayOfSheet,
  sheet: PaperSheet,
  measures: readonly Measure[],
  size: SheetSize,
  paper: Paper,
): { height: number; node: React.ReactNode }[] {
  const { records, day, rows, heading } = of;
  const width = paper.width - 2 * mm(MARGIN);
  const rowHeight = mm(size === 'large' ? 14 : 9.5);
  const first = mm(rows.some((r) => r.name.length > 4) ? 32 : 24);
  const wide = mm(size === 'large' ? 20 : 16.5);
  const states = statesWords().map((words, i) => ({ words, middle: first + wide * (i + 0.5), wide }));
  const from = first + wide * states.length;
  const room = width - from;
  const last = lastValues(records, day);
  return tablesOf(columnsOf(of, measures), room).map((part, t) => {
    const whole = part.reduce((sum, c) => sum + shareOf(c), 0);
    let x = from;
    const columns = part.map((c) => {
      const placed = { ...c, x, wide: (shareOf(c) / whole) * room };
      x += placed.wide;
      return placed;
    });
    const tall = part.some((c) => c.ticks.length > 3) ? rowHeight * 1.35 : rowHeight;
    const table: TableMeasures = { columns, width, head: mm(16), tall, text: size === 'large' ? 22 : 17, states };
    return {
      height: table.head + tall * rows.length + mm(6),
      node: (
        <>
          <TableHeads table={table} heading={t > 0 ? say('printRoom.headingGoesOn', { heading }) : heading} />
          {rows.map((row, r) => (
            <g key={row.name} transform={`translate(0 ${table.head + tall * r})`}>
              <TableRow table={table} row={row} before={(measure) => (day === sheet.days[0] ? last(row, measure) : '')} />
            </g>
          ))}
        </>
      ),
    };
  });
}

function TableHeads({ table: { columns, width, head, states }, heading }: { table: TableMeasures; heading: string }) {
  return (
    <>
      <text y="22" fontSize="21" className="paper-heading">
        {heading}
      </text>
      {states.map(({ words, middle, wide }) => (
        <g key={words}>
          {wrapText(words, wide - 4, { size: 13, heading: false }).map((line, k, all) => (
            <text key={line} x={middle} y={head - 8 - 14 * (all.length - 1 - k)} textAnchor="middle" fontSize="13">
              {line}
            </text>
          ))}
        </g>
      ))}
      {columns.map((c) => {
        const name = wrapText(c.head, c.wide - 8, { size: 14, heading: false }).slice(0, 2);
        return (
          <g key={c.measure}>
            {name.map((line, k) => (
              <text key={k} x={c.x + 5} y={head - 8 - 15 * (name.length - k)} fontSize="14" fontWeight="700">
                {line}
              </text>
            ))}
            <text x={c.x + 5} y={head - 8} fontSize="13" className="paper-second">
              {c.under}
            </text>
          </g>
        );
      })}
      <path d={`M0 ${head}H${width}`} stroke="#2A1B2E" strokeWidth="2" />
    </>
  );
}

function TableRow({
  table: { columns, width, tall, text, states },
  row,
  before,
}: {
  table: TableMeasures;
  row: LogRow;
  /** What was last read of a measure; empty where it is not told. */
  before: (measure: string) => string;
}) {
  return (
    <>
      <g transform={`translate(14 ${tall / 2})`}>
        <MarkShape code={row.treatment} size={18} />
      </g>
      <text x="32" y={tall / 2 + text * 0.36} fontSize={text * (row.name.length > 4 ? 1 : 1.25)} className="paper-heading">
        {row.name}
      </text>
      {states.map(({ words, middle }) => (
        <rect key={words} x={middle - 8} y={tall / 2 - 8} width="16" height="16" fill="none" stroke="#2A1B2E" strokeWidth="1.4" />
      ))}
      {columns.map((c) => {
        const told = before(c.measure);
        return (
          <g key={c.measure} transform={`translate(${c.x} 0)`}>
            <path d={`M0 0V${tall}`} stroke="#C9C5D1" strokeWidth="1" />
            {/* What is of the container is asked once, at its first plant. */}
            {!c.ofContainer || row.plant === '1' ? (
              <Ticks ticks={c.ticks} width={c.wide} height={tall} />
            ) : (
              <rect x="1" width={c.wide - 2} height={tall} fill="#E9E7EE" />
            )}
            {told !== '' && c.ticks.length === 0 && (
              <text x={c.wide - 5} y={tall - 5} textAnchor="end" fontSize="12" className="paper-second">
                {told}
              </text>
            )}
          </g>
        );
      })}
      <path d={`M0 ${tall}H${width}`} stroke="#C9C5D1" strokeWidth="1" />
    </>
  );
}

/** Words to tick, in as many columns as they need. */
function Ticks({ ticks, width, height }: { ticks: readonly string[]; width: number; height: number }) {
  const across = ticks.length > 3 ? 2 : 1;
  const down = Math.ceil(ticks.length / across);
  const line = height / Math.max(1, down);
  const size = Math.min(12, line * 0.8);
  return ticks.map((t, i) => (
    <g key={t} transform={`translate(${5 + (width / across) * Math.floor(i / down)} ${line * ((i % down) + 0.5)})`}>
      <rect y={-size * 0.45} width={size * 0.9} height={size * 0.9} fill="none" stroke="#2A1B2E" strokeWidth="1" />
      <text x={size * 1.3} y={size * 0.36} fontSize={size}>
        {t}
      </text>
    </g>
  ));
}

/** What was last found of a plant before a day, small and in words. */
function lastValues({ investigation, readings }: InvestigationRecords, day: string) {
  const before = currentReadings(readings)
    .filter((r) => r.day < day && r.state === 'measured')
    .reverse();
  const sown = new Map(investigation.containers.map((c) => [c.id, c.seedsSown]));
  return ({ containerId, plant }: LogRow, code: string): string => {
    const measure = measureOf(code, investigation.bench.own);
    const found = before.find((r) => r.containerId === containerId && r.plant === plant && findingOf(r, code) !== null);
    const facts = { resolution: investigation.resolution, sown: sown.get(containerId)! };
    return measure && found ? findingWords(measure, findingOf(found, code)!, facts) : '';
  };
}
