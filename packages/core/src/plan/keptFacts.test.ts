import { eventWords } from './calendar/eventWords';
import { planCalendar } from './calendar/planCalendar';
import { planFrom, STARTING_POINTS } from './document/startingPoints';
import { cautionSentence, fairTest, keptCautions } from './fairTest/fairTest';
import { FAIR_RULES } from './fairTest/rules';
import { splitWords } from './layout/splitWords';
import { runSheet } from './lists/runSheet';
import { runStepWords } from './lists/runSheetWords';
import { workOut } from './workedOut/workOut';

const TEAMS = 7;
const stored = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

describe.each(STARTING_POINTS.map((s) => s.id))('what is kept of %s', (id) => {
  const plan = planFrom(id, { gradeBand: 'middle', teams: TEAMS, today: '2026-03-02' }, 11);
  const out = workOut(plan, TEAMS);

  test('says after storing what it said before, and holds no sentence', () => {
    const { events } = planCalendar(plan, out);
    expect(stored(events).map(eventWords)).toEqual(events.map(eventWords));
    const steps = runSheet(plan, out);
    expect(stored(steps).map(runStepWords)).toEqual(steps.map(runStepWords));
    const { split } = out.layout;
    expect(splitWords(stored(split))).toBe(splitWords(split));
    expect(JSON.stringify([events, steps, split])).not.toMatch(/[a-z]\.["\s]/);
  });
});

test('a caution is kept as its rule and numbers, and says what the check said', () => {
  const bad = planFrom('salt-steps', { gradeBand: 'middle', teams: TEAMS, today: '2026-03-02' }, 11);
  const plan = {
    ...bad,
    containersEach: 2,
    whileAway: 'nothing' as const,
    exceptions: [{ rule: 'too-few-containers', reason: 'The sill is short.' }],
  };
  const findings = fairTest(plan, workOut(plan, TEAMS), TEAMS).filter((f) => f.severity !== 'mind');
  expect(findings.length).toBeGreaterThan(1);
  const kept = stored(keptCautions(findings));
  expect(kept.map(cautionSentence)).toEqual(
    findings.map((f) => (f.declared ? `${f.what} (Done on purpose: The sill is short.)` : f.what)),
  );
  for (const { params } of kept) for (const value of Object.values(params)) expect(String(value)).not.toMatch(/\.$/);
});

test('every rule is known by one code', () => {
  const codes = FAIR_RULES.map((r) => r.code);
  expect(new Set(codes).size).toBe(codes.length);
});
