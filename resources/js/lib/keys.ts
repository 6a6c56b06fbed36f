import { useEffect, useRef, type KeyboardEvent } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

/** A single key; one without "run" is only told: whatever has it does it itself. */
export type Shortcut = { key: string; does: string; run?: () => void };

/** Where keys act, from the outside to the inside: the innermost that has a key takes it, alone. */
const PLACES = ['anywhere', 'page', 'part'] as const;
export type Place = (typeof PLACES)[number];

/** Keys that act at present, and the name of what they act on. */
export type Scope = { place: Place; where: string; shortcuts: readonly Shortcut[] };

const OFF = 'single-keys-off';

export function singleKeysAreOn(): boolean {
    return localStorage.getItem(OFF) === null;
}

export function setSingleKeys(on: boolean): void {
    if (on) localStorage.removeItem(OFF);
    else localStorage.setItem(OFF, '1');
}

/** The scopes that are on the page, by the order in which they came. */
export class Scopes {
    private readonly all = new Set<Scope>();

    /** Answers what takes it away again. */
    add(scope: Scope): () => void {
        this.all.add(scope);
        return () => this.all.delete(scope);
    }

    /** What a key does at present. */
    of(key: string): Shortcut | undefined {
        return this.fromInside()
            .flatMap((scope) => scope.shortcuts)
            .find((one) => one.key === key);
    }

    /**
     * All that keys do at present, from the outside to the inside; what a scope further inside takes is not among those
     * further outside.
     */
    list(): { where: string; key: string; does: string }[] {
        return this.fromInside()
            .reverse()
            .flatMap((scope) =>
                scope.shortcuts
                    .filter((one) => this.of(one.key) === one)
                    .map(({ key, does }) => ({ where: scope.where, key, does })),
            );
    }

    private fromInside(): Scope[] {
        return [...this.all].reverse().sort((one, other) => PLACES.indexOf(other.place) - PLACES.indexOf(one.place));
    }
}

export const scopes = new Scopes();

/** In a form: Enter with Ctrl (or the key that stands for it) sends it, also from an entry of several lines. */
export function sendsOnCtrlEnter(event: KeyboardEvent<HTMLFormElement>): void {
    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
        event.preventDefault();
        event.currentTarget.requestSubmit();
    }
}

/** A box that was ticked takes no letters. */
function isTypedInto(target: EventTarget | null): boolean {
    return target instanceof HTMLInputElement && target.type !== 'checkbox';
}

/** Single keys that act while nobody is typing and no dialog is open; they can be turned off under "?". */
export function useShortcuts(place: Place, where: string, shortcuts: readonly Shortcut[]): void {
    const own = useRef<Scope>({ place, where, shortcuts });
    useEffect(() => {
        own.current.where = where;
        own.current.shortcuts = shortcuts;
    });
    useEffect(() => scopes.add(own.current), []);
    useHotkeys(
        shortcuts.filter((shortcut) => shortcut.run !== undefined).map((shortcut) => shortcut.key),
        (event) => {
            const shortcut = scopes.of(event.key);
            if (shortcut !== undefined && own.current.shortcuts.includes(shortcut)) shortcut.run?.();
        },
        {
            // By the character, not by the place on the keyboard: which key "?" is depends on the layout.
            useKey: true,
            delimiter: ' ',
            ignoreModifiers: true,
            preventDefault: true,
            enableOnFormTags: ['input'],
            ignoreEventWhen: (event) =>
                isTypedInto(event.target) ||
                event.ctrlKey ||
                event.metaKey ||
                event.altKey ||
                !singleKeysAreOn() ||
                (event.target instanceof Element && event.target.closest('[role=dialog],[role=menu]') !== null),
        },
        [shortcuts],
    );
}
