import { say } from '@bright-sprout/words/say';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { partOf, planOf } from '../../../../test/plans';
import { openWord } from '../../../../test/words';
import { PreparePart } from './PreparePart';

jest.mock('../../../wayIn/useWayIn', () => ({ useWayIn: () => ({ asked: false, addresses: [], address: null }) }));

function show(plan = planOf('salt-steps', { containersEach: 4 })) {
  const { props, now } = partOf(plan);
  render(
    <MemoryRouter>
      <PreparePart {...props} />
    </MemoryRouter>,
  );
  return now;
}
const line = (what: RegExp) =>
  within(screen.getByRole('row', { name: what }))
    .getAllByRole('cell')
    .map((c) => c.textContent);

test('the list is for one team and for all, in the kitchen’s own measures where asked', async () => {
  show();
  expect(line(/^Cups/)).toEqual(['4', '18']);
  expect(line(/^Potting mix/).join()).not.toMatch(/cup/);
  await openWord(/^Spoons and cups: metric/);
  await userEvent.click(screen.getByRole('radio', { name: /^US/ }));
  expect(line(/^Potting mix/)[0]).toMatch(/ mL \([\d¼½¾]+ cups\)/);
});

test('each pot has its label in the print room, and the run sheet speaks of this plan', () => {
  show();
  expect(screen.getByText(/^16 labels with code, mark and team; teams type the class code in/)).toBeInTheDocument();
  expect(screen.getByRole('link', { name: /^Labels/ })).toHaveAttribute(
    'href',
    expect.stringMatching(/print\?what=stick-labels$/),
  );
  expect(screen.getByText(/^Count the seeds into sets of 2, one set for each cup\.$/)).toBeInTheDocument();
});

test('cautions follow from what is used, with what to ask families and whose rules come first', () => {
  show();
  expect(
    screen.getByText(/school’s own rules, local codes and the advice of licensed professionals come first/),
  ).toBeInTheDocument();
  expect(screen.getByText(/^Ask families before you start about: .*wheat and gluten/)).toBeInTheDocument();
  expect(screen.getByText(/Salt water is not for drinking/)).toBeInTheDocument();
});

test('a plan with pots at home has a kit to pack; others have none', () => {
  show();
  expect(screen.queryByRole('heading', { name: say('prepare.goesHome') })).not.toBeInTheDocument();
});

test('the kit for home names what opens the pot on a phone', () => {
  show(planOf('own-pot-at-home'));
  expect(screen.getByRole('heading', { name: say('prepare.goesHome') })).toBeInTheDocument();
  expect(screen.getByText(say('lists.classCodeEmblemPin'))).toBeInTheDocument();
});

test('a plan that does not work out yet says where to go on', () => {
  const { props } = partOf(planOf('salt-steps', { question: '' }));
  render(<PreparePart {...props} />);
  expect(screen.queryByRole('table')).not.toBeInTheDocument();
});
