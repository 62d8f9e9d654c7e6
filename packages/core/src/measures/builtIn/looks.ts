import { type Measure, measure } from '../measure';

/** What is seen and chosen from pictures. */
export const LOOKS: Measure[] = [
  measure({
    code: 'stage',
    name: 'stage',
    question: (band) => (band === 'early' ? 'What can you see?' : 'Which stage has it reached?'),
    quantity: 'stage',
    of: 'plant',
    choices: [
      { code: 'hook', words: 'a bent hook', habits: ['broad'] },
      { code: 'spear', words: 'a pointed spear', habits: ['grass'] },
      { code: 'seed-leaves', words: 'seed leaves open', habits: ['broad'] },
      { code: 'first-blade', words: 'one blade', habits: ['grass'] },
      { code: 'true-leaves', words: 'true leaves', habits: ['broad'] },
      { code: 'more-blades', words: 'two blades or more', habits: ['grass'] },
      { code: 'bud', words: 'a bud', habits: ['broad'] },
      { code: 'flower', words: 'a flower' },
    ],
    summedUp: 'order',
    more: 'further on',
    less: 'less far on',
    drawn: 'stage',
  }),
  measure({
    code: 'vigour',
    name: 'vigour',
    question: () => 'How does it look?',
    quantity: 'grade',
    of: 'plant',
    choices: [
      { code: 'poor', words: 'yellow or brown' },
      { code: 'fair', words: 'pale or limp' },
      { code: 'good', words: 'green and firm' },
    ],
    summedUp: 'order',
    more: 'stronger',
    less: 'weaker',
    drawn: 'vigour',
  }),
  measure({
    code: 'colour',
    name: 'colour of the leaves',
    question: () => 'Which green is it?',
    quantity: 'grade',
    of: 'plant',
    choices: [
      { code: 'brown', words: 'brown' },
      { code: 'yellow', words: 'yellow' },
      { code: 'pale-green', words: 'pale green' },
      { code: 'green', words: 'green' },
      { code: 'dark-green', words: 'dark green' },
    ],
    summedUp: 'order',
    more: 'greener',
    less: 'paler',
  }),
];
