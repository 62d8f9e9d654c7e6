import { known } from './loadWords';

const KEPT = 'language';

/** The language of this page: what the address asks for is kept on the device. */
function languageOfPage(): string {
  const asked = new URLSearchParams(location.search).get('language');
  if (asked) localStorage.setItem(KEPT, known(asked));
  return known(localStorage.getItem(KEPT));
}

export const LANGUAGE = languageOfPage();
