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

/** A page of a list, as it is drawn. */
export interface PageOfText {
  nodes: ReactNode[];
}

const SIZE = 16;
const HEADING = 22;
const TITLE = 30;
const LEADING = 1.3;

/** Lays pieces down pages; a line is never cut, and a heading never stands alone at the foot. `big` is how many times larger than usual. */
export function textPages(blocks: readonly TextBlock[], paper: Paper, big = 1): PageOfText[] {
  const left = mm(MARGIN);
  const width = paper.width - 2 * left;
  const foot = paper.height - mm(MARGIN) - 20;
  const pages: PageOfText[] = [{ nodes: [] }];
  let y = mm(MARGIN);
  let number = 0;
  const room = (needed: number) => {
    if (y + needed <= foot || pages[pages.length - 1]!.nodes.length === 0) return;
    pages.push({ nodes: [] });
    y = mm(MARGIN);
  };
  const put = (node: ReactNode) => pages[pages.length - 1]!.nodes.push(node);
  blocks.forEach((block, b) => {
    if (block.kind === 'new-page') {
      if (pages[pages.length - 1]!.nodes.length > 0) {
        pages.push({ nodes: [] });
        y = mm(MARGIN);
      }
      return;
    }
    if (block.kind === 'title') {
      const lines = wrapText(block.text, width, { size: TITLE, heading: true });
      room(TITLE * 1.2 * lines.length + 40);
      lines.forEach((line, i) =>
        put(
          <text key={`t${b} ${i}`} x={left} y={y + TITLE * (1 + 1.15 * i)} fontSize={TITLE} className="paper-heading">
            {line}
          </text>,
        ),
      );
      y += TITLE * (0.3 + 1.15 * lines.length);
      wrapText(block.under ?? '', width, { size: SIZE, heading: false }).forEach((line, i) => {
        put(
          <text key={`u${b} ${i}`} x={left} y={y + SIZE} fontSize={SIZE} className="paper-second">
            {line}
          </text>,
        );
        y += SIZE * 1.3;
      });
      put(<path key={`r${b}`} d={`M${left} ${y + 4}H${left + width}`} stroke="#2A1B2E" strokeWidth="3" />);
      y += 20;
      return;
    }
    if (block.kind === 'heading') {
      number = 0;
      room(HEADING * 3 * big);
      y += 12;
      put(
        <text key={`h${b}`} x={left} y={y + HEADING * big} fontSize={HEADING * big} className="paper-heading">
          {block.text}
        </text>,
      );
      y += HEADING * big * 1.5;
      return;
    }
    const size = SIZE * big;
    if (block.kind === 'text') {
      const indent = block.mark ? size * 1.9 : 0;
      const lines = wrapText(block.text, width - indent, { size, heading: false });
      room(size * LEADING * lines.length + 4);
      if (block.mark === 'number') {
        number += 1;
        put(
          <text key={`n${b}`} x={left} y={y + size} fontSize={size} className="paper-heading">
            {number}
          </text>,
        );
      }
      if (block.mark === 'box')
        put(
          <rect
            key={`b${b}`}
            x={left}
            y={y + size * 0.1}
            width={size}
            height={size}
            fill="none"
            stroke="#2A1B2E"
            strokeWidth="1.4"
          />,
        );
      if (block.mark === 'dot')
        put(<circle key={`d${b}`} cx={left + size * 0.4} cy={y + size * 0.65} r={size * 0.18} fill="#2A1B2E" />);
      lines.forEach((line, i) =>
        put(
          <text
            key={`x${b} ${i}`}
            x={left + indent}
            y={y + size * (1 + LEADING * i)}
            fontSize={size}
            fontWeight={block.strong ? 700 : 400}
          >
            {line}
          </text>,
        ),
      );
      y += size * LEADING * lines.length + 5;
      return;
    }
    const whole = block.shares.reduce((sum, s) => sum + s, 0);
    const widths = block.shares.map((s) => (s / whole) * width);
    const cells = block.cells.map((c, i) => wrapText(c, widths[i]! - 12, { size, heading: false }));
    const written = Math.max(1, ...cells.map((c) => c.length)) * size * LEADING + 8;
    const tall = block.toFillIn ? Math.max(mm(8.5), written) : written;
    room(tall + (block.head ? 60 : 0));
    let x = left;
    cells.forEach((lines, i) => {
      lines.forEach((line, k) =>
        put(
          <text
            key={`c${b} ${i} ${k}`}
            x={x + 2}
            y={y + size * (1 + LEADING * k)}
            fontSize={size}
            fontWeight={block.head || i === 0 ? 700 : 400}
          >
            {line}
          </text>,
        ),
      );
      x += widths[i]!;
      if (block.toFillIn && i < cells.length - 1)
        put(<path key={`v${b} ${i}`} d={`M${x - 6} ${y - 3}V${y + tall - 3}`} stroke="#C9C5D1" strokeWidth="1" />);
    });
    y += tall;
    put(
      <path
        key={`l${b}`}
        d={`M${left} ${y - 3}H${left + width}`}
        stroke={block.head ? '#2A1B2E' : '#C9C5D1'}
        strokeWidth={block.head ? 1.6 : 1}
      />,
    );
  });
  return pages;
}
