import { type Page, type Request } from '@playwright/test';

/** Nothing has changed on a page for so long once it is quiet, ms. */
const STILL_MS = 400;

/** Tells when a page has all that it asked for and shows it; the open line of its news, which never ends, does not count. */
export class Quiet {
  private readonly open = new Set<Request>();

  constructor(private readonly page: Page) {
    page.on('request', (request) => request.resourceType() !== 'eventsource' && this.open.add(request));
    page.on('requestfinished', (request) => this.open.delete(request));
    page.on('requestfailed', (request) => this.open.delete(request));
  }

  async come(): Promise<void> {
    do await this.page.evaluate(stillOf, STILL_MS);
    while (this.open.size > 0);
  }
}

/** Resolves in the page once nothing has changed for a while and nothing says that it is waited for. */
const stillOf = (ms: number): Promise<void> =>
  new Promise((resolve) => {
    const look = () => (document.querySelector('.waiting, progress') ? undefined : resolve());
    let timer = setTimeout(look, ms);
    new MutationObserver(() => {
      clearTimeout(timer);
      timer = setTimeout(look, ms);
    }).observe(document, { subtree: true, childList: true, characterData: true, attributes: true });
  });
