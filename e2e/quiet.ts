import { type Page, type Request } from '@playwright/test';

/** Nothing has changed on a page for so long once it is quiet, ms. */
const STILL_MS = 400;

/** A page that has no rest for so long has something on it that never rests, ms. */
const RESTLESS_MS = 60_000;

/** Tells when a page has all that it asked for and shows it; the open line of its news, which never ends, does not count. */
export class Quiet {
  private readonly open = new Set<Request>();

  constructor(private readonly page: Page) {
    page.on('request', (request) => request.resourceType() !== 'eventsource' && this.open.add(request));
    page.on('requestfinished', (request) => this.open.delete(request));
    page.on('requestfailed', (request) => this.open.delete(request));
    // What a page that was left had asked for may never be told as ended.
    page.on('framenavigated', (frame) => frame === page.mainFrame() && this.open.clear());
  }

  /** @throws Error with what has no rest, where it does not come. */
  async come(): Promise<void> {
    const until = performance.now() + RESTLESS_MS;
    do {
      const moving = await this.page.evaluate(stillOf, [STILL_MS, RESTLESS_MS] as const);
      const asked = [...this.open].map((request) => request.url());
      if (moving || (asked.length > 0 && performance.now() > until))
        throw new Error(`No rest at ${this.page.url()}: ${moving ?? asked.join(', ')}`);
    } while (this.open.size > 0);
  }
}

/** Resolves in the page once nothing has changed for a while and nothing says that it is waited for; or with what has no rest. */
const stillOf = ([ms, restless]: readonly [number, number]): Promise<string | null> =>
  new Promise((resolve) => {
    const waiting = () => document.querySelector('.waiting, progress')?.outerHTML;
    const look = () => (waiting() ? undefined : resolve(null));
    let timer = setTimeout(look, ms);
    let last = 'nothing changes';
    new MutationObserver(([change]) => {
      clearTimeout(timer);
      last = change!.target.parentElement?.outerHTML.slice(0, 200) ?? last;
      timer = setTimeout(look, ms);
    }).observe(document, { subtree: true, childList: true, characterData: true, attributes: true });
    setTimeout(() => resolve(waiting() ?? last), restless);
  });
