import type { TrailStep } from '@props/Tasks/TaskView';
import { describe, expect, it } from 'vitest';
import { leftOut } from '@/lib/reasons';

const person = (slug: string) => ({ slug, name: slug });
const step = (code: string, kept: string[], fallen: Record<string, string> = {}): TrailStep => ({
    code,
    label: code,
    count: kept.length,
    kept: kept.map(person),
    fallen: Object.entries(fallen).map(([slug, reason]) => ({ ...person(slug), reason })),
});
const named = (steps: TrailStep[]) => leftOut(steps).map(({ slug, reason }) => `${slug}: ${reason}`);

describe('who was left out', () => {
    it('names each who fell out, in order', () => {
        const steps = [
            step('pool', ['ayumi', 'femi', 'callum']),
            step('present', ['ayumi', 'femi'], { callum: 'away' }),
            step('skill', ['ayumi'], { femi: 'level 1' }),
        ];
        expect(named(steps)).toEqual(['callum: away', 'femi: level 1']);
        expect(named([])).toEqual([]);
    });

    it('goes by what came of the pool once a limit was dropped', () => {
        const steps = [
            step('pool', ['ayumi', 'femi', 'callum']),
            step('present', ['ayumi', 'femi'], { callum: 'away' }),
            step('open', [], { ayumi: 'six open', femi: 'seven open' }),
            step('again', ['ayumi', 'femi']),
            step('skill', ['ayumi'], { femi: 'level 1' }),
        ];
        expect(named(steps)).toEqual(['callum: away', 'femi: level 1']);
    });
});
