import { say } from '@bright-sprout/words/say';
import { headsKey } from '@bright-sprout/core/formats/table/sheet';
import { act, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Answers, fakeServer, Refusal, renderPage } from '../../../test/fakeServer';
import { classView } from '../../../test/plans';
import { BringInView } from './BringInView';

jest.mock('../../workers/tableWorker', () => jest.requireActual<object>('../../../test/tableHere'));

const TABLE = `pot;salt;date;height
1;none;2026-03-10;4,1
2;none;2026-03-10;4,4
3;salt;2026-03-10;2,0
4;salt;2026-03-10;2,3`;

const REMEMBERED = `GET /imports/remembered/${headsKey(TABLE.split('\n')[0]!.split(';'))}`;

function open(answers: Answers = {}) {
  const writes = fakeServer({
    'GET /classes/c1': classView(),
    [REMEMBERED]: { reading: null },
    'PUT /imports/:id': { id: 'i9' },
    ...answers,
  });
  renderPage(<BringInView />, { path: '/classes/c1/import', route: '/classes/:id/import' });
  return writes;
}

async function choose(content: string | Uint8Array<ArrayBuffer>, name = 'sill.csv') {
  const file = new File([content], name);
  const bytes = typeof content === 'string' ? new TextEncoder().encode(content) : content;
  file.arrayBuffer = () => Promise.resolve(bytes.slice().buffer);
  await userEvent.upload(await screen.findByLabelText(say('bringIn.chooseTable')), file);
}

const head = (name: RegExp) => screen.findByRole('button', { name });

async function giveMeaning(column: RegExp, meaning: RegExp) {
  await userEvent.click(await head(column));
  await userEvent.click(await screen.findByRole('button', { name: meaning }));
}

async function grownOf(kind: string) {
  await userEvent.click(await screen.findByRole('button', { name: /^Kind of plant/ }));
  await userEvent.click(screen.getByRole('button', { name: kind }));
}

const bring = () => screen.getByRole('button', { name: say('bringIn.bringThem') });

test('a table is guessed, one thing is said, and it is brought in with a question of its own', async () => {
  const writes = open();
  await choose(TABLE);
  expect(await screen.findByText(/sill\.csv · 4 rows/)).toBeInTheDocument();
  expect(await head(/^salt: treatment/)).toHaveTextContent(say('bringIn.guessed'));
  await waitFor(() => expect(screen.getByText('4 containers')).toBeInTheDocument());
  expect(screen.getByText('Still missing: the kind of plant.')).toBeInTheDocument();
  expect(bring()).toBeDisabled();
  await grownOf('radish');
  await userEvent.type(screen.getByLabelText(say('bringIn.theQuestion')), 'Does salt keep radish short?');
  await userEvent.click(bring());
  expect(await screen.findByTestId('elsewhere')).toHaveTextContent('/investigations/i9/compare');
  expect(writes).toHaveLength(1);
  expect(writes[0]!.body).toMatchObject({
    classId: 'c1',
    question: 'Does salt keep radish short?',
    factor: 'salt',
    speciesId: 'radish',
    fileName: 'sill.csv',
    reading: {
      columns: [{ is: 'container' }, { is: 'treatment' }, { is: 'date' }, { is: 'measure', measure: 'height', unit: 'cm' }],
    },
  });
  expect((writes[0]!.body as { table: string }).table).toContain('5,4,salt,2026-03-10,"2,3"');
});

test('a head is said to mean something else, and what it becomes follows', async () => {
  open();
  await choose(TABLE);
  await giveMeaning(/^height: height in cm/, /^dry mass in g/);
  expect(await head(/^height: dry mass in g/)).toHaveTextContent(say('bringIn.chosen'));
  await waitFor(() => expect(screen.getByText(say('measures.dryMass'), { selector: 'b' })).toBeInTheDocument());
  await giveMeaning(/^height: dry mass/, /^another measure/);
  const name = await screen.findByLabelText(say('bringIn.whatItIsCalled'));
  await userEvent.clear(name);
  await userEvent.type(name, 'stiffness');
  await waitFor(() => expect(screen.getAllByText('stiffness')).toHaveLength(2));
});

test('what cannot be read hangs under its line, and is corrected there or left out', async () => {
  const writes = open();
  await choose(TABLE.replace('4,4', '4,4O').replace('2,3', 'tall'));
  const wrong = (await screen.findByText('Line 3')).closest('tr')!;
  expect(wrong).toHaveTextContent('“4,4O” has the letter O in it.');
  expect(screen.getByRole('button', { name: 'Leave out 2 rows' })).toBeInTheDocument();
  await userEvent.click(within(wrong).getByRole('button', { name: 'Read it as 4,40' }));
  await waitFor(() => expect(screen.queryByText('Line 3')).not.toBeInTheDocument());
  expect(screen.getByText(/1 line was corrected here; the file stays as it is/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Leave out 1 row' }));
  expect(await screen.findByText(/Line 5 is left out/)).toBeInTheDocument();
  await grownOf('radish');
  await waitFor(() => expect(bring()).toBeEnabled());
  await userEvent.click(screen.getByRole('button', { name: say('bringIn.takeAgain') }));
  await waitFor(() => expect(bring()).toBeDisabled());
  await userEvent.click(screen.getByRole('button', { name: 'Leave out 1 row' }));
  await waitFor(() => expect(bring()).toBeEnabled());
  await userEvent.click(bring());
  await waitFor(() => expect(writes).toHaveLength(1));
  expect(writes[0]!.body).toMatchObject({
    reading: {
      mends: [
        { kind: 'cell', line: 3, column: 3, text: '4,40' },
        { kind: 'leave-out', line: 5 },
      ],
    },
  });
});

test('the same way is taken for all lines that have the same', async () => {
  open();
  await choose('pot,group,day 3,day 6\na,x,1,0\nb,x,2,0\nc,y,2,3\n');
  await userEvent.click((await screen.findAllByRole('button', { name: 'It was lost, in all 2 like it' }))[0]!);
  await waitFor(() => expect(screen.queryByText('Line 3')).not.toBeInTheDocument());
  expect(screen.getByText(/2 lines were corrected/)).toBeInTheDocument();
});

test.each([
  ['nothing.csv', '', /is empty/],
  ['old.xls', new Uint8Array([0xd0, 0xcf, 0x11, 0xe0, 1]), /old kind/],
  ['report.pdf', new TextEncoder().encode('%PDF-1.7'), /a PDF/],
  ['broken.xlsx', new Uint8Array([0x50, 0x4b, 3, 4, 9, 9]), /not a workbook that can be read/],
])('%s is refused with a sentence', async (name, content, sentence) => {
  open();
  await choose(content as string, name);
  const notice = await screen.findByRole('alert');
  expect(notice).toHaveTextContent(sentence);
  expect(notice).toHaveTextContent(`${name}: `);
  expect(notice).toHaveTextContent('Nothing was imported.');
});

test('what the server refuses keeps what was said', async () => {
  open({ 'PUT /imports/:id': new Refusal(422, 'One container has two treatments.') });
  await choose(TABLE);
  await userEvent.type(await screen.findByLabelText(say('bringIn.theQuestion')), 'Does salt matter?');
  await grownOf('radish');
  await waitFor(() => expect(bring()).toBeEnabled());
  await userEvent.click(bring());
  expect(await screen.findByText('One container has two treatments.')).toBeInTheDocument();
  expect(screen.getByLabelText(say('bringIn.theQuestion'))).toHaveValue('Does salt matter?');
  expect(await head(/^salt: treatment/)).toBeInTheDocument();
});

test('what was chosen for the last table with these heads is taken', async () => {
  open({
    [REMEMBERED]: {
      reading: {
        columns: [
          { is: 'container' },
          { is: 'treatment' },
          { is: 'left-out' },
          { is: 'measure', measure: 'dry-mass', unit: 'mg' },
        ],
        own: [],
        zeros: 'not-up',
        seedsEach: null,
        dateOrder: 'year-month-day',
        factor: 'road salt',
        speciesId: 'barley',
      },
    },
  });
  await choose(TABLE);
  expect(await head(/^height: dry mass in mg/)).toHaveTextContent(say('bringIn.asLastTime'));
  await waitFor(() => expect(bring()).toBeEnabled());
  expect(screen.getByLabelText(say('bringIn.whatWasChanged'))).toHaveValue('road salt');
  await act(() => userEvent.click(screen.getByRole('button', { name: say('bringIn.anotherFile') })));
  expect(await screen.findByLabelText(say('bringIn.chooseTable'))).toBeInTheDocument();
});
