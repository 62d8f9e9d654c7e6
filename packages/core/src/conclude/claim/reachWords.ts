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
            ? `You wrote ${quoted}. For ${of}, our ${pots} cannot tell yet. How could you say that?`
            : `You wrote ${quoted}. For ${of} the range of the difference still holds zero: luck alone could do it. What could you write instead?`,
          offers: [
            { words: 'We cannot tell whether …', change: { lead: 'cannot' } },
            { words: 'We think that …', change: { lead: 'think' } },
          ],
        };
      return {
        asks:
          question.facts.grew !== undefined
            ? `You wrote ${quoted}. The ${shown.name === 'height' ? 'tallest of them' : 'largest of them'} reached ${shown.words(question.facts.grew)}. What could you write instead?`
            : young
              ? `You wrote ${quoted}. How sure can ${facts.containers} ${pots} make us?`
              : `You wrote ${quoted}. ${facts.containers} ${pots} can make something likely; what would somebody say who saw other ${pots}?`,
        offers: [
          { words: `… ${shown.less}`, change: { verb: 'less' } },
          { words: 'We saw that …', change: { lead: 'saw' } },
          { words: 'We think that …', change: { lead: 'think' } },
        ],
      };
    case 'wrong-direction': {
      const seen = (question.facts.sign ?? 0) < 0 ? shown.less : shown.more;
      return {
        asks: of
          ? `Look at the picture again: ${groupWords({ label: of }, subject)} ${seen}. Does ${quoted} say that?`
          : `Look at the picture again. Does ${quoted} say what the marks show?`,
        offers: [{ words: `… ${seen}`, change: { verb: (question.facts.sign ?? 0) < 0 ? 'less' : 'more' } }],
      };
    }
    case 'beyond':
      return {
        asks:
          dose !== undefined
            ? `You wrote ${quoted}. The most we gave was ${dose}${facts.unit && ` ${facts.unit}`}. What do our ${pots} say, and what do you guess?`
            : `You wrote ${quoted}. We looked for ${facts.lastDay} days, at ${facts.containers} ${pots} in our room. What can you say about those?`,
        offers: [{ words: `… by day ${facts.lastDay}`, change: { when: true } }],
      };
    case 'cause':
      return {
        asks: facts.unfair
          ? `You wrote ${quoted}. The test was not quite fair: ${facts.unfair.replace(/\.$/, '')}. What else could have done it?`
          : young
            ? `You wrote ${quoted}. What else was different between them?`
            : `You wrote ${quoted}. More than one thing differs between them here. How would you find out which one does it?`,
        offers: [{ words: 'Say what differs, and leave open why', change: {} }],
      };
    case 'one-plant':
      return {
        // What was picked was not written.
        asks: `You ${question.span[1] === 0 ? 'picked' : 'wrote'} ${quoted}. That is ${/ and /.test(word) ? 'two' : 'one'} of ${facts.containers}. What do the others say?`,
        offers: [{ words: 'Add a mean of all to what you saw', change: {} }],
      };
    case 'no-difference':
      return {
        asks: young
          ? `You wrote ${quoted}. Are they the same, or can we not see it with so few ${pots}?`
          : `You wrote ${quoted}. The range of the difference is wide: there may be one that ${facts.containers} ${pots} cannot show. How could you say that?`,
        offers: [{ words: 'We cannot tell whether …', change: { lead: 'cannot', verb: 'more' } }],
      };
  }
}

/** Ways to begin a reason, by band; dots are for the team's own words. */
export function sentenceStarters(band: GradeBand, { kind, factor }: { kind: string; factor: string }): string[] {
  const thing = factor.toLowerCase();
  switch (band) {
    case 'early':
      return ['A plant needs', 'I think so because'];
    case 'primary':
      return ['Seeds need', `When there is more ${thing},`, 'This fits what we know about'];
    case 'middle':
      return [
        `What ${thing} does inside ${kind} may be`,
        'This fits what we know about',
        'It could also be that',
        'To be surer we would',
      ];
    case 'upper':
      return [
        'A mechanism that would give this is',
        'The data are also compatible with',
        'What limits this is',
        'A test that could tell them apart is',
      ];
  }
}
