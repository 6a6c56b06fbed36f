import type { SheetBlock, SheetDocument } from '@props/Runsheets/RunsheetEditorPage';
import type { FieldInfo, Vocabulary } from '@props/Rules/Vocabulary';
import { ANSWER } from './about';
import { isHolder, rowsOf } from './runsheet';
import { isUnnamed, rekeyed, renamed, stepsNamed } from './sheetKeys';
import { keyOf } from './track';
import { say } from './words';

const FORMAT = 'runsheet/1';
const MOST_PASTED = 200;
const OUTCOMES = ['yes', 'no', 'nobody', 'no_answer'];

/** A runsheet of which nothing is guessed. */
export function blankSheet(): SheetDocument {
    const root: SheetBlock = { key: 'all', one_after_another: [] };
    return {
        openbaton: FORMAT,
        id: '',
        name: '',
        about: 'task',
        does: { ...root, one_after_another: stepsNamed(root, ['']) },
    };
}

/** As the outline has it: there is always a block that holds the others. */
export function outlined(sheet: SheetDocument): SheetDocument {
    if (isHolder(sheet.does)) return sheet;
    const key = keyOf('all', [sheet.does.key], 'all', '_');
    return { ...sheet, does: { key, one_after_another: [sheet.does] } };
}

export const isSheet = (kept: Partial<SheetDocument>): boolean =>
    typeof kept.does === 'object' && isHolder(kept.does) && typeof kept.name === 'string';

/** The document as it is sent: all that is new has a key after its name. */
export function sheetToSend(sheet: SheetDocument): SheetDocument {
    const blocks = rowsOf(sheet.does).map((row) => row.block);
    const taken = blocks.map((one) => one.key);
    const keys: Record<string, string> = {};
    for (const block of blocks) {
        if (!isUnnamed(block.key)) continue;
        const otherwise = isHolder(block) ? 'block' : 'step';
        const named = keyOf(block.name ?? '', taken, otherwise, '_');
        const key = /^[a-z]/.test(named) ? named : keyOf(`${otherwise}_${named}`, taken, otherwise, '_');
        taken.push(key);
        keys[block.key] = key;
    }
    return {
        ...sheet,
        id: sheet.id === '' && sheet.name.trim() !== '' ? keyOf(sheet.name, [], 'runsheet') : sheet.id,
        does: renamed(sheet.does, keys),
    };
}

const isBlock = (one: unknown): one is SheetBlock => {
    if (typeof one !== 'object' || one === null) return false;
    const block = one as Partial<SheetBlock>;
    const held = block.one_after_another ?? block.side_by_side;
    if (typeof block.key !== 'string') return false;
    return held === undefined
        ? typeof block.name === 'string' && typeof block.does?.kind === 'string'
        : Array.isArray(held) && held.every(isBlock);
};

/** The blocks that a text holds: those that were copied, else a step for each line, without what lists begin with. */
export function blocksIn(root: SheetBlock, text: string, after: string | null = null): SheetBlock[] {
    try {
        const read: unknown = JSON.parse(text);
        const blocks: unknown[] = Array.isArray(read) ? read : [read];
        if (blocks.length > 0 && blocks.every(isBlock)) return rekeyed(root, blocks);
    } catch {
        // It is no block: lines of a list.
    }
    const names = text
        .split(/\r?\n/)
        .map((line) =>
            line
                .replace(/^\s*(?:[-*•–]|\(?\d{1,3}[.)])\s+/, '')
                .trim()
                .slice(0, 120),
        )
        .filter((line) => line !== '');
    return stepsNamed(root, names.slice(0, MOST_PASTED), after);
}

/** What conditions, dates and answers of a runsheet can name: the fields of the house, its own steps, their answers. */
export function sheetVocabulary(house: Vocabulary, sheet: SheetDocument): Vocabulary {
    const steps = rowsOf(sheet.does)
        .map((row) => row.block)
        .filter((block) => !isHolder(block));
    const answers: FieldInfo[] = steps
        .filter((step) => step.does?.kind === 'approval')
        .map((step) => ({
            path: ANSWER + step.key,
            label: say('runsheet.answer_to', { step: step.name ?? '' }),
            type: 'one_of',
            settable: false,
            retired: false,
            options: OUTCOMES.map((value) => ({ value, label: say(`run.answer.${value}`) })),
        }));
    return {
        ...house,
        fields: [...house.fields, ...answers],
        steps: steps.map((step) => ({ value: step.key, label: step.name || say('runsheet.unnamed') })),
        about: sheet.about ?? 'task',
    };
}
