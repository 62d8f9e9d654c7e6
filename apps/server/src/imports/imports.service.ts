import { msNow } from '@bright-sprout/core/clock/clock';
import { ImportRequest, isColumnMap } from '@bright-sprout/contracts/imports';
import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { type BenchProtocol, USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { BUILT_IN_CODES } from '@bright-sprout/core/measures/registry';
import { importTidyCsv } from '@bright-sprout/core/formats/importTidyCsv';
import { readCsv } from '@bright-sprout/core/formats/readCsv';
import { type TidyReading, type TidyTable } from '@bright-sprout/core/formats/tidyTable';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Injectable } from '@nestjs/common';
import { Database } from '../database/database';
import { type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { PlantCheck } from '../checks/plantCheck.entity';
import { insertInChunks, insertReadings, type NewReading } from '../checks/insertReadings';
import { newId, requestHash } from '../database/ids';
import { Container } from '../investigations/container.entity';
import { Investigation } from '../investigations/investigation.entity';
import { InvestigationsService } from '../investigations/investigations.service';
import { TreatmentEntity } from '../investigations/treatment.entity';
import { ChangesService } from '../live/changes.service';
import { Problem } from '../problems/problem';

/** Brings a tidy table in as a finished investigation: whole or not at all. */
@Injectable()
export class ImportsService {
  constructor(
    private readonly db: Database,
    private readonly scope: Scope,
    private readonly investigations: InvestigationsService,
    private readonly changes: ChangesService,
  ) {}

  async import(teacher: TeacherRequester, id: string, request: ImportRequest): Promise<InvestigationView> {
    const group = await this.scope.classOf(teacher, request.classId);
    const hash = requestHash(request);
    if (await this.investigations.alreadyMade(teacher, id, hash)) return this.investigations.viewOf(teacher, id);
    const table = this.read(request);
    if (!speciesById(request.speciesId)) throw new Problem(400, 'This kind of plant is not in the catalogue.');
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
        resolution: request.mapping.lengthUnit === 'in' ? 'quarter-in' : 'mm',
        beforeSprouting: 'exclude',
        bench: benchOf(table),
        drawSeed: 0,
        split: { code: 'imported' },
        requestHash: hash,
      });
      await this.insertTable(id, table);
      await this.changes.note({ kind: 'investigation-changed', classId: group.id, investigationId: id });
    });
    return this.investigations.viewOf(teacher, id);
  }

  private read({ text, mapping }: ImportRequest): TidyTable {
    if (!isColumnMap(mapping.columns)) throw new Problem(400, 'The meaning of a column is not known.');
    const read = readCsv(text);
    if (!read.ok) throw new Problem(422, read.reason);
    const result = importTidyCsv(read.csv, {
      ...mapping,
      measures: mapping.measures ?? [],
      own: mapping.own ?? [],
      sownOn: mapping.sownOn ?? null,
      control: mapping.control ?? null,
    });
    if (result.ok) return result.table;
    const errors = result.problems.map((p) => ({ path: `line ${p.line}`, sentence: p.sentence }));
    throw new Problem(422, `${errors.length} ${errors.length === 1 ? 'row is' : 'rows are'} wrong, so nothing was imported.`, {
      errors,
    });
  }

  private async insertTable(investigationId: string, table: TidyTable): Promise<void> {
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
    await insertInChunks(this.db, PlantCheck, checks);
    await insertReadings(this.db, readings);
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

/** What imported records measure: everything that was found in them. */
function benchOf(table: TidyTable): BenchProtocol {
  const found = new Set(table.readings.flatMap((r) => r.findings.map((f) => f.measure)));
  const measures = BUILT_IN_CODES.filter((code) => found.has(code));
  return { ...USUAL_BENCH, measures: measures.length + table.own.length > 0 ? measures : USUAL_BENCH.measures, own: table.own };
}
