import { withStyles } from '../compare/figures/takeAway';
import { HEADING_FONT, TEXT_FONT } from './makePdf';

/** A drawing as the PDF's writer reads it: styles in it, fonts by their names there, lengths as plain numbers. */
export function svgForPdf(svg: SVGSVGElement): string {
  const copy = withStyles(svg);
  const { width, height } = svg.viewBox.baseVal;
  if (width > 0) {
    copy.setAttribute('width', String(width));
    copy.setAttribute('height', String(height));
  }
  for (const element of [copy, ...copy.querySelectorAll<SVGElement>('*')]) {
    const { style } = element;
    if (!style) continue;
    const heading = style.fontFamily.includes('Archivo');
    if (style.fontFamily !== '') {
      style.fontFamily = heading ? HEADING_FONT : TEXT_FONT;
      style.fontWeight = !heading && Number(style.fontWeight) >= 600 ? 'bold' : 'normal';
    }
    for (const name of ['font-stretch', 'paint-order', 'letter-spacing']) style.removeProperty(name);
    // The writer takes no unit behind these.
    for (const name of ['font-size', 'stroke-width']) style.setProperty(name, style.getPropertyValue(name).replace('px', ''));
    const dashes = style.getPropertyValue('stroke-dasharray');
    if (dashes) style.setProperty('stroke-dasharray', dashes.replaceAll('px', ''));
    element.setAttribute('style', (element.getAttribute('style') ?? '').replaceAll('"', ''));
  }
  copy.querySelectorAll('title').forEach((t) => t.remove());
  return new XMLSerializer().serializeToString(copy);
}
