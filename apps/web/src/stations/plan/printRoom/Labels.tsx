import { say } from '@bright-sprout/words/say';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { containerLink } from '@bright-sprout/core/wayIn/shortLink';
import { type LabelGrid, labelPlaces } from '@bright-sprout/core/paper/labelGrid';
import { MarkShape } from '../../../marks/TreatmentMark';
import { mm, type Paper } from '../../../print/paper';
import { wrapText } from '../../../print/wrapText';
import { squareOf } from '../../../wayIn/square';
import { EMBLEM_PATHS } from '../../../theme/emblems';
import { type Printable } from './printable';

/** A container as its label says it. */
export interface LabelledContainer {
  code: string;
  treatment: string;
  /** What it gets, line by line. */
  lines: readonly string[];
  team: ClassView['teams'][number] | null;
  child: number | null;
  inReserve: boolean;
}

export interface LabelOptions {
  grid: LabelGrid;
  /** The treatment is hidden: a number in its place. */
  blind: boolean;
  /** Where devices in the room reach the server; null for labels without a square. */
  address: string | null;
  joinCode: string;
  investigationId: string;
}

/** Sheets of labels; with blind ones a key for the teacher, by itself. */
export function labelPages(
  shape: 'stick' | 'pot',
  containers: readonly LabelledContainer[],
  paper: Paper,
  options: LabelOptions,
): Printable['pages'] {
  if (containers.length === 0) return say('printRoom.containersYetLayThem');
  const placed = labelPlaces(paper.name, options.grid, containers.length);
  if (!placed.ok) return placed.reason;
  const sheets = placed.sheets.map((places, i) => ({
    label: say('printRoom.labelsSheet', {
      i: i + 1,
      places: places.map((p) => (options.blind ? String(p.index + 1) : containers[p.index]!.code)).join(', '),
    }),
    content: places.map((p) => (
      <g key={p.index} transform={`translate(${mm(p.x)} ${mm(p.y)})`}>
        <Label
          shape={shape}
          container={containers[p.index]!}
          number={p.index + 1}
          width={mm(p.width)}
          height={mm(p.height)}
          options={options}
          gaps={options.grid.gapAcross > 0 || options.grid.gapDown > 0}
        />
      </g>
    )),
  }));
  return options.blind
    ? [...sheets, { label: say('printRoom.keyBlindLabelsTeacher'), content: <Key containers={containers} /> }]
    : sheets;
}

function Label({
  shape,
  container,
  number,
  width,
  height,
  options,
  gaps,
}: {
  shape: 'stick' | 'pot';
  container: LabelledContainer;
  number: number;
  width: number;
  height: number;
  options: LabelOptions;
  gaps: boolean;
}) {
  const { blind, address, joinCode, investigationId } = options;
  const { code, treatment, lines, team, child, inReserve } = container;
  const pad = mm(2);
  // A square is read from 15 mm on; it is as large as the label lets it be.
  const side = address === null || blind ? 0 : Math.min(height - 2 * pad, width * 0.42, mm(26));
  const text = width - side - 2 * pad - (side > 0 ? mm(1) : 0);
  const large = Math.min(
    height * (shape === 'pot' ? 0.46 : 0.36),
    mm(shape === 'pot' ? 14 : 11),
    text / (2.1 + 0.68 * code.length),
  );
  const small = Math.max(mm(2.3), Math.min(mm(3.2), height / 9));
  const words = blind
    ? []
    : [...lines, ...(inReserve ? [say('printRoom.inReserve')] : [])].flatMap((l) =>
        wrapText(l, text, { size: small, heading: false }),
      );
  const top = pad + large;
  const fits = Math.max(0, Math.floor((height - top - small * 2.2) / (small * 1.15)));
  const square = side > 0 ? squareOf(containerLink(address!, joinCode, investigationId, code)) : null;
  return (
    <>
      {!gaps && <rect width={width} height={height} fill="none" stroke="#C9C5D1" strokeWidth="1" strokeDasharray="6 6" />}
      {!blind && (
        <g transform={`translate(${pad + large * 0.42} ${pad + large * 0.56})`}>
          <MarkShape code={treatment} size={large * 0.78} />
        </g>
      )}
      <text x={blind ? pad : pad + large} y={top} fontSize={large * 1.15} className="paper-heading">
        {blind ? number : code}
      </text>
      {team && (
        <path
          d={EMBLEM_PATHS[team.emblem]}
          fillRule="evenodd"
          fill="#2A1B2E"
          transform={`translate(${pad + text - large * (child ? 1.35 : 0.85)} ${pad + large * 0.1}) scale(${(large * 0.85) / 24})`}
        />
      )}
      {child !== null && (
        <text x={pad + text} y={top} textAnchor="end" fontSize={large * 0.8} className="paper-heading">
          {child}
        </text>
      )}
      {words.slice(0, fits).map((line, i) => (
        <text key={i} x={pad} y={top + small * (1.35 + 1.15 * i)} fontSize={small}>
          {line}
        </text>
      ))}
      <text x={pad} y={height - pad} fontSize={small} className="paper-second">
        {address === null ? `${joinCode} ${say('printRoom.onYourDevice')}` : joinCode}
      </text>
      {square && (
        <path
          d={square.path}
          fill="#000"
          transform={`translate(${width - pad - side} ${(height - side) / 2}) scale(${side / square.side})`}
        />
      )}
    </>
  );
}

/** Which number is which, in two columns. */
function Key({ containers }: { containers: readonly LabelledContainer[] }) {
  const half = Math.ceil(containers.length / 3);
  return (
    <>
      <text x={mm(12)} y={mm(20)} fontSize="30" className="paper-heading">
        {say('printRoom.keyBlindLabels')}
      </text>
      {containers.map((c, i) => (
        <g key={c.code} transform={`translate(${mm(12 + 62 * Math.floor(i / half))} ${mm(32 + 8 * (i % half))})`}>
          <text fontSize="18" className="paper-heading">
            {i + 1}
          </text>
          <g transform="translate(64 -6)">
            <MarkShape code={c.treatment} size={16} />
          </g>
          <text x="84" fontSize="18">
            {c.code}
          </text>
        </g>
      ))}
    </>
  );
}
