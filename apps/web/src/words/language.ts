import { AMERICAN, wordsNow } from '@bright-sprout/words/words';
import { known } from './loadWords';

const KEPT = 'language';

/** The language of this page: what the address asks for is kept on the device. */
function languageOfPage(): string {
  const asked = new URLSearchParams(location.search).get('language');
  if (asked) localStorage.setItem(KEPT, known(asked));
  return known(localStorage.getItem(KEPT));
}

export const LANGUAGE = languageOfPage();

/** What a worker is named, so that it speaks and spells as the page that starts it. */
export const wordsOfPage = (): string => (wordsNow().locale === AMERICAN ? `${LANGUAGE} ${AMERICAN}` : LANGUAGE);
