import { told } from '@bright-sprout/words/say';
import { msNow } from '@bright-sprout/core/clock/clock';
import { ImportRequest, type RememberedReading } from '@bright-sprout/contracts/imports';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type BenchProtocol, USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { BUILT_IN_CODES } from '@bright-sprout/core/measures/registry';
import { type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { isTableReading } from '@bright-sprout/core/formats/table/isTableReading';
import { MOST_CONTAINERS, readTable } from '@bright-sprout/core/formats/table/readTable';
import { headsKey, type Sheet, unpackSheet } from '@bright-sprout/core/formats/table/sheet';
import { type TidyReading, type TidyTable } from '@bright-sprout/core/formats/tidyTable';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Injectable } from '@nestjs/common';
import { Database } from '../database/database';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { PlantCheck } from '../checks/plantCheck.entity';
import { insertInChunks, insertReadings, type NewReading } from '../checks/insertReadings';
import { newId, requestHash } from '../database/ids';
import { type Brought } from '../investigations/brought';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { InvestigationsService } from '../investigations/investigations.service';
import { TreatmentEntity } from '../investigations/treatment.entity';
import { ChangesService } from '../live/changes.service';
import { type Progress } from '../problems/longWork';
import { asTold, Problem } from '../problems/problem';

/** As many wrong rows are told; the first ones usually explain the rest. */
const MOST_ERRORS = 200;

/** Brings a table in as a finished investigation: whole or not at all. */
@Injectable()
export class ImportsService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly investigations: InvestigationsService,
    private readonly changes: ChangesService,
  ) {}

  async import(teacher: TeacherRequester, id: string, request: ImportRequest, progress: Progress): Promise<InvestigationView> {
    const group = await this.scope.classOf(teacher, request.classId);
    const hash = requestHash(request);
    if (await this.investigations.alreadyMade(teacher, id, hash)) return this.investigations.viewOf(teacher, id);
    const { sheet, whole, table } = this.read(request);
    if (!speciesById(request.speciesId)) throw new Problem(400, told('refusals.kindPlantCatalogue'));
    await this.investigations.insert(id, hash, async () => {
      await this.db.of(Investigation).insert({
        id,
        classId: group.id,
        question: request.question,
        factor: request.factor,
        phase: 'finished',
        origin: 'imported',
        speciesId: request.speciesId,
        methodId: null,
        sownOn: table.sownOn,
        resolution: isInInches(whole) ? 'quarter-in' : 'mm',
        beforeSprouting: 'exclude',
        bench: benchOf(table),
        drawSeed: 0,
        split: { code: 'imported' },
        requestHash: hash,
        brought: broughtFrom(request.fileName, sheet, whole, table),
      });
      await this.insertTable(id, table, progress);
      await this.changes.note({ kind: 'investigation-changed', classId: group.id, investigationId: id });
    });
    return this.investigations.viewOf(teacher, id);
  }

  /** What was chosen for the last table with these heads in the teacher's classes; null where there was none. */
  async remembered(teacher: TeacherRequester, key: string): Promise<RememberedReading | null> {
    const classes = await this.scope.classesOf(teacher);
    if (classes.length === 0) return null;
    const found = await this.db.query<{ brought: string; factor: string; speciesId: string }[]>(
      `SELECT brought, factor, species_id AS speciesId FROM investigation
       WHERE class_id IN (?) AND JSON_VALUE(brought, '$.headsKey') = ? ORDER BY id DESC LIMIT 1`,
      [classes.map((c) => c.id), key],
    );
    if (!found[0]) return null;
    const { columns, own, zeros, seedsEach, dateOrder } = (JSON.parse(found[0].brought) as Brought).reading;
    return { columns, own, zeros, seedsEach, dateOrder, factor: found[0].factor, speciesId: found[0].speciesId };
  }

  private read({ table: text, reading, own }: ImportRequest): { sheet: Sheet; whole: TableReading; table: TidyTable } {
    const sheet = unpackSheet(text);
    if (!sheet) throw new Problem(422, told('refusals.tableArriveWholeOpen'));
    const whole = { ...reading, own };
    if (!isTableReading(whole, sheet.headings.length)) throw new Problem(400, told('refusals.meaningColumnKnown'));
    const { table, problems } = readTable(sheet, whole);
    if (problems.length === 0 && table.units.length > MOST_CONTAINERS)
      throw new Problem(
        422,
        told('refusals.containersComeTimeColumn', { countUnits: table.units.length, mostContainers: MOST_CONTAINERS }),
      );
    if (problems.length === 0 && table.readings.length === 0) throw new Problem(422, told('refusals.nothingTableSaysFound'));
    if (problems.length === 0) return { sheet, whole, table };
    const fields = problems.slice(0, MOST_ERRORS).map((p) => ({ path: `line ${p.line}`, wrong: asTold(p.sentence) }));
    const count = problems.length;
    throw new Problem(422, told('refusals.rowRowsWrongNothing', { count }), { fields });
  }

  private async insertTable(investigationId: string, table: TidyTable, progress: Progress): Promise<void> {
    const treatmentIds = new Map(table.treatments.map((t) => [t.code, newId()]));
    await this.db
      .of(TreatmentEntity)
      .insert(table.treatments.map((t) => ({ id: treatmentIds.get(t.code)!, investigationId, ...t })));
    const containerIds = new Map(table.units.map((u) => [u.code, newId()]));
    const containers = table.units.map((u, position) => ({
      id: containerIds.get(u.code)!,
      investigationId,
      treatmentId: treatmentIds.get(u.treatment)!,
      block: u.block,
      code: u.code,
      position,
      seedsSown: u.seeds,
      sownOn: u.sownOn,
    }));
    await insertInChunks(this.db, Container, containers);
    const now = msNow();
    const checks: PlantCheck[] = [];
    const readings: NewReading[] = [];
    const idsByKey = new Map<string, string>();
    table.readings.forEach((reading, i) => {
      const checkId = newId();
      const readingId = newId();
      if (reading.key !== null) idsByKey.set(reading.key, readingId);
      // Rows without a moment of their own keep the order of the file, a millisecond apart.
      const recordedAt = reading.recordedAt === null ? new Date(now + i) : new Date(reading.recordedAt);
      checks.push({
        id: checkId,
        containerId: containerIds.get(reading.unit)!,
        teamId: null,
        day: reading.day,
        recordedAt,
        receivedAt: new Date(now),
        source: 'import',
        requestHash: requestHash(reading),
      } as PlantCheck);
      readings.push(rowOf(reading, readingId, checkId, idsByKey));
    });
    const of = checks.length + readings.length + readings.reduce((n, r) => n + r.findings.length, 0);
    let done = 0;
    const written = (rows: number) => progress((done += rows), of);
    await insertInChunks(this.db, PlantCheck, checks, written);
    await insertReadings(this.db, readings, written);
  }
}

function rowOf(reading: TidyReading, id: string, checkId: string, idsByKey: Map<string, string>): NewReading {
  const { plant, state, findings, doubt, lostReason, note, corrects } = reading;
  return {
    id,
    checkId,
    plant,
    state,
    findings,
    doubt,
    lostReason,
    note,
    supersedesId: corrects === null ? null : idsByKey.get(corrects)!,
  };
}

/** Lengths that were read on a ruler in inches are shown so. */
const isInInches = ({ columns }: TableReading) => columns.some((c) => c.is === 'measure' && (c.unit === 'in' || c.unit === 'ft'));

function broughtFrom(fileName: string, sheet: Sheet, { mends, ...reading }: TableReading, { days, design }: TidyTable): Brought {
  return {
    fileName,
    headsKey: headsKey(sheet.headings),
    reading,
    days,
    design,
    leftOut: mends.filter((m) => m.kind === 'leave-out').length,
  };
}

/** What imported records measure: everything that was found in them. */
function benchOf(table: TidyTable): BenchProtocol {
  const found = new Set(table.readings.flatMap((r) => r.findings.map((f) => f.measure)));
  const measures = BUILT_IN_CODES.filter((code) => found.has(code));
  return { ...USUAL_BENCH, measures: measures.length + table.own.length > 0 ? measures : USUAL_BENCH.measures, own: table.own };
}
