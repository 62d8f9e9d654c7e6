import { type Factor, type FactorSubject, type Level } from './planDocument';

/** What can be changed: as a choice is called, and what a class asks by it. */
export const SUBJECT_WORDS: Record<FactorSubject, { name: string; about: string }> = {
  salt: { name: 'salt in the water', about: 'How much is too much? Solutions are mixed.' },
  acid: { name: 'acid in the water', about: 'Sour rain, sour soil: solutions of vinegar are mixed.' },
  chalk: { name: 'chalk in the soil', about: 'Stirred into the mix, which then stands for three days.' },
  feed: { name: 'plant food', about: 'Too little, enough, too much: solutions are mixed.' },
  water: { name: 'amount of water', about: 'The same days, other amounts each time.' },
  light: { name: 'light', about: 'Bright, dim, dark, or hours of it.' },
  temperature: { name: 'warmth', about: 'Needs a place for each that stays warm or cool.' },
  place: { name: 'place', about: 'Sills, rooms, homes: much differs at once.' },
  depth: { name: 'depth of sowing', about: 'What reaches the light, and when?' },
  soaking: { name: 'soaking', about: 'Hours in water before sowing.' },
  'seed-age': { name: 'age of the seed', about: 'What a drawer does to seed.' },
  crowding: { name: 'plants in a container', about: 'Sown alike, thinned to different numbers.' },
  kind: { name: 'kind of seed', about: 'A comparison, not a test of one cause.' },
  age: { name: 'age on a day', about: 'Sown in steps: every age in one lesson.' },
  soil: { name: 'soil', about: 'Sand, compost, loam: water and food differ with it.' },
  cover: { name: 'cover', about: 'Under a lid or in the open.' },
  other: { name: 'something else', about: 'An idea of your own.' },
};

const amounts = (unit: string, none: string, ...steps: number[]): Level[] => [
  { label: none, amount: 0 },
  ...steps.map((amount) => ({ label: `${amount} ${unit}`, amount })),
];
const steps = (unit: string, ...of: number[]): Level[] => of.map((amount) => ({ label: `${amount} ${unit}`, amount }));
const named = (...labels: string[]): Level[] => labels.map((label) => ({ label, amount: null }));

const USUAL: Record<FactorSubject, { unit: string; levels: Level[] }> = {
  salt: { unit: 'mmol/L', levels: amounts('mmol/L', 'no salt', 25, 50, 100) },
  acid: { unit: 'mL/L', levels: amounts('mL/L', 'plain water', 10, 20) },
  chalk: { unit: 'g/L', levels: amounts('g/L', 'no chalk', 4, 8) },
  feed: { unit: 'mg N/L', levels: amounts('mg N/L', 'plain water', 50, 100) },
  water: { unit: 'mL', levels: steps('mL', 30, 15, 60) },
  light: { unit: '', levels: named('light', 'dark') },
  temperature: {
    unit: '°C',
    levels: [
      { label: 'the classroom', amount: 20 },
      { label: 'a cool room', amount: 14 },
    ],
  },
  place: { unit: '', levels: named('on the sill', 'away from the window') },
  depth: { unit: 'mm', levels: steps('mm', 10, 25, 45) },
  soaking: {
    unit: 'h',
    levels: [
      { label: 'dry', amount: 0 },
      { label: 'soaked overnight', amount: 12 },
    ],
  },
  'seed-age': {
    unit: 'years',
    levels: [
      { label: 'this year', amount: 0 },
      { label: 'three years old', amount: 3 },
    ],
  },
  crowding: { unit: 'plants', levels: steps('plants', 2, 4, 8) },
  kind: {
    unit: '',
    levels: [
      { label: 'wheat', amount: null, speciesId: 'wheat' },
      { label: 'white mustard', amount: null, speciesId: 'white_mustard' },
    ],
  },
  age: { unit: 'days', levels: steps('days', 3, 7, 14, 21) },
  soil: { unit: '', levels: named('potting mix', 'potting mix and sand') },
  cover: { unit: '', levels: named('no cover', 'clear cover') },
  other: { unit: '', levels: named('as always', 'changed') },
};

/** Kinds and ages are compared with each other; none of them is left untreated. */
const NO_CONTROL: Partial<Record<FactorSubject, string>> = {
  kind: 'Kinds differ in everything; none is the control.',
  age: 'An age ladder shows ages; nothing is treated.',
};

/** For ages 5 to 7, who pinch and spoon instead of weighing: names, and no units. */
const EARLY: Partial<Record<FactorSubject, string[]>> = {
  salt: ['no salt', 'a pinch of salt'],
  acid: ['plain water', 'sour water'],
  chalk: ['no chalk', 'a spoon of chalk'],
  feed: ['plain water', 'plant food'],
  water: ['a cup of water', 'a spoon of water'],
  depth: ['just covered', 'a finger deep'],
  temperature: ['in the warm room', 'in the cool room'],
  soaking: ['dry', 'soaked'],
};

/**
 * A factor as a class usually begins it, whole: its name, unit, levels, and the control where there is one.
 * @param early for ages 5 to 7
 */
export function usualFactor(subject: FactorSubject, early = false): Factor {
  const names = early ? EARLY[subject] : undefined;
  const { unit, levels } = names ? { unit: '', levels: named(...names) } : USUAL[subject];
  const without = NO_CONTROL[subject];
  return {
    name: subject === 'other' ? '' : SUBJECT_WORDS[subject].name,
    subject,
    unit,
    levels: levels.map((l) => ({ ...l })),
    control: without ? null : 0,
    noControlReason: without ?? '',
  };
}
