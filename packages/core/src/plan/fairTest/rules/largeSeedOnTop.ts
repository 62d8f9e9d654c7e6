import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { depthMm } from '../../recipes/wayIn';

/** A seed as thick as this dries out on the surface before its root finds water, mm. */
const LARGE_MM = 2.5;

export const largeSeedOnTop: FairRule = {
  code: 'large-seed-on-top',
  check: (plan, { recipes }) => {
    if (plan.factors.some((f) => f.subject === 'depth')) return null;
    const bare = recipes.find(
      (r) =>
        r.wayIn.way !== 'laid' && r.wayIn.way !== 'named' && depthMm(r.wayIn) === 0 && r.species.seedMm.thickness[0] >= LARGE_MM,
    );
    if (!bare) return null;
    return {
      severity: 'mend',
      params: { kind: bare.species.name },
      fix: {
        label: say('fairTest.sowTwoThreeWidths'),
        apply: (p) => ({ ...p, protocol: { ...p.protocol, depth: 'widths' } }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.lieSurfaceSeedsLarge', { kind: p.kind }),
    why: say('fairTest.onlyTinySeedsNeed'),
  }),
};
