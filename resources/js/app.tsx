import { loadWords } from './lib/words';

// Nothing can be said before the words are there, not even by what is put together once.
void loadWords().then(() => import('./start'));
