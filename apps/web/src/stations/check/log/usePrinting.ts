import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** True while the page is laid out for paper. */
export function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const paper = matchMedia('print');
    // Paper is drawn as soon as this returns.
    const follow = () => flushSync(() => setPrinting(paper.matches));
    paper.addEventListener('change', follow);
    return () => paper.removeEventListener('change', follow);
  }, []);
  return printing;
}
