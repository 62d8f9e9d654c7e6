import { mixingCards } from './mixingCards';
import { unitsOf } from '../recipes/additive';
import { roundUpMetric } from '../../quantities/kitchenMeasure';
import { homeKit, mixToHave, shoppingList } from './prepare';
import { runSheet } from './runSheet';
import { runStepWords } from './runSheetWords';
import { workOut } from '../workedOut/workOut';
import { startedPlan } from '../../../test/startedPlan';

describe('preparing', () => {
  const plan = startedPlan('salt-steps', { packetSeeds: 50 });
  const out = workOut(plan, 7);
  const line = (what: RegExp) => shoppingList(plan, out, 7, 'us').find((l) => what.test(l.what))!;

  test('the list holds for one team and for all, with packets and spares', () => {
    expect(line(/Seeds/).total).toMatch(/^\d+ = \d+ packets of 50, about/);
    expect(line(/^Cups/)).toMatchObject({ perTeam: '4', total: '31' });
    expect(line(/salt/).total).toMatch(/g$/);
  });

  test('each team has what it is dealt: a range where teams differ, and nothing of its own where the class shares', () => {
    const lines = (start: string, change: Parameters<typeof startedPlan>[1], teams = 7) => {
      const some = startedPlan(start, change);
      const list = shoppingList(some, workOut(some, teams), teams, 'metric');
      return (what: RegExp) => list.find((l) => what.test(l.what))!;
    };
    // Ten cells among seven teams: three have two, four have one.
    const cells = lines('warm-and-cool', { containersEach: 5, seedsEach: 6 });
    expect(cells(/^Cells/)).toMatchObject({ perTeam: '1 to 2', total: '11' });
    expect(cells(/^Seeds/).perTeam).toBe('6 to 12');
    expect(cells(/mix/).perTeam).toBe('40 mL to 75 mL');
    const kinds = lines('kinds-side-by-side', { containersEach: 5, seedsEach: 4 });
    expect(kinds(/wheat/).perTeam).toBe('none to 4');
    // Six sections are one pan that the class shares.
    const patch = lines('patch-from-above', {});
    expect(patch(/^Sections/)).toEqual({ what: 'Sections', perTeam: 'for the class', total: '6, in 1 pan' });
    expect(patch(/mix/).perTeam).toBe('for the class');
    // Twenty-four pots go home with three seeds and one to spare each.
    const home = lines('own-pot-at-home', { containersEach: 12, seedsEach: 3 });
    expect(home(/^Seeds/)).toMatchObject({ perTeam: '12 to 16', total: expect.stringMatching(/^96,/) as string });
    // A bag holds no stick, and what is mixed once is not shared out by the drop.
    expect(lines('soaked-or-dry', {})(/^Labels/).what).toBe('Labels to stick on');
    expect(lines('sour-water-and-chalk', {})(/Vinegar/)).toMatchObject({ perTeam: 'for the class', total: '30 mL' });
  });

  test('the mix to have is the same on the panel and in the list', () => {
    expect(line(/mix/).total.startsWith(roundUpMetric(mixToHave(plan, out)).text)).toBe(true);
  });

  test('salt water is mixed by weight, with what a meter shows and what the mix changes', () => {
    const [card] = mixingCards(plan, out);
    expect(card!.steps[0]).toMatch(
      /^25 mmol\/L: \d+\.\d\d g of table salt, water up to [\d.]+ m?L\. A meter shows about 2\.9 mS\/cm; it pulls on water with −0\.12 MPa\.$/,
    );
    expect(card!.limit).toMatch(/buffers/);
    const litres = (plan.containersEach * plan.doseMl * 3 * 1.1) / 1000;
    const grams = Number(/([\d.]+) g/.exec(card!.steps[1]!)![1]);
    expect(grams).toBeGreaterThanOrEqual(2.922 * litres - 0.01);
    expect(mixingCards(startedPlan('light-and-dark'), workOut(startedPlan('light-and-dark'), 7))).toEqual([]);
  });

  test('a halving series can be made from the strongest alone', () => {
    const chain = mixingCards(plan, out)[0]!.steps.find((s) => s.startsWith('Or weigh once'))!;
    const millilitres = (words: RegExpExecArray | null) => Number(words![1]) * (words![2] === 'L' ? 1000 : 1);
    const stock = millilitres(/make ([\d.]+) (m?L) of 100/.exec(chain));
    expect(chain).toMatch(/50 mmol\/L from .* of 100 mmol\/L and .* of water; 25 mmol\/L from .* of 50 mmol\/L/);
    const batch = millilitres(/water up to ([\d.]+) (m?L)/.exec(mixingCards(plan, out)[0]!.steps[0]!));
    // 1 + 1/2 + 1/4 of a batch of the strongest make a batch of each of three.
    expect(stock / batch).toBeCloseTo(1.75, 1);
  });

  test('acid crossed with chalk: vinegar by volume with its pH, chalk by mass, and what is left of both', () => {
    const sour = startedPlan('sour-water-and-chalk');
    const worked = workOut(sour, 7);
    const [acid, chalk] = mixingCards(sour, worked);
    expect(acid!.steps[0]).toMatch(/^sour water: [\d.]+ m?L of vinegar of 5 %, water up to .*\. In pure water about pH 3\.3\.$/);
    expect(chalk!.steps.join(' ')).toMatch(
      /\d g of powdered calcium carbonate into \d+\.\d L of dry, loose mix, which settles to \d+\.\d L: 860 mg for each cup.*After one watering with sour water on chalk, chalk is left: \d+ mg, enough for \d+ such waterings/,
    );
    // 30 mL at 20 mL/L is 0.6 mL of vinegar, 0.5 mmol of acid, 25 mg of chalk: 4 g/L × 215 mL are 860 mg.
    expect(Number(/chalk is left: (\d+) mg/.exec(chalk!.steps.join(' '))![1])).toBe(835);
    const list = shoppingList(sour, worked, 7, 'metric').map((l) => l.what);
    expect(list).toEqual(expect.arrayContaining(['Vinegar of 5 %', 'Calcium carbonate, powdered']));
    const milligrams = startedPlan('salt-steps', {
      factors: [
        {
          ...plan.factors[0]!,
          unit: 'g/L',
          levels: [
            { label: 'none', amount: 0 },
            { label: '2 g/L', amount: 2 },
          ],
        },
      ],
    });
    expect(mixingCards(milligrams, workOut(milligrams, 7))[0]!.steps[0]).toMatch(/A meter shows about 3\.9 mS\/cm/);
    expect(unitsOf('acid')).toEqual(['mL/L', 'mmol/L', 'mL']);
  });

  test('run sheet and home kit speak of this plan', () => {
    expect(runSheet(plan, out).map(runStepWords).join(' ')).toMatch(/sets of \d+.*Close the holes and press gently/);
    expect(
      runSheet(startedPlan('soaked-or-dry'), workOut(startedPlan('soaked-or-dry'), 7))
        .map(runStepWords)
        .join(' '),
    ).toMatch(/Wet the paper/);
    expect(homeKit(startedPlan('own-pot-at-home'), workOut(startedPlan('own-pot-at-home'), 7))).toHaveLength(7);
  });

  test('what each container gets by itself is told for one and for all, chalk also in tablets, sand with the mix that is left', () => {
    const factor = (subject: 'acid' | 'chalk' | 'soil', unit: string, ...amounts: number[]) => ({
      ...plan.factors[0]!,
      name: subject === 'soil' ? 'sand in the soil' : subject,
      subject,
      unit,
      levels: [0, ...amounts].map((amount) => ({ label: `${amount} ${unit}`, amount })),
    });
    const steps = (...factors: ReturnType<typeof factor>[]) => {
      const own = startedPlan('salt-steps', { factors, kind: 'two-factors', containersEach: 7, fillMl: 200 });
      return { cards: mixingCards(own, workOut(own, 7)), list: shoppingList(own, workOut(own, 7), 7, 'metric'), own };
    };
    // Seven cups of each: 5 mL into each of fourteen where chalk is crossed with it.
    const { cards, list, own } = steps(factor('acid', 'mL', 5), factor('chalk', 'tablets', 2));
    expect(cards.map((c) => c.steps[0])).toEqual([
      '5 mL: 5 mL of vinegar of 5 % into each of 14 cups, 70 mL in all.',
      '2 tablets: 2 crushed tablets (1 g) into each of 14 cups, 14 g in all.',
    ]);
    // 5 mL are 4.16 mmol of acid: 208 mg of a gram of chalk.
    expect(cards[1]!.steps.join(' ')).toContain('Where 5 mL meets 2 tablets, chalk is left: 792 mg. It fizzes: no lids.');
    const total = (what: string) => list.find((l) => l.what.startsWith(what))!.total;
    expect(total('Vinegar')).toBe('70 mL');
    expect(total('Calcium')).toBe('14 g, or 28 tablets of 500 mg, crushed');
    expect(runSheet(own, workOut(own, 7)).map(runStepWords)).toContain(
      'D: fill each cup with 200 mL of mix (acid: 5 mL, chalk: 2 tablets) that is damp already, up to the line.',
    );
    const sand = steps(factor('soil', '%', 25, 50));
    expect(sand.cards[0]!.steps.slice(0, 2)).toEqual([
      '25 %: 50 mL of sand and 150 mL of mix into each of 7 cups, 350 mL in all.',
      '50 %: 100 mL of sand and 100 mL of mix into each of 7 cups, 700 mL in all.',
    ]);
  });
});
