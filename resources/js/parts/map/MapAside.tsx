import type { MapFound, MapNode, MapPageProps, MapPlace, MapWork } from '@props/Map/MapPage';
import { useId } from 'react';
import { figuresOf, keyOf } from '@/lib/houseMap';
import { usePeople } from '@/lib/usePeople';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { PersonName } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';

type Go = (node: string, group: string | null) => void;

const KINDS: MapFound['kind'][] = ['only_one_can', 'only_one_did', 'longest_wait', 'never_used'];

function PlaceLink({ place, group, onGo }: { place: MapPlace; group: string | null; onGo: Go }) {
    return (
        <button type="button" className="text-start text-sky underline" onClick={() => onGo(place.node, group)}>
            {place.within === null ? place.name : say('map.in', { name: place.name, group: place.within })}
        </button>
    );
}

function Found({ found, onGo }: { found: MapFound; onGo: Go }) {
    return (
        <li className="border-t border-line py-1">
            <PlaceLink place={found.place} group={found.group} onGo={onGo} />
            <span className="flex flex-wrap gap-x-3 text-ink2 tabular-nums">
                {found.person !== null && <PersonName {...found.person} />}
                {found.kind !== 'never_used' && <span>{figuresOf(found)}</span>}
            </span>
        </li>
    );
}

/** What is worth a look: what hangs on one person, what waits, what nobody uses. */
export function Findings({ findings, onGo }: { findings: MapFound[]; onGo: Go }) {
    return (
        <>
            {KINDS.map((kind) => {
                const ofKind = findings.filter((one) => one.kind === kind);
                return (
                    <details key={kind} open={kind !== 'never_used'} className="border-b border-line py-2">
                        <summary className="cursor-pointer font-semibold">
                            {say(`map.finds.${kind}`)} <span className="text-ink2 tabular-nums">{ofKind.length}</span>
                        </summary>
                        <p className="text-xs text-ink2">{say(`map.finds_mean.${kind}`)}</p>
                        {ofKind.length === 0 ? (
                            <p className="text-ink2">{say('map.finds_none')}</p>
                        ) : (
                            <ul>
                                {ofKind.map((one) => (
                                    <Found key={one.place.node} found={one} onGo={onGo} />
                                ))}
                            </ul>
                        )}
                    </details>
                );
            })}
        </>
    );
}

function Could({ row }: { row: MapWork['rows'][number] }) {
    if (row.couldToo === null) return <span className="text-ink2">{say('map.rules_say')}</span>;
    if (row.couldToo === 0) return <span className="text-ochre">{say('map.nobody_else')}</span>;
    const more = row.couldToo - row.others.length;
    return (
        <span className="flex flex-wrap gap-x-2 gap-y-0.5">
            {row.others.map((one) => (
                <PersonName key={one.slug} {...one} />
            ))}
            {more > 0 && <span className="text-ink2">{say('map.more_people', { count: more })}</span>}
        </span>
    );
}

/** What one person does, and who else could have it. */
export function HandingOn({
    work,
    person,
    onPerson,
    onGo,
}: {
    work: MapPageProps['work'];
    person: string;
    onPerson: (slug: string) => void;
    onGo: Go;
}) {
    const people = usePeople();
    const id = useId();
    return (
        <section className="border-b border-line py-2" aria-labelledby={id}>
            <h2 id={id} className="font-semibold">
                {say('map.hand_on')}
            </h2>
            <p className="mb-1 text-xs text-ink2">{say('map.hand_on_means')}</p>
            <PersonChoice aria-label={say('map.whose')} people={people} value={person} onChange={onPerson} />
            {work !== null && work.rows.length === 0 && <p className="mt-2 text-ink2">{say('map.did_nothing')}</p>}
            {work !== null && (
                <ul className="mt-2">
                    {work.rows.map((row) => (
                        <li key={row.place.node} className="border-t border-line py-1">
                            <span className="flex justify-between gap-2">
                                <PlaceLink place={row.place} group={row.group} onGo={onGo} />
                                <span className="whitespace-nowrap tabular-nums">{figuresOf(row)}</span>
                            </span>
                            <Could row={row} />
                        </li>
                    ))}
                </ul>
            )}
        </section>
    );
}

/** The place that is looked at, with what leads to it and from it. */
export function At({
    node,
    opened,
    props,
    onOpen,
    onPerson,
    onGo,
}: {
    node: MapNode;
    opened: boolean;
    props: MapPageProps;
    onOpen: (id: string) => void;
    onPerson: (slug: string) => void;
    onGo: Go;
}) {
    const ofIt = props.arrows.filter((arrow) => arrow.from === node.id || arrow.to === node.id);
    const other = (id: string): MapNode | undefined => props.nodes.find((one) => one.id === id);
    return (
        <section className="border-b border-line py-2" aria-label={node.name}>
            <p className="text-xs text-ink2">{say(`map.kinds.${node.kind}`)}</p>
            <h2 className="text-base font-semibold">
                {node.kind === 'person' ? <PersonName slug={node.key} name={node.name} /> : node.name}
            </h2>
            {node.can !== null && <p className="text-ink2">{say('map.can', { count: node.can })}</p>}
            <div className="my-1 flex gap-2">
                {node.inside > 0 && (
                    <Button onClick={() => onOpen(node.id)}>{say(opened ? 'map.close' : 'map.open')}</Button>
                )}
                {node.kind === 'person' && <Button onClick={() => onPerson(node.key)}>{say('map.hand_on_of')}</Button>}
            </div>
            <ul>
                {ofIt.map((arrow) => {
                    const there = other(arrow.from === node.id ? arrow.to : arrow.from);
                    if (there === undefined) return null;
                    return (
                        <li key={keyOf(arrow)} className="border-t border-line py-1">
                            <span className="text-xs text-ink2">
                                {say(arrow.from === node.id ? `map.arrows.${arrow.kind}` : `map.led.${arrow.kind}`)}
                            </span>
                            <span className="flex justify-between gap-2">
                                <button
                                    type="button"
                                    className="text-start text-sky underline"
                                    onClick={() => onGo(there.id, there.within)}
                                >
                                    {there.name}
                                </button>
                                <span className="whitespace-nowrap tabular-nums">{figuresOf(arrow)}</span>
                            </span>
                        </li>
                    );
                })}
            </ul>
        </section>
    );
}
