import { told } from '@bright-sprout/words/say';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type LicenceName } from '@bright-sprout/core/formats/export/dataPackage';
import { csvOf, type ExportTable } from '@bright-sprout/core/formats/export/exportTable';
import { findingsTable } from '@bright-sprout/core/formats/export/findingsTable';
import { dictionaryTable, recordTables } from '@bright-sprout/core/formats/export/recordTables';
import { Inject, Injectable } from '@nestjs/common';
import { IsNull } from 'typeorm';
import { type TeacherRequester } from '../access/requester';
import { Database } from '../database/database';
import { Frame } from '../films/frame.entity';
import { InvestigationsService } from '../investigations/investigations.service';
import { BLOB_STORE, type BlobStore } from '../photos/blobStore';
import { Photo } from '../photos/photo.entity';
import { Plan } from '../plans/plan.entity';
import { notFound } from '../problems/problem';
import { VERSION } from '../version';
import { spellAs } from '../words/spoken';
import { calendarFile } from './calendarFile';
import { ExportRecords } from './exportRecords.service';
import { PACKAGE_FORMAT, PACKAGE_VERSION, writePackage } from './packageFile';
import { type PlanFile, planFile } from './planFile';
import { planTable } from './planTable';
import { wholeRows } from './wholeRows';
import { workbookOf } from './workbook';

/** A file that is offered under a name. */
export interface NamedFile<Content> {
  name: string;
  content: Content;
}

/** Records on their way out: as a table, a workbook, a package, a plan, a calendar. */
@Injectable()
export class ExportsService {
  constructor(
    private readonly db: Database,
    private readonly investigations: InvestigationsService,
    private readonly exported: ExportRecords,
    @Inject(BLOB_STORE) private readonly blobs: BlobStore,
  ) {}

  async csv(teacher: TeacherRequester, id: string): Promise<NamedFile<string>> {
    const records = await this.records(teacher, id);
    const { findings, clock } = await this.exported.of(records);
    return { name: `${nameOf(records)}.csv`, content: csvOf(findingsTable(findings, clock)) };
  }

  async workbook(teacher: TeacherRequester, id: string): Promise<NamedFile<Buffer>> {
    const records = await this.records(teacher, id);
    const tables = await this.tables(records);
    const sheets = [...tables.slice(0, -1), planTable(records.investigation), tables[tables.length - 1]!];
    return { name: `${nameOf(records)}.xlsx`, content: await workbookOf(sheets) };
  }

  async plan(teacher: TeacherRequester, id: string): Promise<NamedFile<PlanFile>> {
    const records = await this.records(teacher, id);
    const plan = await this.planOf(id);
    if (!plan) throw notFound(told('exports.planInvestigation'));
    return { name: `${nameOf(records)}-plan.json`, content: plan };
  }

  async calendar(teacher: TeacherRequester, id: string): Promise<NamedFile<string>> {
    const records = await this.records(teacher, id);
    const calendar = calendarFile(records.investigation);
    if (calendar === null) throw notFound(told('exports.calendarInvestigation'));
    return { name: `${nameOf(records)}.ics`, content: calendar };
  }

  /** A whole package; `begin` is told its name before the first piece. */
  async package(
    teacher: TeacherRequester,
    id: string,
    licence: LicenceName,
    { begin, write }: { begin: (name: string) => void; write: (piece: Uint8Array) => Promise<void> },
  ): Promise<void> {
    const records = await this.records(teacher, id);
    const { investigation } = records;
    const whole = { format: PACKAGE_FORMAT, version: PACKAGE_VERSION, ...(await wholeRows(this.db, id)) };
    const pictures = await this.pictures(records);
    begin(`${nameOf(records)}.zip`);
    await writePackage(
      {
        investigation,
        tables: await this.tables(records),
        plan: await this.planOf(id),
        calendar: calendarFile(investigation),
        whole: JSON.stringify(whole),
        pictures,
        licence,
        created: timeNow().toISOString(),
        version: VERSION,
        fileName: nameOf(records),
      },
      write,
    );
  }

  /** The records, and what is written of them spelt as their class does. */
  private async records(teacher: TeacherRequester, id: string): Promise<InvestigationRecords> {
    const records = await this.investigations.records(teacher, id);
    spellAs(records.investigation.resolution);
    return records;
  }

  private async tables(records: InvestigationRecords): Promise<ExportTable[]> {
    const tables = recordTables(await this.exported.of(records));
    return [...tables, dictionaryTable(tables)];
  }

  private async planOf(id: string): Promise<PlanFile | null> {
    const plan = await this.db.of(Plan).findOneBy({ id });
    return plan && planFile(plan.document);
  }

  private async pictures({ investigation, photos }: InvestigationRecords) {
    const ofContainers = await Promise.all(photos.map((p) => this.db.of(Photo).findOneByOrFail({ id: p.id })));
    const ofFilms = await this.db.of(Frame).find({
      where: { film: { investigationId: investigation.id }, takenBackAt: IsNull() },
      order: { day: 'ASC', recordedAt: 'ASC' },
    });
    return [...ofContainers, ...ofFilms].map((p) => ({ file: `pictures/${p.id}.jpg`, read: () => this.blobs.get(p.hash) }));
  }
}

/** What files of an investigation are called. */
function nameOf({ investigation }: InvestigationRecords): string {
  const plain = investigation.question
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60);
  return plain || 'records';
}
