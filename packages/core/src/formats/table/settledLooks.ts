import { say } from '@bright-sprout/words/say';
import { isSeedCount } from '../../measures/builtIn/counts';
import { type Finding, numberFound } from '../../measures/finding';
import { type TidyReading, type TidyTable } from '../tidyTable';
import { lineProblem, measuresIn, type Role, type TableProblem, type TableReading } from './columnMeaning';
import { type ReadRows } from './rowFacts';
import { type Units } from './unitsIn';

/** A look as it was read, before those of one container are seen together. */
export interface Look extends TidyReading {
  line: number;
  column: number | null;
  /** A height of 0 that still has to be told. */
  zero: { column: number } | null;
  /** Something has come up since the look before. */
  fresh: Finding | null;
  /** It tells of one seed of its container. */
  oneSeed: boolean;
}

/** What looks say only beside each other: sums, noughts, several plants, corrections. */
export class SettledLooks {
  readonly problems: TableProblem[] = [];

  constructor(
    public looks: Look[],
    private readonly reading: TableReading,
    private readonly rows: ReadRows,
    private readonly units: Units,
    private readonly days: TidyTable['days'],
  ) {
    this.addSeeds();
    this.cumulate();
    this.settleZeros();
    this.settleRepeats();
    this.checkCorrections();
    this.checkSeeds();
  }

  private readonly has = (role: Role) => this.rows.at[role] >= 0;

  private wrong(line: number, column: number | null, sentence: string, part: Partial<TableProblem> = {}): void {
    this.problems.push(lineProblem(line, column, sentence, part));
  }

  /** Rows of one seed each: those of one container and day are counted together. */
  private addSeeds(): void {
    if (!this.looks.some((l) => l.oneSeed)) return;
    const together = new Map<string, Look>();
    this.looks = this.looks.filter((look) => {
      if (!look.oneSeed) return true;
      const key = `${look.unit}\u0001${look.day}`;
      const first = together.get(key);
      this.units.oneSeedMore(look.unit, look.day);
      if (!first) {
        together.set(key, Object.assign(look, { plant: '1' }));
        return true;
      }
      first.findings = first.findings.map((f) => {
        const more = look.findings.find((m) => m.measure === f.measure);
        return more && isSeedCount(f.measure) ? numberFound(f.measure, f.value! + more.value!) : f;
      });
      return false;
    });
  }

  /** Looks of one plant, oldest first. */
  private ofPlants(): Look[][] {
    const byPlant = new Map<string, Look[]>();
    for (const look of this.looks) {
      const key = `${look.unit}\u0001${look.plant}`;
      const before = byPlant.get(key);
      if (before) before.push(look);
      else byPlant.set(key, [look]);
    }
    return [...byPlant.values()].map((looks) => [...looks].sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0)));
  }

  /** Seeds that have come since the look before are added up: a count says how many there are by then. */
  private cumulate(): void {
    if (!measuresIn(this.reading).some((c) => c.counting === 'new')) return;
    for (const looks of this.ofPlants()) {
      const sums = new Map<string, number>();
      for (const look of looks) {
        if (look.fresh === null) continue;
        const { measure, value } = look.fresh;
        const sum = (sums.get(measure) ?? 0) + value!;
        sums.set(measure, sum);
        look.findings = look.findings.map((f) => (f.measure === measure ? numberFound(measure, sum) : f));
      }
    }
  }

  /** A height of 0 before anything was measured is a seed that is not up; behind a height nobody can know what it says. */
  private settleZeros(): void {
    if (!this.looks.some((l) => l.zero !== null)) return;
    const gone = new Set<Look>();
    for (const looks of this.ofPlants()) {
      let up = false;
      for (const look of looks) {
        if (look.zero === null) {
          up ||= look.state === 'measured';
          continue;
        }
        if (!up) {
          if (this.reading.zeros === 'left-out') gone.add(look);
          else look.state = 'not-up';
          continue;
        }
        gone.add(look);
        const { line } = look;
        const { column } = look.zero;
        const cell = (words: string, text: string) => ({ words, mend: { kind: 'cell' as const, line, column, text } });
        this.problems.push({
          line,
          column,
          sentence: say('tablesIn.heightAfterLostNobody', { unit: look.unit }),
          ways: [
            cell(say('tablesIn.itWasLost'), 'lost'),
            cell(say('tablesIn.nobodyLooked'), ''),
            { words: say('tablesIn.leaveLine'), mend: { kind: 'leave-out', line } },
          ],
          alike: 'zero after a height',
        });
      }
    }
    this.looks = this.looks.filter((l) => !gone.has(l));
  }

  /**
   * Several rows of one container on one day are its plants where most containers have several; otherwise one of them is a slip, or a
   * correction that says so.
   */
  private settleRepeats(): void {
    const seen = new Map<string, Look[]>();
    for (const look of this.looks) {
      if (look.corrects !== null) continue;
      const key = `${look.unit}\u0001${look.plant}\u0001${look.day}`;
      const before = seen.get(key);
      if (before) before.push(look);
      else seen.set(key, [look]);
    }
    const groups = [...seen.values()];
    const several = groups.filter((g) => g.length > 1);
    if (several.length === 0) return;
    if (!this.has('plant') && several.length * 2 >= groups.length) {
      for (const group of groups) group.forEach((look, i) => (look.plant = String(i + 1)));
      return;
    }
    const gone = new Set<Look>();
    for (const [first, ...others] of several)
      for (const look of others) {
        gone.add(look);
        this.wrong(
          look.line,
          this.rows.at.container >= 0 ? this.rows.at.container : null,
          say('tablesIn.alreadyLookDayLine', { unit: look.unit, oneLook: this.days === 'one-look', line: first!.line }),
          {
            alike: 'twice',
            ways: [
              { words: say('tablesIn.leaveLineOut', { line: first!.line }), mend: { kind: 'leave-out', line: first!.line } },
            ],
          },
        );
      }
    this.looks = this.looks.filter((l) => !gone.has(l));
  }

  private checkCorrections(): void {
    if (!this.has('reading') && !this.has('corrects')) return;
    const keys = new Map<string, number>();
    for (const { key, corrects, line } of this.looks) {
      if (key !== null && keys.has(key))
        this.wrong(line, this.rows.at.reading, say('tablesIn.readingLineToo', { keyWhat: key, get: keys.get(key) }));
      if (corrects !== null && !keys.has(corrects))
        this.wrong(line, this.rows.at.corrects, say('tablesIn.correctsLineAbove', { corrects }));
      if (key !== null) keys.set(key, line);
    }
  }

  /** No more can come up than was sown. */
  private checkSeeds(): void {
    const counts = measuresIn(this.reading).filter((c) => isSeedCount(c.measure));
    if (counts.length === 0 || this.has('own-measures')) return;
    for (const look of this.looks)
      for (const { measure, value } of look.findings) {
        if (value === null || !isSeedCount(measure)) continue;
        const seeds = this.units.seedsOf(look.unit);
        if (seeds !== null && value > seeds)
          this.wrong(look.line, look.column, say('tablesIn.wouldHaveUpOf', { unit: look.unit, up: value, seeds }), {
            alike: 'more than were sown',
          });
      }
  }
}
