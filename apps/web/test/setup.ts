import '@testing-library/jest-dom';
import { TextDecoder, TextEncoder } from 'node:util';

Object.assign(globalThis, { TextEncoder, TextDecoder });

// jsdom has no media queries; every test sees a wide screen.
window.matchMedia ??= (media) =>
  ({
    media,
    matches: false,
    addListener: () => undefined,
    removeListener: () => undefined,
  }) as unknown as MediaQueryList;
