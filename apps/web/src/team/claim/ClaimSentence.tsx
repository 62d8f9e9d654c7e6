import { Say } from '../../words/Say';
import { say } from '@bright-sprout/words/say';
import { type EntryPart, partsText, type TeamClaim } from '@bright-sprout/core/conclude/claim/claimEntries';
import {
  type ClaimParts,
  type ClaimVocabulary,
  claimText,
  claimWords,
  groupWords,
  LEAD_WORDS,
  LEADS,
  sizeBetween,
  VERBS,
  verbWords,
} from '@bright-sprout/core/conclude/claim/claimParts';
import { type AskedQuestion } from '../../conclude/claim/useClaimAnswer';
import { RuledWord } from '../../page/RuledWord';

type Write = (part: EntryPart, text: string, how?: 'chosen' | 'typed') => void;

/** The claim as a sentence whose words are chosen, or as the team's own words. */
export function ClaimSentence({
  claim,
  vocabulary,
  open,
  onWrite,
}: {
  claim: TeamClaim;
  vocabulary: ClaimVocabulary;
  /** The question that hangs from one of its words. */
  open: AskedQuestion | null;
  onWrite: Write;
}) {
  if (claim.typed !== '') return <OwnWords typed={claim.typed} onWrite={onWrite} />;
  const { groups, subject, contrasts } = vocabulary;
  const { parts } = claim;
  const change = (part: Partial<ClaimParts>) => onWrite('claim', partsText({ ...parts, ...part }));
  const asked = open === null ? null : partAt(parts, vocabulary, open.span);
  const mark = (part: string) => (asked === part ? ' asked' : '');
  const chosen = (role: 'of' | 'against') =>
    [
      { value: '', label: role === 'of' ? say('teamClaim.whichPlants') : say('teamClaim.thanWhich') },
      ...groups.map((g) => ({ value: g.key, label: groupWords(g, subject) })),
    ].map((c) => ({
      ...c,
      no: c.value !== '' && c.value === (role === 'of' ? parts.against : parts.of) ? say('teamClaim.namedAlready') : null,
    }));
  const against = (
    <span className={mark('against')}>
      <RuledWord
        name={say('teamClaim.heldAgainst')}
        value={parts.against}
        choices={chosen('against')}
        onChoose={(group) => change({ against: group })}
      />
    </span>
  );
  const size = sizeBetween(parts.of, parts.against, contrasts, groups, subject);
  return (
    <>
      <div className="claim-sentence">
        <span className={mark('lead')}>
          <RuledWord
            name={say('teamClaim.howWeBegin')}
            value={parts.lead}
            choices={LEADS.map((l) => ({ value: l, label: LEAD_WORDS[l] }))}
            onChoose={(lead) => change({ lead })}
          />
        </span>{' '}
        <span className={mark('of')}>
          <RuledWord
            name={say('teamClaim.whichPlantsTitle')}
            value={parts.of}
            choices={chosen('of')}
            onChoose={(of) => change({ of })}
          />
        </span>{' '}
        <span className={mark('verb')}>
          <RuledWord
            name={say('teamClaim.whatTheyDid')}
            value={parts.verb}
            choices={[
              { value: '' as const, label: say('teamClaim.didWhat') },
              ...VERBS.map((v) => ({ value: v, label: verbWords(v, subject) })),
            ]}
            onChoose={(verb) => change({ verb })}
          />
        </span>{' '}
        {parts.verb === 'less' || parts.verb === 'more' ? <Say it="teamClaim.thanGroup" group={against} /> : against}{' '}
        {subject.when && (
          <MayStand
            className={mark('when')}
            name={say('teamClaim.when')}
            stands={parts.when}
            add={say('teamClaim.addWhen')}
            words={subject.when}
            onChange={(when) => change({ when })}
          />
        )}{' '}
        {size !== '' && (
          <MayStand
            className={mark('size')}
            name={say('teamClaim.howMuch')}
            stands={parts.size}
            add={say('teamClaim.addMuch')}
            words={say('teamClaim.byAbout', { size })}
            onChange={(stands) => change({ size: stands })}
          />
        )}
        .
      </div>
      <button type="button" className="btn btn-plain" onClick={() => onWrite('typed', claimText(parts, vocabulary) || ' ')}>
        {say('teamClaim.writeOwnWords')}
      </button>
    </>
  );
}

/** A part of the sentence that may stand there or be left out. */
function MayStand({
  className,
  name,
  stands,
  add,
  words,
  onChange,
}: {
  className: string;
  name: string;
  stands: boolean;
  add: string;
  words: string;
  onChange: (stands: boolean) => void;
}) {
  return (
    <span className={className}>
      <RuledWord
        name={name}
        value={stands ? 'yes' : 'no'}
        choices={[
          { value: 'no' as const, label: add },
          { value: 'yes' as const, label: words },
        ]}
        onChoose={(v) => onChange(v === 'yes')}
      />
    </span>
  );
}

/** The claim as the team types it. */
function OwnWords({ typed, onWrite }: { typed: string; onWrite: Write }) {
  return (
    <>
      <textarea
        className="claim-text"
        aria-label={say('teamClaim.claimOwnWords')}
        maxLength={2000}
        value={typed === ' ' ? '' : typed}
        onChange={(e) => onWrite('typed', e.target.value === '' ? ' ' : e.target.value, 'typed')}
      />
      <button type="button" className="btn btn-plain" onClick={() => onWrite('typed', '')}>
        {say('teamClaim.chooseWordsInstead')}
      </button>
    </>
  );
}

/** The part of the sentence in which a span of its text lies. */
function partAt(parts: ClaimParts, vocabulary: ClaimVocabulary, [from]: [number, number]): string | null {
  let at = 0;
  for (const { part, text } of claimWords(parts, vocabulary)) {
    if (from < at + text.length) return part;
    at += text.length + 1;
  }
  return null;
}
