import clsx from 'clsx';
import { Link, router } from '@inertiajs/react';
import type { PlaceLine } from '@props/House/PlacesPage';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';
import type { OpenPlace } from './PlaceDialog';

export const COLUMNS = 'grid grid-cols-[minmax(260px,1fr)_170px_170px_auto] gap-x-3 px-4';

type Props = {
    place: PlaceLine;
    /** Nothing lies in places of this level. */
    last: boolean;
    /** Where it lies is said, since what it lies in is not above it. */
    found: boolean;
    onOpen: (open: OpenPlace) => void;
    onRetire: (retired: boolean) => void;
};

function Counts({ place }: { place: PlaceLine }) {
    return (
        <span className="text-xs whitespace-nowrap text-ink2">
            {place.customers > 0 && <>{say('screen.customers.count', { count: place.customers })} </>}
            {place.below > 0 && (
                <Link href={`/places?in=${place.slug}`} className="text-sky underline">
                    {say('places.below', { count: place.below })}
                </Link>
            )}
        </span>
    );
}

function Actions({ place, last, onOpen, onRetire }: Omit<Props, 'found'>) {
    const act = (words: string, named: string, run: () => void) => (
        <Button look="quiet" className="min-h-6" aria-label={say(named, { name: place.name })} onClick={run}>
            {say(words)}
        </Button>
    );
    if (place.retired) return <>{act('customer.take_up', 'places.take_up', () => onRetire(false))}</>;
    return (
        <>
            {!last &&
                act('places.add', 'places.add_to', () =>
                    onOpen({ place: null, within: { value: place.slug, label: place.name } }),
                )}
            {act('absence.edit', 'places.change_of', () =>
                onOpen({ place, within: place.path[place.path.length - 1] ?? null }),
            )}
            {place.empty
                ? act('people.take_out', 'places.remove_of', () =>
                      router.delete(`/places/${place.slug}`, { preserveScroll: true }),
                  )
                : act('customer.retire', 'places.retire', () => onRetire(true))}
        </>
    );
}

/** A place with whoever answers for it; from the place above it, where it has nobody of its own. */
export function PlaceRow({ found, ...props }: Props) {
    const { place } = props;
    return (
        <li className={clsx(COLUMNS, 'items-center border-t border-line py-1')}>
            <span
                className={clsx('min-w-0', place.retired && 'text-ink2')}
                style={{ paddingInlineStart: found ? 0 : place.depth * 20 }}
            >
                {place.name} <Counts place={place} />
                {place.retired && <span className="block text-xs text-ochre">{say('places.is_retired')}</span>}
                {found && place.path.length > 0 && (
                    <span className="block text-xs text-ink2">{place.path.map((one) => one.label).join(' › ')}</span>
                )}
            </span>
            {(['responsible', 'deputy'] as const).map((role) => {
                const { person, own } = place[role];
                return (
                    <span
                        key={role}
                        className={own ? '' : 'text-ink2'}
                        title={own ? undefined : say('places.from_above')}
                    >
                        {person === null ? (
                            <span className="text-ink2">{say('places.nobody')}</span>
                        ) : (
                            <PersonName {...person} />
                        )}
                    </span>
                );
            })}
            <span className="flex w-72 justify-end whitespace-nowrap">
                <Actions {...props} />
            </span>
        </li>
    );
}
