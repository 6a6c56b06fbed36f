import { useSending } from '@/lib/useSending';
import { Head, router } from '@inertiajs/react';
import type { EntryField, EntryValue, NewTaskPageProps } from '@props/Intake/NewTaskPage';
import type { Trail } from '@props/Tasks/TaskView';
import { useState } from 'react';
import { ask, pointerTo, type ProblemFault } from '@/lib/ask';
import { duration } from '@/lib/format';
import { CustomerFinder } from '@/parts/Finder';
import { FieldEntry } from '@/parts/FieldEntry';
import { ReasonTrail } from '@/parts/ReasonTrail';
import { InCase } from '@/parts/task/InCase';
import { TableImport } from '@/parts/tables/TableImport';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';
import { say } from '@/lib/words';

const MEMBERS: Record<string, string> = {
    'task.title': 'title',
    'task.details': 'description',
    'task.priority': 'priority',
    'task.due': 'due',
    'task.start': 'start',
    'task.estimate': 'estimate',
    'task.tags': 'tags',
};

type AskedEntry = EntryField & { required?: boolean };

/** The document that other systems would send for it. */
function documentOf(
    kind: string,
    customer: string,
    values: Record<string, EntryValue>,
    belongs: { case: string; needed: boolean } | null,
): string {
    const document: Record<string, unknown> = {
        ...belongs,
        ...(kind === '' ? {} : { kind }),
        ...(customer === '' ? {} : { customer }),
    };
    const fields: Record<string, EntryValue> = {};
    for (const [path, value] of Object.entries(values)) {
        if (value === null || value === '' || (Array.isArray(value) && value.length === 0)) continue;
        const member = MEMBERS[path];
        if (member === undefined) fields[path] = value;
        else document[member] = value;
    }
    return JSON.stringify({ ...document, ...(Object.keys(fields).length === 0 ? {} : { fields }) });
}

/** Where a fault belongs on the page. */
function placeOf(fault: ProblemFault): string {
    const path = pointerTo(fault)
        .replace(/^\/fields\//, '')
        .replace(/^\//, '');
    return Object.keys(MEMBERS).find((one) => MEMBERS[one] === path.split('/')[0]) ?? path;
}

/** What is typed of a new task, and what the server says of it. */
/** What tasks of a kind have: what every task has, then what the kind asks for, in its order. */
function fieldsOf(kind: NewTaskPageProps['kinds'][number] | undefined, fields: EntryField[]): AskedEntry[] {
    const asks = kind?.asks ?? null;
    if (asks === null) return fields;
    const own = fields.filter((one) => one.path in MEMBERS);
    const asked = asks.flatMap(({ path, required }) => {
        const field = fields.find((one) => one.path === path);
        return field === undefined ? [] : [{ ...field, required }];
    });
    return [...own, ...asked];
}

function useNewTask(kinds: NewTaskPageProps['kinds'], mine: boolean, of: NewTaskPageProps['case']) {
    const [kind, setKind] = useState('');
    const [customer, setCustomer] = useState(of?.customer?.value ?? '');
    const [needed, setNeeded] = useState(true);
    const [values, setValues] = useState<Record<string, EntryValue>>({ 'task.priority': 'normal' });
    const [trail, setTrail] = useState<Trail | null>(null);
    const [own, setOwn] = useState(mine);
    const { busy, wrong, send } = useSending(placeOf);

    const document = documentOf(kind, customer, values, of === null ? null : { case: of.id, needed });
    const attempt = async <T,>(url: string, done: (answer: T) => void): Promise<void> => {
        const sent = await send(async () => done(await ask<T>('POST', url, document)));
        if (!sent) setTrail(null);
    };
    return {
        kind,
        customer,
        values,
        wrong,
        trail,
        document,
        needed,
        setNeeded,
        busy,
        setCustomer,
        set: (path: string, value: EntryValue) => setValues({ ...values, [path]: value }),
        choose: (slug: string) => {
            setKind(slug);
            setValues({ ...(kinds.find((one) => one.value === slug)?.defaults ?? {}), ...values });
        },
        preview: () => void attempt<Trail>('/tasks/new/preview', setTrail),
        own,
        setOwn,
        make: () =>
            void attempt<{ id: string }>(own ? '/tasks?own=1' : '/tasks', ({ id }) =>
                router.visit(own ? `/in-hand?task=${id}` : of === null ? `/tasks/${id}` : `/cases/${of.id}`),
            ),
    };
}

/** Who would get it, and why, where that is asked for. */
function WhoWouldGetIt({ task, asksWhy }: { task: ReturnType<typeof useNewTask>; asksWhy: boolean }) {
    return (
        <aside aria-label={say('screen.new_task.who_would_get_it')} className="box h-fit p-5">
            <h2 className="mb-2 font-semibold">{say('screen.new_task.who_would_get_it_2')}</h2>
            {task.own || task.trail === null ? (
                <p className="text-ink2">
                    {say(task.own ? 'screen.new_task.own_why' : 'screen.new_task.ask_and_the_rules')}
                </p>
            ) : (
                <>
                    <ReasonTrail trail={task.trail} />
                    {asksWhy && (
                        <p className="mt-3">
                            <a
                                className="text-sky underline"
                                href={`/rulebook/why?${new URLSearchParams({ made: task.document }).toString()}`}
                            >
                                {say('screen.new_task.why')}
                            </a>
                        </p>
                    )}
                </>
            )}
        </aside>
    );
}

export default function NewTask({ kinds, fields, people, manyAtOnce, own, case: of }: NewTaskPageProps) {
    const task = useNewTask(kinds, own === true, of);
    const [importing, setImporting] = useState(false);
    const chosen = kinds.find((one) => one.value === task.kind);
    return (
        <div className="mx-auto my-6 grid max-w-5xl gap-6 px-4 lg:grid-cols-[1fr_380px]">
            <Head title={say('screen.common.new_task')} />
            <form
                className="box space-y-4 p-5"
                onSubmit={(event) => {
                    event.preventDefault();
                    task.make();
                }}
            >
                <header className="flex items-baseline gap-3">
                    <h1 className="flex-1 text-lg">{say('screen.common.new_task')}</h1>
                    {manyAtOnce && <Button onClick={() => setImporting(true)}>{say('screen.new_task.many')}</Button>}
                </header>
                {of !== null && (
                    <InCase of={of} needed={task.needed} wrong={task.wrong.case} onNeeded={task.setNeeded} />
                )}
                <div className="grid gap-4 sm:grid-cols-2">
                    <Labelled
                        label={say('screen.new_task.kind_of_task')}
                        wrong={task.wrong.kind}
                        {...(chosen === undefined
                            ? {}
                            : { hint: say('screen.new_task.usually', { time: duration(chosen.minutes) }) })}
                    >
                        <select
                            className="entry w-full"
                            value={task.kind}
                            onChange={(event) => task.choose(event.target.value)}
                        >
                            <option value="">{say('screen.new_task.choose_a_kind')}</option>
                            {kinds.map((one) => (
                                <option key={one.value} value={one.value}>
                                    {one.label}
                                </option>
                            ))}
                        </select>
                    </Labelled>
                    <Labelled label={say('screen.new_task.customer')} wrong={task.wrong.customer}>
                        <CustomerFinder
                            value={task.customer}
                            {...(of?.customer ? { label: of.customer.label } : {})}
                            onChange={task.setCustomer}
                        />
                    </Labelled>
                    {fieldsOf(chosen, fields).map((field) => (
                        <div
                            key={field.path}
                            className={field.type === 'line' || field.type === 'long_text' ? 'sm:col-span-2' : ''}
                        >
                            <FieldEntry
                                field={field}
                                required={field.required === true}
                                value={task.values[field.path] ?? null}
                                people={people}
                                wrong={task.wrong[field.path]}
                                onChange={(value) => task.set(field.path, value)}
                            />
                        </div>
                    ))}
                </div>
                <div className="flex flex-wrap items-center justify-end gap-2">
                    {own !== null && (
                        <label className="me-auto flex items-center gap-2">
                            <input
                                type="checkbox"
                                checked={task.own}
                                onChange={(event) => task.setOwn(event.target.checked)}
                            />
                            {say('screen.new_task.own')}
                        </label>
                    )}
                    <Button disabled={task.busy || task.own} onClick={task.preview}>
                        {say('screen.new_task.who_would_get_it')}
                    </Button>
                    <Button type="submit" look="main" disabled={task.busy}>
                        {say('screen.new_task.make_it')}
                    </Button>
                </div>
            </form>
            <WhoWouldGetIt task={task} asksWhy={manyAtOnce} />
            {importing && (
                <TableImport
                    kind="tasks"
                    title={say('screen.new_task.table_title')}
                    note={say('screen.new_task.table_note')}
                    example={'title\tkind\tcustomer\tdue\tkey'}
                    onClose={() => setImporting(false)}
                />
            )}
        </div>
    );
}
