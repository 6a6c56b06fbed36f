import type { RolloutDocument, TreeNode } from '@props/Rollouts/RolloutEditorPage';

/** A rollout of which nothing is guessed but that whoever answers has the task. */
export function blankRollout(): RolloutDocument {
    return {
        name: '',
        tree: 'places',
        branches: [],
        levels: [],
        without: [],
        title: '~node.name~',
        holder: 'responsible',
        hidden: false,
    };
}

/** Without what is not said. */
export function rolloutToSend(rollout: RolloutDocument): RolloutDocument {
    const said = Object.entries(rollout).filter(([, value]) => value !== '' && value !== undefined);
    return Object.fromEntries(said) as RolloutDocument;
}

/** How deep each node lies, from 0. */
export function depths(nodes: TreeNode[]): Map<string, number> {
    const found = new Map<string, number>();
    for (const { id, parent } of nodes) found.set(id, parent === null ? 0 : 1 + (found.get(parent) ?? 0));
    return found;
}

/** What lies above a node, from within outwards. */
function above(nodes: Map<string, TreeNode>, id: string): string[] {
    const found: string[] = [];
    for (let at = nodes.get(id)?.parent ?? null; at !== null && !found.includes(at); at = nodes.get(at)?.parent ?? null)
        found.push(at);
    return found;
}

/** The branches with one more or less; what lies in one that is chosen is chosen with it, and not named besides. */
export function toggled(nodes: TreeNode[], branches: string[], id: string): string[] {
    const byId = new Map(nodes.map((node) => [node.id, node]));
    if (branches.includes(id)) return branches.filter((one) => one !== id);
    return [...branches.filter((one) => !above(byId, one).includes(id)), id];
}

/** Whether a node is chosen with what it lies in. */
export function isWithin(nodes: TreeNode[], branches: string[], id: string): boolean {
    const byId = new Map(nodes.map((node) => [node.id, node]));
    return above(byId, id).some((one) => branches.includes(one));
}
