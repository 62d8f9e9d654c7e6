import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type PlanListing } from '@bright-sprout/contracts/answers/plans';
import { type Page } from '@playwright/test';
import { DEMO_QUESTION } from './people';

const STATIONS = ['', 'run', 'together', 'room', 'pictures', 'log', 'plan', 'print', 'take-along', 'sow', 'compare', 'deal'];
const CONCLUDE = ['', 'claims', 'expected', 'next', 'report', 'certificates', 'end'];
const OF_CLASS = ['', 'join', 'plans', 'import'];
const OF_PLAN = ['ask', 'seeds', 'lay-out', 'days', 'prepare'];

/** Addresses of every page of a teacher, for the demo's class. */
export async function teacherPages(page: Page): Promise<string[]> {
  const classes = (await (await page.request.get('/api/v1/classes')).json()) as ClassView[];
  const group = classes.find((c) => c.investigations.some((i) => i.question === DEMO_QUESTION))!;
  const { id } = group.investigations.find((i) => i.question === DEMO_QUESTION)!;
  const plans = (await (await page.request.get(`/api/v1/classes/${group.id}/plans`)).json()) as PlanListing[];
  const plan = plans.find((p) => !p.sown);
  return [
    '/',
    '/keeping',
    '/seeds',
    ...OF_CLASS.map((p) => `/classes/${group.id}/${p}`),
    ...[...STATIONS, ...CONCLUDE.map((p) => `conclude/${p}`)].map((p) => `/investigations/${id}/${p}`.replace(/\/$/, '')),
    ...(plan ? OF_PLAN.map((p) => `/plans/${plan.id}/${p}`) : []),
  ];
}

/** Addresses of every page of a team that looks after containers of an investigation. */
export const teamPages = (investigation: string): string[] =>
  ['', '/together', ...['notebook', 'wall', 'conclude', 'report', 'sow'].map((p) => `/${p}/${investigation}`)].map(
    (p) => `/bench${p}`,
  );
