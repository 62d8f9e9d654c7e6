import { readWords } from '../src/readWords';
import { speak } from '../src/words';

// Every test speaks English, unless it asks for another language.
const english = readWords('en');
speak(() => english);
