import type { Rule } from '@props/Rules/RulebookPage';
import { useEffect, useRef } from 'react';

const isRule = (one: unknown): one is Rule =>
    typeof one === 'object' &&
    one !== null &&
    typeof (one as Rule).name === 'string' &&
    Array.isArray((one as Rule).when);

/** The rules that a text holds: one, a list of them, or a rulebook; of anything else none. */
export function rulesIn(text: string): Rule[] {
    try {
        const read: unknown = JSON.parse(text);
        const of = typeof read === 'object' && read !== null && 'rules' in read ? read.rules : read;
        const rules: unknown[] = Array.isArray(of) ? of : [of];
        return rules.every(isRule) ? rules : [];
    } catch {
        return [];
    }
}

const isTyping = (target: EventTarget | null): boolean =>
    target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null;

/** Takes rules that are pasted anywhere but where one types. */
export function usePaste(take: ((rules: Rule[]) => void) | null): void {
    const latest = useRef(take);
    useEffect(() => {
        latest.current = take;
    });
    useEffect(() => {
        const listen = (event: ClipboardEvent): void => {
            const rules = isTyping(event.target) ? [] : rulesIn(event.clipboardData?.getData('text') ?? '');
            if (rules.length === 0 || latest.current === null) return;
            event.preventDefault();
            latest.current(rules);
        };
        window.addEventListener('paste', listen);
        return () => window.removeEventListener('paste', listen);
    }, []);
}
