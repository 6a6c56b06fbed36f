import { useEffect } from 'react';

export type Shortcut = { key: string; does: string; run: () => void };

const OFF = 'single-keys-off';

export function singleKeysAreOn(): boolean {
    return localStorage.getItem(OFF) === null;
}

export function setSingleKeys(on: boolean): void {
    if (on) localStorage.removeItem(OFF);
    else localStorage.setItem(OFF, '1');
}

function isTyping(target: EventTarget | null): boolean {
    return (
        target instanceof HTMLElement &&
        (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) || target.closest('[role=dialog]') !== null)
    );
}

/** Single keys that act while nobody is typing; they can be turned off under "?". */
export function useShortcuts(shortcuts: Shortcut[]): void {
    useEffect(() => {
        const listen = (event: KeyboardEvent): void => {
            if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target) || !singleKeysAreOn()) return;
            const found = shortcuts.find((shortcut) => shortcut.key === event.key);
            if (found !== undefined) {
                event.preventDefault();
                found.run();
            }
        };
        window.addEventListener('keydown', listen);
        return () => window.removeEventListener('keydown', listen);
    }, [shortcuts]);
}
