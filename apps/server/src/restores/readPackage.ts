import { strFromU8, unzip, type UnzipFileInfo } from 'fflate';
import { type ObjectLiteral } from 'typeorm';
import { type KeptTeam, WHOLE, type WholeInvestigation } from '../exports/wholeRows';
import { PACKAGE_FORMAT, PACKAGE_VERSION, WHOLE_FILE } from '../exports/packageFile';
import { Problem } from '../problems/problem';

/** What a package may unpack to; more is not one of ours. */
const MOST_UNPACKED = 400_000_000;
const MOST_FILES = 6000;

/** A package that was opened: its rows, and its pictures by the id that they had. */
export interface OpenedPackage {
  whole: WholeInvestigation;
  pictures: ReadonlyMap<string, Uint8Array>;
}

const wrong = (why: string) => new Problem(422, `${why} Nothing was brought in.`);

/** Opens a package; what is in it beside the rows and the pictures is left alone. */
export async function readPackage(content: Buffer): Promise<OpenedPackage> {
  let [unpacked, files] = [0, 0];
  const filter = ({ name, originalSize }: UnzipFileInfo) => {
    files += 1;
    unpacked += originalSize;
    if (unpacked > MOST_UNPACKED || files > MOST_FILES) throw wrong('This package is larger than any that leaves here.');
    return name === WHOLE_FILE || /^pictures\/[0-9a-f-]{36}\.jpg$/.test(name);
  };
  const entries = await new Promise<Record<string, Uint8Array>>((done, failed) => {
    try {
      unzip(content, { filter }, (error, found) => (error ? failed(error) : done(found)));
    } catch (error) {
      failed(error as Error);
    }
  }).catch((error: unknown) => {
    throw error instanceof Problem ? error : wrong('This file is not a package, or it did not arrive whole.');
  });
  const whole = entries[WHOLE_FILE];
  if (!whole) throw wrong(`There is no ${WHOLE_FILE} in this package: it does not come from here.`);
  const pictures = Object.entries(entries).flatMap(([name, file]) => {
    const id = /^pictures\/(.*)\.jpg$/.exec(name)?.[1];
    return id ? [[id, file] as const] : [];
  });
  return { whole: wholeOf(strFromU8(whole)), pictures: new Map(pictures) };
}

function wholeOf(text: string): WholeInvestigation {
  let read: unknown;
  try {
    read = JSON.parse(text);
  } catch {
    throw wrong('The records in this package cannot be read.');
  }
  const { format, version, rows, teams } = (read ?? {}) as Record<string, unknown>;
  if (format !== PACKAGE_FORMAT) throw wrong('This package does not come from here.');
  if (version !== PACKAGE_VERSION)
    throw wrong(
      `This package is of version ${String(version)}; version ${PACKAGE_VERSION} is known here. Bring this program up to date.`,
    );
  const isRow = (row: unknown): row is ObjectLiteral => typeof row === 'object' && row !== null && !Array.isArray(row);
  const given = (rows ?? {}) as Record<string, unknown>;
  const all = Object.fromEntries(
    Object.keys(WHOLE).map((name) => {
      const list = given[name] ?? [];
      if (!Array.isArray(list) || !list.every(isRow)) throw wrong('The records in this package cannot be read.');
      return [name, list];
    }),
  );
  const isTeam = (t: unknown): t is KeptTeam => isRow(t) && [t.id, t.emblem, t.nickname].every((x) => typeof x === 'string');
  if (!Array.isArray(teams) || !teams.every(isTeam)) throw wrong('The teams in this package cannot be read.');
  if (all.investigation!.length !== 1) throw wrong('There is not one investigation in this package.');
  return { rows: all, teams };
}
