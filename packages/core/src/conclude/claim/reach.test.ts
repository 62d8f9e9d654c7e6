import { LATER_SENTENCES, REACH_SENTENCES } from '../../../test/reachSentences';
import { HEIGHT, heightsOn, recordsOf } from '../../../test/records';
import { type ClaimSubject } from '../../claims/claimSubject';
import { groupsOf } from '../../compare/groups';
import { shownOf } from '../../compare/shown';
import { surenessOf } from '../../compare/sureness';
import { GRADE_BANDS } from '../../words/gradeBand';
import { type ClaimParts, claimText, NO_PARTS } from './claimParts';
import { evidenceOf, type EvidenceRef, readRef, reachOfEvidence, refText } from './evidence';
import { type NamedGroup, type ReachFacts, reachFactsOf } from './reachFacts';
import { reachWords } from './reachWords';
import { type ReachCode, reachOf } from './reach';

const group = (key: string, label: string, control: boolean, names: string[], amount: number | null = null): NamedGroup => ({
  key,
  label,
  control,
  names,
  amount,
});

const usual = { unit: '', lastDay: 24, oneCause: true, containers: 28, later: false, sizes: true, unfair: null };

const FACTS: Record<'salt' | 'light' | 'kinds', ReachFacts> = {
  salt: {
    ...usual,
    unit: 'mmol/L',
    groups: [
      group('A', 'no salt', true, ['no salt', 'without salt', 'control', 'controls', 'with none'], 0),
      group('B', '25 mmol/L', false, ['25 mmol/l', '25'], 25),
      group('C', '50 mmol/L', false, ['50 mmol/l', '50'], 50),
      group('D', '100 mmol/L', false, ['100 mmol/l', '100'], 100),
    ],
    factor: ['salt', 'salty', 'salted', 'salinity'],
    contrasts: [
      { of: 'B', against: 'A', sign: -1, clear: false },
      { of: 'C', against: 'A', sign: -1, clear: true },
      { of: 'D', against: 'A', sign: -1, clear: true },
    ],
    grew: { A: 95, B: 88, C: 62, D: 35 },
  },
  light: {
    ...usual,
    lastDay: 20,
    groups: [
      group('A', 'by the window', true, ['by the window', 'window']),
      group('B', 'behind a curtain', false, ['behind the curtain', 'behind a curtain', 'curtain', 'dark', 'shading']),
    ],
    factor: ['light', 'place'],
    contrasts: [{ of: 'B', against: 'A', sign: -1, clear: false }],
    grew: { A: 90, B: 85 },
  },
  kinds: {
    ...usual,
    oneCause: false,
    groups: [group('A', 'barley', false, ['barley']), group('B', 'wheat', false, ['wheat'])],
    factor: [],
    contrasts: [{ of: 'B', against: 'A', sign: 1, clear: true }],
    grew: { A: 70, B: 110 },
  },
};

function rated(some: typeof REACH_SENTENCES) {
  let [asked, caught, quiet, falsely] = [0, 0, 0, 0];
  const missed: string[] = [];
  for (const [band, about, sentence, asks] of some) {
    const codes = reachOf(sentence, FACTS[about]).map((q) => q.code);
    asked += asks.length;
    caught += asks.filter((a) => codes.includes(a)).length;
    quiet += 1;
    if (codes.some((c: ReachCode) => !asks.includes(c))) falsely += 1;
    if (asks.some((a) => !codes.includes(a)) || codes.some((c) => !asks.includes(c)))
      missed.push(`${band} ${about}: ${sentence} → ${codes.join(', ') || 'nothing'} (${asks.join(', ') || 'nothing'})`);
  }
  return { caught: caught / asked, falsely: falsely / quiet, missed, sentences: some.length };
}

const percent = (v: number) => `${(100 * v).toFixed(0)} %`;

test('claims that go too far are asked about, others seldom, in every band', () => {
  const rates = [
    { of: 'written with', ...rated(REACH_SENTENCES) },
    { of: 'written later', ...rated(LATER_SENTENCES) },
    ...GRADE_BANDS.map((band) => ({ of: band, ...rated([...REACH_SENTENCES, ...LATER_SENTENCES].filter(([b]) => b === band)) })),
  ];
  process.stdout.write(
    `\nCheck of reach over ${REACH_SENTENCES.length} and ${LATER_SENTENCES.length} sentences\n${rates
      .map(
        (r) =>
          `  ${r.of.padEnd(13)} ${String(r.sentences).padStart(3)} sentences: caught ${percent(r.caught)}, falsely asked ${percent(r.falsely)}`,
      )
      .join('\n')}\n${process.env.MISSED ? rates[1]!.missed.join('\n') : ''}\n`,
  );
  expect(rates[0]!.caught).toBeGreaterThan(0.95);
  expect(rates[0]!.falsely).toBeLessThan(0.05);
});

test('days: later is more, and a claim about what was sooner is compared with them', () => {
  const days: ReachFacts = { ...FACTS.salt, later: true, contrasts: [{ of: 'D', against: 'A', sign: 1, clear: true }] };
  const codes = (text: string) => reachOf(text, days).map((q) => q.code);
  expect(codes('Barley with 100 mmol/L came up later than barley with no salt.')).toEqual([]);
  expect(codes('Barley with 100 mmol/L came up sooner than barley with no salt.')).toEqual(['wrong-direction']);
});

test('a claim put together from parts is asked by the same rules, and its words by their place', () => {
  const groups = groupsOf(recordsOf({ A: [95, 99, 91, 97], B: [60, 58, 63, 55] }), HEIGHT, heightsOn('2026-03-19'));
  const question = heightsOn('2026-03-19');
  const records = recordsOf({ A: [95, 99, 91, 97], B: [60, 58, 63, 55] });
  const sureness = surenessOf(groups, question, null);
  if (!sureness.ok) throw new Error(sureness.reason);
  const shown = shownOf(question, HEIGHT, 'mm', { container: 'cup', seeds: false });
  const subject: ClaimSubject = {
    kind: 'barley',
    container: 'cup',
    shown,
    question,
    when: 'on day 16',
    band: 'middle',
    joined: 'with',
    classes: 1,
    readingError: null,
  };
  const vocabulary = { groups, contrasts: sureness.contrasts, subject };
  const facts = reachFactsOf({
    records,
    groups,
    sureness,
    question,
    design: null,
    factor: 'salt',
    exceptions: [],
    sizes: true,
    lastDay: '2026-03-19',
  });
  const said = (part: Partial<ClaimParts>) => {
    const parts = { ...NO_PARTS, of: 'B', against: 'A', verb: 'less' as const, when: true, size: true, ...part };
    const text = claimText(parts, vocabulary);
    return [text, reachOf(text, facts).map((q) => q.code)];
  };
  expect(said({})).toEqual([
    'We saw that barley with salt B was shorter than barley with no salt on day 16 by about 3.7 cm.',
    facts.contrasts[0]!.clear ? [] : ['too-sure'],
  ]);
  expect(said({ lead: 'sure' })[1]).toEqual(['too-sure']);
  expect(said({ verb: 'stopped', size: false })[1]).toEqual(['too-sure']);
  // It asks about those that are said to have stopped, not about the tallest of all.
  const stopped = claimText({ ...NO_PARTS, of: 'B', against: 'A', verb: 'stopped' }, vocabulary);
  expect(reachOf(stopped, facts)[0]!.facts.grew).toBe(63);
  expect(said({ lead: 'cannot' })[1]).toEqual([]);
  const wide = { ...facts, contrasts: facts.contrasts.map((c) => ({ ...c, clear: false })) };
  const alike = claimText({ ...NO_PARTS, of: 'B', against: 'A', verb: 'alike' }, vocabulary);
  expect(reachOf(alike, wide).map((q) => q.code)).toEqual(['no-difference']);
  const clear = { ...facts, contrasts: facts.contrasts.map((c) => ({ ...c, clear: true })) };
  const turned = claimText({ ...NO_PARTS, of: 'B', against: 'A', verb: 'more' }, vocabulary);
  expect(reachOf(turned, clear).map((q) => q.code)).toEqual(['wrong-direction']);
  for (const q of [...reachOf(turned, clear), ...reachOf(alike, wide), ...reachOf('It proves it because of B1.', facts)])
    for (const band of GRADE_BANDS) {
      const { asks, offers } = reachWords(q, facts, { ...subject, band });
      expect(asks).toMatch(/\?$/);
      expect(asks).not.toMatch(/undefined|NaN/);
      expect(offers.length).toBeGreaterThan(0);
    }
  const [mean, mark] = [readRef('mean:A')!, readRef('mark:B1')!];
  expect([refText(mean), refText(mark)]).toEqual(['mean:A', 'mark:B1']);
  const evidence = (...refs: EvidenceRef[]) => refs.map((r) => evidenceOf(r, groups, shown)!);
  expect(evidence(mean)[0]).toMatchObject({ value: 95.5, containers: 4 });
  expect(reachOfEvidence(evidence(mark), facts).map((q) => q.code)).toEqual(['one-plant']);
  expect(reachOfEvidence(evidence(mark, mean), facts)).toEqual([]);
  expect(evidenceOf({ kind: 'mark', containerId: 'gone', plant: null }, groups, shown)).toBeNull();
});

test('a dose and a day that nobody grew are each told as what they are; what is no size is not told as one', () => {
  const subject = {
    kind: 'barley',
    container: 'cup',
    question: heightsOn('2026-03-19'),
    when: '',
    band: 'middle',
    joined: 'with',
  } as const;
  const shown = shownOf(heightsOn('2026-03-19'), HEIGHT, 'mm', { container: 'cup', seeds: false });
  const asks = (text: string, facts: ReachFacts) =>
    reachOf(text, facts).map((q) => reachWords(q, facts, { ...subject, shown, classes: 1, readingError: null }).asks)[0];
  // The largest dose is smaller than the number of days.
  const weak = { ...FACTS.salt, groups: FACTS.salt.groups.map((g) => ({ ...g, amount: g.amount! / 25 })) };
  expect(asks('With 9 mmol/L it would be less.', weak)).toContain('The most we gave was 4 mmol/L');
  expect(asks('After 60 days it is shorter.', weak)).toContain('for 24 days');
  expect(asks('Salt kills barley.', FACTS.salt)).toContain('reached 8.8 cm');
  expect(asks('Salt kills barley.', { ...FACTS.salt, sizes: false, later: true })).not.toContain('reached');
  expect(asks('Barley with 100 mmol/L was taller than with no salt.', FACTS.salt)).toContain(
    'barley with 100 mmol/L was shorter',
  );
  const unfair = { ...FACTS.light, oneCause: false, unfair: 'They stood apart.' };
  expect(asks('It is because of the light.', unfair)).toContain('not quite fair: They stood apart. What else');
});
