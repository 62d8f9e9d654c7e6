let context: CanvasRenderingContext2D | null | undefined;

/** Lines of a text that are no wider than so many pixels, by the font they are set in; where nothing can be measured, by letters. */
export function wrapText(text: string, width: number, font: { size: number; heading: boolean }): string[] {
  const { size, heading } = font;
  context ??= typeof document === 'undefined' ? null : document.createElement('canvas').getContext('2d');
  if (context) {
    context.font = `${heading ? 740 : 400} ${size}px ${heading ? 'Archivo' : "'Atkinson Hyperlegible Next'"}`;
    if (heading && 'fontStretch' in context) context.fontStretch = 'semi-condensed';
  }
  // The cut in print is a little wider than the one on the page: some room is left for it.
  const wide = (line: string) => (context ? 1.04 * context.measureText(line).width : line.length * size * 0.5);
  const lines: string[] = [];
  for (const word of text.split(/\s+/)) {
    const last = lines[lines.length - 1];
    if (last !== undefined && wide(`${last} ${word}`) <= width) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
