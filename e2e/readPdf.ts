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
