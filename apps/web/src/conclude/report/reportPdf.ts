import { say } from '@bright-sprout/words/say';
import { type ReportBlock, type ReportFigure, type ReportSection } from '@bright-sprout/core/conclude/report/report';
import { type Content, type TDocumentDefinitions } from 'pdfmake/interfaces';
import { HEADING_FONT } from '../../print/makePdf';

export type PaperName = 'A4' | 'LETTER';

/** Left and right margin, points. */
const MARGIN = 54;
const WIDTH: Record<PaperName, number> = { A4: 595.28, LETTER: 612 };

/** A report as the definition of its PDF. @param figures drawings as SVG text, by what they show */
export function reportPdf(
  sections: readonly ReportSection[],
  figures: Readonly<Partial<Record<ReportFigure, string>>>,
  paper: PaperName,
  about: { title: string; foot: string },
): TDocumentDefinitions {
  const room = WIDTH[paper] - 2 * MARGIN;
  return {
    info: { title: about.title, creator: say('common.brightSprout') },
    pageSize: paper,
    pageMargins: [MARGIN, 50, MARGIN, 56],
    footer: (page: number, pages: number) => ({
      columns: [
        { text: about.foot, fontSize: 9 },
        { text: say('conclude.pageOfPages', { page, pages }), fontSize: 9, alignment: 'right' },
      ],
      margin: [MARGIN, 20, MARGIN, 0],
    }),
    content: sections.flatMap((s, i): Content[] => [
      {
        stack: [
          {
            canvas: [{ type: 'line', x1: 0, y1: 0, x2: room, y2: 0, lineWidth: 2, lineColor: '#2A1B2E' }],
            margin: [0, i === 0 ? 0 : 14, 0, 4],
          },
          { text: s.title, font: HEADING_FONT, fontSize: 17, margin: [0, 0, 0, 6] },
          // A title never stands alone at the foot of a page.
          ...s.blocks.slice(0, 1).map((b) => blockOf(b, figures, room)),
        ],
        unbreakable: s.blocks[0]?.kind !== 'table' && s.blocks[0]?.kind !== 'list',
      },
      ...s.blocks.slice(1).map((b) => blockOf(b, figures, room)),
    ]),
  };
}

function blockOf(block: ReportBlock, figures: Readonly<Partial<Record<string, string>>>, room: number): Content {
  switch (block.kind) {
    case 'paragraph':
      return block.strong
        ? { text: block.text, font: HEADING_FONT, fontSize: 14, margin: [0, 2, 0, 6] }
        : { text: block.text, margin: [0, 0, 0, 6] };
    case 'list':
      return block.numbered ? { ol: block.items, margin: [0, 0, 0, 6] } : { ul: block.items, margin: [0, 0, 0, 6] };
    case 'table':
      return {
        stack: [
          {
            table: {
              headerRows: 1,
              dontBreakRows: true,
              widths: ['*', ...block.head.slice(1).map(() => 'auto')],
              body: [
                block.head.map((text) => ({ text, font: HEADING_FONT, fontSize: 10 })),
                ...block.rows.map((row) => row.map((text) => ({ text, fontSize: 10 }))),
              ],
            },
            layout: 'lightHorizontalLines',
          },
          ...(block.caption
            ? [{ text: block.caption, fontSize: 9, margin: [0, 3, 0, 0] as [number, number, number, number] }]
            : []),
        ],
        margin: [0, 2, 0, 8],
      };
    case 'figure': {
      const svg = figures[block.figure];
      return {
        stack: [
          ...(svg ? [{ svg, fit: [room, 420] as [number, number] }] : []),
          { text: block.caption, fontSize: 9, margin: [0, 3, 0, 6] as [number, number, number, number] },
        ],
        unbreakable: true,
      };
    }
    case 'lines':
      return {
        stack: [
          ...Array.from({ length: block.count }, () => ({
            canvas: [{ type: 'line' as const, x1: 0, y1: 24, x2: room, y2: 24, lineWidth: 0.8, lineColor: '#2A1B2E' }],
          })),
          { text: block.label, fontSize: 9, margin: [0, 2, 0, 0] as [number, number, number, number] },
        ],
        margin: [0, 0, 0, 8],
      };
  }
}
