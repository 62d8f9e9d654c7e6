import { type ReportSection } from '@bright-sprout/core/conclude/report/report';
import { reportPdf } from './reportPdf';

jest.mock('../../print/makePdf', () => ({ HEADING_FONT: 'Archivo' }));

const SECTIONS: ReportSection[] = [
  { part: 'question', title: 'Our question', blocks: [{ kind: 'paragraph', text: 'Does salt matter?', strong: true }] },
  {
    part: 'records',
    title: 'What was recorded',
    blocks: [{ kind: 'table', head: ['', 'day 6'], rows: [['A', '1.2']], caption: 'In cm.' }],
  },
  { part: 'figure', title: 'The figure', blocks: [{ kind: 'figure', figure: 'answer', caption: 'Height.' }] },
  { part: 'claim', title: 'What we found out', blocks: [{ kind: 'lines', count: 3, label: 'By hand' }] },
];
const ABOUT = { title: 'Does salt matter?', foot: 'Kites' };

test.each([
  ['A4', 487.28],
  ['LETTER', 504],
] as const)('a report on %s holds every part, its drawing no wider than the sheet leaves room', (paper, room) => {
  const made = reportPdf(SECTIONS, { answer: '<svg/>' }, paper, ABOUT);
  expect(made.pageSize).toBe(paper);
  const text = JSON.stringify(made.content);
  for (const said of ['Our question', 'Does salt matter?', 'In cm.', '<svg/>', 'By hand']) expect(text).toContain(said);
  expect(text).toContain(`"fit":[${room},420]`);
  expect(text.match(/"y1":24/g)).toHaveLength(3);
});

test('a drawing that is not there leaves its caption; a title keeps its first block beside it, a long table may break', () => {
  const made = reportPdf(SECTIONS, {}, 'A4', ABOUT);
  const content = made.content as { unbreakable?: boolean; stack?: { text?: string }[] }[];
  expect(JSON.stringify(content)).not.toContain('"svg"');
  expect(content.map((c) => c.unbreakable)).toEqual([true, false, true, true]);
  const foot = (made.footer as (page: number, pages: number) => { columns: { text: string }[] })(2, 3);
  expect(foot.columns.map((c) => c.text)).toEqual(['Kites', '2 of 3']);
});
