import { render, screen } from '@testing-library/react';
import { ServerProblem } from '../api/client';
import { Loaded, ProblemNotice } from './Notices';

const WRONG = { code: 'refusals.asTold' } as const;

test('a problem is told once, with its listed sentences', () => {
  const problem = {
    type: 'about:blank',
    title: 'This cannot be saved',
    status: 422,
    detail: 'Two rows are wrong.',
    ...WRONG,
    errors: [
      { path: 'a', sentence: 'Two rows are wrong.', ...WRONG },
      { path: 'line 3', sentence: 'Line three is odd.', ...WRONG },
    ],
  };
  render(<ProblemNotice error={new ServerProblem(problem)} />);
  expect(screen.getAllByText('Two rows are wrong.')).toHaveLength(1);
  expect(screen.getByText('Line three is odd.')).toBeInTheDocument();
});

test('old data stay while a new answer fails', () => {
  render(
    <Loaded query={{ data: 'plants', error: new Error('gone'), refetch: () => undefined }} what="plants">
      {(data) => <p>{data}</p>}
    </Loaded>,
  );
  expect(screen.getByText('plants')).toBeInTheDocument();
});
