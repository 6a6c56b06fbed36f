import type { TaskListQuery, TasksPageProps } from '@props/Tasks/TasksPage';
import { Head, Link, router } from '@inertiajs/react';
import { useMemo, useState } from 'react';
import { useFormats } from '@/lib/format';
import { useShared } from '@/lib/shared';
import { say } from '@/lib/words';
import { StartSweep } from '@/parts/sweep/StartSweep';
import { StartOnMany } from '@/parts/runsheet/StartOnMany';
import { HandOnMany } from '@/parts/tasks/HandOnMany';
import { columnsOf, USUAL } from '@/parts/tasks/listColumns';
import { ListFilter } from '@/parts/tasks/ListFilter';
import { NameDialog, NamedLists } from '@/parts/tasks/NamedLists';
import { Button } from '@/ui/Button';
import { Popover } from '@/ui/Popover';
import { Pages } from '@/ui/Pages';
import { Table } from '@/ui/Table';

/** What is asked for in a dialog. */
type Opened = 'name' | 'hand_on' | 'sweep' | 'run';

const GROUPS = ['', 'holder', 'kind', 'status', 'priority'];

/** Only what is not as usual stands in an address. */
function addressOf(filter: TaskListQuery, page = 1): Record<string, string> {
    const said = Object.entries(filter).filter(([, value]) => value !== '');
    return { ...Object.fromEntries(said), ...(page > 1 ? { page: String(page) } : {}) };
}

function ChooseColumns({
    all,
    shown,
    onChange,
}: {
    all: { id: string; label: string }[];
    shown: string[];
    onChange: (ids: string[]) => void;
}) {
    return (
        <Popover
            label={say('task_list.columns_button')}
            trigger={<Button look="quiet">{say('task_list.columns_button')}</Button>}
        >
            <fieldset className="space-y-1">
                <legend className="sr-only">{say('task_list.columns_button')}</legend>
                {all.map(({ id, label }) => (
                    <label key={id} className="flex items-center gap-2">
                        <input
                            type="checkbox"
                            checked={shown.includes(id)}
                            disabled={id === 'title'}
                            onChange={(event) =>
                                onChange(
                                    all
                                        .map((one) => one.id)
                                        .filter((one) => (one === id ? event.target.checked : shown.includes(one))),
                                )
                            }
                        />
                        {label}
                    </label>
                ))}
            </fieldset>
        </Popover>
    );
}

/** What the list has, in words, and what can be done with all of it. */
function Toolbar({
    filter,
    total,
    said,
    all,
    shown,
    picked,
    sheets,
    onChange,
    onColumns,
    onOpen,
}: Pick<TasksPageProps, 'filter' | 'total' | 'said' | 'sheets'> & {
    all: { id: string; label: string }[];
    shown: string[];
    /** how many are ticked; null: they can't be */
    picked: number | null;
    onChange: (changes: TaskListQuery) => void;
    onColumns: (ids: string[]) => void;
    onOpen: (what: Opened) => void;
}) {
    return (
        <div className="flex flex-wrap items-center gap-2">
            <p className="flex-1" role="status">
                <b>{say('screen.common.tasks', { count: total })}</b> <span className="text-ink2">{said}</span>
            </p>
            <select
                className="entry"
                aria-label={say('task_list.group')}
                value={filter.group ?? ''}
                onChange={(event) => onChange({ group: event.target.value })}
            >
                {GROUPS.map((one) => (
                    <option key={one} value={one}>
                        {say(`task_list.groups.${one === '' ? 'none' : one}`)}
                    </option>
                ))}
            </select>
            <ChooseColumns all={all} shown={shown} onChange={onColumns} />
            <Button look="quiet" onClick={() => onOpen('name')}>
                {say('task_list.name_button')}
            </Button>
            <a
                href={`/tasks/export?${new URLSearchParams(addressOf(filter)).toString()}`}
                className="text-sky underline"
            >
                {say('customer.export')}
            </a>
            {picked !== null && (
                <>
                    <Link href="/duties" className="text-sky underline">
                        {say('duty.all')}
                    </Link>
                    <Link href="/rollouts" className="text-sky underline">
                        {say('rollout.all')}
                    </Link>
                    <Link href="/runs" className="text-sky underline">
                        {say('run.all')}
                    </Link>
                    <Button disabled={total === 0} onClick={() => onOpen('sweep')}>
                        {say('screen.sweeps.start')}
                    </Button>
                    {sheets.length > 0 && (
                        <Button disabled={picked === 0} onClick={() => onOpen('run')}>
                            {say('run.start_on_button', { count: picked })}
                        </Button>
                    )}
                    <Button disabled={picked === 0} onClick={() => onOpen('hand_on')}>
                        {say('task_list.hand_on_button', { count: picked })}
                    </Button>
                </>
            )}
        </div>
    );
}

/** Tasks as a list: narrowed, sorted, grouped, chosen; its address says all of that and can be sent. */
export default function Tasks({
    filter,
    said,
    rows,
    total,
    page,
    pages,
    groups,
    options,
    columns,
    lists,
    sheets,
}: TasksPageProps) {
    const formats = useFormats();
    const { viewer } = useShared();
    const leads = viewer?.places.some((one) => one.place === 'floor') === true;
    const [picked, setPicked] = useState<string[]>([]);
    const [open, setOpen] = useState<Opened | null>(null);
    const all = useMemo(() => columnsOf(formats, columns), [formats, columns]);
    const shown = filter.cols === undefined ? USUAL : filter.cols.split(',');
    const visible = useMemo(
        () => all.filter((one) => one.id === 'title' || shown.includes(one.id)),
        // eslint-disable-next-line react-hooks/exhaustive-deps -- the text tells the list
        [all, filter.cols],
    );
    const show = (changes: TaskListQuery, at = 1): void =>
        router.visit('/tasks', { data: addressOf({ ...filter, ...changes }, at), preserveState: true });
    const sort = (by: string): void =>
        show({ sort: by, down: (filter.sort ?? 'due') === by && filter.down !== '1' ? '1' : '' });
    const done = (): void => {
        setOpen(null);
        setPicked([]);
    };
    const count = (key: string): number => groups.find((one) => one.key === key)?.count ?? 0;
    const label = (key: string): string => groups.find((one) => one.key === key)?.label ?? key;
    return (
        <div className="flex h-full flex-col bg-paper">
            <Head title={say('task_list.title')} />
            <h1 className="sr-only">{say('task_list.title')}</h1>
            <NamedLists of="tasks" lists={lists} />
            <div className="space-y-2 border-b border-line p-3">
                <ListFilter key={JSON.stringify(filter)} filter={filter} options={options} onChange={show} />
                <Toolbar
                    {...{ filter, total, said, all, shown, sheets }}
                    picked={leads ? picked.length : null}
                    onChange={(changes) => show(changes)}
                    onColumns={(ids) => show({ cols: ids.join(',') }, page)}
                    onOpen={setOpen}
                />
            </div>
            <div className="min-h-0 flex-1 overflow-auto" data-scrolls>
                <Table
                    label={say('task_list.title')}
                    rows={rows}
                    columns={visible}
                    idOf={(one) => one.id}
                    nothing={say('task_list.nothing')}
                    order={{ by: filter.sort ?? 'due', down: filter.down === '1', onSort: sort }}
                    groups={
                        filter.group === undefined
                            ? undefined
                            : {
                                  of: (one) => one.group,
                                  head: (key) => say('task_list.head', { label: label(key), count: count(key) }),
                              }
                    }
                    picking={
                        leads
                            ? {
                                  picked,
                                  onPick: setPicked,
                                  all: say('task_list.all'),
                                  one: (task) => say('task_list.one', { title: task.title }),
                              }
                            : undefined
                    }
                />
            </div>
            <Pages page={page} pages={pages} onShow={(at) => show({}, at)} />
            {open === 'name' && <NameDialog of="tasks" filter={filter} onClose={() => setOpen(null)} />}
            {open === 'sweep' && (
                <StartSweep filter={filter} total={total} picked={picked} onClose={() => setOpen(null)} />
            )}
            {open === 'run' && <StartOnMany ids={picked} sheets={sheets} onDone={done} />}
            {open === 'hand_on' && (
                <HandOnMany
                    ids={picked}
                    people={options.holder.filter((one) => one.value !== 'nobody')}
                    onDone={done}
                />
            )}
        </div>
    );
}
