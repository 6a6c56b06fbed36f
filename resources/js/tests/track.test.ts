import type { TrackDocument } from '@props/Cases/TrackEditorPage';
import { describe, expect, it } from 'vitest';
import { blankTrack, keyOf, moversKind, moversOf, placeOfFault, stageWith, toSend, withStage } from '@/lib/track';

const track: TrackDocument = {
    openbaton: 'track/1',
    id: 'hire',
    name: 'Hire',
    stages: [
        { key: 'enquiry', name: 'Enquiry' },
        { key: 'on-hire', name: 'On hire' },
    ],
    outcomes: [{ key: 'renewed', label: 'Renewed' }],
};

describe('keys of what is new', () => {
    it.each([
        ['On hire', [], 'on-hire'],
        ['  Rónán’s — check! ', [], 'ronan-s-check'],
        ['On hire', ['on-hire', 'on-hire-2'], 'on-hire-3'],
        ['送', [], 'stage'],
    ])('%s beside %j is %s', (name, taken, key) => {
        expect(keyOf(name, taken, 'stage')).toBe(key);
    });

    it('are made when the track is sent, and those that are there stay', () => {
        const more = withStage(withStage({ ...track, stages: [{ key: 'enquiry', name: 'First word' }] }));
        const named = { ...more, stages: more.stages.map((one) => ({ ...one, name: 'First word' })) };
        expect(toSend(named).stages.map((one) => one.key)).toEqual(['enquiry', 'first-word', 'first-word-2']);
        expect(toSend(toSend(named))).toEqual(toSend(named));
    });

    it('of a track are made of its name; one without a name has none', () => {
        expect(toSend({ ...blankTrack(), name: 'Large hire' }).id).toBe('large-hire');
        expect(toSend(blankTrack()).id).toBe('');
        expect(toSend({ ...track, name: 'Lending' }).id).toBe('hire');
    });
});

describe('who moves a case on', () => {
    it.each([
        [undefined, 'owner'],
        [{ owner: false }, 'leads'],
        [{ owner: true, teams: ['bench'] }, 'owner_and_teams'],
        [{ owner: false, teams: ['bench'] }, 'teams'],
        [{ anyone: true }, 'anyone'],
    ] as const)('%j is %s, and back', (movers, kind) => {
        const known =
            movers === undefined ? undefined : { ...movers, teams: [...('teams' in movers ? movers.teams : [])] };
        expect(moversKind(known)).toBe(kind);
        expect(moversKind(moversOf(kind, ['bench']))).toBe(kind);
    });

    it('stays what was chosen while no team is', () => {
        expect(moversKind({ owner: false, teams: [] }, 'teams')).toBe('teams');
        expect(moversKind({ owner: true, teams: [] }, 'teams')).toBe('owner');
    });
});

it('leaves out of a stage what says nothing', () => {
    expect(stageWith({ key: 'a', name: 'A', target: 'PT8H', retired: true }, { target: undefined })).toEqual({
        key: 'a',
        name: 'A',
        retired: true,
    });
});

it('finds where a fault is', () => {
    expect(placeOfFault('/stages/2/leave/0/field')).toEqual({ stage: 2 });
    expect(placeOfFault('/stages')).toBe('track');
    expect(placeOfFault('/outcomes/1/label')).toBe('outcomes');
    expect(placeOfFault('')).toBe('track');
});
