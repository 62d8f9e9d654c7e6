import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../../../words/Say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { contrastName } from '@bright-sprout/core/claims/contrastWords';
import { groupsOf } from '@bright-sprout/core/compare/groups';
import { type AskedContrast } from '@bright-sprout/core/compare/wanted';
import { plural } from '@bright-sprout/core/words/plural';
import { numberInWords } from '@bright-sprout/core/words/numberInWords';
import { type Question } from '@bright-sprout/core/compare/question';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { shownFor, whenWords } from '../../../compare/questionWords';
import { dealtWords, sayP, waysWords } from '@bright-sprout/core/claims/luckWords';
import { leftOut } from '../../../compare/figures/figureKit';
import { InvestigationFrame } from '../../../page/InvestigationFrame';
import { Empty } from '../../../page/Notices';
import { RuledWord } from '../../../page/RuledWord';
import { habitOf } from '../../../records/habitOf';
import { useAsked } from '../useAsked';
import { DealtPots, type DealtTeam } from './DealtPots';
import { GrainPile } from './GrainPile';
import { useDealing } from './useDealing';
import '../../../compare/figures/compareFigure.scss';
import './deal.scss';

/** More pots than this are not drawn one by one. */
const MOST_POTS = 84;

/** The label shuffle seen happening: labels are taken off and dealt again within teams, and each deal's gap falls on a growing pile. */
export function DealAgainView() {
  return (
    <InvestigationFrame
      wholeClass
      next={({ records, day }) => (
        <Link className="btn-next" to={`/investigations/${records.investigation.id}/compare${day ? `?day=${day}` : ''}`}>
          {say('compare.backQuestion')}
        </Link>
      )}
    >
      {({ records, day, look }) =>
        day === null ? (
          <Empty title={say('compare.nothingDealYet')}>
            <p>{say('compare.afterFirstCheckLabels')}</p>
          </Empty>
        ) : (
          <DealAgain records={records} day={day} onLook={look} />
        )
      }
    </InvestigationFrame>
  );
}

function DealAgain({ records, day, onLook }: { records: InvestigationRecords; day: IsoDay; onLook: (day: IsoDay) => void }) {
  const { investigation } = records;
  const { askable, question, measure, searchOf } = useAsked(records, day, onLook);
  const groups = useMemo(() => groupsOf(askable.records, measure, question), [askable, measure, question]);
  const shown = useMemo(
    () => shownFor(question, measure, investigation, askable.records),
    [question, measure, investigation, askable],
  );
  const [chosen, setChosen] = useState(0);
  const { prepared, state, deal } = useDealing(groups, question, investigation.design, chosen);
  const back = `/investigations/${investigation.id}/compare?${searchOf(question)}`;
  if (!prepared.ok)
    return (
      <Empty title={say('compare.labelsCannotDealtAgain')}>
        <p>{prepared.reason}</p>
        <Link className="btn" to={back}>
          {say('compare.backQuestion')}
        </Link>
      </Empty>
    );
  const { dealing, seen } = prepared;
  const young = investigation.class.gradeBand === 'early' || investigation.class.gradeBand === 'primary';
  const { pile } = state;
  const missing = groups.flatMap((g) => leftOut(g, shown.name));
  const byTeam = new Set(prepared.units.map((u) => u.block)).size > 1;
  const exact = dealing.arrangements.method === 'exact';
  return (
    <section aria-label={say('compare.dealAgain')} className="deal">
      <div className="ruled-sentence">
        <AskedGap
          prepared={prepared}
          onChoose={setChosen}
          name={shown.name}
          rest={question.when.kind === 'course' ? '' : whenWords(question.when, investigation.sownOn)}
        />
      </div>
      <p className="second mb-1">
        {say('compare.treatmentNothingLabelTeam', {
          containerName: plural(investigation.containerName),
          byTeam,
          waysWords: waysWords(dealing.arrangements.arrangements),
          total: numberInWords(dealing.total),
          exact,
          missing: missing.join(', '),
          someMissing: missing.length > 0,
        })}
      </p>
      {prepared.units.length <= MOST_POTS ? (
        <DealtPots
          teams={teamsOf(records, groups, prepared.units, state.labels)}
          highest={Math.max(...prepared.units.map((u) => u.value))}
          shown={shown}
          quick={state.running || pile.dealt > 40}
          codeOf={(t) => (t.length === 1 ? t : '')}
        />
      ) : (
        <p>{say('compare.containersTooManyDraw', { countUnits: prepared.units.length })}</p>
      )}
      <div className="deal-below">
        <div>
          <h2>
            {pile.dealt === 0
              ? say('compare.dealsGapFallsGrain')
              : say('compare.gapsDeals', { dealt: numberInWords(pile.dealt) })}
          </h2>
          <GrainPile pile={pile} gap={seen.estimate} shown={shown} more={shown.more} less={shown.less} />
          {!young && <p className="second mt-1 mb-0">{say('compare.grainLiesDealsGap')}</p>}
        </div>
        <div>
          <Dealt prepared={prepared} state={state} deal={deal} question={question} young={young} />
          <Link className="btn btn-plain" to={back}>
            {say('compare.elseExplain')}
          </Link>
        </div>
      </div>
    </section>
  );
}

type Prepared = Extract<ReturnType<typeof useDealing>['prepared'], { ok: true }>;

/** The question that is dealt for: could luck make a gap as big as this one? */
function AskedGap({
  prepared,
  onChoose,
  name,
  rest,
}: {
  prepared: Prepared;
  onChoose: (at: number) => void;
  name: string;
  rest: string;
}) {
  const { dealing, wanted, seen } = prepared;
  const names = dealing.seen.map((s) => contrastName({ asked: wanted.find((w) => w.key === s.key)!.asked }));
  const asked = wanted.find((w) => w.key === seen.key)!.asked;
  const against = asked.kind === 'difference' || asked.kind === 'main' ? asked.against : '';
  return (
    <Say
      it="compare.askedOfClasses"
      asks={ASKS[asked.kind]}
      question={
        <RuledWord
          name={say('compare.whichGap')}
          value={String(prepared.at)}
          choices={names.map((label, i) => ({ value: String(i), label }))}
          onChoose={(i) => onChoose(Number(i))}
        />
      }
      against={
        against && (
          <>
            {' '}
            <Say it="compare.andAgainst" against={against} b={(inside) => <b>{inside}</b>} />
          </>
        )
      }
      name={name}
      b={(inside) => <b>{inside}</b>}
      rest={rest}
    />
  );
}

/** How often luck did as much so far, and buttons to deal on. */
function Dealt({
  prepared,
  state,
  deal,
  question,
  young,
}: Pick<ReturnType<typeof useDealing>, 'state' | 'deal'> & { prepared: Prepared; question: Question; young: boolean }) {
  const { pile, all } = state;
  const { dealing } = prepared;
  return (
    <>
      <p className="deal-count" aria-live="polite">
        <Say
          it="compare.otherGaveGapBig"
          beyond={numberInWords(pile.beyond)}
          b={(inside) => <b>{inside}</b>}
          dealt={numberInWords(pile.dealt)}
          countDealt={pile.dealt}
        />
      </p>
      <p>{luckSentence(pile.beyond, pile.dealt)}</p>
      <div className="deal-buttons">
        <button type="button" className="btn" disabled={all !== null} onClick={() => deal(1)}>
          {say('compare.one')}
        </button>
        <button type="button" className="btn" disabled={all !== null} onClick={() => deal(10)}>
          {say('compare.ten')}
        </button>
        <button type="button" className="btn" disabled={all !== null || state.running} onClick={() => deal(dealing.total)}>
          {say('compare.allOfTotal', { total: numberInWords(dealing.total) })}
        </button>
      </div>
      {all && !young && (
        <p className="mt-3 mb-0" role="status">
          {say('compare.realDealCountsMore', {
            dealtWords: dealtWords(all, question),
            share: sayP(all.contrasts[prepared.at]!.pAlone),
            hasDraws: all.draws !== null,
            countContrasts: all.contrasts.length,
            shareAmongAll: sayP(all.contrasts[prepared.at]!.pAmong),
            severalContrasts: all.contrasts.length > 1,
          })}
        </p>
      )}
      {all && young && (
        <p className="mt-3 mb-0" role="status">
          {say('compare.allAreDealt')}
        </p>
      )}
    </>
  );
}

/** How the question begins, by what is asked about. */
const ASKS: Record<AskedContrast['kind'], string> = spoken({
  difference: 'compare.luckMakeGapBig',
  main: 'compare.luckMakeGapBig',
  slope: 'compare.luckMakeMuchDifference',
  interaction: 'compare.couldLuckWhere',
});

/** What the pile says, in words for a child of ten. */
function luckSentence(beyond: number, dealt: number): string {
  if (dealt === 0) return say('compare.dealOnceLookPots');
  if (dealt < 20) return say('compare.dealSomeMoreUntil');
  const share = beyond / dealt;
  const often =
    beyond === 0
      ? say('compare.onceDeals', { dealt: numberInWords(dealt) })
      : share >= 0.5
        ? say('compare.moreHalfDeals')
        : say('compare.aboutOnceDeals', { deals: Math.round(1 / share) });
  return share >= 0.05 ? say('compare.luckAloneLuckMade', { often }) : say('compare.luckAloneLuckAlone', { often });
}

/** Pots by team with the labels as they lie now; a label keeps its key, so that it is seen to move. */
function teamsOf(
  { investigation }: InvestigationRecords,
  groups: ReturnType<typeof groupsOf>,
  units: readonly { treatment: string; block: string; value: number }[],
  labels: readonly (string | null)[],
): DealtTeam[] {
  const containers = groups.flatMap((g) => [
    ...new Map(g.dots.map((d) => [d.container.id, { container: d.container, group: g }])).values(),
  ]);
  const codeOf = new Map(groups.map((g) => [g.key, g.treatment.code]));
  return [...new Set(units.map((u) => u.block))].map((block) => {
    const places = units.flatMap((u, i) => (u.block === block ? [i] : []));
    // Treatments stand mixed, as they do on the tray.
    const own = places
      .map((i) => ({ i, container: containers[i]!.container }))
      .sort(
        (a, b) => positionOf(investigation.containers, a.container.id) - positionOf(investigation.containers, b.container.id),
      );
    const taken = new Map<string, number>();
    const dealt = own.map(({ i }, pot) => ({ treatment: labels[i] ?? units[i]!.treatment, pot }));
    const keyed = dealt.map(({ treatment, pot }) => {
      const n = taken.get(treatment) ?? 0;
      taken.set(treatment, n + 1);
      return { treatment: codeOf.get(treatment) ?? treatment, pot, key: `${treatment} ${n}` };
    });
    const team = investigation.teams.find((t) => t.nickname === block);
    return {
      team: block || say('compare.allTogether'),
      emblem: team?.emblem ?? null,
      pots: own.map(({ i, container }) => ({
        id: container.id,
        code: container.code,
        value: units[i]!.value,
        habit: habitOf(investigation, container),
      })),
      labels: keyed.sort((a, b) => (a.key < b.key ? -1 : 1)),
    };
  });
}

const positionOf = (containers: readonly { id: string; position: number }[], id: string) =>
  containers.find((c) => c.id === id)?.position ?? 0;
