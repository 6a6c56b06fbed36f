import { Head, Link, router } from '@inertiajs/react';
import type { GuideLine, GuidesPageProps } from '@props/Guides/GuidesPage';
import { useState } from 'react';
import { useFormats, type Formats } from '@/lib/format';
import { useShortcuts } from '@/lib/keys';
import { say } from '@/lib/words';
import { GuideForm } from '@/parts/guides/GuideForm';
import { GuidePanel } from '@/parts/guides/GuidePanel';
import { Button } from '@/ui/Button';
import { Table } from '@/ui/Table';
import type { TableColumn } from '@/ui/useTableOf';

function columnsOf(formats: Formats): TableColumn<GuideLine>[] {
    return [
        {
            id: 'name',
            label: say('screen.common.name'),
            value: (one) => one.name,
            cell: (one) => (
                <>
                    <Link href={`/guides?guide=${one.slug}`} preserveState preserveScroll className="hover:underline">
                        {one.name}
                    </Link>
                    <span className="block text-xs font-normal text-ink2">
                        {one.retired
                            ? say('guides.is_retired')
                            : one.links.map((link) => link.label).join(', ') || say('guides.about_nothing')}
                    </span>
                </>
            ),
        },
        {
            id: 'changed',
            label: say('guides.changed'),
            value: (one) => one.changedAt,
            cell: (one) => (
                <>
                    <span className="whitespace-nowrap">{formats.moment(one.changedAt)}</span>
                    <span className="block text-xs text-ink2">{one.author}</span>
                </>
            ),
        },
        {
            id: 'read',
            label: say('guides.looked_at_since'),
            value: (one) => String(one.readNow).padStart(4, '0'),
            cell: (one) => (
                <span className={one.readNow === 0 ? 'text-ochre' : ''}>
                    {say('guides.looked_at_by', { count: one.readNow, people: one.people })}
                </span>
            ),
        },
    ];
}

/** How things are done in the house. */
export default function Guides({ guides, guide, mayWrite, choices, guideKind }: GuidesPageProps) {
    const formats = useFormats();
    const [writing, setWriting] = useState<string | null>(null);
    const [text, setText] = useState('');
    const found = guides.filter((one) => one.name.toLocaleLowerCase().includes(text.toLocaleLowerCase().trim()));
    const begin = (): void => setWriting('');
    useShortcuts('page', say('nav.guides'), mayWrite ? [{ key: 'n', does: say('guides.new'), run: begin }] : []);
    const writes = choices !== null && writing !== null && (writing === '' || writing === guide?.slug);
    return (
        <div className="grid h-full grid-cols-1 lg:grid-cols-[minmax(0,1fr)_minmax(340px,640px)]">
            <Head title={say('nav.guides')} />
            <h1 className="sr-only">{say('nav.guides')}</h1>
            <div className="overflow-auto bg-paper" data-scrolls>
                <div className="flex flex-wrap items-center gap-2 border-b border-line p-3">
                    <input
                        className="entry w-56"
                        aria-label={say('guides.find')}
                        placeholder={say('guides.find')}
                        value={text}
                        onChange={(event) => setText(event.target.value)}
                    />
                    {mayWrite && (
                        <Button look="main" className="ms-auto" onClick={begin}>
                            {say('guides.new')}
                        </Button>
                    )}
                    {choices !== null && <KindOfTask kinds={choices.kind} kind={guideKind} />}
                </div>
                <Table
                    label={say('nav.guides')}
                    rows={found}
                    columns={columnsOf(formats)}
                    idOf={(one) => one.slug}
                    nothing={say(guides.length === 0 ? 'guides.none' : 'guides.none_found')}
                    chosen={guide?.slug}
                />
            </div>
            <aside aria-label={say('screen.common.details')} className="overflow-auto border-s border-line bg-paper">
                {writes ? (
                    <GuideForm
                        key={writing}
                        guide={writing === '' ? null : guide}
                        choices={choices}
                        onDone={() => setWriting(null)}
                    />
                ) : guide === null ? (
                    <p className="p-5 text-ink2">{say('guides.pick')}</p>
                ) : (
                    <GuidePanel
                        key={guide.slug}
                        guide={guide}
                        mayWrite={mayWrite}
                        read={guides.some((one) => one.slug === guide.slug && one.readByMe)}
                        onEdit={() => setWriting(guide.slug)}
                    />
                )}
            </aside>
        </div>
    );
}

/** Of which kind the tasks are that tell authors what is not right. */
function KindOfTask({ kinds, kind }: { kinds: { value: string; label: string }[]; kind: string | null }) {
    return (
        <label className="flex w-full flex-wrap items-center gap-2 text-ink2">
            {say('guides.kind_of_task')}
            <select
                className="entry"
                value={kind ?? ''}
                onChange={(event) =>
                    router.put(
                        '/guides/kind',
                        { kind: event.target.value },
                        { preserveScroll: true, preserveState: true },
                    )
                }
            >
                <option value="">{say('guides.kind_at_hand')}</option>
                {kinds.map((one) => (
                    <option key={one.value} value={one.value}>
                        {one.label}
                    </option>
                ))}
            </select>
        </label>
    );
}
