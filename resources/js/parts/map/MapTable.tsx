import type { MapArrow, MapNode } from '@props/Map/MapPage';
import { duration } from '@/lib/format';
import { keyOf } from '@/lib/houseMap';
import { say } from '@/lib/words';

/** The arrows of the map in lines, from the most frequent. */
export function MapTable({ nodes, arrows, at }: { nodes: MapNode[]; arrows: MapArrow[]; at: string }) {
    const names = new Map(nodes.map((node) => [node.id, node.name]));
    const groups = new Map(nodes.map((node) => [node.id, node.within]));
    const name = (id: string): string => {
        const group = groups.get(id) ?? null;
        const own = names.get(id) ?? id;
        return group === null ? own : say('map.in', { name: own, group: names.get(group) ?? group });
    };
    const shown = at === '' ? arrows : arrows.filter((arrow) => arrow.from === at || arrow.to === at);
    const time = (minutes: number | null): string => (minutes === null ? '' : duration(minutes));
    return (
        <table className="w-full tabular-nums" aria-label={say('map.title')}>
            <thead className="sticky top-0 bg-paper text-xs text-ink2">
                <tr>
                    {(['from', 'what', 'to'] as const).map((head) => (
                        <th key={head} scope="col" className="px-3 py-1 text-start font-normal">
                            {say(`map.heads.${head}`)}
                        </th>
                    ))}
                    {(['number', 'median', 'ninety'] as const).map((head) => (
                        <th key={head} scope="col" className="px-3 py-1 text-end font-normal">
                            {say(`map.heads.${head}`)}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {shown.map((arrow) => (
                    <tr key={keyOf(arrow)} className="border-t border-line">
                        <th scope="row" className="px-3 py-1 text-start font-medium">
                            {name(arrow.from)}
                        </th>
                        <td className="px-3 py-1 text-ink2">{say(`map.arrows.${arrow.kind}`)}</td>
                        <td className="px-3 py-1">{name(arrow.to)}</td>
                        <td className="px-3 py-1 text-end">{arrow.number}</td>
                        <td className="px-3 py-1 text-end whitespace-nowrap">{time(arrow.median)}</td>
                        <td className="px-3 py-1 text-end whitespace-nowrap text-ink2">{time(arrow.ninety)}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
