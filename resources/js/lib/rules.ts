import type { Fault, KnownRule, Rule } from '@props/Rules/RulebookPage';
import { drawable } from './drawable';

/** A rule as the server has it, of which the page may not have the text. */
export class Stub {
    constructor(
        readonly id: string,
        readonly hash: string,
    ) {}

    get key(): string {
        return `${this.hash} ${this.id}`;
    }
}

/** A rule that was written on this page, or one as the server has it. */
export type Entry = Rule | Stub;

export function stubs(lines: [string, string][]): Stub[] {
    return lines.map(([id, hash]) => new Stub(id, hash));
}

function isSame(one: Entry | undefined, other: Entry): boolean {
    return one === other || (one instanceof Stub && other instanceof Stub && one.key === other.key);
}

/** What is not right or not finished, by the place of its rule: the pointer is /rules/{place}/… */
export function faultsByRule(faults: Fault[]): Map<number, Fault[]> {
    const found = new Map<number, Fault[]>();
    for (const fault of faults) {
        const index = Number(fault.pointer.split('/')[2]);
        found.set(index, [...(found.get(index) ?? []), fault]);
    }
    return found;
}

/** What is sent to save a draft: of a rule that the server has as it is here, its id. */
export function toSave(entries: Entry[], saved: Entry[], find: (entry: Entry) => Rule | null): (Rule | string)[] {
    const there = new Map(saved.map((one) => [one.id, one]));
    return entries.map((one) => (isSame(there.get(one.id), one) ? one.id : (find(one) ?? one.id)));
}

/**
 * Ours, to be kept beside what somebody else has saved meanwhile: of what was
 * never seen here there is nothing of ours, so it is as they have it.
 */
export function besideTheirs(ours: Entry[], theirs: Stub[], find: (entry: Entry) => Rule | null): Entry[] {
    const there = new Map(theirs.map((one) => [one.id, one]));
    return ours.flatMap((one) => find(one) ?? there.get(one.id) ?? []);
}

const TOGETHER = 50;
const PAUSE = 40;
const AGAIN = 4000;

type Fetch = (ids: string[]) => Promise<KnownRule[]>;

/**
 * The rules that the page has the text of, by the hash of it. Others are fetched when they are wanted, many at a time.
 */
export class KnownRules {
    private readonly known = new Map<string, Rule>();
    /** Keys of what waits or is on its way. */
    private readonly asked = new Set<string>();
    private waiting: Stub[] = [];
    private timer: ReturnType<typeof setTimeout> | null = null;
    private readonly listeners = new Set<() => void>();

    constructor(private readonly fetch: Fetch) {}

    readonly subscribe = (listener: () => void): (() => void) => {
        this.listeners.add(listener);
        return () => this.listeners.delete(listener);
    };

    /** Another number whenever more is known. */
    readonly version = (): number => this.known.size;

    /** null: its text is not here yet */
    readonly find = (entry: Entry): Rule | null =>
        entry instanceof Stub ? (this.known.get(entry.key) ?? null) : entry;

    add(rules: KnownRule[]): void {
        const before = this.known.size;
        for (const { id, hash, rule } of rules) {
            const { key } = new Stub(id, hash);
            if (!this.known.has(key)) this.known.set(key, drawable(rule, id));
        }
        if (this.known.size === before) return;
        for (const listener of this.listeners) listener();
    }

    /** Fetches what is not known and not on its way. */
    want(entries: Stub[]): void {
        for (const one of entries) {
            if (this.known.has(one.key) || this.asked.has(one.key)) continue;
            this.asked.add(one.key);
            this.waiting.push(one);
        }
        this.soon(PAUSE);
    }

    private soon(pause: number): void {
        if (this.waiting.length > 0) this.timer ??= setTimeout(() => void this.ask(), pause);
    }

    private async ask(): Promise<void> {
        // What came into view last is what is looked at now.
        const wanted = this.waiting.splice(-TOGETHER);
        let pause = PAUSE;
        try {
            const found = await this.fetch(wanted.map((one) => one.id));
            // One that has changed meanwhile may be wanted again, should it ever be as it was.
            for (const one of wanted) this.asked.delete(one.key);
            this.add(found);
        } catch {
            this.waiting = [...wanted, ...this.waiting];
            pause = AGAIN;
        }
        this.timer = null;
        this.soon(pause);
    }
}

/** The rule without some of its members, which may not be there and empty. */
export function without<T extends object>(one: T, ...members: (keyof T)[]): T {
    return Object.fromEntries(Object.entries(one).filter(([member]) => !members.includes(member as keyof T))) as T;
}
