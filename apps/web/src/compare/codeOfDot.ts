import { type Dot } from '@bright-sprout/core/compare/groups';
import { say } from '@bright-sprout/words/say';

/** `C7`, or `C7 plant 2` where each plant is a mark of its own. */
export const codeOfDot = ({ container: { code }, plant }: Dot): string =>
  plant === null ? code : say('compare.plantInContainer', { code, plant });
