import { say } from '@bright-sprout/words/say';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { JoinView } from './JoinView';

/** A device that still remembers a bench, at an address. */
function open(address: string, session: 'living' | 'ended') {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  client.setQueryData(['bench'], { team: {}, investigations: [] });
  const detail = 'Please join your team again.';
  globalThis.fetch = jest.fn(() =>
    Promise.resolve({
      ok: session === 'living',
      status: session === 'living' ? 200 : 401,
      json: () => Promise.resolve(session === 'living' ? { team: {}, investigations: [] } : { status: 401, detail }),
    } as Response),
  );
  render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={[address]}>
        <Routes>
          <Route path="/join" element={<JoinView />} />
          <Route path="/bench" element={<p>the bench</p>} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

test('a device that was sent here because its session ended stays and asks for the class code', () => {
  open('/join', 'ended');
  expect(screen.getByLabelText(say('joining.classCodeBoard'))).toBeVisible();
});

test('a scanned label goes straight on where the team has joined', async () => {
  open('/join?code=COPPR7&investigation=i&pot=A1', 'living');
  expect(await screen.findByText('the bench')).toBeVisible();
});
