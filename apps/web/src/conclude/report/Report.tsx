import { say } from '@bright-sprout/words/say';
import { type TeamClaimView } from '@bright-sprout/contracts/answers/conclude';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { teamClaimOf } from '@bright-sprout/core/conclude/claim/claimEntries';
import {
  type Arrangement,
  arrangementText,
  PART_NAMES,
  readArrangement,
  withPartMoved,
  withPartOut,
} from '@bright-sprout/core/conclude/report/arrangement';
import { type ReportFacts, type ReportFigure, reportSections } from '@bright-sprout/core/conclude/report/report';
import { type ComponentProps, type RefObject, useMemo, useRef, useState } from 'react';
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
  const files = useFiles();
  const { investigation } = records;
  const name = slug(`${of?.nickname ?? investigation.class.name} ${investigation.question}`);
  if (answer.facts === null) return <Waiting>{say('conclude.puttingReportTogether')}</Waiting>;
  const said = claimInWords(records, claim);
  return (
    <>
      <div className="report-layout">
        <ReportPaper sections={sections} records={records} of={of} answer={answer} ref={paper} />
        <aside className="report-side no-print" aria-label={say('conclude.thisReport')}>
          <ReportFiles
            files={files}
            name={name}
            paper={paper}
            sections={sections}
            about={{
              title: investigation.question,
              foot: say('conclude.madeBrightSproutClasss', {
                nickname: of?.nickname ?? say('conclude.classHead'),
                name: investigation.class.name,
              }),
            }}
          />
          <Parts arranged={arranged} onArrange={onArrange} />
        </aside>
      </div>
      <PosterPart
        files={files}
        name={name}
        investigation={investigation}
        team={investigation.teams.find((t) => t.id === of?.id) ?? null}
        groups={answer.groups}
        shown={answer.shown}
        figureTitle={answer.name(answer.question)}
        claim={of === null ? (facts.found?.finding ?? '') : said.text}
        saw={said.saw}
        because={claim.reasoning.trim()}
      />
    </>
  );
}

/** Makes one file at a time, says which, and what went wrong. */
function useFiles() {
  const [making, setMaking] = useState<string | null>(null);
  const [error, setError] = useState<unknown>(null);
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
  return { making, error, make };
}

type Files = ReturnType<typeof useFiles>;

/** The figures of a report as they stand on the page. */
const drawingsOn = (paper: HTMLElement) =>
  [...paper.querySelectorAll<HTMLElement>('[data-report-figure]')].flatMap((holder) => {
    const svg = holder.querySelector('svg');
    return svg ? [{ name: holder.dataset.reportFigure as ReportFigure, svg }] : [];
  });

function ReportFiles({
  files: { making, error, make },
  name,
  paper,
  sections,
  about,
}: {
  files: Files;
  name: string;
  paper: RefObject<HTMLElement | null>;
  sections: ReturnType<typeof reportSections>;
  about: { title: string; foot: string };
}) {
  const [size, setSize] = useState<PaperName>('A4');
  const drawings = () => drawingsOn(paper.current!);
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
  return (
    <>
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
    </>
  );
}

/** The parts of a report: which are in it, and in which order. */
function Parts({ arranged, onArrange }: { arranged: Arrangement; onArrange: (arrangement: string) => void }) {
  const move = (part: Arrangement['order'][number], by: -1 | 1, label: string, sign: string) => (
    <button
      type="button"
      className="report-move"
      aria-label={label}
      onClick={() => onArrange(arrangementText(withPartMoved(arranged, part, by)))}
    >
      {sign}
    </button>
  );
  return (
    <>
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
            {move(part, -1, say('conclude.earlier', { partNames: PART_NAMES[part] }), '↑')}
            {move(part, 1, say('conclude.later', { partNames: PART_NAMES[part] }), '↓')}
          </li>
        ))}
      </ol>
    </>
  );
}

/** The poster made of the same, on the sheet that is chosen. */
function PosterPart({
  files: { making, make },
  name,
  ...drawn
}: { files: Files; name: string } & Omit<ComponentProps<typeof Poster>, 'ref' | 'sheet'>) {
  const poster = useRef<SVGSVGElement>(null);
  const [sheet, setSheet] = useState<PosterSheetName>('a3');
  const pdf = () => {
    const { points } = POSTER_SHEETS[sheet];
    return makePdf({
      info: { title: drawn.investigation.question, creator: say('common.brightSprout') },
      pageSize: { width: points[0], height: points[1] },
      pageMargins: 0,
      content: [{ svg: svgForPdf(poster.current!), width: points[0], height: points[1] - 0.5 }],
    });
  };
  return (
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
          onClick={() => void make(say('conclude.posterTitle'), `${name}-poster.pdf`, pdf)}
        >
          {say('conclude.posterPdf')}
        </button>
      </div>
      <Poster ref={poster} sheet={POSTER_SHEETS[sheet]} {...drawn} />
    </section>
  );
}
