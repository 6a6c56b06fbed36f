import type { Movers, StageDocument, TrackDocument } from '@props/Cases/TrackEditorPage';

/** What is new has a key of its own only when it is saved: until then it is named after nothing. */
const isUnnamed = (key: string): boolean => key.includes(' ');

function unnamed(taken: string[]): string {
    for (let number = 1; ; ++number) if (!taken.includes(`new ${number}`)) return `new ${number}`;
}

const FORMAT = 'track/1';

/** A track of which nothing is guessed. */
export function blankTrack(): TrackDocument {
    return {
        openbaton: FORMAT,
        id: '',
        name: '',
        owner_takes_tasks: false,
        stages: [{ key: unnamed([]), name: '' }],
        outcomes: [{ key: unnamed([]), label: '' }],
    };
}

export const isTrack = (kept: Partial<TrackDocument>): boolean =>
    Array.isArray(kept.stages) && Array.isArray(kept.outcomes);

/** A key made from a name: "On hire" is on-hire; where another has it, on-hire-2. */
export function keyOf(name: string, taken: readonly string[], otherwise: string, by = '-'): string {
    const plain = name
        .normalize('NFKD')
        .replace(/\p{M}/gu, '')
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, ' ')
        .slice(0, 100)
        .trim()
        .replaceAll(' ', by);
    const base = plain === '' ? otherwise : plain;
    if (!taken.includes(base)) return base;
    for (let number = 2; ; ++number) if (!taken.includes(base + by + String(number))) return base + by + String(number);
}

function keyed<T extends { key: string }>(items: T[], nameOf: (item: T) => string, otherwise: string): T[] {
    const taken = items.map((one) => one.key);
    return items.map((one) => {
        if (!isUnnamed(one.key)) return one;
        const key = keyOf(nameOf(one), taken, otherwise);
        taken.push(key);
        return { ...one, key };
    });
}

/** The document as it is sent: all that is new has a key after its name. */
export function toSend(track: TrackDocument): TrackDocument {
    return {
        ...track,
        id: track.id === '' && track.name.trim() !== '' ? keyOf(track.name, [], 'track') : track.id,
        stages: keyed(track.stages, (one) => one.name, 'stage'),
        outcomes: keyed(track.outcomes, (one) => one.label, 'outcome'),
    };
}

export function withStage(track: TrackDocument): TrackDocument {
    return {
        ...track,
        stages: [...track.stages, { key: unnamed(track.stages.map((one) => one.key)), name: '' }],
    };
}

export function withOutcome(track: TrackDocument): TrackDocument {
    return {
        ...track,
        outcomes: [...track.outcomes, { key: unnamed(track.outcomes.map((one) => one.key)), label: '' }],
    };
}

/** Leaves out what says nothing. */
export function stageWith(
    stage: StageDocument,
    change: { [Name in keyof StageDocument]?: StageDocument[Name] | undefined },
): StageDocument {
    const all = { ...stage, ...change };
    return Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined)) as StageDocument;
}

/** Who moves cases out of a stage, besides leads. */
export const MOVERS = ['owner', 'owner_and_teams', 'teams', 'anyone', 'leads'] as const;
export type MoversKind = (typeof MOVERS)[number];

/** @param chosen what was chosen last, as teams of which none is chosen yet say nothing */
export function moversKind(movers: Movers | undefined, chosen?: MoversKind): MoversKind {
    const owner = movers?.owner ?? true;
    if (movers?.anyone === true) return 'anyone';
    if ((movers?.teams ?? []).length > 0) return owner ? 'owner_and_teams' : 'teams';
    if (chosen === (owner ? 'owner_and_teams' : 'teams')) return chosen;
    return owner ? 'owner' : 'leads';
}

export function moversOf(kind: MoversKind, teams: string[]): Movers {
    return {
        owner: kind === 'owner' || kind === 'owner_and_teams',
        teams: kind === 'owner_and_teams' || kind === 'teams' ? teams : [],
        anyone: kind === 'anyone',
    };
}

/** Where a fault is: the stage, the outcomes, or the track itself. */
export function placeOfFault(pointer: string): { stage: number } | 'outcomes' | 'track' {
    const [, part, place] = pointer.split('/');
    if (part === 'stages' && place !== undefined) return { stage: Number(place) };
    return part === 'outcomes' ? 'outcomes' : 'track';
}
