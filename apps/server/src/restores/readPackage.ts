import { sayTold, type Told, told } from '@bright-sprout/words/say';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { MOST_PACKAGE_BYTES } from '@bright-sprout/contracts/restores';
import { MOST_PHOTO_BYTES } from '@bright-sprout/contracts/photos';
import { type ObjectLiteral } from 'typeorm';
import { type KeptTeam, WHOLE, type WholeInvestigation } from '../exports/wholeRows';
import { PACKAGE_FORMAT, PACKAGE_VERSION, WHOLE_FILE } from '../exports/packageFile';
import { Problem } from '../problems/problem';
import { Turns } from '../turns';

/** What a package may unpack to; more is not one of ours: fifty thousand readings are 30 MB of rows. */
const LIMITS = { bytes: MOST_PACKAGE_BYTES + 96_000_000, rows: 96_000_000, picture: MOST_PHOTO_BYTES, files: 6000 };
const MOST_SECONDS = 60;
/** Of the thread that opens it, in MB. */
const MEMORY = { maxOldGenerationSizeMb: 768, maxYoungGenerationSizeMb: 64 };

/** A package that was opened: its rows, and its pictures by the id that they had. */
export interface OpenedPackage {
  whole: WholeInvestigation;
  pictures: ReadonlyMap<string, Uint8Array>;
}

type Unpacked = { rows: unknown; pictures: [string, Uint8Array][] } | { refusal: { code: string } };

const wrong = (why: Told) => new Problem(422, told('refusals.nothingBrought', { why: sayTold(why) }));

const REFUSED: Readonly<Record<string, Told>> = {
  'too-large': told('refusals.packageLargerLeaves'),
  'no-rows': told('refusals.packageCome', { wholeFile: WHOLE_FILE }),
  unreadable: told('refusals.recordsPackageCannotRead'),
  'no-package': told('refusals.filePackageArriveWhole'),
};

const turns = new Turns(1, 4, told('refusals.severalPackagesBeingOpened'));

/** Opens a package in a thread of its own, one at a time; what is in it beside the rows and the pictures is left alone. */
export async function readPackage(content: Buffer): Promise<OpenedPackage> {
  const opened = await turns.take(() => unpack(content));
  if ('refusal' in opened) throw wrong(REFUSED[opened.refusal.code] ?? REFUSED['no-package']!);
  return { whole: wholeOf(opened.rows), pictures: new Map(opened.pictures) };
}

function unpack(content: Buffer): Promise<Unpacked> {
  const worker = new Worker(join(__dirname, '../../workers/unpackPackage.cjs'), {
    workerData: { content, limits: LIMITS, wholeFile: WHOLE_FILE, picture: '^pictures/([0-9a-f-]{36})\\.jpg$' },
    resourceLimits: MEMORY,
  });
  return new Promise<Unpacked>((done) => {
    const tooMuch = () => done({ refusal: { code: 'too-large' } });
    const patience = setTimeout(tooMuch, MOST_SECONDS * 1000);
    worker.once('message', done);
    // A thread that ran out of memory ends with an error.
    worker.once('error', tooMuch);
    worker.once('exit', () => (clearTimeout(patience), tooMuch()));
  }).finally(() => void worker.terminate());
}

function wholeOf(read: unknown): WholeInvestigation {
  const { format, version, rows, teams } = (read ?? {}) as Record<string, unknown>;
  if (format !== PACKAGE_FORMAT) throw wrong(told('refusals.packageNotFromHere'));
  if (version !== PACKAGE_VERSION)
    throw wrong(told('refusals.packageVersionVersionKnown', { version: String(version), packageVersion: PACKAGE_VERSION }));
  const isRow = (row: unknown): row is ObjectLiteral => typeof row === 'object' && row !== null && !Array.isArray(row);
  const given = (rows ?? {}) as Record<string, unknown>;
  const all = Object.fromEntries(
    Object.keys(WHOLE).map((name) => {
      const list = given[name] ?? [];
      if (!Array.isArray(list) || !list.every(isRow)) throw wrong(told('refusals.recordsPackageCannotRead'));
      return [name, list];
    }),
  );
  const isTeam = (t: unknown): t is KeptTeam => isRow(t) && [t.id, t.emblem, t.nickname].every((x) => typeof x === 'string');
  if (!Array.isArray(teams) || !teams.every(isTeam)) throw wrong(told('refusals.teamsPackageCannotRead'));
  if (all.investigation!.length !== 1) throw wrong(told('refusals.investigationPackage'));
  return { rows: all, teams };
}
