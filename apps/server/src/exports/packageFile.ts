import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type LicenceName, dataPackage } from '@bright-sprout/core/formats/export/dataPackage';
import { csvOf, type ExportTable } from '@bright-sprout/core/formats/export/exportTable';
import { type FirstFigure, scriptInPython, scriptInR } from '@bright-sprout/core/formats/export/readingScripts';
import { headingOf } from '@bright-sprout/core/formats/measureColumns';
import { isNumeric } from '@bright-sprout/core/measures/measure';
import { measuresOf } from '@bright-sprout/core/measures/registry';
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { type PlanFile } from './planFile';

/** Names of the files of a package that are read again. */
export const WHOLE_FILE = 'investigation.json';
export const PACKAGE_FORMAT = 'bright-sprout-investigation';
export const PACKAGE_VERSION = 1;

export interface PackageParts {
  investigation: InvestigationView;
  tables: ExportTable[];
  plan: PlanFile | null;
  calendar: string | null;
  /** Every row, as text. */
  whole: string;
  /** Files of the pictures with what they are called. */
  pictures: { file: string; read: () => Promise<Buffer | null> }[];
  licence: LicenceName;
  created: string;
  version: string;
  fileName: string;
}

/** Puts a package together piece by piece, so that pictures are never all in memory; `write` waits until a piece is taken. */
export async function writePackage(parts: PackageParts, write: (piece: Uint8Array) => Promise<void>): Promise<void> {
  const pieces: Uint8Array[] = [];
  let failed: Error | null = null;
  const zip = new Zip((error, piece) => {
    if (error) failed = error;
    else pieces.push(piece);
  });
  const flush = async () => {
    if (failed) throw failed;
    for (const piece of pieces.splice(0)) await write(piece);
  };
  const encoder = new TextEncoder();
  const add = async (name: string, content: string | Uint8Array) => {
    const packed = name.endsWith('.jpg') ? new ZipPassThrough(name) : new ZipDeflate(name, { level: 6 });
    packed.mtime = parts.created;
    zip.add(packed);
    packed.push(typeof content === 'string' ? encoder.encode(content) : content, true);
    await flush();
  };
  const { investigation, tables } = parts;
  const facts = {
    name: parts.fileName,
    title: investigation.question,
    description: say('exports.recordsClassDaysClass', { name: investigation.class.name, question: investigation.question }),
    created: parts.created,
    version: parts.version,
    licence: parts.licence,
    sources: [say('exports.teamsClassHandBench', { name: investigation.class.name })],
  };
  await add('README.txt', readMe(parts));
  await add('datapackage.json', `${JSON.stringify(dataPackage(facts, tables), null, 2)}\n`);
  for (const table of tables) await add(`data/${table.name}.csv`, csvOf(table, { mark: false }));
  const figure = firstFigure(investigation, tables);
  if (figure) {
    await add('first_figure.R', scriptInR(figure));
    await add('first_figure.py', scriptInPython(figure));
  }
  if (parts.plan) await add('plan.json', `${JSON.stringify(parts.plan, null, 2)}\n`);
  if (parts.calendar) await add('days.ics', parts.calendar);
  await add(WHOLE_FILE, parts.whole);
  for (const { file, read } of parts.pictures) {
    const picture = await read();
    if (picture) await add(file, picture);
  }
  zip.end();
  await flush();
}

/** The first numeric measure of which something was found. */
function firstFigure(investigation: InvestigationView, tables: readonly ExportTable[]): FirstFigure | null {
  const columns = tables.find((t) => t.name === 'findings')!.columns;
  const found = measuresOf(investigation.bench)
    .filter(isNumeric)
    .find((m) => columns.some((c) => c.name === columnOf(m)));
  if (!found) return null;
  const column = columnOf(found);
  const { unit } = columns.find((c) => c.name === column)!;
  return { column, axis: unit && !column.endsWith(`(${unit})`) ? `${column} (${unit})` : column, title: investigation.question };
}

const columnOf = (measure: Parameters<typeof headingOf>[0] & { code: string }) =>
  measure.code === 'height' || measure.code === 'leaves' ? measure.code : headingOf(measure);

function readMe({ investigation, tables, plan, calendar, pictures }: PackageParts): string {
  const line = (name: string, what: string) => `  ${name.padEnd(26)}${what}`;
  return [
    investigation.question,
    say('exports.recordsClass', { name: investigation.class.name }),
    '',
    say('exports.whatIsInThis'),
    line('datapackage.json', say('exports.tablesColumnColumnFrictionless')),
    ...tables.map((t) => line(`data/${t.name}.csv`, t.title.toLowerCase())),
    line('first_figure.R, .py', say('exports.readFindingsDrawFirst')),
    ...(plan ? [line('plan.json', say('exports.planDocumentedFormatVersion'))] : []),
    ...(calendar ? [line('days.ics', say('exports.daysPlanCalendar'))] : []),
    ...(pictures.length > 0 ? [line('pictures/', say('exports.picturesWithoutPlaceTime'))] : []),
    line(WHOLE_FILE, say('exports.everythingKeptBringAgain')),
    '',
    say('exports.textSpreadsheetTakeFormula'),
    '',
  ].join('\r\n');
}
