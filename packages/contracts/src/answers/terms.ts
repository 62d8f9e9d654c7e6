import { SPROUTED_RULES } from '@bright-sprout/core/measures/measure';
import { GRADE_BANDS } from '@bright-sprout/core/words/gradeBand';
import { GREEN_INDICES } from '@bright-sprout/core/pictures/greenness';
import { ROOM_KINDS } from '@bright-sprout/core/room/roomRecord';
import { oneOf } from './shape';

/** The four ways a class reads its ruler. */
export const RulerResolution = oneOf(['cm', 'half-cm', 'mm', 'quarter-in']);

/** What a plant that is not up yet counts as: nothing, or zero. */
export const BeforeSprouting = oneOf(['exclude', 'zero']);

/** What a lost plant counts as from then on: nothing, what was last found of it, or zero. */
export const AfterLoss = oneOf(['exclude', 'carry', 'zero']);

/** What a container with several plants reports: them all together, or the one that is ahead. */
export const Report = oneOf(['container-mean', 'tallest']);

export const SproutedRule = oneOf(SPROUTED_RULES);

export const GradeBand = oneOf(GRADE_BANDS);

export const GreenIndex = oneOf(GREEN_INDICES);

/** How deep to sow, by whom one asks: the packet, two to three widths, the seed's own thickness, or on the surface. */
export const DepthSchool = oneOf(['packet', 'widths', 'thickness', 'surface']);

export const RoomKind = oneOf(ROOM_KINDS);
