import '@testing-library/jest-dom';
import { configure } from '@testing-library/react';
import { TextDecoder, TextEncoder } from 'node:util';

Object.assign(globalThis, { TextEncoder, TextDecoder });

// jsdom has no media queries; every test sees a wide screen.
window.matchMedia ??= (media) =>
  ({
    media,
    matches: false,
    addListener: () => undefined,
    removeListener: () => undefined,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }) as unknown as MediaQueryList;

// jsdom lays nothing out; what scrolls is as high as some twenty rows.
Object.defineProperties(HTMLElement.prototype, {
  clientHeight: { configurable: true, get: () => 700 },
  clientWidth: { configurable: true, get: () => 1200 },
});

// Nor does it scroll: what comes into sight is looked at in the browser.
HTMLElement.prototype.scrollIntoView = () => undefined;

// jsdom draws nothing; what a canvas shows is looked at in the browser.
HTMLCanvasElement.prototype.getContext = () => null;

// jsdom has no workers; a page may have one stand by, and what it answers is looked at in the browser.
class QuietWorker {
  postMessage(): void {}
  terminate(): void {}
}
window.Worker ??= QuietWorker as unknown as typeof Worker;

// A busy machine is slow; what is waited for comes all the same.
configure({ asyncUtilTimeout: 20_000 });

// A form filled in key by key takes seconds where two cores do everything; nothing waits so long when all is well.
jest.setTimeout(120_000);
