import { say } from '@bright-sprout/words/say';
import { type TeamClaimView } from '@bright-sprout/contracts/answers/conclude';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { teamClaimOf } from '@bright-sprout/core/conclude/claim/claimEntries';
import {
  arrangementText,
  PART_NAMES,
  readArrangement,
  withPartMoved,
  withPartOut,
} from '@bright-sprout/core/conclude/report/arrangement';
import { type ReportFacts, type ReportFigure, reportSections } from '@bright-sprout/core/conclude/report/report';
import { useMemo, useRef, useState } from 'react';
import { handOver, pngOf } from '../../compare/figures/takeAway';
import { ProblemNotice, Waiting } from '../../page/Notices';
import { useClaimAnswer } from '../claim/useClaimAnswer';
import { makePdf } from '../../print/makePdf';
import { Poster } from '../paper/Poster';
import { POSTER_SHEETS, type PosterSheetName } from '../paper/sheets';
import { svgForPdf } from '../../print/svgForPdf';
import { claimInWords } from './claimInWords';
import { reportFacts, type ReportOf } from './reportFacts';
import { type PaperName, reportPdf } from './reportPdf';
import { type Picture, reportWord } from './reportWord';
import { ReportPaper } from './ReportPaper';

const slug = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .slice(0, 50)
    .replace(/^-|-$/g, '');

const papers = (): [PaperName, string][] => [
  ['A4', 'A4'],
  ['LETTER', say('conclude.letter')],
];

/** A report of a team or of the class with its files, its arrangement, and the poster made of the same. */
export function Report({
  records,
  of,
  claims,
  next,
  arrangement,
  onArrange,
}: {
  records: InvestigationRecords;
  of: ReportOf;
  claims: readonly TeamClaimView[];
  next: ReportFacts['next'];
  arrangement: string;
  onArrange: (arrangement: string) => void;
}) {
  const view = claims.find((c) => c.team.id === of?.id);
  const claim = useMemo(() => teamClaimOf(view?.entries ?? []), [view]);
  const answer = useClaimAnswer(records, claim);
  const arranged = useMemo(() => readArrangement(arrangement), [arrangement]);
  const facts = useMemo(() => reportFacts(records, of, claims, answer, next), [records, of, claims, answer, next]);
  const sections = useMemo(() => reportSections(facts, arranged), [facts, arranged]);
  const paper = useRef<HTMLElement>(null);
  const poster = useRef<SVGSVGElement>(null);
  const [size, setSize] = useState<PaperName>('A4');
  const [sheet, setSheet] = useState<PosterSheetName>('a3');
  const [making, setMaking] = useState<string | null>(null);
  const [error, setError] = useState<unknown>(null);
  const name = slug(`${of?.nickname ?? records.investigation.class.name} ${records.investigation.question}`);
  const make = async (what: string, file: string, work: () => Promise<Blob>) => {
    setMaking(what);
    setError(null);
    try {
      handOver(await work(), file);
    } catch (problem) {
      setError(problem);
    } finally {
      setMaking(null);
    }
  };
  const drawings = () =>
    [...paper.current!.querySelectorAll<HTMLElement>('[data-report-figure]')].flatMap((holder) => {
      const svg = holder.querySelector('svg');
      return svg ? [{ name: holder.dataset.reportFigure as ReportFigure, svg }] : [];
    });
  const about = {
    title: records.investigation.question,
    foot: say('conclude.madeBrightSproutClasss', {
      nickname: of?.nickname ?? say('conclude.classHead'),
      name: records.investigation.class.name,
    }),
  };
  const pdf = () =>
    makePdf(reportPdf(sections, Object.fromEntries(drawings().map((d) => [d.name, svgForPdf(d.svg)])), size, about));
  const word = async () => {
    const pictures: [string, Picture][] = [];
    for (const d of drawings()) {
      const { width, height } = d.svg.getBoundingClientRect();
      pictures.push([d.name, { png: await pngOf(d.svg, d.name), width, height }]);
    }
    return reportWord(sections, Object.fromEntries(pictures), size, about.title);
  };
  const posterPdf = () => {
    const { points } = POSTER_SHEETS[sheet];
    return makePdf({
      info: { title: about.title, creator: say('common.brightSprout') },
      pageSize: { width: points[0], height: points[1] },
      pageMargins: 0,
      content: [{ svg: svgForPdf(poster.current!), width: points[0], height: points[1] - 0.5 }],
    });
  };
  if (answer.facts === null) return <Waiting>{say('conclude.puttingReportTogether')}</Waiting>;
  const team = records.investigation.teams.find((t) => t.id === of?.id) ?? null;
  const said = claimInWords(records, claim);
  return (
    <>
      <div className="report-layout">
        <ReportPaper sections={sections} records={records} of={of} answer={answer} ref={paper} />
        <aside className="report-side no-print" aria-label={say('conclude.thisReport')}>
          <h2>{say('conclude.takeAlong')}</h2>
          <div className="report-files" role="group" aria-label={say('common.paper')}>
            {papers().map(([value, words]) => (
              <button key={value} type="button" className="btn" aria-pressed={size === value} onClick={() => setSize(value)}>
                {words}
              </button>
            ))}
          </div>
          <div className="report-files">
            <button
              type="button"
              className="btn-next"
              disabled={making !== null}
              onClick={() => void make('PDF', `${name}.pdf`, pdf)}
            >
              {say('conclude.asAPdf')}
            </button>
            <button
              type="button"
              className="btn"
              disabled={making !== null}
              onClick={() => void make(say('conclude.wordFileTitle'), `${name}.docx`, word)}
            >
              {say('conclude.wordFile')}
            </button>
            <button type="button" className="btn btn-plain" onClick={() => print()}>
              {say('conclude.printIt')}
            </button>
          </div>
          {making && <p role="status">{say('conclude.makingThe', { making })}</p>}
          {error !== null && <ProblemNotice error={error} />}
          <h2>{say('conclude.itsParts')}</h2>
          <ol>
            {arranged.order.map((part) => (
              <li key={part}>
                <label>
                  <input
                    type="checkbox"
                    checked={!arranged.out.includes(part)}
                    onChange={() => onArrange(arrangementText(withPartOut(arranged, part)))}
                  />
                  {PART_NAMES[part]}
                </label>
                <button
                  type="button"
                  className="report-move"
                  aria-label={say('conclude.earlier', { partNames: PART_NAMES[part] })}
                  onClick={() => onArrange(arrangementText(withPartMoved(arranged, part, -1)))}
                >
                  ↑
                </button>
                <button
                  type="button"
                  className="report-move"
                  aria-label={say('conclude.later', { partNames: PART_NAMES[part] })}
                  onClick={() => onArrange(arrangementText(withPartMoved(arranged, part, 1)))}
                >
                  ↓
                </button>
              </li>
            ))}
          </ol>
        </aside>
      </div>
      <section className="section mt-4 no-print" aria-label={say('conclude.posterTitle')}>
        <h2>{say('conclude.posterTitle')}</h2>
        <div className="report-files d-flex flex-wrap gap-2 mb-3" role="group" aria-label={say('conclude.sheetPoster')}>
          {(Object.keys(POSTER_SHEETS) as PosterSheetName[]).map((s) => (
            <button key={s} type="button" className="btn" aria-pressed={sheet === s} onClick={() => setSheet(s)}>
              {POSTER_SHEETS[s].name}
            </button>
          ))}
          <button
            type="button"
            className="btn"
            disabled={making !== null}
            onClick={() => void make('poster', `${name}-poster.pdf`, posterPdf)}
          >
            {say('conclude.posterPdf')}
          </button>
        </div>
        <Poster
          ref={poster}
          sheet={POSTER_SHEETS[sheet]}
          investigation={records.investigation}
          team={team}
          groups={answer.groups}
          shown={answer.shown}
          figureTitle={answer.name(answer.question)}
          claim={of === null ? (facts.found?.finding ?? '') : said.text}
          saw={said.saw}
          because={claim.reasoning.trim()}
        />
      </section>
    </>
  );
}
