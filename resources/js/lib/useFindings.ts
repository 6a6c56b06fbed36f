import type { Finding, FindingsViewProps } from '@props/Rules/FindingsView';
import { useMemo, useState } from 'react';
import { ask } from './ask';
import { useShared } from './shared';
import { useAsked } from './useAsked';

export type Findings = {
    /** null: they are not here yet */
    all: Finding[] | null;
    more: number;
    failed: boolean;
    byRule: Map<string, Finding[]>;
    setAside: (finding: Finding, reason: string) => Promise<void>;
    takeUp: (finding: Finding) => Promise<void>;
};

/**
 * What checks find of the rules as they were saved last; asked for again whenever that may be something else.
 *
 * @param whole all of the recent work has been held against them: some checks go by it
 */
export function useFindings(revision: number, whole: boolean): Findings {
    const { stamp } = useShared();
    const [times, setTimes] = useState(0);
    const of = `${revision}.${times}.${stamp ?? ''}.${whole ? 1 : 0}`;
    const { answer, error } = useAsked<FindingsViewProps>(`/rulebook/findings?of=${of}`);
    return useMemo(() => {
        const byRule = new Map<string, Finding[]>();
        for (const one of answer?.findings ?? []) {
            if (one.rule !== null && one.aside === null) byRule.set(one.rule, [...(byRule.get(one.rule) ?? []), one]);
        }
        const send = async (method: 'PUT' | 'DELETE', { signature }: Finding, body?: string): Promise<void> => {
            await ask(method, `/rulebook/findings/${signature}`, body);
            setTimes((before) => before + 1);
        };
        return {
            all: answer?.findings ?? null,
            more: answer?.more ?? 0,
            failed: error !== null,
            byRule,
            setAside: (finding, reason) => send('PUT', finding, JSON.stringify({ reason })),
            takeUp: (finding) => send('DELETE', finding),
        };
    }, [answer, error]);
}
