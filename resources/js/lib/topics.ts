import byPage from './topics.json';

export type Stamps = Record<string, string>;

type Topics = Record<string, string[] | 'all'>;

const PAGES: Record<string, Topics> = byPage as Record<string, Topics>;

/** The topics whose stamps a page asks for; the task that it shows has one of its own. */
export function topicsOf(component: string, taskId: string | null): string[] {
    const named = Object.keys(PAGES[component] ?? {}).filter((topic) => topic !== 'task' || taskId !== null);
    return ['strip', ...named.map((topic) => (topic === 'task' ? `task:${taskId}` : topic))];
}

/** The props that have to be fetched where stamps have moved; null: none, 'all': all of them. */
export function staleProps(component: string, before: Stamps, now: Stamps): string[] | 'all' | null {
    const props = new Set<string>();
    for (const [topic, stamp] of Object.entries(now)) {
        if (before[topic] === stamp) continue;
        const name = topic.startsWith('task:') ? 'task' : topic;
        const of = name === 'strip' ? ['status'] : (PAGES[component]?.[name] ?? []);
        if (of === 'all') return 'all';
        for (const prop of of) props.add(prop);
    }
    return props.size === 0 ? null : [...props];
}
