import fc from 'fast-check';
import { aceticAcidIn, aceticPh, chalkToNeutralise, leftOver } from './acidAndChalk';
import { gramsPerLitre, MOLAR_MASS, nitrogenPerLitre, osmoticPotential, saltConductivity, serialDilution } from './solutions';
import { firstWaterMl, substrateNeed } from './substrate';

test('mix is bought with the settling and watered by the share of the filled volume', () => {
  expect(substrateNeed(28, 200)).toEqual({ perContainerMl: 229.99999999999997, totalMl: 6439.999999999999 });
  expect(firstWaterMl(200, [0.15, 0.25])).toEqual([30, 50]);
});

test.each([
  [10, 0.58, 1.2, -0.05],
  [50, 2.92, 5.6, -0.24],
  [75, 4.38, 8.2, -0.37],
  [100, 5.84, 10.7, -0.49],
  [200, 11.69, 20.3, -0.97],
  [300, 17.53, 29.6, -1.46],
])('%d mmol/L of table salt: grams, conductivity and pull on water as tabled', (mM, grams, ec, mpa) => {
  expect(gramsPerLitre(mM, MOLAR_MASS.NaCl)).toBeCloseTo(grams, 2);
  const conductivity = saltConductivity(mM);
  expect(conductivity.ok && Math.abs(conductivity.mSPerCm - ec)).toBeLessThan(0.06);
  expect(osmoticPotential(mM)).toBeCloseTo(mpa, 2);
});

test('nothing dissolved conducts and pulls nothing; a saturated brine is refused', () => {
  expect(saltConductivity(0)).toEqual({ ok: true, mSPerCm: 0 });
  expect(osmoticPotential(0)).toBe(0);
  expect(saltConductivity(2000)).toMatchObject({ ok: false });
  expect(nitrogenPerLitre(0.5, 10)).toBe(50);
});

test('a serial dilution leaves the wanted volume of every step', () => {
  expect(serialDilution(200, 1, 3, 125)).toMatchObject({ ok: false });
  expect(serialDilution(200, 2, 0, 125)).toMatchObject({ ok: false });
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 10 }), fc.integer({ min: 1, max: 6 }), (factor, steps) => {
      const made = serialDilution(200, factor, steps, 100);
      if (!made.ok) throw new Error(made.reason);
      made.steps.forEach((step, i) => {
        const before = i === 0 ? 200 : made.steps[i - 1]!.strength;
        const taken = made.steps[i + 1]?.carryMl ?? 0;
        expect(step.carryMl + step.waterMl - taken).toBeCloseTo(100, 6);
        expect((before * step.carryMl) / (step.carryMl + step.waterMl)).toBeCloseTo(step.strength, 9);
      });
      expect(made.stockMl - made.steps[0]!.carryMl).toBeCloseTo(100, 9);
    }),
  );
});

test.each([
  [5, 500, 'chalk', 292],
  [12, 500, 'nothing', 0],
  [15, 500, 'acid', 2.5],
  [50, 500, 'acid', 31.64],
  [20, 1000, 'chalk', 167],
] as const)('%d mL of vinegar on %d mg of chalk leaves %s', (vinegar, chalk, what, amount) => {
  const left = leftOver(vinegar, chalk);
  expect(left.what).toBe(what);
  if (left.what === 'acid') expect(left.mmol).toBeCloseTo(amount, 2);
  if (left.what === 'chalk') expect(Math.round(left.mg)).toBe(amount);
});

test('chalk takes up what acid there is', () => {
  expect(aceticAcidIn(10)).toBeCloseTo(8.33, 2);
  expect(Math.round(chalkToNeutralise(aceticAcidIn(25)))).toBe(1042);
});

test.each([
  [0.83261, 0, 2.42],
  [0.04163, 0, 3.07],
  [0.000833, 0, 3.95],
  [0.1, 0.1, 3.81],
  [0.1, 0.5, 4.76],
  [0.1, 0.99, 6.75],
  [0.1, 1, 8.88],
])('pH of %d mol/L neutralised by %d is %d', (total, share, ph) => {
  expect(aceticPh(total, share)).toBeCloseTo(ph, 1);
});
