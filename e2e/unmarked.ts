import { type Page, type Response } from '@playwright/test';

/** Every text that a server answered with: names, questions, notes. They are somebody's own, in whatever language. */
export class OwnTexts {
  private readonly known = new Set<string>();
  private readonly hearing: Promise<void>[] = [];

  constructor(page: Page) {
    page.on('response', (response) => this.hearing.push(this.hear(response)));
  }

  /** Once every answer that came is read. */
  async heard(): Promise<void> {
    await Promise.all(this.hearing.splice(0));
  }

  private async hear(response: Response): Promise<void> {
    if (!response.url().includes('/api/') || !response.headers()['content-type']?.includes('json')) return;
    const walk = (value: unknown, key: string): void => {
      // A code, such as the kind of an event, is nobody’s own text.
      if (typeof value === 'string' && (NAMED.test(key) || !/^[a-z-]+$/.test(value))) this.known.add(value.trim());
      else if (Array.isArray(value)) value.forEach((inner) => walk(inner, key));
      else if (typeof value === 'object' && value !== null) Object.entries(value).forEach(([name, inner]) => walk(inner, name));
    };
    walk(await response.json().catch(() => null), '');
  }

  /** What is left of a text without what somebody wrote, without symbols of units and without codes. */
  without(text: string): string {
    const own = [...this.known].filter((t) => t.length > 1).sort((a, b) => b.length - a.length);
    const rest = own.reduce((left, t) => left.split(t).join(' '), text);
    const left = rest.replace(SYMBOLS, ' ').replace(/\s+/g, ' ').trim();
    const words = left.split(/[^\p{L}]+/u).filter((word) => word.length > 1);
    // Lists are joined by the browser; and somebody’s text may stand in pieces, with some of its words underlined.
    if (words.every((word) => word === 'and' || word === 'or')) return '';
    return own.some((text) => words.every((word) => text.includes(word))) ? '' : left;
  }
}

/** Under these names stands what somebody wrote. */
const NAMED = /^(label|name|factor|nickname|typed|text|note|question)$/;

/** Units, formulas and codes are written alike in every language. */
const SYMBOLS =
  /(?<![\p{L}])(?:cm|mm|mL|mg|kg|g|L|h|pH|EC|mS|mmol|lx|°C|°F|NaCl|CSV|csv|zip|xlsx|ics|json|PDF|DOCX|SVG|PNG|GIF|ZIP|JSON|iCal|QR|PIN|UTC|http\S*|[A-Z]{0,2}\d+[A-Z]?|[A-Z])(?![\p{L}])/gu;

/** Texts of the page, seen or heard, that do not come from a catalogue while the pseudo-language is spoken. */
export async function unmarked(page: Page, own: OwnTexts): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const found: string[] = [];
    let depth = 0;
    const outside = (text: string, from: number) => {
      let [at, out] = [from, ''];
      for (const letter of text) {
        if (letter === '⟦') at++;
        else if (letter === '⟧') at = Math.max(0, at - 1);
        else if (at === 0) out += letter;
      }
      return { out, at };
    };
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT | NodeFilter.SHOW_ELEMENT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      if (node instanceof Element) {
        if (['STYLE', 'SCRIPT', 'NOSCRIPT'].includes(node.tagName)) continue;
        for (const name of ['aria-label', 'title', 'alt', 'placeholder', 'aria-roledescription'])
          if (node.hasAttribute(name)) found.push(outside(node.getAttribute(name)!, 0).out);
        continue;
      }
      if (['STYLE', 'SCRIPT', 'NOSCRIPT'].includes(node.parentElement!.tagName)) continue;
      const { out, at } = outside(node.textContent ?? '', depth);
      depth = at;
      found.push(out);
    }
    return found;
  });
  await own.heard();
  return [...new Set(texts.map((t) => own.without(t)).filter((t) => /\p{L}{2,}/u.test(t)))];
}

/** Labels whose words are cut off by their own box. */
export const cutOff = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('button, .btn, a, label, h1, h2, h3, th, td, legend, option, p, li, small')]
      .filter((e) => e.offsetParent !== null && getComputedStyle(e).overflowX === 'hidden')
      .filter((e) => e.scrollWidth > e.clientWidth + 1 && !e.classList.contains('visually-hidden'))
      .map((e) => (e.textContent ?? '').slice(0, 60)),
  );

/** What reaches beyond the right edge of the screen, by its name; nothing where the page does not scroll sideways. */
export const beyond = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    if (document.documentElement.scrollWidth <= innerWidth) return [];
    const out = [...document.querySelectorAll('body *')].filter((e) => e.getBoundingClientRect().right > innerWidth + 1);
    return out.slice(0, 3).map((e) => `${e.tagName}.${e.getAttribute('class')}`);
  });
