import { Head, Link, router } from '@inertiajs/react';
import type { MessageLine, MessageState, OutboxPageProps } from '@props/Messages/OutboxPage';
import { useState, type ReactNode } from 'react';
import { useFormats, type Formats } from '@/lib/format';
import { CHANNELS, whenOf } from '@/lib/messages';
import { say } from '@/lib/words';
import { MessagePanel } from '@/parts/outbox/MessagePanel';
import { SteerBar } from '@/parts/outbox/SteerBar';
import { Button } from '@/ui/Button';
import { Pages } from '@/ui/Pages';
import { Table } from '@/ui/Table';
import type { TableColumn } from '@/ui/useTableOf';

const STATES: MessageState[] = ['held', 'to_be_sent', 'failed', 'given_up', 'sent', 'dropped'];

const PRESSING: MessageState[] = ['given_up', 'failed'];

function columnsOf(formats: Formats, address: (message: number) => string): TableColumn<MessageLine>[] {
    return [
        {
            id: 'to',
            label: say('outbox.columns.to'),
            cell: (one) => (
                <>
                    <Link href={address(one.id)} preserveScroll className="hover:underline">
                        {one.to}
                    </Link>
                    <Below>{say(`outbox.channels.${one.channel}`)}</Below>
                </>
            ),
            className: 'min-w-44',
        },
        {
            id: 'subject',
            label: say('outbox.columns.subject'),
            cell: (one) => (
                <>
                    <bdi className="block max-w-64 truncate" title={one.subject}>
                        {one.subject}
                    </bdi>
                    <Below>{aboutOf(one)}</Below>
                </>
            ),
        },
        {
            id: 'state',
            label: say('outbox.columns.state'),
            cell: (one) => (
                <span className={PRESSING.includes(one.state) ? 'text-brick' : ''}>
                    <span className="whitespace-nowrap">{say(`outbox.states.${one.state}`)}</span>
                    <Below>{whenOf(one, formats)}</Below>
                </span>
            ),
        },
        {
            id: 'at',
            label: say('outbox.columns.at'),
            cell: (one) => formats.moment(one.at),
            className: 'whitespace-nowrap text-ink2',
        },
    ];
}

/** What it is about, in short. */
function aboutOf({ task, case: of }: MessageLine): string {
    if (of !== null) return say('case.number', { number: of.number });
    return task === null ? '' : `№ ${task.number}`;
}

/** In small under what a cell is about. */
function Below({ children }: { children: ReactNode }) {
    return <span className="block text-xs font-normal text-ink2">{children}</span>;
}

/** By state, with how many there are. */
function States({ filter, counts, onShow }: Pick<OutboxPageProps, 'filter' | 'counts'> & { onShow: Show }) {
    return (
        <div className="flex flex-wrap gap-1" role="group" aria-label={say('outbox.columns.state')}>
            {[undefined, ...STATES].map((state) => (
                <Button
                    key={state ?? 'all'}
                    look={filter.state === state ? 'main' : 'plain'}
                    aria-pressed={filter.state === state}
                    onClick={() => onShow({ state: state ?? '', page: 1 })}
                >
                    {state === undefined ? say('outbox.all') : `${say(`outbox.states.${state}`)} ${counts[state] ?? 0}`}
                </Button>
            ))}
        </div>
    );
}

/** Whether all that goes to customers is looked at; and where the stand-ins are. */
function Settings({ holds }: { holds: boolean }) {
    return (
        <p className="flex w-full flex-wrap items-center gap-x-4 text-ink2">
            <label className="flex items-center gap-2">
                <input
                    type="checkbox"
                    checked={holds}
                    onChange={(event) =>
                        router.put('/outbox/holding', { holds: event.target.checked }, { preserveScroll: true })
                    }
                />
                {say('outbox.holds_for_customers')}
            </label>
            <span className="ms-auto">
                {say('outbox.stand_ins')}{' '}
                {CHANNELS.map((one) => (
                    <Link key={one} className="me-2 text-sky underline" href={`/stand-ins/messages/${one}`}>
                        {say(`outbox.channels.${one}`)}
                    </Link>
                ))}
            </span>
        </p>
    );
}

type Show = (query: Record<string, string | number>) => void;

/** What waits to leave the house or has left it. */
export default function Outbox(props: OutboxPageProps) {
    const { filter, rows, counts, total, page, pages, message } = props;
    const formats = useFormats();
    const [text, setText] = useState(filter.q ?? '');
    const [picked, setPicked] = useState<string[]>([]);
    const query = (more: Record<string, string | number>): Record<string, string> =>
        Object.fromEntries(
            Object.entries({ ...filter, page, ...more })
                .filter(([, value]) => value !== '')
                .map(([name, value]) => [name, String(value)]),
        );
    const show: Show = (more) =>
        router.visit('/outbox', { data: query(more), preserveState: true, preserveScroll: true });
    const address = (id: number): string => `/outbox?${new URLSearchParams(query({ message: id })).toString()}`;
    const columns = columnsOf(formats, address);
    const ids = rows.filter((one) => picked.includes(String(one.id))).map((one) => one.id);
    return (
        <div className="grid h-full grid-cols-1 lg:grid-cols-[minmax(0,1fr)_minmax(340px,480px)]">
            <Head title={say('outbox.title')} />
            <h1 className="sr-only">{say('outbox.title')}</h1>
            <div className="overflow-auto bg-paper" data-scrolls>
                <form
                    className="flex flex-wrap items-center gap-2 border-b border-line p-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        show({ q: text, page: 1 });
                    }}
                >
                    <States filter={filter} counts={counts} onShow={show} />
                    <select
                        className="entry"
                        aria-label={say('outbox.columns.channel')}
                        value={filter.channel ?? ''}
                        onChange={(event) => show({ channel: event.target.value, page: 1 })}
                    >
                        <option value="">{say('outbox.any_channel')}</option>
                        {CHANNELS.map((one) => (
                            <option key={one} value={one}>
                                {say(`outbox.channels.${one}`)}
                            </option>
                        ))}
                    </select>
                    <input
                        className="entry w-56"
                        aria-label={say('outbox.find')}
                        placeholder={say('outbox.find')}
                        value={text}
                        onChange={(event) => setText(event.target.value)}
                    />
                    {props.maySettle && <Settings holds={props.holdsForCustomers} />}
                </form>
                {ids.length > 0 && (
                    <div className="sticky top-0 z-10 border-b border-pine bg-paper px-3 py-2">
                        <span className="font-semibold">{say('outbox.chosen', { count: ids.length })}</span>
                        <SteerBar ids={ids} onDone={() => setPicked([])} />
                    </div>
                )}
                <Table
                    label={say('outbox.title')}
                    rows={rows}
                    columns={columns}
                    idOf={(one) => String(one.id)}
                    nothing={say(total === 0 && Object.keys(filter).length === 0 ? 'outbox.none' : 'outbox.none_found')}
                    chosen={message === null ? undefined : String(message.id)}
                    picking={{
                        picked,
                        onPick: setPicked,
                        one: (one) => say('outbox.choose', { to: one.to }),
                        all: say('outbox.choose_all'),
                    }}
                />
                <Pages page={page} pages={pages} onShow={(at) => show({ page: at })} />
            </div>
            <aside aria-label={say('screen.common.details')} className="overflow-auto border-s border-line bg-paper">
                {message === null ? (
                    <p className="p-5 text-ink2">{say('outbox.pick')}</p>
                ) : (
                    <MessagePanel key={message.id} message={message} onClose={() => show({ message: '' })} />
                )}
            </aside>
        </div>
    );
}
