import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type BenchClaims } from '@bright-sprout/contracts/answers/conclude';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { addressOf } from '@bright-sprout/core/compare/address';
import { refText } from '@bright-sprout/core/conclude/claim/evidence';
import { sentenceStarters } from '@bright-sprout/core/conclude/claim/reachWords';
import { IN, partsText, type TeamClaim } from '@bright-sprout/core/conclude/claim/claimEntries';
import { inOneLine } from '@bright-sprout/core/words/inOneLine';
import { type ComponentProps, useRef, useState } from 'react';
import { Link } from 'react-router';
import { kindOf } from '../../compare/questionWords';
import { ClaimFigure } from '../../conclude/claim/ClaimFigure';
import { EvidenceCard } from '../../conclude/claim/EvidenceCard';
import { ReachAsk } from '../../conclude/claim/ReachAsk';
import {
  type AskedQuestion,
  type ClaimAnswer,
  type ClaimReading,
  keptName,
  readClaim,
  useClaimAnswer,
} from '../../conclude/claim/useClaimAnswer';
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

/** What every part of the form works on. */
interface PartProps {
  records: InvestigationRecords;
  claim: TeamClaim;
  answer: ClaimAnswer;
  reading: ClaimReading;
  write: ReturnType<typeof useClaimDraft>['write'];
}

export function ClaimForm({ records, claims }: { records: InvestigationRecords; claims: BenchClaims }) {
  const { investigation } = records;
  const { team } = claims.own;
  const draft = useClaimDraft(investigation.id, claims);
  const { claim, write } = draft;
  const answer = useClaimAnswer(records, claim);
  const reading = readClaim(claim, answer);
  const part: PartProps = { records, claim, answer, reading, write };
  const { picked, full, pick } = usePicked(part);
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
        early={isEarly(records)}
        onAnswer={(id, text) => write(`answer.${id}`, text, 'typed')}
      />
      <QuestionAndFigure {...part} team={team} picked={picked} onPick={pick} />
      <OurClaim {...part} />
      <OurEvidence {...part} teamId={team.id} full={full} />
      <OurReasoning {...part} />
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
      <Foot {...part} />
    </>
  );
}

const isEarly = ({ investigation }: InvestigationRecords) => investigation.class.gradeBand === 'early';

/** What is picked in the figure as evidence; a second tap puts it back, and there is an end to how much is picked. */
function usePicked({ reading, write }: PartProps) {
  const [full, setFull] = useState(false);
  const picked = reading.evidence.map((e) => e.name);
  const pick = (text: string) => {
    if (picked.includes(text)) return write(`evidence.${text}`, '');
    if (picked.length >= MOST_EVIDENCE) return setFull(true);
    setFull(false);
    write(`evidence.${text}`, IN);
  };
  return { picked, full, pick };
}

function QuestionAndFigure({
  records: { investigation },
  answer: { questions, question, groups, shown, day, name },
  write,
  team,
  picked,
  onPick,
}: PartProps & { team: BenchClaims['own']['team']; picked: readonly string[]; onPick: (text: string) => void }) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 760);
  const chosen = questions.findIndex((q) => JSON.stringify(q) === JSON.stringify(question));
  const choose = (i: number) => {
    const wanted = questions[i]!;
    const search = new URLSearchParams({ ...addressOf(wanted, questions[0]!) });
    search.set('day', wanted.when.kind === 'day' ? wanted.when.day : day);
    write('question', search.toString());
  };
  return (
    <section aria-label={say('teamClaim.questionFigure')}>
      <p className="mb-1">
        <Say
          it="teamClaim.weAsked"
          span={
            <span className="claim-question">
              <select aria-label={say('teamClaim.ourQuestion')} value={chosen} onChange={(e) => choose(Number(e.target.value))}>
                {chosen < 0 && <option value={-1}>{name(question)}</option>}
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
            onPick={(ref) => onPick(refText(ref))}
          />
        )}
      </div>
      <p className="second mb-0">{say('teamClaim.plantsEmblemYoursTap', { drawsPlants: shown.drawsPlants })}</p>
    </section>
  );
}

function OurClaim(part: PartProps) {
  const { records, claim, answer, reading, write } = part;
  return (
    <section aria-label={say('teamClaim.ourClaim')}>
      <h2>{say('teamClaim.weClaim')}</h2>
      {answer.facts === null ? (
        <Waiting>{say('teamClaim.workingSaid')}</Waiting>
      ) : isEarly(records) ? (
        <PictureClaim parts={claim.parts} vocabulary={answer.vocabulary} onChange={(text) => write('claim', text)} />
      ) : (
        <ClaimSentence claim={claim} vocabulary={answer.vocabulary} open={openOf(reading.asksOfClaim) ?? null} onWrite={write} />
      )}
      <Ask
        {...part}
        questions={reading.asksOfClaim}
        onChange={claim.typed.trim() !== '' ? null : (change) => write('claim', partsText({ ...claim.parts, ...change }))}
      />
    </section>
  );
}

const openOf = (questions: readonly AskedQuestion[]) => questions.find((q) => !q.kept);

/** The first question to a part that nobody has put aside. */
function Ask({
  claim,
  answer: { facts, subject },
  write,
  questions,
  onChange,
}: PartProps & { questions: readonly AskedQuestion[]; onChange: ComponentProps<typeof ReachAsk>['onChange'] }) {
  const open = openOf(questions);
  if (facts === null || !open) return null;
  return (
    <ReachAsk
      question={open}
      facts={facts}
      subject={subject}
      parts={claim.parts}
      onChange={onChange}
      onKeep={() => write(`kept.${keptName(open)}`, IN)}
    />
  );
}

function OurEvidence({ teamId, full, ...part }: PartProps & { teamId: string; full: boolean }) {
  const { records, answer, reading, write } = part;
  const own = new Set(records.investigation.containers.filter((c) => c.teamId === teamId).map((c) => c.id));
  const { evidence } = reading;
  return (
    <section aria-label={say('teamClaim.ourEvidence')}>
      <h2>
        <Say
          it="teamClaim.sawPictureSaysMore"
          countPickedUnder={evidence.length < 2}
          sameCountPicked={evidence.length === 0}
          span={(inside) => <span className="second">{inside}</span>}
        />
      </h2>
      <div className="evidence-row">
        {evidence.map((piece) => (
          <EvidenceCard
            key={piece.name}
            piece={piece}
            records={records}
            shown={answer.shown}
            day={answer.day}
            own={own}
            onPutBack={() => write(`evidence.${piece.name}`, '')}
          />
        ))}
        {Array.from({ length: Math.max(0, PLACES - evidence.length) }, (_, i) => (
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
      <Ask {...part} questions={reading.asksOfEvidence} onChange={null} />
    </section>
  );
}

/** Why they think so: the youngest tap a reason, the others begin a sentence and go on with it. */
function OurReasoning(part: PartProps) {
  const { records, claim, reading, write } = part;
  const { investigation } = records;
  const { gradeBand } = investigation.class;
  const starters = sentenceStarters(gradeBand, { kind: kindOf(investigation), factor: investigation.factor });
  const goOn = (s: string) => (claim.reasoning.trim() ? `${claim.reasoning.trimEnd()} ${s} ` : `${s} `);
  return (
    <section aria-label={say('teamClaim.ourReasoning')}>
      <h2>{say('teamClaim.thinkBecause')}</h2>
      {isEarly(records) ? (
        <div className="claim-starters" role="group" aria-label={say('teamClaim.mayReason')}>
          {earlyReasons().map((s) => (
            <button
              key={s}
              type="button"
              className="btn"
              aria-pressed={claim.reasoning === s}
              onClick={() => write('reasoning', s)}
            >
              {s}
            </button>
          ))}
        </div>
      ) : (
        <>
          <div className="claim-starters" role="group" aria-label={say('teamClaim.beginSentence')}>
            {starters.map((s) => (
              <button key={s} type="button" className="btn" onClick={() => write('reasoning', goOn(s))}>
                {s} …
              </button>
            ))}
          </div>
          <textarea
            className="claim-text"
            aria-label={say('teamClaim.whyThink')}
            maxLength={2000}
            value={claim.reasoning}
            onChange={(e) => write('reasoning', e.target.value, 'typed')}
          />
          <Ask {...part} questions={reading.asksOfReasoning} onChange={null} />
        </>
      )}
      <UnitWords band={gradeBand} />
    </section>
  );
}

function Foot({ claim, answer: { shown }, reading, write }: PartProps) {
  const aloud = inOneLine(
    reading.text,
    ...reading.evidence.map((e) => `${e.code ?? e.group.label}: ${shown.words(e.value)}.`),
    claim.reasoning,
  );
  const open = [reading.asksOfClaim, reading.asksOfReasoning, reading.asksOfEvidence].some(openOf);
  return (
    <footer className="claim-foot">
      <ReadAloud words={aloud || say('teamClaim.nothingWrittenYet')} />
      <span className="second">{open ? say('teamClaim.goAnswerLater') : ''}</span>
      <button
        type="button"
        className={claim.ready ? 'btn' : 'btn-next large'}
        disabled={reading.text === ''}
        onClick={() => write('ready', claim.ready ? '' : IN)}
      >
        {claim.ready ? say('teamClaim.shownTakeBack') : say('teamClaim.showIt')}
      </button>
    </footer>
  );
}

const earlyReasons = () => [
  say('teamClaim.plantsNeedWater'),
  say('teamClaim.plantsNeedLight'),
  say('teamClaim.plantsNeedFoodSoil'),
  say('teamClaim.tooCold'),
  say('teamClaim.weDoNotKnow'),
];
