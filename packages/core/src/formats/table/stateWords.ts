import { type ReadingState } from '../../readings/reading';

/** What people write instead of a value. */
const STATE_WORDS: [RegExp, ReadingState][] = [
  [/^(measured|alive|up|ok|yes)$/i, 'measured'],
  [
    /^(not[- ]up|not up yet|not yet|0 up|none|nothing|nothing yet|(not|never|did not|didn[’']t|no) ?(germinated?|germination|sprout(ed)?|emerged?|come up|came up))$/i,
    'not-up',
  ],
  [/^(lost|dead|died|gone|eaten|†)$/i, 'lost'],
  [/^(thinned|thinned out|taken out)$/i, 'thinned'],
  [/^(moved|moved elsewhere)$/i, 'moved'],
  [/^(not[- ]checked|missing|na|n\/a|nan|null|absent|could not check|not looked|[-–—.?x/])$/i, 'not-checked'],
];

/** The state that a cell names; null where it names none. */
export function stateOf(text: string): ReadingState | null {
  return STATE_WORDS.find(([words]) => words.test(text))?.[1] ?? null;
}

/** A number, with a unit perhaps, or a fraction. */
const NUMBER_LIKE =
  /^[-−–+~<>≈]?\s*\d*[.,]?\d+([.,]\d+)*(\s*\d+\/\d+)?[¼½¾⅓⅔⅛⅜⅝⅞]?\s*(%|mm|cm|m|in|inch|inches|ft|feet|foot|g|mg|kg|oz|lb|["″”'′’])?(\s*(±|\+\/-)\s*[\d.,]+)?$/i;

const FEET_AND_INCHES = /^\d+\s*(ft|feet|foot|['’′])\s*\d/i;

export const looksLikeNumber = (text: string): boolean =>
  NUMBER_LIKE.test(text) || FEET_AND_INCHES.test(text) || /^\d*[¼½¾⅓⅔⅛⅜⅝⅞]$/.test(text);

/** Whether a cell says of one seed that it came up; null where it says something else. */
export function yesOrNo(text: string): boolean | null {
  if (/^(yes|y|true|✓|✔)$/i.test(text)) return true;
  return /^(no|n|false|✗|✘)$/i.test(text) ? false : null;
}
