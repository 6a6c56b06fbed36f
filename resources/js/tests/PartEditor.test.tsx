// @vitest-environment jsdom
import type { Part } from '@props/Rules/RulebookPage';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { PartEditor, PartsEditor } from '@/parts/rule/PartEditor';
import { house } from './house';

function Limits({ start }: { start: Part[] }) {
    const [parts, setParts] = useState(start);
    return <PartsEditor family="limit" parts={parts} vocabulary={house} add="Add a limit" onChange={setParts} />;
}

function Pool({ start }: { start: Part }) {
    const [part, setPart] = useState(start);
    return <PartEditor family="pool" part={part} vocabulary={house} onChange={setPart} />;
}

const said = (): string => document.body.textContent.replace(/\s+/g, ' ');

afterEach(cleanup);

describe('the parts of a rule in the editor', () => {
    it('says limits that have nothing to choose, and takes the one out that is meant', async () => {
        render(<Limits start={[{ kind: 'on_now' }, { kind: 'finish_before_due' }]} />);
        expect(said()).toContain('who are on now');
        expect(said()).toContain('who can finish before it is due');
        await userEvent.click(screen.getByRole('button', { name: 'take out limit 1' }));
        expect(said()).not.toContain('who are on now');
        expect(said()).toContain('who can finish before it is due');
    });

    it('reads pools of which all are meant otherwise than those of which any is', async () => {
        const pools = [
            { kind: 'team', team: 'brass-bench' },
            { kind: 'skill', skill: 'brass', level: 2 },
        ];
        const { unmount } = render(<Pool start={{ kind: 'intersection', pools }} />);
        expect(screen.getByRole('button', { name: 'and …' })).toBeTruthy();
        // A choice of kinds begins with "a team".
        expect(said()).toContain('whoever is in each of:');
        expect(said()).toMatch(/take out\s*and a team/);
        await userEvent.click(screen.getByRole('button', { name: 'and …' }));
        expect(screen.getAllByRole('button', { name: 'take out' })).toHaveLength(3);
        unmount();

        render(<Pool start={{ kind: 'union', pools }} />);
        expect(screen.getByRole('button', { name: 'or …' })).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'and …' })).toBeNull();
        expect(said()).toMatch(/take out\s*or a team/);
    });
});
