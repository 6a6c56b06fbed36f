import { setWords } from '@/lib/words';
import en from '@words/en';

setWords(en, 'en-IE');
