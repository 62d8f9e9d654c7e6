import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { RunSheet } from './RunSheet';

const STEPS = ['Count the seeds.', 'Fill the cups.', 'Write down what went otherwise.'];

beforeEach(() => localStorage.clear());

test('ticks are counted and are there again after a reload, for this team alone', async () => {
  const { unmount } = render(<RunSheet steps={STEPS} keptAs="kites 1" />);
  await userEvent.click(screen.getByLabelText('Fill the cups.'));
  expect(screen.getByRole('heading')).toHaveTextContent('1 of 3 done');
  unmount();
  render(<RunSheet steps={STEPS} keptAs="kites 1" />);
  expect(screen.getByLabelText('Fill the cups.')).toBeChecked();
  render(<RunSheet steps={STEPS} keptAs="bells 1" />);
  expect(screen.getAllByRole('heading').map((h) => h.textContent)).toEqual([
    'Sowing day: 1 of 3 done',
    'Sowing day: 0 of 3 done',
  ]);
});

test('what is kept wrongly is no trouble, and without steps there is no list', () => {
  localStorage.setItem('run-sheet kites 1', '{"not": "a list"');
  render(<RunSheet steps={STEPS} keptAs="kites 1" />);
  expect(screen.getByRole('heading')).toHaveTextContent('0 of 3 done');
  const { container } = render(<RunSheet steps={[]} keptAs="other" />);
  expect(container).toBeEmptyDOMElement();
});
