import { DayEntry } from '@/ui/DayEntry';
import clsx from 'clsx';
import { Head, Link, useForm } from '@inertiajs/react';
import type { LeavingPageProps } from '@props/People/LeavingPage';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';
import { PersonChoice } from '@/parts/PersonChoice';
import { Labelled } from '@/ui/Labelled';

type Form = { last_day: string; successor: string; tasks: Record<string, string> };

function Tasks({
    tasks,
    people,
    chosen,
    onChoose,
}: Pick<LeavingPageProps, 'tasks' | 'people'> & {
    chosen: Record<string, string>;
    onChoose: (next: Record<string, string>) => void;
}) {
    const formats = useFormats();
    return (
        <section aria-label={say('leaving.tasks')} className="box">
            <header className="flex flex-wrap items-center justify-between gap-3 px-4 py-2">
                <h2 className="font-semibold">
                    {say('leaving.tasks')} <span className="font-normal text-ink2">{tasks.length}</span>
                </h2>
                {tasks.length > 1 && (
                    <span className="flex items-center gap-2">
                        {say('leaving.all_to')}
                        <PersonChoice
                            aria-label={say('leaving.all_to')}
                            className="w-64"
                            people={people}
                            first={[{ value: '*', label: say('leaving.rules') }]}
                            value=""
                            onChange={(next) =>
                                onChoose(
                                    Object.fromEntries(tasks.map(({ task }) => [task.id, next === '*' ? '' : next])),
                                )
                            }
                        />
                    </span>
                )}
            </header>
            {tasks.length === 0 && <p className="px-4 pb-3 text-ink2">{say('leaving.no_tasks')}</p>}
            <ul>
                {tasks.map(({ task, review }) => (
                    <li
                        key={task.id}
                        className={clsx(
                            'grid grid-cols-[44px_minmax(160px,1fr)_110px_260px] items-center gap-x-3 border-t',
                            'border-line px-4 py-1',
                        )}
                    >
                        <span className="font-mono text-xs text-ink2">{task.number}</span>
                        <span className="min-w-0 truncate">
                            {task.title}{' '}
                            <span className="text-ink2">
                                {review ? say('cover.review', { kind: task.kind }) : task.kind}
                            </span>
                        </span>
                        <span className="text-xs text-ink2">
                            {task.dueAt === null ? say('cover.no_date') : formats.due(task.dueAt)}
                        </span>
                        <PersonChoice
                            aria-label={say('cover.who_gets', { number: task.number })}
                            people={people}
                            first={[{ value: '', label: say('leaving.rules') }]}
                            value={chosen[task.id] ?? ''}
                            onChange={(next) => onChoose({ ...chosen, [task.id]: next })}
                        />
                    </li>
                ))}
            </ul>
        </section>
    );
}

function Named({ rules, elsewhere }: Pick<LeavingPageProps, 'rules' | 'elsewhere'>) {
    return (
        <section aria-label={say('leaving.named')} className="box">
            <h2 className="px-4 pt-3 pb-1 font-semibold">{say('leaving.named')}</h2>
            {rules.length + elsewhere.length === 0 && (
                <p className="px-4 pb-3 text-ink2">{say('cover.named_nowhere')}</p>
            )}
            <ul>
                {rules.map((one) => (
                    <li
                        key={one.said}
                        className="flex items-baseline justify-between gap-4 border-t border-line px-4 py-1.5"
                    >
                        <Link href={one.url} className="text-sky underline">
                            {one.said}
                        </Link>
                        <span className="text-ochre">{say('leaving.rule_stays')}</span>
                    </li>
                ))}
                {elsewhere.map((one) => (
                    <li key={one} className="border-t border-line px-4 py-1.5">
                        {one}
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** Closes somebody down who leaves: what they hold, where they are named, and what becomes of each. */
export default function Leaving({ person, today, tasks, rules, elsewhere, people }: LeavingPageProps) {
    const form = useForm<Form>({ last_day: today, successor: '', tasks: {} });
    const wrong = Object.entries(form.errors as Record<string, string>).find(([name]) => name.startsWith('tasks'))?.[1];
    return (
        <form
            className="mx-auto my-6 max-w-5xl space-y-6 px-4"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(`/people/${person.slug}/leaving`);
            }}
        >
            <Head title={say('leaving.title', { person: person.name })} />
            <Link href={`/people?person=${person.slug}`} className="text-sky underline">
                {say('people.title')}
            </Link>
            <header>
                <h1 className="text-xl font-semibold">{say('leaving.title', { person: person.name })}</h1>
                <p className="text-ink2">{say('leaving.description')}</p>
                <PersonName {...person} />
            </header>
            <div className="grid gap-4 sm:grid-cols-2">
                <Labelled label={say('people.until')} wrong={form.errors.last_day}>
                    <DayEntry value={form.data.last_day} onChange={(day) => form.setData('last_day', day)} />
                </Labelled>
                <Labelled
                    label={say('leaving.successor')}
                    hint={say('leaving.successor_hint')}
                    wrong={form.errors.successor}
                >
                    <PersonChoice
                        people={people}
                        first={[{ value: '', label: say('leaving.nobody') }]}
                        value={form.data.successor}
                        onChange={(successor) => form.setData('successor', successor)}
                    />
                </Labelled>
            </div>
            <Tasks
                tasks={tasks}
                people={people}
                chosen={form.data.tasks}
                onChoose={(next) => form.setData('tasks', next)}
            />
            {wrong !== undefined && <p className="text-brick">{wrong}</p>}
            <Named rules={rules} elsewhere={elsewhere} />
            <div className="flex items-center gap-3">
                <Button type="submit" look="grave" disabled={form.processing}>
                    {say('leaving.send', { person: person.name })}
                </Button>
                <span className="text-ink2">{say('leaving.undo')}</span>
            </div>
        </form>
    );
}
