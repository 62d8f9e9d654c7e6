import { binOf, dealsAGrain, emptyPile, withDeals } from './pile';

test('no bin straddles the real gap, and a deal exactly as big counts as beyond it', () => {
  const gap = 1.7;
  const pile = emptyPile(gap, 3);
  const edge = gap / pile.width;
  expect(edge).toBeCloseTo(Math.round(edge), 9);
  expect(binOf(gap, pile.width)).toBe(Math.round(edge));
  expect(binOf(-gap, pile.width)).toBe(-Math.round(edge) - 1);
  const dealt = withDeals(pile, [gap, -gap, gap - 0.001, 0.2, -2.9], gap);
  expect([dealt.dealt, dealt.beyond]).toEqual([5, 3]);
  expect([...dealt.bins.values()].reduce((a, b) => a + b, 0)).toBe(5);
});

test('what lies beyond the picture is put into its outermost bins', () => {
  const pile = withDeals(emptyPile(1, 2), [90, -90], 1);
  expect([...pile.bins.keys()]).toEqual([pile.outermost, -pile.outermost - 1]);
});

test('a gap of nothing has a pile too', () => {
  const pile = withDeals(emptyPile(0, 2), [0, 1, -1], 0);
  expect([pile.dealt, pile.beyond]).toEqual([3, 3]);
});

test('grains stand for as many deals as fit', () => {
  expect(dealsAGrain({ bins: new Map([[0, 20]]) }, 25)).toBe(1);
  expect(dealsAGrain({ bins: new Map([[0, 900]]) }, 25)).toBe(50);
});
