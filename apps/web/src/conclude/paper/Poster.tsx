import { say } from '@bright-sprout/words/say';
import { type Emblem } from '@bright-sprout/contracts/access';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type Group } from '@bright-sprout/core/compare/groups';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type Ref } from 'react';
import { INK } from '../../compare/figures/figureKit';
import { EMBLEM_PATHS } from '../../theme/emblems';
import { ClaimFigure } from '../claim/ClaimFigure';
import { type Sheet } from './sheets';
import { wrapText } from '../../print/wrapText';
import { PaperPage } from '../../print/PaperPage';

const MARGIN = 56;

/** One sheet for the wall: the question, the figure large, and what was found out beside it. */
export function Poster({
  sheet,
  investigation,
  team,
  groups,
  shown,
  figureTitle,
  claim,
  saw,
  because,
  ref,
}: {
  sheet: Sheet;
  investigation: InvestigationView;
  team: { id: string; emblem: Emblem; nickname: string } | null;
  groups: readonly Group[];
  shown: Shown;
  figureTitle: string;
  claim: string;
  saw: readonly string[];
  because: string;
  ref?: Ref<SVGSVGElement>;
}) {
  const [width, height] = sheet.drawing;
  const title = wrapText(investigation.question, width - 2 * MARGIN, { size: 58, heading: true }).slice(0, 2);
  const top = 96 + 64 * title.length;
  const side = Math.round(width * 0.31);
  const figureWidth = width - 2 * MARGIN - side - 44;
  const drawn = 760;
  const figureTall = Math.min(height - top - 150, figureWidth * 0.84);
  const x = width - MARGIN - side;
  const text = (words: string, size: number, heading: boolean, lines: number) => {
    const all = wrapText(words, side, { size, heading });
    return all.length > lines ? [...all.slice(0, lines - 1), `${all[lines - 1]!} …`] : all;
  };
  const blocks = [
    { name: say('conclude.weFoundOut'), lines: text(claim || say('conclude.writeHand'), 30, true, 8), size: 30, heading: true },
    { name: say('conclude.weSaw'), lines: saw.slice(0, 4).flatMap((s) => text(s, 22, false, 2)), size: 22, heading: false },
    { name: say('conclude.thinkBecause'), lines: text(because, 22, false, 8), size: 22, heading: false },
  ].filter((b) => b.lines.some((l) => l !== ''));
  let y = top + 24;
  return (
    <PaperPage
      paper={{ width: sheet.drawing[0], height: sheet.drawing[1] }}
      ref={ref}
      label={say('conclude.poster', { question: investigation.question })}
    >
      {title.map((line, i) => (
        <text key={line} x={MARGIN} y={100 + 64 * i} fontSize="58" className="paper-heading">
          {line}
        </text>
      ))}
      <path d={`M${MARGIN} ${top - 14}H${width - MARGIN}`} stroke={INK} strokeWidth="4" />
      <text x={MARGIN} y={top + 24} fontSize="24" className="paper-heading">
        {figureTitle}
      </text>
      <svg
        x={MARGIN}
        y={top + 40}
        width={figureWidth}
        height={figureTall}
        viewBox={`0 0 ${drawn} ${Math.round(drawn * (figureTall / figureWidth))}`}
        preserveAspectRatio="xMinYMin meet"
      >
        <ClaimFigure
          width={drawn}
          tall={Math.round(drawn * (figureTall / figureWidth)) - 80}
          groups={groups}
          shown={shown}
          investigation={investigation}
          team={team}
          picked={[]}
          onPick={null}
        />
      </svg>
      {blocks.map((b) => {
        const from = y;
        y += 34 + b.lines.length * b.size * 1.24 + 30;
        return <Block key={b.name} {...b} x={x} y={from} />;
      })}
      <Foot team={team} className={investigation.class.name} width={width} height={height} x={x} />
    </PaperPage>
  );
}

/** What was found out, under its heading. */
function Block({
  name,
  lines,
  size,
  heading,
  x,
  y,
}: {
  name: string;
  lines: readonly string[];
  size: number;
  heading: boolean;
  x: number;
  y: number;
}) {
  return (
    <g>
      <text x={x} y={y} fontSize="20" className="paper-second">
        {name}
      </text>
      {lines.map((line, i) => (
        <text key={i} x={x} y={y + 36 + size * 1.24 * i} fontSize={size} className={heading ? 'paper-heading' : undefined}>
          {line}
        </text>
      ))}
    </g>
  );
}

/** Whose it is, and a line for names that are written by hand. */
function Foot({
  team,
  className,
  width,
  height,
  x,
}: {
  team: { emblem: Emblem; nickname: string } | null;
  className: string;
  width: number;
  height: number;
  x: number;
}) {
  return (
    <>
      <path d={`M${MARGIN} ${height - 92}H${width - MARGIN}`} stroke={INK} strokeWidth="1.5" />
      {team && (
        <path
          d={EMBLEM_PATHS[team.emblem]}
          transform={`translate(${MARGIN} ${height - 78}) scale(1.9)`}
          fillRule="evenodd"
          fill={INK}
        />
      )}
      <text x={MARGIN + (team ? 62 : 0)} y={height - 46} fontSize="28" className="paper-heading">
        {team?.nickname ?? className}
      </text>
      <text x={MARGIN + (team ? 320 : 220)} y={height - 46} fontSize="19" className="paper-second">
        {team ? say('conclude.className', { name: className }) : ''}
      </text>
      <path d={`M${x} ${height - 44}H${width - MARGIN}`} stroke={INK} strokeWidth="1.2" />
      <text x={x} y={height - 20} fontSize="17" className="paper-second">
        {say('conclude.whoMadeIt')}
      </text>
    </>
  );
}
