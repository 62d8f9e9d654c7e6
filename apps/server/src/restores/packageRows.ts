import { told } from '@bright-sprout/words/say';
import { SaveCareRequest } from '@bright-sprout/contracts/care';
import { ReadingRequest } from '@bright-sprout/contracts/checks';
import { PHASES } from '@bright-sprout/contracts/classes';
import { ClaimEntryRequest, ClaimNoteRequest, LessonDocument } from '@bright-sprout/contracts/conclude';
import { SaveDeviationRequest } from '@bright-sprout/contracts/deviations';
import { MendFrameRequest, SaveFilmRequest } from '@bright-sprout/contracts/films';
import { CHECK_SOURCES, RESOLUTIONS } from '@bright-sprout/contracts/investigations';
import { SavePlanRequest } from '@bright-sprout/contracts/plans';
import { PredictionRequest } from '@bright-sprout/contracts/predictions';
import { SaveQuestionRequest } from '@bright-sprout/contracts/questions';
import { ROOM_SOURCES } from '@bright-sprout/contracts/room';
import { RUN_CHANGES } from '@bright-sprout/contracts/running';
import { type BenchProtocol, USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { daysBetween, isIsoDay } from '@bright-sprout/core/calendar/days';
import { isTableReading } from '@bright-sprout/core/formats/table/isTableReading';
import { valueProblem } from '@bright-sprout/core/measures/parseFinding';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { ROOM_KINDS, ROOM_LIMITS } from '@bright-sprout/core/room/roomRecord';
import { methodById, speciesById } from '@bright-sprout/core/seeds/catalogue';
import { type ClassConstructor, plainToInstance } from 'class-transformer';
import { validate } from 'class-validator';
import { type ObjectLiteral } from 'typeorm';
import { type WholeInvestigation } from '../exports/wholeRows';
import { type Progress } from '../problems/longWork';
import { Problem } from '../problems/problem';
import { misshapen } from '@bright-sprout/contracts/answers/keptShapes';

type Rows = WholeInvestigation['rows'];
type Row = ObjectLiteral;

/** So many days before and after its sowing can anything of an investigation lie. */
const MOST_DAYS = 1500;
const MOST_CONTAINERS = 2000;
/** After so many rows everybody else has a turn. */
const AT_A_TIME = 400;

const broken = (table: string, what: string) => new Problem(422, told('refusals.packageWholeCannotNothing', { what, table }));

const isOneOf = (words: readonly unknown[], value: unknown) => words.includes(value);
const isWhole = (value: unknown, least: number, most: number) =>
  Number.isInteger(value) && (value as number) >= least && (value as number) <= most;

/** What a row says, as the request with which it would be sent; a field that is empty was not sent. */
type AsRequest = (row: Row) => [ClassConstructor<object>, Row];

const sent = (row: Row): Row => Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null));
const as =
  (request: ClassConstructor<object>, more: (row: Row) => Row = () => ({})): AsRequest =>
  (row) => [request, { ...sent(row), ...more(row) }];

/** Rows that come one by one from pages and devices are held against what their route asks for. */
const ROUTES: Readonly<Record<string, AsRequest>> = {
  plan: as(SavePlanRequest, () => ({ version: 0 })),
  deviation: as(SaveDeviationRequest),
  care: as(SaveCareRequest),
  prediction: ({ firstSproutDay, winner }) => [PredictionRequest, { firstSproutDay, winner }],
  question: as(SaveQuestionRequest),
  lesson: ({ document }) => [LessonDocument, (document ?? {}) as Row],
  claimEntry: as(ClaimEntryRequest),
  claimNote: as(ClaimNoteRequest),
  film: as(SaveFilmRequest, ({ removedAt }) => ({ removed: removedAt !== null && removedAt !== undefined })),
  frameMending: as(MendFrameRequest),
  reading: (row) => [ReadingRequest, { ...sent(row), supersedes: row.supersedesId as unknown, findings: undefined }],
};

/** What no request says and the pages rely on. */
const RULES: Readonly<Record<string, (row: Row, rows: Rows) => string | false>> = {
  investigation: (row, rows) =>
    (!isOneOf(PHASES, row.phase) && 'phase') ||
    (!isOneOf(['planned', 'imported'], row.origin) && 'origin') ||
    ((row.origin === 'planned') !== (rows.plan!.length === 1 && rows.plan![0]!.id === row.id) && 'origin') ||
    (row.origin === 'planned' && !methodById(String(row.methodId)) && 'methodId') ||
    (!speciesById(String(row.speciesId)) && 'speciesId') ||
    (!isOneOf(RESOLUTIONS, row.resolution) && 'resolution') ||
    (!isOneOf(['exclude', 'zero'], row.beforeSprouting) && 'beforeSprouting') ||
    (!isOneOf(['exclude', 'carry', 'zero'], row.afterLoss) && 'afterLoss') ||
    (!isOneOf(['container-mean', 'tallest'], row.report) && 'report') ||
    (!isWhole(row.version, 1, 1_000_000) && 'version') ||
    (!isWhole(row.drawSeed, 0, 2 ** 31 - 1) && 'drawSeed') ||
    misshapen(row) ||
    (!isRead(row.brought as Row | null) && 'brought'),
  treatment: ({ code, label, speciesId }, rows) =>
    (!/^[A-H]$/.test(String(code)) && 'code') ||
    (rows.treatment!.filter((t) => t.code === code).length !== 1 && 'code') ||
    (typeof label === 'string' && label.length > 0 ? false : 'label') ||
    (speciesId !== null && speciesId !== undefined && !speciesById(String(speciesId)) && 'speciesId'),
  container: (row, rows) =>
    (rows.container!.length > MOST_CONTAINERS && 'id') ||
    (String(row.code).length === 0 && 'code') ||
    (!isWhole(row.position, 0, 100_000) && 'position') ||
    (!isWhole(row.seedsSown, 0, 10_000) && 'seedsSown') ||
    (row.childNumber !== null && row.childNumber !== undefined && !isWhole(row.childNumber, 1, 1000) && 'childNumber'),
  runChange: ({ kind }) => !isOneOf(RUN_CHANGES, kind) && 'kind',
  prediction: ({ heightMm }) => heightMm !== null && heightMm !== undefined && !isLength(heightMm) && 'heightMm',
  together: ({ settledMm }) => settledMm !== null && settledMm !== undefined && !isLength(settledMm) && 'settledMm',
  togetherReading: ({ valueMm }) => !isLength(valueMm) && 'valueMm',
  film: ({ cells, columns, rows: behind }, rows) => {
    const own = new Set(rows.container!.map((c) => c.id as unknown));
    const known = Array.isArray(cells) && cells.every((c) => c === null || own.has(c));
    return (!known || (cells as unknown[]).length !== Number(columns) * Number(behind)) && 'cells';
  },
  reading: ({ state, lostReason, doubt }) =>
    ((state === 'lost') !== (lostReason !== null && lostReason !== undefined) && 'lostReason') ||
    (state !== 'measured' && doubt !== null && doubt !== undefined && 'doubt'),
  check: ({ source }) => !isOneOf(CHECK_SOURCES, source) && 'source',
  room: ({ kind, value, source }) => {
    const limits = ROOM_LIMITS[ROOM_KINDS.find((k) => k === kind)!];
    const possible = limits && typeof value === 'number' && value >= limits[0] && value <= limits[1];
    return (!possible && 'value') || (!isOneOf(ROOM_SOURCES, source) && 'source');
  },
};

const isLength = (mm: unknown) => typeof mm === 'number' && mm >= 0 && mm <= 10_000;

function isRead(brought: Row | null | undefined): boolean {
  if (!brought) return true;
  const reading = brought.reading as Row;
  return isTableReading({ ...reading, mends: [] }, Array.isArray(reading.columns) ? reading.columns.length : 0);
}

/** Holds every row of a package against what its route asks for, and against the rows beside it. Throws at the first that cannot be. */
export async function checkRows({ rows }: WholeInvestigation, progress: Progress): Promise<void> {
  const of = Object.values(rows).reduce((n, list) => n + list.length, 0);
  const [investigation] = rows.investigation as [Row];
  let done = 0;
  for (const [table, list] of Object.entries(rows))
    for (const row of list) {
      await checkRow(table, row, rows);
      const far = table === 'room' ? null : dayBeyond(row, investigation);
      if (far) throw broken(table, `“${far}”`);
      done += 1;
      if (done % AT_A_TIME > 0) continue;
      progress(done, of);
      await new Promise(setImmediate);
    }
  checkFindings(rows);
  checkUnique(rows);
}

async function checkRow(table: string, row: Row, rows: Rows): Promise<void> {
  const own = RULES[table]?.(row, rows);
  if (own) throw broken(table, `“${own}”`);
  const route = ROUTES[table];
  if (!route) return;
  const [request, body] = route(row);
  // Fields that only the row has are checked as columns; what the route asks for is checked here.
  const [wrong] = await validate(plainToInstance(request, body), { whitelist: true, forbidNonWhitelisted: false });
  if (wrong) throw broken(table, `“${wrong.property}”`);
}

/** The field of a row whose day lies so far away that no page could draw it; null where none does. */
function dayBeyond(row: Row, { sownOn }: Row): string | null {
  for (const field of ['day', 'sownOn']) {
    const value = row[field] as unknown;
    if (value === undefined || value === null) continue;
    const near = typeof value === 'string' && isIsoDay(value) && isIsoDay(String(sownOn));
    if (!near || Math.abs(daysBetween(String(sownOn), value)) > MOST_DAYS) return field;
  }
  const { schedule } = row;
  const far = Array.isArray(schedule) && schedule.some((e: Row) => dayBeyond({ day: e.day as unknown }, { sownOn }) !== null);
  return far ? 'schedule' : null;
}

/** Findings are of what was measured, of a measure that is known, and within its limits; what was seen in a picture was in one of these. */
function checkFindings(rows: Rows): void {
  const { own } = (rows.investigation![0]!.bench as BenchProtocol | null) ?? USUAL_BENCH;
  const states = new Map(rows.reading!.map((r) => [r.id as string, r.state as string]));
  const pictures = new Set([...rows.photo!, ...rows.frame!].map((p) => p.id as string));
  const found = new Set<string>();
  for (const { readingId, readingState, measure: code, value, choice, typed, seen } of rows.finding!) {
    const measure = measureOf(String(code), own);
    const fits =
      measure &&
      states.get(readingId as string) === 'measured' &&
      (measure.choices.length > 0
        ? (value ?? null) === null && measure.choices.some((c) => c.code === choice)
        : (choice ?? null) === null && typeof value === 'number' && valueProblem(measure, value) === null);
    if (!fits) throw broken('finding', `“${String(code).slice(0, 40)}”`);
    if ((readingState ?? 'measured') !== 'measured') throw broken('finding', '“readingState”');
    if (typed !== null && typed !== undefined && typeof typed !== 'string') throw broken('finding', '“typed”');
    if (seen !== null && seen !== undefined && !isSeen(seen as Row, pictures)) throw broken('finding', '“seen”');
    found.add(readingId as string);
  }
  for (const [id, state] of states) if (state === 'measured' && !found.has(id)) throw broken('reading', '“state”');
}

function isSeen({ picture, method, low, high }: Row, pictures: ReadonlySet<string>): boolean {
  const isEnd = (n: unknown) => n === null || n === undefined || (typeof n === 'number' && Number.isFinite(n));
  const named = typeof method === 'string' && method.length > 0 && method.length <= 80;
  return named && pictures.has(String(picture)) && isEnd(low) && isEnd(high);
}

/** What the tables keep apart: ids, codes and places. */
function checkUnique(rows: Rows): void {
  const apart = (table: string, keyOf: (row: Row) => unknown, field: string) => {
    const keys = rows[table]!.map(keyOf);
    if (new Set(keys).size < keys.length) throw broken(table, `“${field}”`);
  };
  for (const table of Object.keys(rows)) {
    if (table === 'finding') apart(table, (r) => `${r.readingId} ${r.measure}`, 'measure');
    else if (table === 'togetherReading') apart(table, (r) => `${r.togetherId} ${r.teamId}`, 'teamId');
    else if (table === 'lesson') apart(table, (r) => r.investigationId as unknown, 'investigationId');
    else apart(table, (r) => r.id as unknown, 'id');
  }
  apart('container', (r) => r.code as unknown, 'code');
  apart('container', (r) => r.position as unknown, 'position');
  apart('prediction', (r) => r.teamId as unknown, 'teamId');
  for (const reading of rows.reading!) checkCorrection(reading, rows);
}

const indexes = new WeakMap<Row[], Map<unknown, Row>>();
function byId(list: Row[]): Map<unknown, Row> {
  const known = indexes.get(list) ?? new Map(list.map((r) => [r.id as unknown, r]));
  indexes.set(list, known);
  return known;
}

/** A correction stays with its container, plant and day. */
function checkCorrection({ supersedesId, checkId, plant }: Row, rows: Rows): void {
  if (supersedesId === null || supersedesId === undefined) return;
  const old = byId(rows.reading!).get(supersedesId);
  if (!old) return;
  const [its, olds] = [byId(rows.check!).get(checkId), byId(rows.check!).get(old.checkId)];
  const alike = its && olds && its.containerId === olds.containerId && its.day === olds.day && plant === old.plant;
  if (!alike) throw broken('reading', '“supersedesId”');
}
