import { say } from '@bright-sprout/words/say';
import { type ReportBlock, type ReportFigure, type ReportSection } from '@bright-sprout/core/conclude/report/report';
import { type PaperName } from './reportPdf';

/** Twentieths of a point. */
const PAPER: Record<PaperName, { width: number; height: number }> = {
  A4: { width: 11906, height: 16838 },
  LETTER: { width: 12240, height: 15840 },
};
/** Pixels between the margins. */
const ROOM = 600;

export interface Picture {
  png: Blob;
  width: number;
  height: number;
}

/** A report as a Word file, for those who must hand one in: plain headings, tables and pictures that can be worked on. */
export async function reportWord(
  sections: readonly ReportSection[],
  figures: Readonly<Partial<Record<ReportFigure, Picture>>>,
  paper: PaperName,
  title: string,
): Promise<Blob> {
  const docx = await import('docx');
  const { Document, HeadingLevel, ImageRun, Packer, Paragraph, Table, TableCell, TableRow, TextRun, WidthType } = docx;
  const pictures = new Map(
    await Promise.all(
      Object.entries(figures).map(
        async ([name, p]) => [name, { ...p, bytes: new Uint8Array(await p.png.arrayBuffer()) }] as const,
      ),
    ),
  );
  const cell = (text: string, strong: boolean) =>
    new TableCell({ children: [new Paragraph({ children: [new TextRun({ text, bold: strong, size: 20 })] })] });
  const blockOf = (block: ReportBlock): (InstanceType<typeof Paragraph> | InstanceType<typeof Table>)[] => {
    switch (block.kind) {
      case 'paragraph':
        return [
          new Paragraph({ children: [new TextRun({ text: block.text, bold: block.strong ?? false })], spacing: { after: 120 } }),
        ];
      case 'list':
        return block.items.map(
          (text) =>
            new Paragraph(
              block.numbered ? { text, numbering: { reference: 'steps', level: 0 } } : { text, bullet: { level: 0 } },
            ),
        );
      case 'table':
        return [
          new Table({
            width: { size: 100, type: WidthType.PERCENTAGE },
            rows: [
              new TableRow({ tableHeader: true, children: block.head.map((h) => cell(h, true)) }),
              ...block.rows.map((row) => new TableRow({ children: row.map((text) => cell(text, false)) })),
            ],
          }),
          new Paragraph({ children: [new TextRun({ text: block.caption, italics: true, size: 18 })] }),
        ];
      case 'figure': {
        const picture = pictures.get(block.figure);
        const run = picture
          ? [
              new ImageRun({
                type: 'png',
                data: picture.bytes,
                transformation: { width: ROOM, height: Math.round((ROOM * picture.height) / picture.width) },
                altText: { title: block.caption, description: block.caption, name: block.figure },
              }),
            ]
          : [];
        return [
          new Paragraph({ children: run }),
          new Paragraph({ children: [new TextRun({ text: block.caption, italics: true, size: 18 })] }),
        ];
      }
      case 'lines':
        return [
          ...Array.from({ length: block.count }, () => new Paragraph({ text: '_'.repeat(70) })),
          new Paragraph(block.label),
        ];
    }
  };
  const document = new Document({
    title,
    creator: say('common.brightSprout'),
    styles: { default: { document: { run: { font: 'Arial', size: 22 } } } },
    numbering: {
      config: [
        {
          reference: 'steps',
          levels: [{ level: 0, format: 'decimal', text: '%1.', style: { paragraph: { indent: { left: 500, hanging: 300 } } } }],
        },
      ],
    },
    sections: [
      {
        properties: { page: { size: PAPER[paper] } },
        children: sections.flatMap((s) => [
          new Paragraph({ text: s.title, heading: HeadingLevel.HEADING_1, spacing: { before: 240, after: 120 } }),
          ...s.blocks.flatMap(blockOf),
        ]),
      },
    ],
  });
  return Packer.toBlob(document);
}
