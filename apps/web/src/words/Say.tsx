import { type Tag } from '@bright-sprout/words/params';
import { type FilledKey, partsOf } from '@bright-sprout/words/say';
import { type Filled } from '@bright-sprout/words/messages';
import { createElement, Fragment, type ReactNode } from 'react';

/** What a page gives for a parameter: a tag is drawn around what stands in it, and anything that is drawn can stand for a text. */
type Drawn<P> = P extends Tag ? (inside: ReactNode) => ReactNode : P extends number | boolean ? P : ReactNode;

/** A sentence with something drawn in it: `<Say it="bench.help" link={(inside) => <Link to="/help">{inside}</Link>} />`. */
export function Say<K extends FilledKey>({ it, ...params }: { it: K } & { [P in keyof Filled[K]]: Drawn<Filled[K][P]> }) {
  const parts = partsOf(it, params);
  return Array.isArray(parts) ? createElement(Fragment, null, ...(parts as ReactNode[])) : <>{parts as ReactNode}</>;
}
