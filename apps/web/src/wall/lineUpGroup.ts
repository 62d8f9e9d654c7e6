import { type Emblem } from '@bright-sprout/contracts/access';
import { type ContainerView } from '@bright-sprout/contracts/answers/investigations';
import { type Descriptives } from '@bright-sprout/core/statistics/descriptives';

/** Plants that stand together: those of a treatment, a team, a kind or an age. */
export interface LineUpGroup {
  key: string;
  title: string;
  detail: string;
  /** Letter of the treatment, where the group is one. */
  letter?: string;
  /** Treatment whose colour the group has; null for none. */
  look: string | null;
  emblem: Emblem | null;
  containers: ContainerView[];
  /** All of its containers, where only a sample of them stands here. */
  all?: ContainerView[];
  /** Of its heights; null where a mean would mix what was treated differently. */
  summary: Descriptives | null;
  /** The height that was expected. */
  peg: { mm: number; words: string } | null;
}

/** Sizes of the drawing in pixels: the ruler's axis, the gap between groups, a pot, and the numbers under it. */
export const AXIS = 36;
export const GAP = 26;
export const POT = 54;
export const FOOT = 46;
