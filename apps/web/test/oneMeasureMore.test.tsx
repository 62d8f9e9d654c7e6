import { addDays } from '@bright-sprout/core/calendar/days';
import { claimSentence } from '@bright-sprout/core/claims/claimSentence';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { groupsOf } from '@bright-sprout/core/compare/groups';
import { firstQuestion } from '@bright-sprout/core/compare/goodQuestions';
import { surenessOf } from '@bright-sprout/core/compare/sureness';
import { subjectOf, shownFor } from '../src/compare/questionWords';
import { askableRecords } from '../src/records/comparedRecords';
import { exportTidyCsv } from '@bright-sprout/core/formats/export/findingsTable';
import { guessReading } from '@bright-sprout/core/formats/table/guessReading';
import { readCsvSheet } from '@bright-sprout/core/formats/table/readCsvSheet';
import { readTable } from '@bright-sprout/core/formats/table/readTable';
import { numberFound, valueOf } from '@bright-sprout/core/measures/finding';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import type * as Amounts from '@bright-sprout/core/measures/builtIn/amounts';
import type * as Measures from '@bright-sprout/core/measures/measure';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MoreFields } from '../src/team/bench/MoreFields';
import { emptyEntry, type Entry, readingOf } from '../src/team/bench/entry';
import { LogView } from '../src/stations/check/log/LogView';
import { Wall } from '../src/wall/Wall';
import { fakeServer, renderPage } from './fakeServer';
import { investigationView, readingView, recordsOf } from './records';

// A measure that nobody has built in, added in the one place where measures are.
jest.mock('@bright-sprout/core/measures/builtIn/amounts', () => {
  const { measure } = jest.requireActual<typeof Measures>('@bright-sprout/core/measures/measure');
  const actual = jest.requireActual<typeof Amounts>('@bright-sprout/core/measures/builtIn/amounts');
  const sugar = measure({
    code: 'leaf-sugar',
    name: 'sugar in the leaves',
    question: () => 'What does the sugar meter say?',
    quantity: 'number',
    of: 'plant',
    unit: '°Bx',
    step: 0.1,
    least: 0,
    most: 40,
    beyond: 'Sugar is from 0 to 40 °Bx.',
    summedUp: 'mean',
    more: 'sweeter',
    less: 'less sweet',
  });
  return { AMOUNTS: [...actual.AMOUNTS, sugar] };
});
jest.mock('../src/api/live', () => ({ useLive: () => true }));

const CODE = 'leaf-sugar';
const DAY = addDays(todayIn('UTC'), -1);
const bench = { ...USUAL_BENCH, measures: ['height', CODE] };
const FOUND: Record<string, number> = { A1: 8.2, B1: 4.1, A2: 8.8, B2: 3.9 };
const readings = Object.entries(FOUND).map(([id, n]) => readingView(id, DAY, { findings: [numberFound(CODE, n)] }));
const records = recordsOf(readings, { bench, sownOn: addDays(DAY, -14) });

test('the bench asks for it, says its limits, and sends it', async () => {
  const investigation = investigationView({ bench });
  let entry: Entry = emptyEntry('mm');
  const field = () => (
    <MoreFields
      investigation={investigation}
      container={investigation.containers[0]!}
      plant="1"
      entry={entry}
      onChange={(to) => (entry = to)}
    />
  );
  render(field());
  const input = screen.getByLabelText('What does the sugar meter say? (°Bx)');
  await userEvent.type(input, '70');
  expect(screen.getByText('Sugar is from 0 to 40 °Bx.')).toBeInTheDocument();
  await userEvent.clear(input);
  await userEvent.type(input, '7,5');
  expect(readingOf(entry, '1', null, null)).toEqual({ plant: '1', state: 'measured', findings: [{ measure: CODE, value: 7.5 }] });
});

test('the log shows it in its cells and its story', async () => {
  fakeServer({
    'GET /investigations/i1': records,
    'GET /classes/c1/room': { readings: [], sensor: { there: false, on: false } },
  });
  renderPage(<LogView />, { path: '/investigations/i1/log', route: '/investigations/:id/log' });
  await userEvent.click(await screen.findByRole('button', { name: 'What the cells show: height' }));
  await userEvent.click(screen.getByRole('button', { name: 'sugar in the leaves' }));
  await userEvent.click(screen.getByRole('gridcell', { name: /^A1, .*: 8\.2/ }));
  expect(screen.getByText('sugar in the leaves 8.2 °Bx')).toBeInTheDocument();
});

test('the wall stands it up', async () => {
  render(<Wall records={records} day={DAY} before={null} />);
  await userEvent.click(screen.getByRole('button', { name: 'What is shown: Height' }));
  await userEvent.click(screen.getByRole('button', { name: 'Sugar in the leaves' }));
  expect(screen.getByRole('button', { name: 'A1, no salt: 8.2 °Bx' })).toBeInTheDocument();
  expect(screen.getByText('8.50')).toBeInTheDocument();
});

test('a file carries it out and in', () => {
  const units = records.investigation.containers.map(({ code, treatment, block, seedsSown, sownOn }) => ({
    code,
    treatment,
    block,
    seeds: seedsSown,
    sownOn,
  }));
  const { treatments, sownOn } = records.investigation;
  const text = exportTidyCsv({
    sownOn,
    treatments,
    units,
    own: [],
    readings: readings.map((r) => ({ ...r, unit: r.containerId, key: r.id, corrects: null })),
  });
  expect(text).toContain('sugar in the leaves (°Bx)');
  const read = readCsvSheet(text);
  if (!read.ok) throw new Error(read.reason);
  const back = readTable(read.sheet, guessReading(read.sheet, DAY));
  expect(back.problems).toEqual([]);
  expect(back.table.readings.map((r) => [r.unit, valueOf(r, CODE)])).toEqual(Object.entries(FOUND));
});

test('a claim speaks of it in its own words', () => {
  const containers = ['A', 'B'].flatMap((treatment) =>
    Array.from({ length: 7 }, (_, i) => ({
      ...investigationView().containers[0]!,
      id: `${treatment}${i}`,
      code: `${treatment}${i}`,
      treatment,
      block: `team ${i}`,
      seedsSown: 1,
    })),
  );
  const sweet = containers.map((c, i) =>
    readingView(c.id, DAY, { findings: [numberFound(CODE, (c.treatment === 'A' ? 8 : 4) + (i % 7) / 10)] }),
  );
  const all = recordsOf(sweet, { bench, sownOn: addDays(DAY, -14), containers });
  const askable = askableRecords(all);
  const question = { ...firstQuestion(askable, DAY), measure: CODE };
  const measure = measureOf(CODE)!;
  const groups = groupsOf(askable.records, measure, question);
  const shown = shownFor(question, measure, all.investigation, askable.records);
  const subject = subjectOf(question, shown, all.investigation, { readingError: null });
  const { finding } = claimSentence(groups, surenessOf(groups, question, null), subject);
  expect(finding).toBe('With salt, barley was less sweet on day 14 than with no salt: by about 4.00 °Bx.');
});
