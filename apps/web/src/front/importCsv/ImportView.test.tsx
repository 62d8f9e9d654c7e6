import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Answers, fakeServer, Refusal, renderPage } from '../../../test/fakeServer';
import { classView } from '../../../test/plans';
import { ImportView } from './ImportView';

const TABLE = `pot;salt;date;height
1;none;2026-03-10;4,1
2;none;2026-03-10;4,4
3;salt;2026-03-10;2,0
4;salt;2026-03-10;2,3`;

function open(answers: Answers = {}) {
  const writes = fakeServer({ 'GET /classes/c1': classView(), 'PUT /imports/:id': { id: 'i9' }, ...answers });
  renderPage(<ImportView />, { path: '/classes/c1/import', route: '/classes/:id/import' });
  return writes;
}

async function choose(text: string, name = 'sill.csv') {
  const file = new File([text], name, { type: 'text/csv' });
  file.text = () => Promise.resolve(text);
  await userEvent.upload(await screen.findByLabelText('Choose a CSV file'), file);
}

const map = async (label: string, column: string) => userEvent.selectOptions(screen.getByLabelText(label), column);

async function mapped() {
  await choose(TABLE);
  await screen.findByText(/sill\.csv: 4 rows/);
  await map('Treatment', 'salt');
  await map('Container', 'pot');
  await map('Height', 'height');
  await map('Date', 'date');
  await map('Heights are in', 'centimetres');
  await userEvent.type(screen.getByLabelText('Sown on'), '2026-03-01');
}

test('a table is mapped, told what is in it, and brought in with its question', async () => {
  const writes = open();
  await mapped();
  expect(screen.getByText(/4 readings of 4 containers in 2 treatments/)).toHaveTextContent('Write the question');
  expect(screen.getByRole('button', { name: 'Bring them in' })).toBeDisabled();
  await userEvent.type(screen.getByLabelText('The question'), 'Does salt keep radish short?');
  await userEvent.type(screen.getByLabelText('What was changed'), 'salt');
  await map('The control is', 'none');
  await userEvent.click(screen.getByRole('button', { name: 'Bring them in' }));
  expect(await screen.findByTestId('elsewhere')).toHaveTextContent('/investigations/i9/compare');
  expect(writes).toHaveLength(1);
  expect(writes[0]!.body).toMatchObject({
    classId: 'c1',
    question: 'Does salt keep radish short?',
    factor: 'salt',
    text: TABLE,
    mapping: { columns: { treatment: 'salt', unit: 'pot', value: 'height', date: 'date' }, lengthUnit: 'cm', control: 'none' },
  });
});

test('what cannot be read is told by its line, and nothing can be brought in until then', async () => {
  open();
  await choose(TABLE.replace('4,4', 'tall'));
  await screen.findByText(/4 rows/);
  await map('Treatment', 'salt');
  await map('Container', 'pot');
  await map('Height', 'height');
  await map('Date', 'date');
  await userEvent.type(screen.getByLabelText('Sown on'), '2026-03-01');
  const line = (await screen.findAllByText(/^Line 3$/))[0]!;
  expect(line.closest('li')).toHaveTextContent(/tall/);
  expect(screen.getByRole('button', { name: 'Bring them in' })).toBeDisabled();
});

test('a file that is no table is refused by its name', async () => {
  open();
  await choose('', 'nothing.csv');
  const notice = await screen.findByRole('alert');
  expect(notice).toHaveTextContent(/nothing\.csv: .*Nothing was imported\./);
});

test('what the server refuses keeps the mapping and the words', async () => {
  open({ 'PUT /imports/:id': new Refusal(422, 'One container has two treatments.') });
  await mapped();
  await userEvent.type(screen.getByLabelText('The question'), 'Does salt matter?');
  await userEvent.type(screen.getByLabelText('What was changed'), 'salt');
  await userEvent.click(screen.getByRole('button', { name: 'Bring them in' }));
  expect(await screen.findByText('One container has two treatments.')).toBeInTheDocument();
  expect(screen.getByLabelText('The question')).toHaveValue('Does salt matter?');
  expect(screen.getByLabelText('Treatment')).toHaveValue('salt');
});

test('another file begins anew', async () => {
  open();
  await mapped();
  await userEvent.click(screen.getByRole('button', { name: 'Another file' }));
  await waitFor(() => expect(screen.getByLabelText('Choose a CSV file')).toBeInTheDocument());
});

test('what else a table measured comes in as a known measure or as one of its own', async () => {
  const writes = open();
  const table = `pot;salt;date;height;fresh mass (g);smell
1;none;2026-03-10;4,1;1,2;none
2;none;2026-03-10;4,4;1,4;none
3;salt;2026-03-10;2,0;0,5;sour
4;salt;2026-03-10;2,3;0,6;sour`;
  await choose(table);
  await screen.findByText(/sill\.csv: 4 rows/);
  expect(screen.getByLabelText('fresh mass (g)')).toHaveDisplayValue('fresh mass');
  await map('smell', 'a measure of its own');
  await userEvent.type(screen.getByLabelText('Sown on'), '2026-03-01');
  await userEvent.type(screen.getByLabelText('The question'), 'Does salt keep radish light?');
  await userEvent.type(screen.getByLabelText('What was changed'), 'salt');
  await userEvent.click(screen.getByRole('button', { name: 'Bring them in' }));
  await waitFor(() => expect(writes).toHaveLength(1));
  expect(writes[0]!.body).toMatchObject({
    mapping: {
      measures: [
        { heading: 'fresh mass (g)', measure: 'fresh-mass' },
        { heading: 'smell', measure: 'column-smell' },
      ],
      own: [{ code: 'column-smell', name: 'smell', quantity: 'choice', choices: ['none', 'sour'] }],
    },
  });
});
