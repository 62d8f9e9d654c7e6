import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { BUILT_IN, measuresOf } from '@bright-sprout/core/measures/registry';
import { paperSheets } from '@bright-sprout/core/paper/paperSheets';
import { render } from '@testing-library/react';
import { paperOf } from '../../../print/paper';
import { investigationView, readingView } from '../../../../test/records';
import { notebookPages, runSheetPages } from './OtherSheets';
import { type Printable, type SheetSize } from './printable';
import { recordSheetPages } from './RecordSheets';
import { rulerPages } from './RulerStrips';

const A4 = paperOf('a4');

function recordsOf(change: Parameters<typeof investigationView>[0], readings: InvestigationRecords['readings'] = []) {
  return { investigation: investigationView(change), readings, photos: [] };
}

/** Words of each page, in the order in which they are drawn. */
function words(pages: Printable['pages']): string[][] {
  if (typeof pages === 'string') throw new Error(pages);
  return pages.map(({ content }) => {
    const { container, unmount } = render(<svg>{content}</svg>);
    const texts = [...container.querySelectorAll('text')].map((t) => t.textContent!.trim());
    unmount();
    return texts;
  });
}

function sheets(records: InvestigationRecords, days: string[], size: SheetSize = 'usual') {
  const { investigation } = records;
  const all = paperSheets(investigation.id, days, investigation.containers).filter((s) => s.period === 'whole');
  return words(recordSheetPages({ records, sheets: all, measures: measuresOf(investigation.bench), size }, A4));
}

test('a team’s pots with a column for every measure, and small what was found last', () => {
  const records = recordsOf({}, [readingView('A1', '2026-03-10', { heightMm: 45, leaves: 2 })]);
  const [kites] = sheets(records, ['2026-03-12', '2026-03-13']);
  expect(kites).toEqual(
    expect.arrayContaining(['Kites, all days', 'Thu 12 March · day 9', 'Fri 13 March · day 10', 'height', 'number of leaves']),
  );
  expect(kites!.filter((w) => w === '4.5 cm')).toHaveLength(1);
  expect(kites!.filter((w) => w === 'A1')).toHaveLength(2);
  expect(kites).not.toContain('A2');
});

test('a class without teams has more lines than a page holds: they go on on the next, each of them once', () => {
  const [pot] = investigationView().containers;
  const containers = Array.from({ length: 40 }, (_, i) => ({ ...pot!, id: `P${i}`, code: `P${i}`, teamId: null, block: null }));
  for (const [size, least] of [
    ['usual', 3],
    ['large', 4],
    ['early', 5],
  ] as const) {
    const pages = sheets(
      recordsOf({ containers, teams: [], bench: { ...USUAL_BENCH, measures: ['height'] } }),
      ['2026-03-12'],
      size,
    );
    expect(pages.length).toBeGreaterThanOrEqual(least);
    expect(pages.flat().filter((w) => /^P\d+$/.test(w))).toEqual(containers.map((c) => c.code));
    expect(Math.max(...pages.map((p) => p.filter((w) => /^P\d+$/.test(w)).length))).toBeLessThanOrEqual(16);
  }
});

test('tagged plants have a line each', () => {
  const [kites] = sheets(recordsOf({ bench: { ...USUAL_BENCH, plants: 2 } }), ['2026-03-12']);
  expect(kites!.filter((w) => /^[AB]1/.test(w))).toEqual(['A1 · 1', 'A1 · 2', 'B1 · 1', 'B1 · 2']);
});

test('what is not sown yet is not looked at, and days are counted only where all were sown together', () => {
  const base = investigationView();
  const containers = base.containers.map((c) => (c.treatment === 'B' ? { ...c, sownOn: '2026-03-11' } : c));
  const records = recordsOf({ containers });
  const [kites] = sheets(records, ['2026-03-10', '2026-03-12']);
  expect(kites!.filter((w) => /^([AB]1|\w{3} \d+ March)/.test(w))).toEqual([
    'Tue 10 March · day 7',
    'A1',
    'Thu 12 March',
    'A1',
    'B1',
  ]);
  const [run] = words(runSheetPages({ ...records.investigation, runSheet: [{ code: 'label' } as never] }, A4));
  expect(run).toContain('Sowing days');
  expect(run!.join(' ')).toMatch(/Tue 3 March: no salt\. Wed 11 March: salt\./);
});

describe('with pictures', () => {
  test('every measure of the protocol has its band, whatever it is', () => {
    const codes = BUILT_IN.map((m) => m.code);
    const records = recordsOf({ bench: { ...USUAL_BENCH, measures: codes } });
    const pages = sheets(records, ['2026-03-12'], 'early').flat();
    for (const m of BUILT_IN) expect(pages).toContain(m.question('early', { habit: 'grass', sprouted: USUAL_BENCH.sprouted }));
  });

  test('no soil is drawn where seeds lie on paper', () => {
    const drawn = (paper: boolean) => {
      const records = recordsOf({ bench: { ...USUAL_BENCH, measures: ['height'], care: { ...USUAL_BENCH.care, paper } } });
      const all = paperSheets('i1', ['2026-03-12'], records.investigation.containers).filter((s) => s.period === 'day');
      const pages = recordSheetPages(
        { records, sheets: all, measures: measuresOf(records.investigation.bench), size: 'early' },
        A4,
      );
      if (typeof pages === 'string') throw new Error(pages);
      const { container } = render(<svg>{pages[0]!.content}</svg>);
      return {
        soil: container.querySelectorAll('path[d="M-30 0H30"]').length,
        holes: container.querySelectorAll('circle').length,
      };
    };
    expect(drawn(false)).toEqual({ soil: 6, holes: 2 });
    expect(drawn(true)).toEqual({ soil: 0, holes: 0 });
  });

  test('a few seeds are ticked one by one, many are counted, and none is said', () => {
    const bench = { ...USUAL_BENCH, measures: ['seeds-up'] };
    const many = investigationView().containers.map((c) => ({ ...c, seedsSown: 25 }));
    expect(sheets(recordsOf({ bench, containers: many }), ['2026-03-12'], 'early')[0]).toContain('of 25');
    expect(sheets(recordsOf({ bench }), ['2026-03-12'], 'early')[0]!.some((w) => w.startsWith('of '))).toBe(false);
  });
});

test('ruler strips and notebook pages are in the class’s unit', () => {
  expect(words(rulerPages('mm', A4))[0]).toEqual(expect.arrayContaining(['Ruler strips of 20 cm', '20']));
  const inches = words(rulerPages('quarter-in', A4))[0]!;
  expect(inches).toEqual(expect.arrayContaining(['Ruler strips of 8 inches', '8']));
  expect(inches).not.toContain('9');
  const notebook = words(notebookPages(investigationView({ resolution: 'quarter-in' }), ['2026-03-02', '2026-03-05'], A4))[0]!;
  expect(notebook.join(' ')).toContain('4 in, true size: stand the cup behind it');
  // A day before it was sown has no line.
  expect(notebook.filter((w) => w.includes(' · day '))).toEqual(['Thu 5 Mar · day 2']);
});
