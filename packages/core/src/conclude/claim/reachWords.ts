import { say } from '@bright-sprout/words/say';
import { type ClaimSubject } from '../../claims/claimSubject';
import { type GradeBand } from '../../words/gradeBand';
import { plural } from '../../words/plural';
import { type ClaimParts, groupWords } from './claimParts';
import { type ReachQuestion } from './reach';
import { type ReachFacts } from './reachFacts';

/** One friendly question, and ways to go on from it. */
export interface ReachWords {
  asks: string;
  /** What could be written instead: words to try, and the change of parts that writes them. */
  offers: { words: string; change: Partial<ClaimParts> }[];
}

/** What a question of reach says, in the words of a band. A way to keep the claim as it is stands beside it in any case. */
export function reachWords(question: ReachQuestion, facts: ReachFacts, subject: ClaimSubject): ReachWords {
  const { shown, container, band } = subject;
  const young = band === 'early' || band === 'primary';
  const { word, of, dose } = question.facts;
  const quoted = `“${word.trim()}”`;
  const pots = plural(container);
  switch (question.code) {
    case 'too-sure':
      if (of !== undefined)
        return {
          asks: young
            ? say('conclude.wroteCannotTellYet', { quoted, of, pots })
            : say('conclude.wroteRangeDifferenceStill', { quoted, of }),
          offers: [
            { words: say('conclude.cannotTellWhetherOpen'), change: { lead: 'cannot' } },
            { words: say('conclude.weThinkThatOpen'), change: { lead: 'think' } },
          ],
        };
      return {
        asks:
          question.facts.grew !== undefined
            ? say('conclude.wroteTallestThemLargest', { quoted, name: shown.name, grew: shown.words(question.facts.grew) })
            : young
              ? say('conclude.wroteSureMakeUs', { quoted, containers: facts.containers, pots })
              : say('conclude.wroteMakeSomethingLikely', { quoted, containers: facts.containers, pots }),
        offers: [
          { words: `… ${shown.less}`, change: { verb: 'less' } },
          { words: say('conclude.weSawThatOpen'), change: { lead: 'saw' } },
          { words: say('conclude.weThinkThatOpen'), change: { lead: 'think' } },
        ],
      };
    case 'wrong-direction': {
      const seen = (question.facts.sign ?? 0) < 0 ? shown.less : shown.more;
      return {
        asks: of
          ? say('conclude.lookPictureAgainSay', { groupWords: groupWords({ label: of }, subject), seen, quoted })
          : say('conclude.lookPictureAgainMarks', { quoted }),
        offers: [{ words: `… ${seen}`, change: { verb: (question.facts.sign ?? 0) < 0 ? 'less' : 'more' } }],
      };
    }
    case 'beyond':
      return {
        asks:
          dose !== undefined
            ? say('conclude.wroteMostGaveSay', { quoted, dose, unit: facts.unit && ` ${facts.unit}`, pots })
            : say('conclude.wroteLookedDaysRoom', { quoted, lastDay: facts.lastDay, containers: facts.containers, pots }),
        offers: [{ words: say('conclude.byDay', { lastDay: facts.lastDay }), change: { when: true } }],
      };
    case 'cause':
      return {
        asks: facts.unfair
          ? say('conclude.wroteTestQuiteFair', { quoted, cause: facts.unfair.replace(/\.$/, '') })
          : young
            ? say('conclude.wroteElseDifferentBetween', { quoted })
            : say('conclude.wroteMoreThingDiffers', { quoted }),
        offers: [{ words: say('conclude.sayDiffersLeaveOpen'), change: {} }],
      };
    case 'one-plant':
      return {
        // What was picked was not written.
        asks: say('conclude.askedAboutPart', {
          sameSpan: question.span[1] === 0,
          quoted,
          test: / and /.test(word),
          containers: facts.containers,
        }),
        offers: [{ words: say('conclude.addMeanSaw'), change: {} }],
      };
    case 'no-difference':
      return {
        asks: young
          ? say('conclude.wroteSameSeeFew', { quoted, pots })
          : say('conclude.wroteRangeDifferenceWide', { quoted, containers: facts.containers, pots }),
        offers: [{ words: say('conclude.cannotTellWhetherOpen'), change: { lead: 'cannot', verb: 'more' } }],
      };
  }
}

/** Ways to begin a reason, by band; dots are for the team's own words. */
export function sentenceStarters(band: GradeBand, { kind, factor }: { kind: string; factor: string }): string[] {
  const thing = factor.toLowerCase();
  switch (band) {
    case 'early':
      return [say('conclude.plantNeeds'), say('conclude.iThinkBecause')];
    case 'primary':
      return [say('conclude.seedsNeed'), say('conclude.whenMore', { thing }), say('conclude.fitsKnowAbout')];
    case 'middle':
      return [
        say('conclude.insideMay', { thing, kind }),
        say('conclude.fitsKnowAbout'),
        say('conclude.itCouldAlsoBe'),
        say('conclude.toBeSurerWe'),
      ];
    case 'upper':
      return [
        say('conclude.mechanismGive'),
        say('conclude.dataAlsoCompatible'),
        say('conclude.whatLimitsThisIs'),
        say('conclude.testTellThemApart'),
      ];
  }
}
