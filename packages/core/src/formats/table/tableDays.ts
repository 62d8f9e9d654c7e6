import { say } from '@bright-sprout/words/say';
import { addDays, daysBetween, type IsoDay, isIsoDay, ONE_LOOK_SOWING, UNDATED_SOWING } from '../../calendar/days';
import { type TidyTable } from '../tidyTable';
import { type Role, type TableProblem, type TableReading, wholeTableProblem } from './columnMeaning';
import { ORDER_WORDS, readDate } from './readDate';
import { type ReadRows, type Slot } from './rowFacts';
import { type SheetRow } from './sheet';

/** Seeds of records were sown between these days. */
const [EARLIEST, LATEST] = ['1800-01-01', '2200-12-31'];
const LONGEST_RECORD_DAYS = 3650;
const DAYS_EACH = { weeks: 7, hours: 1 / 24 };

/** The day of a look, or why it has none. */
export type FoundDay = { ok: true; day: IsoDay } | { ok: false; column: number; sentence: string };

/** The days of a table: what is known of them, and which one is day 0. */
export class TableDays {
  readonly known: TidyTable['days'];
  readonly sownOn: IsoDay;
  readonly problems: TableProblem[] = [];

  constructor(
    private readonly table: ReadRows,
    private readonly reading: TableReading,
  ) {
    const { slots, at } = table;
    const heads = slots.flatMap((s) => (s.on === null ? [] : [s.on]));
    const filled = (role: Role) => this.has(role) && table.rows.some((r) => table.cell(r, role) !== '');
    const dated = filled('date') || heads.some((h) => 'date' in h);
    const numbered = filled('day') || heads.some((h) => 'number' in h);
    const said = reading.sownOn ?? this.sowingDayInFile();
    const sownOn = said !== null && isIsoDay(said) && said >= EARLIEST && said <= LATEST ? said : null;
    const awaited = sownOn !== null && (this.has('date') || this.has('day'));
    const first = dated ? (sownOn ?? this.firstDate()) : sownOn;
    if (dated && first === null)
      this.problems.push(
        wholeTableProblem(at.date, say('tablesIn.cellDateWrittenRight', { orderWords: ORDER_WORDS[reading.dateOrder] })),
      );
    this.known =
      dated || numbered || awaited ? (sownOn !== null ? 'dates' : dated ? 'from-first-look' : 'days-only') : 'one-look';
    this.sownOn = this.known === 'one-look' ? ONE_LOOK_SOWING : (first ?? UNDATED_SOWING);
  }

  private readonly has = (role: Role) => this.table.at[role] >= 0;

  private readonly date = (text: string) => {
    const day = readDate(text, this.reading.dateOrder, this.reading.year);
    return day !== null && day >= EARLIEST && day <= LATEST ? day : null;
  };

  private sowingDayInFile(): IsoDay | null {
    const { table } = this;
    const days = this.has('sown-on') ? table.rows.flatMap((r) => this.date(table.cell(r, 'sown-on')) ?? []) : [];
    if (days.length > 0) return days[0]!;
    const both =
      this.has('date') && this.has('day')
        ? table.rows.find((r) => this.date(table.cell(r, 'date')) !== null && /^\d+$/.test(table.cell(r, 'day')))
        : undefined;
    const counted = both ? this.number(table.cell(both, 'day')) : null;
    return both && counted !== null ? addDays(this.date(table.cell(both, 'date'))!, -counted) : null;
  }

  private firstDate(): IsoDay | null {
    const { table } = this;
    const texts = [
      ...table.slots.flatMap((s) => (s.on && 'date' in s.on ? [s.on.date] : [])),
      ...(this.has('date') ? table.rows.map((r) => table.cell(r, 'date')) : []),
    ];
    return texts.reduce<IsoDay | null>((first, text) => {
      const day = this.date(text);
      return day !== null && (first === null || day < first) ? day : first;
    }, null);
  }

  /** @param sownOn day 0 of the container that was looked at */
  of(row: SheetRow, slot: Slot, sownOn: IsoDay): FoundDay {
    const { at } = this.table;
    if (this.known === 'one-look') return { ok: true, day: addDays(sownOn, 1) };
    const dateText = slot.on && 'date' in slot.on ? slot.on.date : this.table.cell(row, 'date');
    const dayText = slot.on && 'number' in slot.on ? String(slot.on.number) : this.table.cell(row, 'day');
    const no = (column: number, sentence: string): FoundDay => ({ ok: false, column, sentence });
    if (dateText === '' && dayText === '') return no(at.date >= 0 ? at.date : at.day, say('tablesIn.dateDay'));
    const counted = dayText === '' ? null : slot.on && 'number' in slot.on ? slot.on.number : this.number(dayText);
    if (dayText !== '' && counted === null) return no(at.day, say('tablesIn.wholeNumberDaysSince', { dayText }));
    const byCount = counted === null ? null : addDays(sownOn, counted);
    if (dateText === '') return { ok: true, day: byCount! };
    const date = this.date(dateText);
    if (date === null)
      return no(at.date, say('tablesIn.dateWritten', { dateText, orderWords: ORDER_WORDS[this.reading.dateOrder] }));
    if (date < sownOn) return no(at.date, say('tablesIn.beforeSowingDay', { date, sownOn }));
    if (daysBetween(sownOn, date) > LONGEST_RECORD_DAYS) return no(at.date, say('tablesIn.moreTenYearsAfter', { date }));
    if (byCount !== null && byCount !== date)
      return no(at.day, say('tablesIn.dayAfterSowingDate', { dayText, sownOn, byCount, date }));
    return { ok: true, day: date };
  }

  /** Whole days since sowing; null where the text is none. */
  private number(text: string): number | null {
    const plain = /^(?:day\s*|d\s*|week\s*|wk\s*|w\s*)?(\d{1,4})(?:[.,]0+)?(?:\s*(?:h|hrs?|hours?))?$/i.exec(text);
    const meaning = this.reading.columns[this.table.at.day];
    const unit = meaning?.is === 'day' ? meaning.unit : undefined;
    const each = unit === 'weeks' || unit === 'hours' ? DAYS_EACH[unit] : 1;
    const number = plain ? Math.round(Number(plain[1]) * each * 24) / 24 : null;
    return number !== null && Number.isInteger(number) && number <= LONGEST_RECORD_DAYS ? number : null;
  }
}
