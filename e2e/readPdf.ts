import { readFileSync } from 'node:fs';

export interface ReadPage {
  /** Points. */
  width: number;
  height: number;
  text: string;
  fonts: { name: string; embedded: boolean }[];
  /** Text that leaves its page. */
  outside: string[];
}

/** A PDF as another library than the one that wrote it reads it. */
export async function readPdf(path: string): Promise<ReadPage[]> {
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const document = await getDocument({ data: new Uint8Array(readFileSync(path)), verbosity: 0 }).promise;
  const pages: ReadPage[] = [];
  for (let n = 1; n <= document.numPages; n++) {
    const page = await document.getPage(n);
    await page.getOperatorList();
    const [, , width, height] = page.view as [number, number, number, number];
    const { items } = await page.getTextContent();
    const found = items.flatMap((i) => ('str' in i ? [i] : []));
    const fonts = [...new Set(found.map((i) => i.fontName))].map((id) => {
      const font = page.commonObjs.get(id) as { name: string; missingFile?: boolean };
      return { name: font.name, embedded: !font.missingFile };
    });
    pages.push({
      width,
      height,
      text: found
        .map((i) => i.str)
        .join(' ')
        .replace(/\s+/g, ' '),
      fonts,
      outside: found.flatMap(({ str, transform, width: wide }) => {
        const [x, y] = [transform[4] as number, transform[5] as number];
        return str.trim() !== '' && (x < 0 || x + wide > width + 0.5 || y < 0 || y > height) ? [str] : [];
      }),
    });
  }
  return pages;
}

/** Widths and heights of what is drawn on the pages, in points, with every transformation taken into account. */
export async function drawnBoxes(path: string): Promise<{ width: number; height: number }[][]> {
  const { getDocument, OPS, Util } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const document = await getDocument({ data: new Uint8Array(readFileSync(path)), verbosity: 0 }).promise;
  const pages: { width: number; height: number }[][] = [];
  for (let n = 1; n <= document.numPages; n++) {
    const { fnArray, argsArray } = await (await document.getPage(n)).getOperatorList();
    const boxes: { width: number; height: number }[] = [];
    const kept: number[][] = [];
    let now = [1, 0, 0, 1, 0, 0];
    fnArray.forEach((what, i) => {
      const args = argsArray[i] as unknown[];
      if (what === OPS.save) kept.push(now);
      if (what === OPS.restore) now = kept.pop() ?? now;
      if (what === OPS.transform) now = Util.transform(now, args as number[]) as number[];
      if (what !== OPS.constructPath) return;
      // Least x and y, then most x and y, as the reader found them.
      const [left, top, right, bottom] = args[2] as [number, number, number, number];
      const corners = [
        [left, top],
        [right, bottom],
      ].map((p) => [now[0]! * p[0]! + now[2]! * p[1]! + now[4]!, now[1]! * p[0]! + now[3]! * p[1]! + now[5]!]);
      boxes.push({
        width: Math.abs(corners[1]![0]! - corners[0]![0]!),
        height: Math.abs(corners[1]![1]! - corners[0]![1]!),
      });
    });
    pages.push(boxes);
  }
  return pages;
}
