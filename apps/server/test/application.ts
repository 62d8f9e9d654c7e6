import 'reflect-metadata';
import { msNow, timeNow } from '@bright-sprout/core/clock/clock';
import { randomBytes } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { type Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { addDays } from '@bright-sprout/core/calendar/days';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { planFrom } from '@bright-sprout/core/plan/document/startingPoints';
import { type NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { DataSource } from 'typeorm';
import { v7 } from 'uuid';
import { createApp } from '../src/createApp';
import { databaseOptions } from '../src/database/dataSource';
import { type Settings } from '../src/settings';

/** The real application on its own new database. */
export interface TestApplication {
  app: NestExpressApplication;
  settings: Settings;
  server: Server;
  dataSource: DataSource;
  close: () => Promise<void>;
}

async function newDatabase(): Promise<string> {
  const address = process.env.TEST_DATABASE_SERVER!;
  const name = `test_${randomBytes(6).toString('hex')}`;
  const connection = await new DataSource({ type: 'mariadb', url: `${address}information_schema` }).initialize();
  await connection.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  await connection.destroy();
  return `${address}${name}`;
}

export async function startApplication(change: Partial<Settings> = {}): Promise<TestApplication> {
  const databaseUrl = change.databaseUrl ?? (await newDatabase());
  const settings: Settings = {
    port: 0,
    host: '127.0.0.1',
    address: null,
    databaseUrl,
    secret: randomBytes(32),
    webFolder: '/nowhere',
    blobFolder: mkdtempSync(join(tmpdir(), 'sprout-blobs-')),
    demo: 'no-pictures',
    secureCookies: false,
    trustedProxies: [],
    tls: null,
    sensorUrl: null,
    startsAt: null,
    strictAnswers: true,
    ...change,
  };
  const migrating = await new DataSource(databaseOptions(settings.databaseUrl)).initialize();
  await migrating.runMigrations();
  await migrating.destroy();
  const app = await createApp(settings);
  await app.init();
  return {
    app,
    settings,
    server: app.getHttpServer() as Server,
    dataSource: app.get(DataSource),
    close: async () => (await app.close(), rmSync(settings.blobFolder, { recursive: true, force: true })),
  };
}

/** A device that keeps its cookies and speaks to `/api/v1`. */
export function device({ server }: Pick<TestApplication, 'server'>) {
  const agent = request.agent(server);
  return {
    get: (path: string) => agent.get(`/api/v1${path}`),
    put: (path: string, body: object) => agent.put(`/api/v1${path}`).send(body),
    post: (path: string, body: object = {}) => agent.post(`/api/v1${path}`).send(body),
    patch: (path: string, body: object) => agent.patch(`/api/v1${path}`).send(body),
    delete: (path: string) => agent.delete(`/api/v1${path}`),
  };
}

export type Device = ReturnType<typeof device>;

export const PASSWORD = 'a long enough password';

/** The first teacher with a class of two teams and a growing investigation: two treatments, one container of each per team. */
export async function startClass(application: TestApplication) {
  const teacher = device(application);
  await teacher
    .post('/teachers/first', { schoolName: 'Weir School', name: 'Room 3', email: 'one@weir.example', password: PASSWORD })
    .expect(201);
  return { teacher, ...(await addClass(teacher)) };
}

export async function addClass(teacher: Device) {
  const classId = v7();
  await teacher.put(`/classes/${classId}`, { name: '6 Amber', gradeBand: 'middle', timeZone: 'Europe/Berlin' }).expect(200);
  const teams = [
    { id: v7(), emblem: 'kite' },
    { id: v7(), emblem: 'bell' },
  ];
  const group = (await teacher.put(`/classes/${classId}/teams`, { teams }).expect(200)).body as {
    joinCode: string;
    teams: { id: string; emblem: string; pin: string }[];
  };
  const plan = plannedDaysAgo(20);
  const { id: investigationId } = await sownPlan(teacher, classId, plan);
  return { classId, group, investigationId, plan };
}

/** Two treatments of barley, a container of each for two teams, sown some days ago. */
export function plannedDaysAgo(days: number, part: Partial<PlanDocument> = {}): PlanDocument {
  const sowOn = new Date(msNow() - days * 86_400_000).toISOString().slice(0, 10);
  const plan = planFrom('salt-steps', { gradeBand: 'middle', teams: 2, today: addDays(sowOn, -7) }, 7);
  const levels = ['salt', 'no salt'].map((label) => ({ label, amount: null }));
  return {
    ...plan,
    question: 'Does salt keep barley short?',
    factors: [{ ...plan.factors[0]!, name: 'salt', levels, control: 1 }],
    containersEach: 2,
    seedsEach: 3,
    ...part,
  };
}

/** Keeps a plan and sows it. */
export async function sownPlan(teacher: Device, classId: string, document: PlanDocument, id = v7()): Promise<InvestigationView> {
  await teacher.put(`/plans/${id}`, { classId, version: 0, document }).expect(200);
  return (await teacher.put(`/plans/${id}/sowing`, { version: 1 }).expect(200)).body as InvestigationView;
}

/** A second school with its own teacher, put straight into the database: the interface makes only the first. */
export async function addOtherTeacher({ dataSource }: TestApplication, schoolId = v7()): Promise<{ email: string }> {
  const { hashPassword } = await import('../src/access/passwords');
  const email = `${v7()}@other.example`;
  await dataSource.query('INSERT IGNORE INTO school (id, name) VALUES (?, ?)', [schoolId, 'Other School']);
  await dataSource.query('INSERT INTO teacher (id, school_id, email, name, password_hash) VALUES (?, ?, ?, ?, ?)', [
    v7(),
    schoolId,
    email,
    'Room 9',
    await hashPassword(PASSWORD),
  ]);
  return { email };
}

/** Another teacher, signed in: of another school, or of the one named. */
export async function signedInTeacher(application: TestApplication, schoolId?: string): Promise<Device> {
  const { email } = await addOtherTeacher(application, schoolId);
  const other = device(application);
  await other.post('/session', { email, password: PASSWORD }).expect(200);
  return other;
}

/** The school of the first class. */
export async function schoolOfFirst({ dataSource }: TestApplication): Promise<string> {
  return ((await dataSource.query('SELECT school_id FROM class_group')) as { school_id: string }[])[0]!.school_id;
}

export async function joined(
  application: TestApplication,
  group: { joinCode: string; teams: { emblem: string; pin: string }[] },
  emblem: string,
): Promise<Device> {
  const tablet = device(application);
  const { pin } = group.teams.find((t) => t.emblem === emblem)!;
  await tablet.post('/join', { classCode: group.joinCode, emblem, pin }).expect(204);
  return tablet;
}

interface BenchContainer {
  id: string;
  code: string;
}

export async function ownContainers(tablet: Device): Promise<BenchContainer[]> {
  const { body } = await tablet.get('/bench').expect(200);
  return (body as { investigations: { investigation: { containers: BenchContainer[] } }[] }).investigations.flatMap(
    (i) => i.investigation.containers,
  );
}

/** A check of one plant, whose height and leaves are told as a device sends them: as findings. */
export function checkOf(
  containerId: string,
  { typed = '4.5 cm', leaves, ...reading }: { typed?: string | null; leaves?: number; [field: string]: unknown } = {},
  change: object = {},
) {
  const findings = [
    ...(typed === null ? [] : [{ measure: 'height', typed }]),
    ...(leaves === undefined ? [] : [{ measure: 'leaves', value: leaves }]),
  ];
  const day = timeNow().toISOString().slice(0, 10);
  return {
    containerId,
    day,
    recordedAt: timeNow().toISOString(),
    readings: [{ id: v7(), plant: '1', state: 'measured', findings, ...reading }],
    ...change,
  };
}
