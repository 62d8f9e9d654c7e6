import { say } from '@bright-sprout/words/say';
import { type Measure, measure } from '../measure';

/** What is seen and chosen from pictures. */
export const LOOKS: Measure[] = [
  measure({
    code: 'stage',
    get name() {
      return say('measures.stage');
    },
    question: (band) => (band === 'early' ? say('measures.whatCanYouSee') : say('measures.stageReached')),
    quantity: 'stage',
    of: 'plant',
    choices: [
      {
        code: 'hook',
        get words() {
          return say('measures.bentHook');
        },
        habits: ['broad'],
      },
      {
        code: 'spear',
        get words() {
          return say('measures.pointedSpear');
        },
        habits: ['grass'],
      },
      {
        code: 'seed-leaves',
        get words() {
          return say('measures.seedLeavesOpen');
        },
        habits: ['broad'],
      },
      {
        code: 'first-blade',
        get words() {
          return say('measures.oneBlade');
        },
        habits: ['grass'],
      },
      {
        code: 'true-leaves',
        get words() {
          return say('measures.trueLeaves');
        },
        habits: ['broad'],
      },
      {
        code: 'more-blades',
        get words() {
          return say('measures.twoBladesMore');
        },
        habits: ['grass'],
      },
      {
        code: 'bud',
        get words() {
          return say('measures.aBud');
        },
        habits: ['broad'],
      },
      {
        code: 'flower',
        get words() {
          return say('measures.aFlower');
        },
      },
    ],
    summedUp: 'order',
    get more() {
      return say('measures.furtherOn');
    },
    get less() {
      return say('measures.lessFar');
    },
    drawn: 'stage',
  }),
  measure({
    code: 'vigour',
    get name() {
      return say('measures.vigour');
    },
    question: () => say('measures.howDoesItLook'),
    quantity: 'grade',
    of: 'plant',
    choices: [
      {
        code: 'poor',
        get words() {
          return say('measures.yellowBrown');
        },
      },
      {
        code: 'fair',
        get words() {
          return say('measures.paleLimp');
        },
      },
      {
        code: 'good',
        get words() {
          return say('measures.greenFirm');
        },
      },
    ],
    summedUp: 'order',
    get more() {
      return say('measures.stronger');
    },
    get less() {
      return say('measures.weaker');
    },
    drawn: 'vigour',
  }),
  measure({
    code: 'colour',
    get name() {
      return say('measures.colourLeaves');
    },
    question: () => say('measures.whichGreenIsIt'),
    quantity: 'grade',
    of: 'plant',
    choices: [
      {
        code: 'brown',
        get words() {
          return say('measures.brown');
        },
      },
      {
        code: 'yellow',
        get words() {
          return say('measures.yellow');
        },
      },
      {
        code: 'pale-green',
        get words() {
          return say('measures.paleGreen');
        },
      },
      {
        code: 'green',
        get words() {
          return say('measures.green');
        },
      },
      {
        code: 'dark-green',
        get words() {
          return say('measures.darkGreen');
        },
      },
    ],
    summedUp: 'order',
    get more() {
      return say('measures.greener');
    },
    get less() {
      return say('measures.paler');
    },
  }),
];
