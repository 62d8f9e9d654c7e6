import { say } from '@bright-sprout/words/say';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { investigationView } from '../../test/records';
import { SownOtherwise } from './SownOtherwise';

const entering = () => ({ deviations: [], saveDeviation: jest.fn(), takeBackDeviation: jest.fn(), error: null });

test('seeds that were counted are written down as a number', async () => {
  const own = entering();
  render(<SownOtherwise investigation={investigationView()} entering={own} />);
  await userEvent.click(screen.getByRole('button', { name: 'B1' }));
  const typed = screen.getByLabelText('Seeds counted into B1');
  expect(screen.getByRole('button', { name: say('sowing.writeDown') })).toBeDisabled();
  await userEvent.type(typed, '4.5');
  expect(screen.getByText('A whole number, at most 1000.')).toBeInTheDocument();
  await userEvent.clear(typed);
  await userEvent.type(typed, '47');
  await userEvent.click(screen.getByRole('button', { name: say('sowing.writeDown') }));
  expect(own.saveDeviation).toHaveBeenCalledWith(expect.objectContaining({ containerId: 'B1', kind: 'counted', seeds: 47 }));
});

test('what was counted stands among what went differently, and can be taken back', async () => {
  const own = { ...entering(), deviations: [{ id: 'd', containerId: 'A1', kind: 'counted' as const, seeds: 47, note: null }] };
  render(<SownOtherwise investigation={investigationView()} entering={own} />);
  expect(screen.getByText(/47 seeds counted/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: say('common.takeBackLower') }));
  expect(own.takeBackDeviation).toHaveBeenCalledWith('d');
});
