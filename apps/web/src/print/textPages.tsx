import { type ReactNode } from 'react';
import { MARGIN, mm, type Paper } from './paper';
import { wrapText } from './wrapText';

/** A piece of a printed list. */
export type TextBlock =
  | { kind: 'title'; text: string; under?: string }
  | { kind: 'heading'; text: string }
  | { kind: 'text'; text: string; mark?: 'number' | 'box' | 'dot'; strong?: boolean }
  /** A line of a table; shares of the width. One to fill in is tall enough for a hand, with lines between its cells. */
  | { kind: 'row'; cells: readonly string[]; shares: readonly number[]; head?: boolean; toFillIn?: boolean }
  | { kind: 'new-page' };

type Block<K extends TextBlock['kind']> = Extract<TextBlock, { kind: K }>;

/** A page of a list, as it is drawn. */
export interface PageOfText {
  nodes: ReactNode[];
}

const SIZE = 16;
const HEADING = 22;
const TITLE = 30;
const LEADING = 1.3;
const INK = '#2A1B2E';
const THIN = '#C9C5D1';

/** Pages while pieces are laid down them: how far the last one is filled, and how many pieces were numbered. */
interface Laying {
  pages: PageOfText[];
  y: number;
  number: number;
  left: number;
  width: number;
  top: number;
  foot: number;
  big: number;
}

/** Lays pieces down pages; a line is never cut, and a heading never stands alone at the foot. `big` is how many times larger than usual. */
export function textPages(blocks: readonly TextBlock[], paper: Paper, big = 1): PageOfText[] {
  const left = mm(MARGIN);
  const laying: Laying = {
    pages: [{ nodes: [] }],
    y: left,
    number: 0,
    left,
    width: paper.width - 2 * left,
    top: left,
    foot: paper.height - left - 20,
    big,
  };
  blocks.forEach((block, b) => {
    if (block.kind === 'title') layTitle(laying, block, b);
    else if (block.kind === 'heading') layHeading(laying, block, b);
    else if (block.kind === 'text') layText(laying, block, b);
    else if (block.kind === 'row') layRow(laying, block, b);
    else if (laying.pages[laying.pages.length - 1]!.nodes.length > 0) turn(laying);
  });
  return laying.pages;
}

function turn(laying: Laying): void {
  laying.pages.push({ nodes: [] });
  laying.y = laying.top;
}

const put = ({ pages }: Laying, node: ReactNode) => pages[pages.length - 1]!.nodes.push(node);

/** Turns the page where so much does not fit below what stands there. */
function room(laying: Laying, needed: number): void {
  if (laying.y + needed > laying.foot && laying.pages[laying.pages.length - 1]!.nodes.length > 0) turn(laying);
}

function layTitle(laying: Laying, { text, under = '' }: Block<'title'>, b: number): void {
  const { left, width } = laying;
  const lines = wrapText(text, width, { size: TITLE, heading: true });
  room(laying, TITLE * 1.2 * lines.length + 40);
  lines.forEach((line, i) =>
    put(
      laying,
      <text key={`t${b} ${i}`} x={left} y={laying.y + TITLE * (1 + 1.15 * i)} fontSize={TITLE} className="paper-heading">
        {line}
      </text>,
    ),
  );
  laying.y += TITLE * (0.3 + 1.15 * lines.length);
  wrapText(under, width, { size: SIZE, heading: false }).forEach((line, i) => {
    put(
      laying,
      <text key={`u${b} ${i}`} x={left} y={laying.y + SIZE} fontSize={SIZE} className="paper-second">
        {line}
      </text>,
    );
    laying.y += SIZE * 1.3;
  });
  put(laying, <path key={`r${b}`} d={`M${left} ${laying.y + 4}H${left + width}`} stroke={INK} strokeWidth="3" />);
  laying.y += 20;
}

function layHeading(laying: Laying, { text }: Block<'heading'>, b: number): void {
  const size = HEADING * laying.big;
  laying.number = 0;
  room(laying, size * 3);
  laying.y += 12;
  put(
    laying,
    <text key={`h${b}`} x={laying.left} y={laying.y + size} fontSize={size} className="paper-heading">
      {text}
    </text>,
  );
  laying.y += size * 1.5;
}

function layText(laying: Laying, { text, mark, strong }: Block<'text'>, b: number): void {
  const { left } = laying;
  const size = SIZE * laying.big;
  const indent = mark ? size * 1.9 : 0;
  const lines = wrapText(text, laying.width - indent, { size, heading: false });
  room(laying, size * LEADING * lines.length + 4);
  const { y } = laying;
  if (mark === 'number') {
    laying.number += 1;
    put(
      laying,
      <text key={`n${b}`} x={left} y={y + size} fontSize={size} className="paper-heading">
        {laying.number}
      </text>,
    );
  }
  if (mark === 'box')
    put(
      laying,
      <rect key={`b${b}`} x={left} y={y + size * 0.1} width={size} height={size} fill="none" stroke={INK} strokeWidth="1.4" />,
    );
  if (mark === 'dot')
    put(laying, <circle key={`d${b}`} cx={left + size * 0.4} cy={y + size * 0.65} r={size * 0.18} fill={INK} />);
  lines.forEach((line, i) =>
    put(
      laying,
      <text key={`x${b} ${i}`} x={left + indent} y={y + size * (1 + LEADING * i)} fontSize={size} fontWeight={strong ? 700 : 400}>
        {line}
      </text>,
    ),
  );
  laying.y += size * LEADING * lines.length + 5;
}

function layRow(laying: Laying, { cells, shares, head, toFillIn }: Block<'row'>, b: number): void {
  const { left, width } = laying;
  const size = SIZE * laying.big;
  const whole = shares.reduce((sum, s) => sum + s, 0);
  const widths = shares.map((s) => (s / whole) * width);
  const wrapped = cells.map((c, i) => wrapText(c, widths[i]! - 12, { size, heading: false }));
  const written = Math.max(1, ...wrapped.map((c) => c.length)) * size * LEADING + 8;
  const tall = toFillIn ? Math.max(mm(8.5), written) : written;
  room(laying, tall + (head ? 60 : 0));
  const { y } = laying;
  let x = left;
  wrapped.forEach((lines, i) => {
    lines.forEach((line, k) =>
      put(
        laying,
        <text
          key={`c${b} ${i} ${k}`}
          x={x + 2}
          y={y + size * (1 + LEADING * k)}
          fontSize={size}
          fontWeight={head || i === 0 ? 700 : 400}
        >
          {line}
        </text>,
      ),
    );
    x += widths[i]!;
    if (toFillIn && i < wrapped.length - 1)
      put(laying, <path key={`v${b} ${i}`} d={`M${x - 6} ${y - 3}V${y + tall - 3}`} stroke={THIN} strokeWidth="1" />);
  });
  laying.y += tall;
  put(
    laying,
    <path key={`l${b}`} d={`M${left} ${laying.y - 3}H${left + width}`} stroke={head ? INK : THIN} strokeWidth={head ? 1.6 : 1} />,
  );
}
