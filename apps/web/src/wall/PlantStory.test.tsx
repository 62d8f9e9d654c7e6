import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { readingView, recordsOf } from '../../test/records';
import { PlantStory } from './PlantStory';

const DAY = '2026-03-19';

function show(readings: Parameters<typeof recordsOf>[0], code = 'A1') {
  const records = recordsOf(readings);
  const onClose = jest.fn();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <PlantStory
        container={records.investigation.containers.find((c) => c.code === code)!}
        records={records}
        team={false}
        onClose={onClose}
      />
    </QueryClientProvider>,
  );
  return { dialog: screen.getByRole('dialog'), onClose };
}

test('a corrected value stands struck through beside the one that counts', () => {
  const wrong = readingView('A1', DAY, { id: 'wrong', heightMm: 40 });
  const right = readingView('A1', DAY, {
    id: 'right',
    heightMm: 140,
    supersedes: 'wrong',
    recordedAt: `${DAY}T10:01:00.000Z`,
    note: 'missed the 1',
  });
  const { dialog } = show([wrong, right]);
  expect(within(dialog).getByText('4.0 cm').tagName).toBe('S');
  expect(within(dialog).getByText('14.0 cm').tagName).toBe('B');
  expect(within(dialog).getByText('“missed the 1”')).toBeInTheDocument();
  expect(within(dialog).getAllByRole('row')).toHaveLength(2);
});

test('other containers’ readings are not in it, and it can be closed', async () => {
  const { dialog, onClose } = show([readingView('B1', DAY, { heightMm: 77 })]);
  expect(within(dialog).getByText('Nobody has looked at it yet.')).toBeInTheDocument();
  await userEvent.click(within(dialog).getByRole('button', { name: 'Close' }));
  expect(onClose).toHaveBeenCalled();
});
