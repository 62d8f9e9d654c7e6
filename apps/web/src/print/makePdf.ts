import { type TDocumentDefinitions } from 'pdfmake/interfaces';
import heading from '../fonts/print/archivo-heading.ttf?url';
import bold from '../fonts/print/atkinson-bold.ttf?url';
import regular from '../fonts/print/atkinson-regular.ttf?url';

/** Names of the two typefaces inside a PDF. */
export const TEXT_FONT = 'Atkinson';
export const HEADING_FONT = 'Archivo';

async function base64(url: string): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
  let text = '';
  for (let i = 0; i < bytes.length; i += 0x8000) text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(text);
}

/** A PDF with its fonts in it and text that can be selected; the library comes when it is first needed. */
export async function makePdf(definition: TDocumentDefinitions): Promise<Blob> {
  const [{ default: pdfMake }, ...files] = await Promise.all([
    import('pdfmake/build/pdfmake'),
    base64(heading),
    base64(bold),
    base64(regular),
  ]);
  const [headingFile, boldFile, regularFile] = files as [string, string, string];
  const vfs = { 'heading.ttf': headingFile, 'bold.ttf': boldFile, 'regular.ttf': regularFile };
  const one = (normal: string, strong: string) => ({ normal, bold: strong, italics: normal, bolditalics: strong });
  const fonts = {
    [TEXT_FONT]: one('regular.ttf', 'bold.ttf'),
    [HEADING_FONT]: one('heading.ttf', 'heading.ttf'),
  };
  const maker = pdfMake as unknown as {
    addVirtualFileSystem: (files: Record<string, string>) => void;
    addFonts: (fonts: object) => void;
    createPdf: (definition: TDocumentDefinitions) => { getBlob: () => Promise<Blob> };
  };
  maker.addVirtualFileSystem(vfs);
  maker.addFonts(fonts);
  return maker
    .createPdf({
      ...definition,
      defaultStyle: { font: TEXT_FONT, fontSize: 11, lineHeight: 1.25, color: '#2A1B2E', ...definition.defaultStyle },
    })
    .getBlob();
}
