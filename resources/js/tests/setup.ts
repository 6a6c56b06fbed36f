import { setWords } from '@/lib/words';
import en from '@words/en';

setWords(en, 'en-IE');

// The DOM of tests draws nothing, and knows of no text that is in view.
if (typeof HTMLElement !== 'undefined') {
    Object.defineProperty(HTMLElement.prototype, 'innerText', {
        configurable: true,
        get(this: HTMLElement) {
            return this.textContent;
        },
    });
}
