import { say } from '@bright-sprout/words/say';
import './readAloud.scss';

/** Reads words aloud with the browser's own voice, where it has one. */
export function ReadAloud({ words }: { words: string }) {
  if (!('speechSynthesis' in window)) return null;
  const speak = () => {
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(words));
  };
  return (
    <button type="button" className="read-aloud" onClick={speak}>
      <svg width="26" height="22" viewBox="0 0 26 22" fill="none" stroke="currentColor" strokeWidth="2" aria-hidden="true">
        <path d="M2 8v6h4l7 6V2L6 8zM17 7q4 4 0 8M20 3q7 8 0 16" />
      </svg>
      {say('page.readAloud')}
    </button>
  );
}
