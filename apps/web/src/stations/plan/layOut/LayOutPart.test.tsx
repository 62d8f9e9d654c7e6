import { say } from '@bright-sprout/words/say';
import { splitWords } from '@bright-sprout/core/plan/layout/splitWords';
import { act, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { partOf, planOf } from '../../../../test/plans';
import { openWord } from '../../../../test/words';
import { LayOutPart } from './LayOutPart';

/** Where a place would be drawn: jsdom lays nothing out, and dragging by keyboard goes by where places are. */
const CELL = 60;
beforeAll(() => {
  Element.prototype.getBoundingClientRect = function (this: HTMLElement) {
    const place = this.closest<HTMLElement>('.lay-place');
    const [column, row] = place ? [Number(place.style.gridColumn) - 1, Number(place.style.gridRow) - 1] : [0, 0];
    return DOMRect.fromRect({ x: column * (CELL + 4), y: row * (CELL + 4), width: CELL, height: CELL });
  };
  globalThis.DOMRect ??= { fromRect: () => undefined } as never;
});

const pots = () => screen.getAllByRole('button', { name: /, column \d+, row \d+$/ });
const placeOf = (code: string) =>
  Number(screen.getByRole('button', { name: new RegExp(`^${code}, `) }).closest<HTMLElement>('.lay-place')!.dataset.place);

function show(plan = planOf('dose'), change: Parameters<typeof partOf>[1] = {}) {
  const part = partOf(plan, change);
  const view = render(<LayOutPart {...part.props} />);
  const again = () => view.rerender(<LayOutPart {...partOf(part.now(), change).props} />);
  return { ...part, again };
}

test('every container stands at its own place, with its team, and the letters are explained', () => {
  const { props } = show();
  expect(pots()).toHaveLength(props.out!.containers);
  expect(new Set(pots().map((p) => p.closest<HTMLElement>('.lay-place')!.dataset.place)).size).toBe(pots().length);
  const meanings = within(screen.getByRole('heading', { name: say('layOut.lettersMean') }).closest('section')!);
  expect(meanings.getAllByRole('row')).toHaveLength(props.out!.treatments.length);
  expect(meanings.getByText(say('layOut.theControl'))).toBeInTheDocument();
});

test('drawing again takes the next lot and gives up what was moved', async () => {
  const plan = { ...planOf('dose'), moved: { A1: 3 } };
  const { now } = show(plan);
  await openWord(/^Places: drawn by lot/);
  await userEvent.click(screen.getByRole('button', { name: say('layOut.drawLotsAgain') }));
  expect(now()).toMatchObject({ drawSeed: plan.drawSeed + 1, moved: {} });
});

test('moved containers can be put back as drawn', async () => {
  const { now } = show({ ...planOf('dose'), moved: { A1: 3 } });
  await openWord(/^Places: drawn by lot, 1 cup moved by hand/);
  await userEvent.click(screen.getByRole('button', { name: say('layOut.putThemBackDrawn') }));
  expect(now().moved).toEqual({});
});

test('another way of sharing out is told in a sentence', async () => {
  const { now, again } = show();
  await openWord(/^Who gets what/);
  await userEvent.click(screen.getByRole('radio', { name: /^each team has one treatment/ }));
  expect(now().assignment).toBe('team-one-treatment');
  again();
  expect(screen.getAllByText(splitWords(partOf(now()).props.out!.layout.split)).length).toBeGreaterThan(0);
});

test('by keyboard a container is lifted, moved by one place and put down; the two that meet change places', async () => {
  const { now } = show();
  const first = pots().find((p) => /column 1, row 1$/.test(p.getAttribute('aria-label')!))!;
  const code = first.getAttribute('aria-label')!.split(',')[0]!;
  const neighbour = pots().find((p) => /column 2, row 1$/.test(p.getAttribute('aria-label')!))!;
  const other = neighbour.getAttribute('aria-label')!.split(',')[0]!;
  const [from, to] = [placeOf(code), placeOf(other)];
  first.focus();
  const press = async (key: string) => {
    fireEvent.keyDown(document.activeElement ?? first, { code: key, key });
    await act(() => new Promise((done) => setTimeout(done, 30)));
  };
  await press('Space');
  await press('ArrowRight');
  await press('Space');
  expect(now().moved).toMatchObject({ [code]: to, [other]: from });
});

test('a sown plan is only looked at', () => {
  show(planOf('dose'), { readOnly: true });
  for (const pot of pots()) expect(pot).toHaveAttribute('aria-disabled', 'true');
});

test('several trays are named, and all stand on a ruler', () => {
  show({ ...planOf('dose'), trays: 2 });
  expect(screen.getByRole('group', { name: 'Tray 1' })).toBeInTheDocument();
  expect(screen.getByRole('group', { name: 'Tray 2' })).toBeInTheDocument();
  expect(screen.getByText(/Each takes about \d+ × \d+ cm\./)).toBeInTheDocument();
});

test('a plan that does not work out yet has no places', () => {
  show({ ...planOf('dose'), speciesId: 'no such seed' });
  expect(screen.queryByRole('heading', { name: say('layOut.whereStand') })).not.toBeInTheDocument();
});

test('pots in reserve stand beside the others, dashed, and can be moved like them', async () => {
  const { now, again } = show();
  await openWord(/^In reserve: none/);
  await userEvent.type(screen.getByLabelText('Cups of each in reserve'), '1');
  expect(now().reserveEach).toBe(1);
  again();
  const reserve = screen.getAllByRole('button', { name: /, in reserve, column/ });
  expect(reserve).toHaveLength(partOf(now()).props.out!.treatments.length);
  expect(screen.getByText(/Dashed ones stand in reserve/)).toBeInTheDocument();
});

test('a tray of one’s own has as many places as it has, however many stand there', async () => {
  const { now } = show({ ...planOf('dose'), ownCarrier: { columns: 5, rows: 2, wideMm: 80, deepMm: 80 } });
  // Sixteen cups on trays of ten.
  await openWord(/^What carries them: 2 trays of 5 × 2$/);
  expect(screen.getAllByText(/Each takes about 40 × 16 cm\./)).toHaveLength(1);
  fireEvent.change(screen.getByLabelText(say('layOut.placesSideSide')), { target: { value: '8' } });
  expect(now().ownCarrier).toMatchObject({ columns: 8, rows: 2 });
  await userEvent.click(screen.getByRole('checkbox', { name: say('layOut.shapeOwn') }));
  expect(now().ownCarrier).toBeNull();
});

test('with a pot for everybody at home each has a number beside the emblem', () => {
  show(planOf('own-pot-at-home'));
  // Each team's first child is its number 1.
  const teams = partOf(planOf('own-pot-at-home')).props.group.teams.length;
  expect(screen.getAllByText('1', { selector: '.own-pot b' })).toHaveLength(teams);
  expect(screen.queryByRole('heading', { name: say('layOut.whereStand') })).not.toBeInTheDocument();
});
