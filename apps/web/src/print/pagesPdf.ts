import { say } from '@bright-sprout/words/say';
import { type Content } from 'pdfmake/interfaces';
import { makePdf } from './makePdf';
import { type Paper, points } from './paper';
import { svgForPdf } from './svgForPdf';

/** How far the making of a file is. */
export interface Making {
  done: number;
  of: number;
}

/**
 * Pages as one PDF in their true size. Told after each page how far it is; ended by its signal between two of them.
 * @throws what the signal ends it with
 */
export async function pagesPdf(
  pages: readonly SVGSVGElement[],
  paper: Paper,
  title: string,
  { told, signal }: { told: (making: Making) => void; signal: AbortSignal },
): Promise<Blob> {
  const [width, height] = [points(paper.width), points(paper.height)];
  const content: Content[] = [];
  for (const [i, page] of pages.entries()) {
    told({ done: i, of: pages.length + 1 });
    // The page stays free: what is tapped meanwhile is heard.
    await new Promise((next) => setTimeout(next));
    signal.throwIfAborted();
    content.push(
      { text: '', ...(i > 0 ? { pageBreak: 'before' as const } : {}) },
      // Laid on the page instead of flowing down it, so that nothing is made smaller to fit.
      { svg: svgForPdf(page), width, height, absolutePosition: { x: 0, y: 0 } },
    );
  }
  told({ done: pages.length, of: pages.length + 1 });
  await new Promise((next) => setTimeout(next));
  const file = await makePdf({
    info: { title, creator: say('common.brightSprout') },
    pageSize: { width, height },
    pageMargins: 0,
    content,
  });
  signal.throwIfAborted();
  return file;
}
