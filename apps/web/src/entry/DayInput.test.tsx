import { say } from '@bright-sprout/words/say';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { DayInput } from './DayInput';

function Held({ first, told }: { first: string; told: (day: string) => void }) {
  const [day, setDay] = useState(first);
  return (
    <DayInput
      aria-label="Sown on"
      value={day}
      onChange={(d) => {
        setDay(d);
        told(d);
      }}
    />
  );
}

function show(first: string) {
  const told = jest.fn();
  render(<Held first={first} told={told} />);
  return { told, field: screen.getByLabelText(say('bringIn.sownOnHead')) };
}

test('a day stands written out, and is typed as it is spoken', async () => {
  const { told, field } = show('2026-02-12');
  expect(field).toHaveValue('Thu 12 February 2026');
  await userEvent.clear(field);
  await userEvent.type(field, '26 march');
  expect(told).toHaveBeenLastCalledWith('2026-03-26');
  await userEvent.tab();
  expect(field).toHaveValue('Thu 26 March 2026');
  await userEvent.clear(field);
  expect(told).toHaveBeenLastCalledWith('');
});

test('what is not a day stays as it was typed, with a sentence, and no day stands behind it', async () => {
  const { told, field } = show('2026-02-12');
  await userEvent.type(field, '!');
  expect(told).toHaveBeenLastCalledWith('');
  await userEvent.clear(field);
  told.mockClear();
  await userEvent.type(field, '3/4');
  expect(screen.queryByText(/is not a day/)).not.toBeInTheDocument();
  await userEvent.tab();
  expect(field).toHaveValue('3/4');
  expect(field).toHaveAccessibleDescription('“3/4” is not a day: write it like 26 March.');
  expect(told).not.toHaveBeenCalled();
});

test('a day is tapped in the calendar, which opens at its month', async () => {
  const { told, field } = show('2026-02-12');
  await userEvent.click(screen.getByRole('button', { name: say('entry.openCalendar') }));
  expect(await screen.findByRole('grid', { name: 'February 2026' })).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: /February 17/ }));
  expect(told).toHaveBeenLastCalledWith('2026-02-17');
  expect(field).toHaveValue('Tue 17 February 2026');
  expect(screen.queryByRole('grid')).not.toBeInTheDocument();
});
