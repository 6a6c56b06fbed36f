import clsx from 'clsx';
import { Link } from '@inertiajs/react';
import type { Currency } from '@/lib/current';
import { useFormats } from '@/lib/format';
import { say, sayWith } from '@/lib/words';
import { useShared } from '@/lib/shared';
import { Popover } from '@/ui/Popover';
import { PersonName } from './PersonMark';

type Last = NonNullable<NonNullable<ReturnType<typeof useShared>['status']>['lastHandoff']>;

function LastHandoff({ at, to, taskId, number }: Last) {
    const formats = useFormats();
    return (
        <span className="hidden min-w-0 overflow-hidden text-ellipsis sm:inline">
            {sayWith('screen.status_strip.last_handoff', {
                moment: formats.moment(at),
                person: to === '' ? say('task_list.nobody') : to,
                task: (
                    <Link key="task" href={`/tasks/${taskId}`} className="text-sky underline">
                        {say('screen.common.numbered', { number: number })}
                    </Link>
                ),
            })}
        </span>
    );
}

export function StatusStrip({ state }: { state: Currency }) {
    const { status: strip, viewer } = useShared();
    const formats = useFormats();
    if (strip === null) return null;
    const unplaced = say('screen.status_strip.unplaced', { count: strip.unplaced });
    return (
        <footer
            className={clsx(
                'flex h-8 shrink-0 items-center gap-5 overflow-hidden border-t border-line bg-paper',
                'px-4 text-xs whitespace-nowrap text-ink2',
            )}
            aria-label={say('screen.status_strip.status')}
        >
            <span className={strip.unplaced > 0 ? 'font-semibold text-brick' : ''}>
                {viewer?.places.some((one) => one.place === 'floor') === true ? (
                    <Link href="/floor" className="underline decoration-line underline-offset-2 hover:decoration-ink">
                        {unplaced}
                    </Link>
                ) : (
                    unplaced
                )}
            </span>
            {strip.lastHandoff !== null && <LastHandoff {...strip.lastHandoff} />}
            {strip.away.length === 0 ? (
                <span>{say('screen.status_strip.nobody_away')}</span>
            ) : (
                <Popover
                    label={say('screen.status_strip.who_is_away')}
                    trigger={
                        <button type="button" className="text-plum underline decoration-line underline-offset-2">
                            {say('screen.status_strip.away', { count: strip.away.length })}
                        </button>
                    }
                >
                    <ul className="space-y-1">
                        {strip.away.map((person) => (
                            <li key={person.slug} className="flex justify-between gap-6">
                                <PersonName slug={person.slug} name={person.name} />
                                <span className="text-ink2">{formats.until(person.until)}</span>
                            </li>
                        ))}
                    </ul>
                </Popover>
            )}
            <Link href="/rulebook" className="underline decoration-line underline-offset-2 hover:decoration-ink">
                {strip.version === null
                    ? say('screen.status_strip.no_rulebook_yet')
                    : say('screen.status_strip.version', { version: strip.version })}
            </Link>
            <span className="ms-auto" role="status">
                {state === 'current' && say('screen.status_strip.current')}
                {state === 'out of touch' && (
                    <span className="font-semibold text-ochre">{say('screen.status_strip.out_of_touch_with')}</span>
                )}
                {state === 'signed out' && (
                    <span className="font-semibold text-ochre">
                        {say('outage.signed_out')}{' '}
                        <a href="/sign-in" target="_blank" rel="noreferrer" className="underline">
                            {say('outage.sign_in')}
                        </a>
                    </span>
                )}
            </span>
            <span className="hidden md:inline">{say('screen.status_strip.zone', { zone: strip.zone })}</span>
        </footer>
    );
}
