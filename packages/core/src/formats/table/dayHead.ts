import { type HeadDay } from './columnMeaning';
import { plainHead } from './headWords';
import { isDateLike } from './readDate';

/** The day that a head names, and what else it says: `day 7`, `height_d7 (cm)`, `D7`, `week 2`, `12.03.2026`, `7`. */
export interface FoundDay {
  on: HeadDay;
  /** The head without its day. */
  rest: string;
  /** A number alone; a day only where the others are too. */
  bare: boolean;
}

const MOST_DAYS = 1000;

export function dayOfHead(heading: string): FoundDay | null {
  // A day in brackets is none of its unit.
  const text = heading.trim().replace(/[([]\s*((?:day|week|wk|d|w)\s*\d{1,3})\s*[)\]]/i, ' $1 ');
  if (isDateLike(text) || /^\d{1,2}[/.]\d{1,2}\.?$/.test(text)) return { on: { date: text }, rest: '', bare: false };
  const dated = /^(.*?[\s_:(]+)(\d{4}-\d{1,2}-\d{1,2}|\d{1,2}[./]\d{1,2}[./]\d{2,4})\)?$/.exec(text);
  if (dated && isDateLike(dated[2]!)) return { on: { date: dated[2]! }, rest: dated[1]!.replace(/[\s_:(]+$/, ''), bare: false };
  const spelt = dateAmongWords(text);
  if (spelt) return spelt;
  const plain = plainHead(text);
  const bare = /^\d{1,3}$/.exec(plain);
  if (bare) return { on: { number: Number(plain) }, rest: '', bare: true };
  const lettered = /^(h|ht|hgt|height) ?(\d{1,3})$/.exec(plain);
  if (lettered) return { on: { number: Number(lettered[2]) }, rest: 'height', bare: true };
  const named = /^(?:(.*?) )?(day|days|d|week|wk|w|dag|das|dap|tag) ?(\d{1,3})(?: (.*))?$/.exec(plain) ?? ordinal(plain);
  if (!named) return null;
  const [, before = '', word, figures, behind = ''] = named;
  const number = Number(figures) * (/^w/.test(word!) ? 7 : 1);
  if (number > MOST_DAYS) return null;
  // What stands around the day keeps its brackets, in which a unit may stand.
  const unit = /[([][^)\]]+[)\]]/.exec(text)?.[0] ?? '';
  const rest = `${before} ${behind}`.replace(/\s*[([][^)\]]*[)\]]?/g, ' ').trim();
  return { on: { number }, rest: `${rest} ${unit}`.trim(), bare: false };
}

/** `Up Mon 9 Mar`, `9 Mar height (cm)`. */
function dateAmongWords(text: string): FoundDay | null {
  const words = text.split(/\s+/);
  if (words.length > 8) return null;
  for (let i = 1; i < words.length; i++) {
    const [first, last] = [words.slice(0, i).join(' '), words.slice(i).join(' ')];
    if (isDateLike(last)) return { on: { date: last }, rest: first, bare: false };
    const front = words.slice(0, words.length - i).join(' ');
    if (isDateLike(front)) return { on: { date: front }, rest: words.slice(words.length - i).join(' '), bare: false };
  }
  return null;
}

/** `7 days`, `height after 7 days`, `7d`, `48 h`. */
function ordinal(plain: string): (string | undefined)[] | null {
  const hours = /^(?:(.*?) )?(?:after |on |at )?(\d{1,4}) ?(?:h|hrs?|hours?)(?: (.*))?$/.exec(plain);
  if (hours) return Number(hours[2]) % 24 === 0 ? [hours[0], hours[1], 'day', String(Number(hours[2]) / 24), hours[3]] : null;
  const found = /^(?:(.*?) )?(?:after |on |at )?(\d{1,3}) ?(days?|d|weeks?|w)(?: (.*))?$/.exec(plain);
  return found && [found[0], found[1], found[3]!.startsWith('w') ? 'week' : 'day', found[2], found[4]];
}
