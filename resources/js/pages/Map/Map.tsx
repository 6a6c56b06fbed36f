import { Head, router } from '@inertiajs/react';
import type { MapPageProps, MapView } from '@props/Map/MapPage';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { useShortcuts } from '@/lib/keys';
import { useUntilWorkedOut } from '@/lib/useUntilWorkedOut';
import { say } from '@/lib/words';
import { At, Findings, HandingOn } from '@/parts/map/MapAside';
import { MapDrawing } from '@/parts/map/MapDrawing';
import { MapTable } from '@/parts/map/MapTable';
import { Button } from '@/ui/Button';

const ZOOMS = [0.4, 0.5, 0.65, 0.8, 1, 1.25, 1.6];
const USUAL = 3;

function look(view: MapView, changed: Partial<MapView>): void {
    const { open, at, person } = { ...view, ...changed };
    router.visit('/map', {
        data: {
            ...(open.length === 0 ? {} : { open }),
            ...(at === '' ? {} : { at }),
            ...(person === '' ? {} : { person }),
        },
        preserveState: true,
        preserveScroll: true,
        replace: true,
    });
}

function Bar({
    props: { drawnAt, weeks, view },
    asTable,
    zoom,
    onTable,
    onNearer,
}: {
    props: MapPageProps;
    asTable: boolean;
    zoom: number;
    onTable: () => void;
    onNearer: (by: number) => void;
}) {
    const { moment } = useFormats();
    return (
        <header className="flex flex-wrap items-center gap-2 border-b border-line px-5 py-2">
            <h1 className="me-2 text-base font-semibold">{say('map.title')}</h1>
            <Button onClick={onTable}>{say(asTable ? 'map.as_drawing' : 'map.as_table')}</Button>
            {!asTable && (
                <>
                    <Button onClick={() => onNearer(-1)} disabled={zoom === 0} aria-label={say('map.farther')}>
                        −
                    </Button>
                    <Button
                        onClick={() => onNearer(1)}
                        disabled={zoom === ZOOMS.length - 1}
                        aria-label={say('map.nearer')}
                    >
                        +
                    </Button>
                </>
            )}
            {view.open.length > 0 && (
                <Button look="quiet" onClick={() => look(view, { open: [] })}>
                    {say('map.close_all')}
                </Button>
            )}
            <p className="ms-auto text-xs text-ink2" role="status">
                {drawnAt === null ? say('map.drawing') : say('map.as_of', { weeks, moment: moment(drawnAt) })}
            </p>
        </header>
    );
}

/** Who does what and hands what to whom, where people wait, and what hangs on one person. */
export default function Map(props: MapPageProps) {
    const { drawnAt, weeks, view, nodes, arrows, left, findings, work } = props;
    const [zoom, setZoom] = useState(USUAL);
    const [asTable, setAsTable] = useState(false);
    useUntilWorkedOut(drawnAt);
    const nearer = (by: number): void => setZoom((now) => Math.max(0, Math.min(ZOOMS.length - 1, now + by)));
    const onOpen = (id: string): void => {
        const isOpen = view.open.includes(id);
        look(view, { open: isOpen ? view.open.filter((one) => one !== id) : [...view.open, id], at: id });
    };
    const onGo = (node: string, group: string | null): void =>
        look(view, { at: node, open: group === null || view.open.includes(group) ? view.open : [...view.open, group] });
    const onPerson = (person: string): void => look(view, { person });
    useShortcuts('page', say('map.title'), [
        { key: '+', does: say('map.nearer'), run: () => nearer(1) },
        { key: '-', does: say('map.farther'), run: () => nearer(-1) },
        { key: '0', does: say('map.usual'), run: () => setZoom(USUAL) },
        { key: 't', does: say(asTable ? 'map.as_drawing' : 'map.as_table'), run: () => setAsTable(!asTable) },
        { key: 'o', does: say('map.open_key') },
    ]);
    const at = nodes.find((node) => node.id === view.at);
    const waits = new Set(findings.filter((one) => one.kind === 'longest_wait').map((one) => one.place.node));
    return (
        <div className="flex h-full flex-col bg-paper">
            <Head title={say('map.title')} />
            <Bar props={props} asTable={asTable} zoom={zoom} onTable={() => setAsTable(!asTable)} onNearer={nearer} />
            <div className="flex min-h-0 flex-1">
                <div
                    className="min-h-0 min-w-0 flex-1 overflow-auto"
                    tabIndex={0}
                    role="region"
                    aria-label={say('map.title')}
                >
                    {(left.nodes > 0 || left.arrows > 0) && (
                        <p className="px-5 py-1 text-xs text-ochre">{say('map.left_out', left)}</p>
                    )}
                    {drawnAt !== null && nodes.length === 0 && <p className="p-5 text-ink2">{say('map.nothing')}</p>}
                    {asTable ? (
                        <MapTable nodes={nodes} arrows={arrows} at={at?.id ?? ''} />
                    ) : (
                        <MapDrawing
                            nodes={nodes}
                            arrows={arrows}
                            opened={view.open}
                            at={at?.id ?? ''}
                            zoom={ZOOMS[zoom] ?? 1}
                            waits={waits}
                            onAt={(id) => look(view, { at: id })}
                            onOpen={onOpen}
                        />
                    )}
                </div>
                <aside
                    className="w-84 shrink-0 overflow-y-auto border-s border-line px-4 text-sm"
                    aria-label={say('map.findings')}
                >
                    {at !== undefined && (
                        <At
                            node={at}
                            opened={view.open.includes(at.id)}
                            props={props}
                            onOpen={onOpen}
                            onPerson={onPerson}
                            onGo={onGo}
                        />
                    )}
                    <HandingOn work={work} person={view.person} onPerson={onPerson} onGo={onGo} />
                    <Findings findings={findings} onGo={onGo} />
                    <p className="py-2 text-xs text-ink2">{say('map.means', { weeks })}</p>
                </aside>
            </div>
        </div>
    );
}
