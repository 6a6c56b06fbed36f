import { Head, Link, router } from '@inertiajs/react';
import type { HouseChecklist, HouseField, HouseKind, HousePageProps } from '@props/House/HousePage';
import { useState, type ReactNode } from 'react';
import { duration } from '@/lib/format';
import { say } from '@/lib/words';
import { ChecklistDialog } from '@/parts/house/ChecklistDialog';
import { CustomerWords } from '@/parts/house/CustomerWords';
import { FieldDialog } from '@/parts/house/FieldDialog';
import { KindDialog } from '@/parts/house/KindDialog';
import { LabelList } from '@/parts/house/LabelList';
import { WebForm } from '@/parts/house/WebForm';
import { Button } from '@/ui/Button';
import { Rows, Section } from '@/ui/Section';

type Open =
    | { what: 'field'; row: HouseField | null }
    | { what: 'kind'; row: HouseKind | null }
    | { what: 'checklist'; row: HouseChecklist | null };

function FieldRow({
    field,
    first,
    last,
    onOpen,
}: {
    field: HouseField;
    first: boolean;
    last: boolean;
    onOpen: () => void;
}) {
    const post = (what: string, data: Record<string, boolean | number>): void =>
        router.post(`/house/fields/${field.id}/${what}`, data, { preserveScroll: true });
    return (
        <tr className="border-t border-line">
            <th scope="row" className={`py-1.5 pe-3 font-medium ${field.retired ? 'text-ink2 line-through' : ''}`}>
                {field.label}
            </th>
            <td className="py-1.5 pe-3 font-mono text-xs text-ink2">{field.path}</td>
            <td className="py-1.5 pe-3">
                {say(`field_type.${field.type}`)}
                {field.options.length > 0 && (
                    <span className="text-ink2">: {field.options.map((one) => one.label).join(', ')}</span>
                )}
            </td>
            <td className="py-1 text-end whitespace-nowrap">
                <Button
                    look="quiet"
                    disabled={first}
                    aria-label={say('screen.house.move_up', { field: field.label })}
                    onClick={() => post('move', { places: -1 })}
                >
                    ↑
                </Button>
                <Button
                    look="quiet"
                    disabled={last}
                    aria-label={say('screen.house.move_down', { field: field.label })}
                    onClick={() => post('move', { places: 1 })}
                >
                    ↓
                </Button>
                <Button look="quiet" aria-label={say('screen.house.change_of', { name: field.label })} onClick={onOpen}>
                    {say('screen.house.change')}
                </Button>
                <Button
                    look="quiet"
                    aria-label={say(field.retired ? 'screen.house.take_up_of' : 'screen.house.retire_of', {
                        field: field.label,
                    })}
                    onClick={() => post('retire', { retired: !field.retired })}
                >
                    {field.retired ? say('screen.house.take_up_again') : say('screen.house.retire')}
                </Button>
            </td>
        </tr>
    );
}

function Sight({ open }: { open: boolean }) {
    return (
        <section className="box p-5" aria-label={say('sight.title')}>
            <h2 className="mb-2 font-semibold">{say('sight.title')}</h2>
            {[false, true].map((one) => (
                <label key={String(one)} className="flex items-baseline gap-2 py-1">
                    <input
                        type="radio"
                        name="sight"
                        checked={open === one}
                        onChange={() => router.put('/house/sight', { open: one }, { preserveScroll: true })}
                    />
                    <span>
                        {say(one ? 'sight.everybody' : 'sight.concerned')}{' '}
                        <span className="text-ink2">{say(one ? 'sight.everybody_hint' : 'sight.concerned_hint')}</span>
                    </span>
                </label>
            ))}
        </section>
    );
}

/** Something of the house by its name, with one column of its own. */
function NamedRow({
    row,
    onChange,
    children,
}: {
    row: { name: string; slug: string };
    onChange: () => void;
    children: ReactNode;
}) {
    return (
        <tr className="border-t border-line">
            <th scope="row" className="py-1.5 pe-3 font-medium">
                {row.name}
            </th>
            <td className="py-1.5 pe-3 font-mono text-xs text-ink2">{row.slug}</td>
            {children}
            <td className="py-1 text-end">
                <Button look="quiet" aria-label={say('screen.house.change_of', { name: row.name })} onClick={onChange}>
                    {say('screen.house.change')}
                </Button>
            </td>
        </tr>
    );
}

function MoreOfHouse() {
    return (
        <nav className="flex gap-4" aria-label={say('screen.house.more')}>
            <Link href="/changes" className="text-sky underline">
                {say('audit.title')}
            </Link>
            <Link href="/places" className="text-sky underline">
                {say('places.title')}
            </Link>
            <Link href="/setup" className="text-sky underline">
                {say('setup.title')}
            </Link>
        </nav>
    );
}

/** What the house is made of. */
export default function House({
    fields,
    kinds,
    checklists,
    entries,
    people,
    levels,
    answering,
    tiers,
    form,
    customerWords,
    tasksAreOpen,
}: HousePageProps) {
    const [open, setOpen] = useState<Open | null>(null);
    const close = (): void => setOpen(null);
    return (
        <div className="mx-auto my-6 max-w-5xl space-y-6 px-4">
            <Head title={say('screen.house.house')} />
            <h1 className="sr-only">{say('screen.house.house')}</h1>
            <MoreOfHouse />
            <Section
                id="fields"
                title={say('screen.house.fields')}
                note={say('screen.house.of_tasks_customers_and')}
                add={say('screen.common.new_field')}
                onAdd={() => setOpen({ what: 'field', row: null })}
            >
                <Rows>
                    {fields.map((field, at) => (
                        <FieldRow
                            key={field.id}
                            field={field}
                            first={at === 0}
                            last={at === fields.length - 1}
                            onOpen={() => setOpen({ what: 'field', row: field })}
                        />
                    ))}
                </Rows>
            </Section>
            <Section
                id="kinds"
                title={say('screen.house.kinds_of_task')}
                note={say('screen.house.with_what_they_usually')}
                add={say('screen.house.new_kind')}
                onAdd={() => setOpen({ what: 'kind', row: null })}
            >
                <Rows>
                    {kinds.map((kind) => (
                        <NamedRow key={kind.id} row={kind} onChange={() => setOpen({ what: 'kind', row: kind })}>
                            <td className="py-1.5 pe-3 text-end tabular-nums">{duration(kind.minutes)}</td>
                        </NamedRow>
                    ))}
                </Rows>
            </Section>
            <Section
                title={say('screen.house.checklists')}
                note={say('screen.house.that_rules_put_on')}
                add={say('screen.common.new_checklist')}
                onAdd={() => setOpen({ what: 'checklist', row: null })}
            >
                <Rows>
                    {checklists.map((list) => (
                        <NamedRow key={list.id} row={list} onChange={() => setOpen({ what: 'checklist', row: list })}>
                            <td className="py-1.5 pe-3 text-ink2">{list.items.join(' · ')}</td>
                        </NamedRow>
                    ))}
                </Rows>
            </Section>
            <LabelList list="levels" labels={levels} answering={answering} />
            <LabelList list="tiers" labels={tiers} />
            <WebForm form={form} />
            <CustomerWords words={customerWords} />
            <Sight open={tasksAreOpen} />
            {open?.what === 'field' && <FieldDialog field={open.row} onClose={close} />}
            {open?.what === 'kind' && <KindDialog kind={open.row} entries={entries} people={people} onClose={close} />}
            {open?.what === 'checklist' && <ChecklistDialog checklist={open.row} onClose={close} />}
        </div>
    );
}
