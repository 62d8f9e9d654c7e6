import { splitWords } from '@bright-sprout/core/plan/layout/splitWords';
import { act, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { partOf, planOf } from '../../../../test/plans';
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
  const meanings = within(screen.getByRole('heading', { name: 'What the letters mean' }).closest('section')!);
  expect(meanings.getAllByRole('row')).toHaveLength(props.out!.treatments.length);
  expect(meanings.getByText('(the control)')).toBeInTheDocument();
});

test('drawing again takes the next lot and gives up what was moved', async () => {
  const plan = { ...planOf('dose'), moved: { A1: 3 } };
  const { now } = show(plan);
  await userEvent.click(screen.getByRole('button', { name: 'Draw lots again' }));
  expect(now()).toMatchObject({ drawSeed: plan.drawSeed + 1, moved: {} });
});

test('moved containers can be put back as drawn', async () => {
  const { now } = show({ ...planOf('dose'), moved: { A1: 3 } });
  await userEvent.click(screen.getByRole('button', { name: 'Put them back as drawn' }));
  expect(now().moved).toEqual({});
});

test('another way of sharing out is told in a sentence', async () => {
  const { now, again } = show();
  await userEvent.selectOptions(screen.getByLabelText('Containers are shared out so that'), 'team-one-treatment');
  expect(now().assignment).toBe('team-one-treatment');
  again();
  expect(screen.getByText(splitWords(partOf(now()).props.out!.layout.split))).toBeInTheDocument();
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
  expect(screen.queryByRole('heading', { name: 'Where they stand' })).not.toBeInTheDocument();
});
