import { Stub, type Entry } from './rules';

type Sides = { base: Entry[]; ours: Entry[]; theirs: Stub[]; hashOf: (entry: Entry) => string | null };

const idsOf = (entries: Entry[]): string[] => entries.map(({ id }) => id);
const byId = <T extends Entry>(entries: T[]): Map<string, T> => new Map(entries.map((one) => [one.id, one]));

/** Whether those that are in both stand in another order. */
function isMoved(before: string[], after: string[]): boolean {
    const [old, now] = [new Set(before), new Set(after)];
    return before.filter((id) => now.has(id)).join('\n') !== after.filter((id) => old.has(id)).join('\n');
}

/** Rules of which both sides have made something else. */
function isContested({ base, ours, theirs, hashOf }: Sides): boolean {
    const [old, mine, other] = [byId(base), byId(ours), byId(theirs)];
    return [...new Set([...old.keys(), ...mine.keys(), ...other.keys()])].some((id) => {
        const [was, our, their] = [old.get(id), mine.get(id), other.get(id)];
        const hash = was === undefined ? null : hashOf(was);
        const weDid = was !== our && !(was instanceof Stub && our instanceof Stub && was.key === our.key);
        const theyDid = hash === null ? was !== undefined || their !== undefined : their?.hash !== hash;
        return weDid && theyDid && (our !== undefined || their !== undefined);
    });
}

/** The list with what the other side has added, each after what it stands after there. */
function withAdded(list: string[], other: string[], base: Set<string>): string[] {
    const result = [...list];
    other.forEach((id, place) => {
        if (base.has(id) || result.includes(id)) return;
        const before = other.slice(0, place).findLast((one) => result.includes(one));
        result.splice(before === undefined ? 0 : result.indexOf(before) + 1, 0, id);
    });
    return result;
}

/**
 * What two have made of the same rules at once, in one list; null: both have changed the same rule, or the order.
 *
 * @param sides as it was before both; what stands on this page; what the server has by now
 */
export function together(sides: Sides): Entry[] | null {
    const [base, ours, theirs] = [idsOf(sides.base), idsOf(sides.ours), idsOf(sides.theirs)];
    const [weMoved, theyMoved] = [isMoved(base, ours), isMoved(base, theirs)];
    if (isContested(sides) || (weMoved && theyMoved)) return null;
    const known = new Set(base);
    const [list, other] = weMoved ? [ours, theirs] : [theirs, ours];
    const stays = new Set(other);
    const order = withAdded(
        list.filter((id) => stays.has(id) || !known.has(id)),
        other,
        known,
    );
    const [old, mine, server] = [byId(sides.base), byId(sides.ours), byId(sides.theirs)];
    return order.flatMap((id) => {
        const [was, our] = [old.get(id), mine.get(id)];
        const untouched =
            our === undefined || our === was || (was instanceof Stub && our instanceof Stub && was.key === our.key);
        return (untouched ? (server.get(id) ?? our) : our) ?? [];
    });
}
