import { say } from '@bright-sprout/words/say';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { numberFound } from '@bright-sprout/core/measures/finding';
import { MemoryRouter } from 'react-router';
import { readingView, recordsOf } from '../../test/records';
import { PlantStory } from './PlantStory';

const DAY = '2026-03-19';

function show(readings: Parameters<typeof recordsOf>[0], code = 'A1') {
  const records = recordsOf(readings);
  const onClose = jest.fn();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <PlantStory
          container={records.investigation.containers.find((c) => c.code === code)!}
          records={records}
          team={false}
          onClose={onClose}
        />
      </MemoryRouter>
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
  expect(within(dialog).getByText(say('wall.nobodyLookedYet'))).toBeInTheDocument();
  await userEvent.click(within(dialog).getByRole('button', { name: say('common.close') }));
  expect(onClose).toHaveBeenCalled();
});

test('what was seen in a picture says by what, between what it lies, and leads to the picture', () => {
  const seen = { picture: 'p1', method: 'ruler on a picture, version 1', low: 136, high: 148 };
  const { dialog } = show([readingView('A1', DAY, { findings: [{ ...numberFound('height', 142), seen }] })]);
  expect(within(dialog).getByText(/ruler on a picture, version 1: 13\.6 cm to 14\.8 cm/)).toBeInTheDocument();
  expect(within(dialog).getByRole('link', { name: say('wall.itsPicture') })).toHaveAttribute(
    'href',
    '/investigations/i1/pictures/ruler/p1',
  );
});
