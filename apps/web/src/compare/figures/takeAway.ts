import archivo from '../../fonts/archivo.woff2?url';
import atkinson from '../../fonts/atkinson-next.woff2?url';

/** What a drawing on its own does not know of the page's style sheets. */
const KEPT = [
  'font-family',
  'font-size',
  'font-weight',
  'font-stretch',
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linejoin',
  'paint-order',
  'opacity',
  'letter-spacing',
];

async function inline(url: string): Promise<string> {
  const blob = await (await fetch(url)).blob();
  return new Promise((done, failed) => {
    const reader = new FileReader();
    reader.onload = () => done(reader.result as string);
    reader.onerror = () => failed(reader.error ?? new Error('The font could not be read.'));
    reader.readAsDataURL(blob);
  });
}

/** A copy of a drawing that no longer needs the page's style sheets; what is only there to be tapped is left out. */
export function withStyles(svg: SVGSVGElement): SVGSVGElement {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const [from, to] = [svg.querySelectorAll('*'), copy.querySelectorAll('*')];
  from.forEach((element, i) => {
    const style = getComputedStyle(element);
    for (const name of KEPT) {
      const value = style.getPropertyValue(name);
      if (value) (to[i] as SVGElement).style.setProperty(name, value);
    }
    to[i]!.removeAttribute('class');
  });
  copy.querySelectorAll('[role=button]').forEach((e) => e.remove());
  const { width, height } = svg.getBoundingClientRect();
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  if (!copy.getAttribute('viewBox')) copy.setAttribute('viewBox', `0 0 ${width} ${height}`);
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  return copy;
}

/** The drawing as a file that looks the same anywhere: styles and fonts are in it. */
export async function svgText(svg: SVGSVGElement, title: string): Promise<string> {
  const copy = withStyles(svg);
  const make = (name: string) => document.createElementNS('http://www.w3.org/2000/svg', name);
  const style = make('style');
  style.textContent = `@font-face{font-family:Archivo;src:url(${await inline(archivo)});font-weight:500 800;font-stretch:62% 100%}@font-face{font-family:'Atkinson Hyperlegible Next';src:url(${await inline(atkinson)});font-weight:400 700}`;
  const words = make('title');
  words.textContent = title;
  const sheet = make('rect');
  sheet.setAttribute('width', '100%');
  sheet.setAttribute('height', '100%');
  sheet.setAttribute('fill', '#fff');
  copy.prepend(words, style, sheet);
  return new XMLSerializer().serializeToString(copy);
}

/** The same as a picture, at twice its size on the screen. */
export async function pngOf(svg: SVGSVGElement, title: string): Promise<Blob> {
  const text = await svgText(svg, title);
  const { width, height } = svg.getBoundingClientRect();
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [2 * width, 2 * height];
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, failed) =>
    canvas.toBlob((blob) => (blob ? done(blob) : failed(new Error('The picture could not be made.'))), 'image/png'),
  );
}

/** Hands a file to whoever sits there. */
export function handOver(content: Blob, name: string): void {
  const url = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
