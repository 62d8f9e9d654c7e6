import { todayIn } from '@bright-sprout/core/clock/clock';
import { type SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { standingsOn } from '@bright-sprout/core/readings/standing';
import fc from 'fast-check';
import { createServer, type RequestListener } from 'node:http';
import { v7 } from 'uuid';
import { createApp } from '../src/createApp';
import { checkOf, joined, sownPlan, startApplication, startClass, type TestApplication } from './application';

/**
 * Several devices of one team on a bad network, against a real server and a simple model: what was entered is a map from id
 * to reading. Each device sends its own entries in their order; between the devices anything goes.
 */
const DEVICES = 3;

interface Sent {
  id: string;
  body: SaveCheckRequest;
}

const steps = fc.array(
  fc.oneof(
    {
      weight: 6,
      arbitrary: fc.record({
        do: fc.constant('enter' as const),
        device: fc.nat(DEVICES - 1),
        pot: fc.nat(1),
        height: fc.integer({ min: 1, max: 3 }),
        corrects: fc.boolean(),
      }),
    },
    {
      weight: 6,
      arbitrary: fc.record({
        do: fc.constant('send' as const),
        device: fc.nat(DEVICES - 1),
        lost: fc.constantFrom('request' as const, 'answer' as const, 'nothing' as const),
      }),
    },
    { weight: 2, arbitrary: fc.record({ do: fc.constant('again' as const), which: fc.nat() }) },
    { weight: 1, arbitrary: fc.constant({ do: 'restart' as const }) },
  ),
  { minLength: 4, maxLength: 40 },
);

let application: TestApplication;
let world: Awaited<ReturnType<typeof startClass>>;

beforeAll(async () => {
  const started = await startApplication();
  // Devices speak to this door, behind which the application can be replaced.
  const door = createServer((req, res) => (application.app.getHttpAdapter().getInstance() as RequestListener)(req, res));
  application = { ...started, server: door };
  world = await startClass(application);
});
afterAll(() => application.app.close());

/** The server goes down and comes back on the same database; the devices keep their cookies. */
async function restart(): Promise<void> {
  await application.app.close();
  application.app = await createApp(application.settings);
  await application.app.init();
}

test('however requests are lost, repeated and mixed between devices and restarts, every reading is there once and disputes are said', async () => {
  await fc.assert(
    fc.asyncProperty(steps, async (list) => {
      const { id, containers } = await sownPlan(world.teacher, world.classId, world.plan);
      const kites = world.group.teams.find((t) => t.emblem === 'kite')!.id;
      const pots = containers.filter((c) => c.teamId === kites);
      const devices = await Promise.all(Array.from({ length: DEVICES }, () => joined(application, world.group, 'kite')));
      const waiting: Sent[][] = devices.map(() => []);
      const model = new Map<string, Sent>();
      const arrived: Sent[] = [];

      const put = async (d: number, sent: Sent) => {
        await devices[d]!.put(`/bench/checks/${sent.id}`, sent.body).expect(200);
        arrived.push(sent);
      };
      for (const step of list) {
        if (step.do === 'enter') {
          const pot = pots[step.pot]!.id;
          // A team corrects what its own device has entered for the pot before, sent or not.
          const own = [...model.values()].filter(
            (s) => s.body.containerId === pot && s.body.dayReason === `device ${step.device}`,
          );
          const old = step.corrects ? own.pop()?.body.readings[0]!.id : undefined;
          const body = checkOf(pot, { typed: `${step.height} cm`, ...(old ? { supersedes: old } : {}) });
          const sent = { id: v7(), body: { ...body, dayReason: `device ${step.device}` } as SaveCheckRequest };
          model.set(sent.id, sent);
          waiting[step.device]!.push(sent);
        } else if (step.do === 'send') {
          const first = waiting[step.device]![0];
          if (!first || step.lost === 'request') continue;
          await put(step.device, first);
          if (step.lost === 'nothing') waiting[step.device]!.shift();
        } else if (step.do === 'again' && arrived.length > 0) await put(0, arrived[step.which % arrived.length]!);
        else if (step.do === 'restart') await restart();
      }
      for (const [d, rest] of waiting.entries()) for (const sent of rest) await put(d, sent);

      const { body } = await world.teacher.get(`/investigations/${id}`).expect(200);
      const { readings, investigation } = body as InvestigationRecords;
      const expected = [...model.values()].map(({ body: b }) => [
        b.readings[0]!.id,
        b.containerId,
        b.readings[0]!.findings?.[0]?.typed,
        b.readings[0]!.supersedes ?? null,
      ]);
      const byId = (a: unknown[], b: unknown[]) => (a[0]! < b[0]! ? -1 : 1);
      expect(readings.map((r) => [r.id, r.containerId, r.findings[0]!.typed, r.supersedes]).sort(byId)).toEqual(
        expected.sort(byId),
      );

      const replaced = new Set(expected.map((e) => e[3]));
      const standings = standingsOn(
        pots.map((p) => p.id),
        readings,
        todayIn(investigation.class.timeZone),
      );
      for (const pot of pots) {
        const current = expected.filter((e) => e[1] === pot.id && !replaced.has(e[0]!)).map((e) => e[2]);
        expect(standings.get(pot.id)!.disputed).toBe(new Set(current).size > 1);
      }
    }),
    { numRuns: 12 },
  );
}, 120_000);
