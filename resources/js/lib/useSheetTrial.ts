import type { SheetDocument, SheetTrial, TrialDeed, TrialDeedKind } from '@props/Runsheets/RunsheetEditorPage';
import { useState } from 'react';
import { ANSWER } from './about';
import { rowsOf } from './runsheet';
import { sheetToSend } from './sheetDocument';
import { useAskedBy } from './useAskedBy';

const PAUSE = 150;

export type TriedRun = {
    /** null: it is not here yet, or what stands against the runsheet lets it not run */
    run: SheetTrial['run'];
    /** what was wrong with what was asked, such as a number of no task */
    faults: string[];
    holds: Record<string, boolean>;
    number: string;
    do: (kind: TrialDeedKind, step: string) => void;
    later: (minutes: number) => void;
    back: (() => void) | null;
    anew: () => void;
    hold: (key: string, holds: boolean) => void;
    of: (number: string) => void;
};

/** Conditions of a made-up subject hold, as far as they do not ask what was answered on the way. */
function supposed(sheet: SheetDocument): Record<string, boolean> {
    const holds: Record<string, boolean> = {};
    for (const { block } of rowsOf(sheet.does))
        if (block.if !== undefined && !JSON.stringify(block.if).includes(`"${ANSWER}`)) holds[block.key] = true;
    return holds;
}

/** A run of what is being written, which makes nothing; null: none is tried. */
export function useSheetTrial(sheet: SheetDocument, tries: boolean): TriedRun | null {
    const [deeds, setDeeds] = useState<TrialDeed[]>([]);
    const [said, setSaid] = useState<Record<string, boolean>>({});
    const [number, setNumber] = useState('');
    const sent = sheetToSend(sheet);
    const holds = { ...(number === '' ? supposed(sent) : {}), ...said };
    const { answer, faults } = useAskedBy<SheetTrial>(
        tries ? '/runsheets/try' : null,
        JSON.stringify({ document: sent, deeds, holds, ...(number === '' ? {} : { number: Number(number) }) }),
        PAUSE,
    );
    if (!tries) return null;
    return {
        run: answer?.run ?? null,
        faults,
        holds,
        number,
        do: (kind, step) => setDeeds((before) => [...before, { kind, step }]),
        later: (minutes) => setDeeds((before) => [...before, { kind: 'later', minutes }]),
        back: deeds.length === 0 ? null : () => setDeeds((before) => before.slice(0, -1)),
        anew: () => setDeeds([]),
        hold: (key, does) => setSaid((before) => ({ ...before, [key]: does })),
        of: (next) => setNumber(next.replace(/\D/g, '')),
    };
}
