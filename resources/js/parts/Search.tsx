import { router } from '@inertiajs/react';
import type { TaskLine } from '@props/TaskLine';
import { useCombobox } from 'downshift';
import { useEffect, useId, useState } from 'react';
import { ask } from '@/lib/ask';
import { useShortcuts } from '@/lib/keys';
import { say } from '@/lib/words';

const PAUSE = 200;
const SHORTEST = 2;

/** What is found for a text, a moment after one has stopped typing; null: nothing is asked for. */
function useFound(text: string): TaskLine[] | null {
    const [found, setFound] = useState<{ text: string; tasks: TaskLine[] } | null>(null);
    const query = text.trim();
    useEffect(() => {
        if (query.length < SHORTEST) return;
        let gone = false;
        const timer = setTimeout(() => {
            ask<TaskLine[]>('GET', `/search?q=${encodeURIComponent(query)}`)
                .catch(() => [])
                .then((tasks) => gone || setFound({ text: query, tasks }));
        }, PAUSE);
        return () => {
            gone = true;
            clearTimeout(timer);
        };
    }, [query]);
    return query.length < SHORTEST || found === null ? null : found.tasks;
}

/** Finds tasks while one types; arrow keys choose, Enter opens. */
export function Search() {
    const [text, setText] = useState('');
    const found = useFound(text);
    const inputId = useId();
    useShortcuts([{ key: '/', does: 'Search', run: () => document.getElementById(inputId)?.focus() }]);
    const box = useCombobox<TaskLine>({
        items: found ?? [],
        inputId,
        inputValue: text,
        itemToString: (task) => (task === null ? '' : task.title),
        itemToKey: (task) => task?.id,
        defaultHighlightedIndex: 0,
        onInputValueChange: ({ inputValue, type }) => {
            if (type === useCombobox.stateChangeTypes.InputChange) setText(inputValue);
        },
        onSelectedItemChange: ({ selectedItem }) => {
            setText('');
            if (selectedItem !== null) router.visit(`/tasks/${selectedItem.id}`);
        },
        selectedItem: null,
    });
    const shown = box.isOpen && found !== null;
    return (
        <div className="relative">
            <input {...box.getInputProps({ 'aria-label': 'Find a task by number, title or customer' })} type="search" placeholder="Find a task" className="entry h-8 min-h-8 w-52 py-0 text-sm" />
            <ul {...box.getMenuProps({ 'aria-label': 'Tasks found' })} className={shown ? 'box absolute right-0 z-40 mt-1 w-96 p-1' : 'hidden'}>
                {shown && found.length === 0 && <li className="px-3 py-2 text-ink2">No task has a word that begins so, in its title or customer, or that number.</li>}
                {shown &&
                    found.map((task, index) => (
                        <li key={task.id} {...box.getItemProps({ item: task, index })} className={`flex cursor-pointer gap-3 rounded px-3 py-1.5 ${index === box.highlightedIndex ? 'bg-pine-wash' : ''}`}>
                            <span className="font-mono text-xs text-ink2">{task.number}</span>
                            <span className="min-w-0 flex-1 truncate">{task.title}</span>
                            <span className="text-xs text-ink2">{task.status === 'done' || task.status === 'dropped' ? say(`status.${task.status}`).toLowerCase() : task.kind}</span>
                        </li>
                    ))}
            </ul>
        </div>
    );
}
