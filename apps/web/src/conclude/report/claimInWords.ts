import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { questionAt } from '@bright-sprout/core/compare/address';
import { groupsOf } from '@bright-sprout/core/compare/groups';
import { settled } from '@bright-sprout/core/compare/settled';
import { surenessOf } from '@bright-sprout/core/compare/sureness';
import { type TeamClaim } from '@bright-sprout/core/conclude/claim/claimEntries';
import { claimText } from '@bright-sprout/core/conclude/claim/claimParts';
import { claimQuestions } from '@bright-sprout/core/conclude/claim/claimQuestions';
import { evidenceOf, readRef } from '@bright-sprout/core/conclude/claim/evidence';
import { addressIn } from '../../compare/addressIn';
import { shownFor, subjectOf } from '../../compare/questionWords';
import { askableRecords, comparedRecords } from '../../records/comparedRecords';

/** Sizes of differences come from the model alone: few deals are enough for them. */
const FEW = { seed: 1, draws: 20 };

/** What a team's claim says and saw, as sentences: for reports, where nobody waits for how sure it is. */
export function claimInWords(records: InvestigationRecords, claim: TeamClaim): { text: string; saw: string[] } {
  const { investigation } = records;
  const askable = askableRecords(records);
  const compared = comparedRecords(records);
  const search = new URLSearchParams(claim.question);
  const newest = askable.wholeDays[askable.wholeDays.length - 1] ?? askable.days[askable.days.length - 1];
  if (newest === undefined) return { text: claim.typed.trim(), saw: [] };
  const day = search.get('day') ?? newest;
  const question =
    claim.question === ''
      ? claimQuestions(askable, newest)[0]!
      : settled(questionAt(addressIn(search), claimQuestions(askable, day)[0]!, day), askable, day);
  const measure = askable.measures.find((m) => m.code === question.measure)!;
  const groups = groupsOf(compared, measure, question);
  const shown = shownFor(question, measure, investigation, compared);
  const subject = subjectOf(question, shown, investigation, { readingError: null });
  const sureness = claim.parts.size ? surenessOf(groups, question, investigation.design, FEW) : null;
  const vocabulary = { groups, contrasts: sureness?.ok ? sureness.contrasts : [], subject };
  const saw = claim.evidence.flatMap((e) => {
    const ref = readRef(e);
    const found = ref && evidenceOf(ref, groups, shown);
    return found
      ? [`${found.code ?? say('conclude.meanOfGroup', { label: found.group.label })}: ${shown.words(found.value)}`]
      : [];
  });
  return { text: claim.typed.trim() || claimText(claim.parts, vocabulary), saw };
}
