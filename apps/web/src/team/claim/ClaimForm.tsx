import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type BenchClaims } from '@bright-sprout/contracts/answers/conclude';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { addressOf } from '@bright-sprout/core/compare/address';
import { refText } from '@bright-sprout/core/conclude/claim/evidence';
import { sentenceStarters } from '@bright-sprout/core/conclude/claim/reachWords';
import { IN, partsText } from '@bright-sprout/core/conclude/claim/claimEntries';
import { useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { kindOf } from '../../compare/questionWords';
import { ClaimFigure } from '../../conclude/claim/ClaimFigure';
import { EvidenceCard } from '../../conclude/claim/EvidenceCard';
import { ReachAsk } from '../../conclude/claim/ReachAsk';
import { keptName, readClaim, useClaimAnswer } from '../../conclude/claim/useClaimAnswer';
import { EmblemMark } from '../../marks/EmblemMark';
import { Waiting } from '../../page/Notices';
import { useWidth } from '../../page/useWidth';
import { ReadAloud } from '../../page/ReadAloud';
import { Unsent } from '../../entry/Unsent';
import { ClaimSentence } from './ClaimSentence';
import { Notes } from './Notes';
import { OtherClaims } from './OtherClaims';
import { PictureClaim } from './PictureClaim';
import { UnitWords } from './UnitWords';
import { useClaimDraft } from './useClaimDraft';

/** Places for evidence that are drawn while they are empty. */
const PLACES = 3;
const MOST_EVIDENCE = 8;

export function ClaimForm({ records, claims }: { records: InvestigationRecords; claims: BenchClaims }) {
  const { investigation } = records;
  const { team } = claims.own;
  const early = investigation.class.gradeBand === 'early';
  const draft = useClaimDraft(investigation.id, claims);
  const { claim, write } = draft;
  const answer = useClaimAnswer(records, claim);
  const { questions, question, groups, shown, subject, facts, day, name } = answer;
  const reading = readClaim(claim, answer);
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 760);
  const [full, setFull] = useState(false);
  const own = useMemo(
    () => new Set(investigation.containers.filter((c) => c.teamId === team.id).map((c) => c.id)),
    [investigation, team.id],
  );
  const picked = reading.evidence.map((e) => e.name);
  const pick = (text: string) => {
    if (picked.includes(text)) return write(`evidence.${text}`, '');
    if (picked.length >= MOST_EVIDENCE) return setFull(true);
    setFull(false);
    write(`evidence.${text}`, IN);
  };
  const keep = (q: Parameters<typeof keptName>[0]) => write(`kept.${keptName(q)}`, IN);
  const open = reading.asksOfClaim.find((q) => !q.kept);
  const openReason = reading.asksOfReasoning.find((q) => !q.kept);
  const openEvidence = reading.asksOfEvidence.find((q) => !q.kept);
  const starters = sentenceStarters(investigation.class.gradeBand, { kind: kindOf(investigation), factor: investigation.factor });
  const aloud = [
    reading.text,
    ...reading.evidence.map((e) => `${e.code ?? e.group.label}: ${shown.words(e.value)}.`),
    claim.reasoning,
  ]
    .filter(Boolean)
    .join(' ');
  return (
    <>
      <header className="claim-head">
        <EmblemMark emblem={team.emblem} size={36} />
        <h1>{team.nickname}</h1>
        <span className="second">{say('common.whatWeFoundOut')}</span>
        <span className="claim-saved" role="status">
          {draft.unsent > 0 ? say('teamClaim.keptDevice') : say('common.allSaved')}
        </span>
      </header>
      <Unsent waiting={draft.waiting} />
      <Notes
        notes={claims.own.notes}
        answers={claim.answers}
        early={early}
        onAnswer={(id, text) => write(`answer.${id}`, text, 'typed')}
      />
      <section aria-label={say('teamClaim.questionFigure')}>
        <p className="mb-1">
          <Say
            it="teamClaim.weAsked"
            span={
              <span className="claim-question">
                <select
                  aria-label={say('teamClaim.ourQuestion')}
                  value={questions.findIndex((q) => JSON.stringify(q) === JSON.stringify(question))}
                  onChange={(e) => {
                    const wanted = questions[Number(e.target.value)]!;
                    const search = new URLSearchParams({ ...addressOf(wanted, questions[0]!) });
                    search.set('day', wanted.when.kind === 'day' ? wanted.when.day : day);
                    write('question', search.toString());
                  }}
                >
                  {questions.every((q) => JSON.stringify(q) !== JSON.stringify(question)) && (
                    <option value={-1}>{name(question)}</option>
                  )}
                  {questions.map((q, i) => (
                    <option key={i} value={i}>
                      {name(q)}
                    </option>
                  ))}
                </select>
              </span>
            }
          />
        </p>
        <div ref={holder}>
          {width > 60 && (
            <ClaimFigure
              width={width}
              groups={groups}
              shown={shown}
              investigation={investigation}
              team={team}
              picked={picked}
              onPick={(ref) => pick(refText(ref))}
            />
          )}
        </div>
        <p className="second mb-0">{say('teamClaim.plantsEmblemYoursTap', { drawsPlants: shown.drawsPlants })}</p>
      </section>
      <section aria-label={say('teamClaim.ourClaim')}>
        <h2>{say('teamClaim.weClaim')}</h2>
        {facts === null ? (
          <Waiting>{say('teamClaim.workingSaid')}</Waiting>
        ) : early ? (
          <PictureClaim parts={claim.parts} vocabulary={answer.vocabulary} onChange={(text) => write('claim', text)} />
        ) : (
          <ClaimSentence claim={claim} vocabulary={answer.vocabulary} open={open ?? null} onWrite={write} />
        )}
        {facts !== null && open && (
          <ReachAsk
            question={open}
            facts={facts}
            subject={subject}
            parts={claim.parts}
            onChange={claim.typed.trim() !== '' ? null : (change) => write('claim', partsText({ ...claim.parts, ...change }))}
            onKeep={() => keep(open)}
          />
        )}
      </section>
      <section aria-label={say('teamClaim.ourEvidence')}>
        <h2>
          <Say
            it="teamClaim.sawPictureSaysMore"
            countPickedUnder={picked.length < 2}
            sameCountPicked={picked.length === 0}
            span={(inside) => <span className="second">{inside}</span>}
          />
        </h2>
        <div className="evidence-row">
          {reading.evidence.map((piece) => (
            <EvidenceCard
              key={piece.name}
              piece={piece}
              records={records}
              shown={shown}
              day={day}
              own={own}
              onPutBack={() => write(`evidence.${piece.name}`, '')}
            />
          ))}
          {Array.from({ length: Math.max(0, PLACES - picked.length) }, (_, i) => (
            <div key={i} className="evidence-empty second">
              {i === 0 ? say('teamClaim.tapMarkPlantLine') : ''}
            </div>
          ))}
        </div>
        {full && (
          <p role="status" className="mt-2 mb-0">
            {say('teamClaim.piecesEnoughPutBack', { mostEvidence: MOST_EVIDENCE })}
          </p>
        )}
        {facts !== null && openEvidence && (
          <ReachAsk
            question={openEvidence}
            facts={facts}
            subject={subject}
            parts={claim.parts}
            onChange={null}
            onKeep={() => keep(openEvidence)}
          />
        )}
      </section>
      <section aria-label={say('teamClaim.ourReasoning')}>
        <h2>{say('teamClaim.thinkBecause')}</h2>
        <div
          className="claim-starters"
          role="group"
          aria-label={early ? say('teamClaim.mayReason') : say('teamClaim.beginSentence')}
        >
          {(early ? earlyReasons() : starters).map((s) => (
            <button
              key={s}
              type="button"
              className="btn"
              aria-pressed={early ? claim.reasoning === s : undefined}
              onClick={() =>
                write('reasoning', early ? s : claim.reasoning.trim() ? `${claim.reasoning.trimEnd()} ${s} ` : `${s} `)
              }
            >
              {early ? s : `${s} …`}
            </button>
          ))}
        </div>
        {!early && (
          <textarea
            className="claim-text"
            aria-label={say('teamClaim.whyThink')}
            maxLength={2000}
            value={claim.reasoning}
            onChange={(e) => write('reasoning', e.target.value, 'typed')}
          />
        )}
        {facts !== null && openReason && !early && (
          <ReachAsk
            question={openReason}
            facts={facts}
            subject={subject}
            parts={claim.parts}
            onChange={null}
            onKeep={() => keep(openReason)}
          />
        )}
        <UnitWords band={investigation.class.gradeBand} />
      </section>
      {claims.others && <OtherClaims others={claims.others} records={records} />}
      <p>
        <Link className="btn" to={`/bench/report/${investigation.id}`}>
          {say('teamClaim.reportPoster')}
        </Link>{' '}
        <Link className="btn" to={`/bench/notebook/${investigation.id}`}>
          {say('teamClaim.ourNotebook')}
        </Link>{' '}
        <Link className="btn" to="/bench">
          {say('common.ourContainers')}
        </Link>
      </p>
      <footer className="claim-foot">
        <ReadAloud words={aloud || say('teamClaim.nothingWrittenYet')} />
        <span className="second">{open || openReason || openEvidence ? say('teamClaim.goAnswerLater') : ''}</span>
        <button
          type="button"
          className={claim.ready ? 'btn' : 'btn-next large'}
          disabled={reading.text === ''}
          onClick={() => write('ready', claim.ready ? '' : IN)}
        >
          {claim.ready ? say('teamClaim.shownTakeBack') : say('teamClaim.showIt')}
        </button>
      </footer>
    </>
  );
}

const earlyReasons = () => [
  say('teamClaim.plantsNeedWater'),
  say('teamClaim.plantsNeedLight'),
  say('teamClaim.plantsNeedFoodSoil'),
  say('teamClaim.tooCold'),
  say('teamClaim.weDoNotKnow'),
];
