import { say } from '@bright-sprout/words/say';
import { type FairRule, type Fix } from '../fairRule';
import { MOST_CONTAINERS } from '../../document/planDocument';
import { countsBy, inSets } from '../deals';
import { NOT_TESTS } from '../planFacts';

export const teamIsTreatment: FairRule = {
  code: 'team-is-treatment',
  check: ({ assignment, kind, containersEach }, { layout, treatments }, teams) => {
    if (teams === 0 || NOT_TESTS.includes(kind) || assignment === 'class-shares' || assignment === 'own-pot') return null;
    const byTeam = countsBy(layout.containers, (c) => c.team);
    const alone = [...byTeam.values()].filter((own) => own.size === 1).length;
    if (treatments.length < 2 || alone === 0) return null;
    return {
      severity: 'mend',
      params: { alone, teams: byTeam.size },
      fix:
        assignment === 'one-of-each'
          ? wholeSets(containersEach, treatments.length, teams)
          : { label: say('fairTest.giveEveryTeam'), apply: inSets },
    };
  },
  words: (p) => ({
    what:
      p.alone === p.teams
        ? say('fairTest.teamTreatmentOnly')
        : say('fairTest.teamsTreatmentOnly', { alone: p.alone, teams: p.teams }),
    why: say('fairTest.teamWatersMoreMeasures'),
  }),
};

/** Containers enough for whole sets for every team; null where the sill does not carry them. */
function wholeSets(containersEach: number, treatments: number, teams: number): Fix | null {
  const each = teams * Math.ceil(containersEach / teams);
  if (each * treatments > MOST_CONTAINERS) return null;
  return { label: say('fairTest.haveOfEach', { each }), apply: (plan) => ({ ...plan, containersEach: each }) };
}
