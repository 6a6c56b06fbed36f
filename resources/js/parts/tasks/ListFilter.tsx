import type { TaskListQuery, TasksPageProps } from '@props/Tasks/TasksPage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { CustomerFinder } from '@/parts/Finder';
import { PersonChoice } from '@/parts/PersonChoice';
import { DayEntry } from '@/ui/DayEntry';

const CHOSEN = ['status', 'kind', 'team', 'priority', 'due', 'dates'] as const;

/** What a list is narrowed by: each part is chosen from, and counts at once. */
export function ListFilter({
    filter,
    options,
    onChange,
}: Pick<TasksPageProps, 'filter' | 'options'> & { onChange: (changes: TaskListQuery) => void }) {
    const [text, setText] = useState(filter.q ?? '');
    const [tag, setTag] = useState(filter.tag ?? '');
    return (
        <form
            className="flex flex-wrap items-center gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                onChange({ q: text, tag });
            }}
        >
            <input
                className="entry w-44"
                aria-label={say('task_list.find')}
                placeholder={say('task_list.find')}
                maxLength={200}
                value={text}
                onChange={(event) => setText(event.target.value)}
                onBlur={() => text !== (filter.q ?? '') && onChange({ q: text })}
            />
            {CHOSEN.map((part) => (
                <select
                    key={part}
                    className="entry max-w-40"
                    aria-label={say(`task_list.parts.${part}`)}
                    value={filter[part] ?? (part === 'status' ? 'open' : '')}
                    onChange={(event) =>
                        onChange({
                            [part]: event.target.value,
                            ...(part === 'dates' && event.target.value === '' ? { from: '', to: '' } : {}),
                        })
                    }
                >
                    {part !== 'status' && <option value="">{say(`task_list.any.${part}`)}</option>}
                    {options[part].map((one) => (
                        <option key={one.value} value={one.value}>
                            {one.label}
                        </option>
                    ))}
                </select>
            ))}
            {filter.dates !== undefined &&
                (['from', 'to'] as const).map((end) => (
                    <DayEntry
                        key={end}
                        aria-label={say(`task_list.parts.${end}`)}
                        value={filter[end] ?? ''}
                        onChange={(day) => onChange({ [end]: day })}
                    />
                ))}
            <PersonChoice
                className="w-36"
                aria-label={say('task_list.parts.holder')}
                people={options.holder}
                first={[{ value: '', label: say('task_list.any.holder') }]}
                value={filter.holder ?? ''}
                onChange={(holder) => onChange({ holder })}
            />
            <div className="w-36">
                <CustomerFinder
                    key={filter.customer ?? ''}
                    value={filter.customer ?? ''}
                    label={filter.customer ?? ''}
                    aria-label={say('task_list.parts.customer')}
                    placeholder={say('task_list.any.customer')}
                    onChange={(customer, label) => (customer === '' || customer !== label) && onChange({ customer })}
                />
            </div>
            <input
                className="entry w-20"
                aria-label={say('task_list.parts.tag')}
                placeholder={say('task_list.parts.tag')}
                maxLength={60}
                value={tag}
                onChange={(event) => setTag(event.target.value)}
                onBlur={() => tag !== (filter.tag ?? '') && onChange({ tag })}
            />
            <button type="submit" className="sr-only">
                {say('screen.customers.find')}
            </button>
        </form>
    );
}
