import { useHotkeys } from 'react-hotkeys-hook';

export type Shortcut = { key: string; does: string; run: () => void };

const OFF = 'single-keys-off';

export function singleKeysAreOn(): boolean {
    return localStorage.getItem(OFF) === null;
}

export function setSingleKeys(on: boolean): void {
    if (on) localStorage.removeItem(OFF);
    else localStorage.setItem(OFF, '1');
}

/** Single keys that act while nobody is typing and no dialog is open; they can be turned off under "?". */
export function useShortcuts(shortcuts: Shortcut[]): void {
    useHotkeys(
        shortcuts.map((shortcut) => shortcut.key),
        (event) => shortcuts.find((shortcut) => shortcut.key === event.key)?.run(),
        {
            // By the character, not by the place on the keyboard: which key "?" is depends on the layout.
            useKey: true,
            delimiter: ' ',
            ignoreModifiers: true,
            preventDefault: true,
            ignoreEventWhen: (event) =>
                event.ctrlKey || event.metaKey || event.altKey || !singleKeysAreOn() || (event.target instanceof Element && event.target.closest('[role=dialog],[role=menu]') !== null),
        },
        [shortcuts],
    );
}
