import { cautionsFor, protectiveGear, toAskAbout } from './cautions';
import { METHODS, SPECIES } from '../../seeds/catalogue';
import { type PlanDocument } from '../document/planDocument';
import { startedPlan } from '../../../test/startedPlan';

describe('cautions', () => {
  test('follow from what is used, the gravest first, each once', () => {
    const list = cautionsFor(startedPlan('how-deep', { speciesId: 'broad_bean' }));
    expect(list.map((c) => c.id)).toEqual(
      expect.arrayContaining(['favism_G6PD', 'legume_allergen', 'handwash', 'compost_bacteria']),
    );
    expect(new Set(list.map((c) => c.id)).size).toBe(list.length);
    expect(list[list.length - 1]!.gravity).toBe('habit');
    expect(toAskAbout(list)).toEqual(expect.arrayContaining(['G6PD deficiency (favism)', 'legumes and peanut']));
    expect(
      protectiveGear(
        cautionsFor(startedPlan('salt-steps', { factors: [{ ...startedPlan('salt-steps').factors[0]!, subject: 'acid' }] })),
      ),
    ).toContain('eye protection');
  });

  test('come from what each recipe uses: acid that meets chalk makes gas, nothing of salt is nothing, and codes say who', () => {
    const ids = (start: string, part: Partial<PlanDocument> = {}) =>
      new Map(cautionsFor(startedPlan(start, part)).map((c) => [c.id, c.from]));
    const crossed = ids('sour-water-and-chalk');
    expect(crossed.get('gas_pressure')).toBe('vinegar in the water on chalk in the soil: D');
    expect(crossed.get('vinegar_acid')).toBe('vinegar in the water: C, D');
    const [acid, chalk] = startedPlan('sour-water-and-chalk').factors;
    const neat = { ...acid!, unit: 'mL' };
    expect(ids('sour-water-and-chalk', { factors: [neat, chalk!] }).get('gas_pressure')).toMatch(/: D$/);
    expect(ids('sour-water-and-chalk', { factors: [chalk!] }).has('gas_pressure')).toBe(false);
    const salt = startedPlan('salt-steps').factors[0]!;
    const none = { ...salt, levels: salt.levels.map((l) => ({ ...l, amount: 0 })) };
    expect(ids('salt-steps', { factors: [none] }).has('salt_solution')).toBe(false);
    expect(ids('salt-steps', { goesOutside: true }).has('outdoor_sun_insects')).toBe(true);
  });

  test('what no class should handle blocks, by whole words', () => {
    const asked = (question: string) => cautionsFor(startedPlan('salt-steps', { question })).some((c) => c.gravity === 'block');
    expect(asked('Does bleach stop barley?')).toBe(true);
    expect(asked('Does unbleached paper stop barley?')).toBe(false);
  });

  test('every hazard of the catalogue has its words', () => {
    for (const species of SPECIES)
      for (const method of METHODS) {
        const ids = cautionsFor(startedPlan('light-and-dark', { speciesId: species.id, methodId: method.id })).map((c) => c.id);
        for (const hazard of [...species.hazards, ...method.hazards]) expect(ids).toContain(hazard);
      }
  });
});
