import { say } from '@bright-sprout/words/say';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { NumberField } from './planFields';

function show(problem = '') {
  const seen: number[] = [];
  function Plan() {
    const [value, setValue] = useState(7);
    const problems = problem ? [{ field: 'containersEach', sentence: problem }] : [];
    return (
      <>
        <NumberField
          label="Cups of each"
          field="containersEach"
          problems={problems}
          value={value}
          onChange={(n) => (seen.push(n), setValue(n))}
        />
        <button type="button" onClick={() => setValue(12)}>
          undo
        </button>
      </>
    );
  }
  render(<Plan />);
  return { field: screen.getByLabelText('Cups of each'), seen };
}

test('an emptied field stays empty, and what is typed next is the whole number', async () => {
  const { field, seen } = show();
  await userEvent.clear(field);
  expect(field).toHaveDisplayValue('');
  await userEvent.type(field, '35');
  expect(field).toHaveDisplayValue('35');
  expect(seen).toEqual([0, 3, 35]);
});

test('a change from elsewhere, such as undo, is shown', async () => {
  const { field } = show();
  await userEvent.type(field, '0');
  await userEvent.click(screen.getByRole('button', { name: say('run.undo') }));
  expect(field).toHaveDisplayValue('12');
});

test('what is wrong stands at the field', () => {
  const { field } = show('Containers of each: a whole number from 1 to 60.');
  expect(field).toHaveAccessibleDescription('Containers of each: a whole number from 1 to 60.');
  expect(field).toHaveClass('is-invalid');
});
