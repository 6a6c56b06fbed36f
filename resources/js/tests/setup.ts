import { setWords } from '@/lib/words';
import en from '@words/en';
import { vi } from 'vitest';

setWords(en, 'en-IE');

// Files of tests share their modules: who mocks one does it here, for all of them and in whatever order they come.
vi.mock('@/lib/shared', () => ({ useShared: () => ({ status: { zone: 'Europe/Dublin' } }) }));

// The DOM of tests draws nothing, and knows of no text that is in view.
if (typeof HTMLElement !== 'undefined') {
    Object.defineProperty(HTMLElement.prototype, 'innerText', {
        configurable: true,
        get(this: HTMLElement) {
            return this.textContent;
        },
    });
}
