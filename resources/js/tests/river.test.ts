import type { StageFlow } from '@props/Cases/RiverPage';
import { describe, expect, it } from 'vitest';
import { poolsOf, streamsOf } from '@/lib/river';

const stage = (key: string, open: number, late = 0): StageFlow => ({
    key,
    name: key,
    target: null,
    open,
    late,
    stands: null,
    longest: null,
    stood: null,
    on: 0,
    back: 0,
    opened: 0,
    closed: 0,
});

describe('the river of a track', () => {
    it('is the deepest where most cases stand, with the part that stands too long', () => {
        const pools = poolsOf([stage('enquiry', 20, 5), stage('fitting', 10), stage('returned', 0)]);
        expect(pools.map(({ height, late }) => [height, late])).toEqual([
            [110, 27.5],
            [55, 0],
            [2, 0],
        ]);
    });

    it('runs the wider the more has moved, straight to the next stage, above past one, below back', () => {
        const streams = streamsOf(
            [stage('a', 1), stage('b', 1), stage('c', 1)],
            [
                { from: 'a', to: 'b', times: 10 },
                { from: 'a', to: 'c', times: 5 },
                { from: 'c', to: 'b', times: 1 },
                { from: 'gone', to: 'b', times: 3 },
            ],
        );
        expect(streams.map(({ key, width, back }) => [key, width, back])).toEqual([
            ['a b', 34, false],
            ['a c', 17, false],
            ['c b', 3.4, true],
        ]);
        expect(streams[0]?.path).toBe('M 108 95 C 136 95, 164 95, 192 95');
        expect(streams[1]?.path).toContain(' 37,');
        expect(streams[2]?.path).toContain(' 153,');
    });
});
