import { router } from '@inertiajs/react';
import type { TaskLine } from '@props/TaskLine';
import { useEffect, useId, useRef, useState } from 'react';
import { ask } from '@/lib/ask';
import { useShortcuts } from '@/lib/keys';

const PAUSE = 200;

/** Finds tasks while one types; arrow keys choose, Enter opens. */
export function Search() {
    const [text, setText] = useState('');
    const [found, setFound] = useState<TaskLine[] | null>(null);
    const [at, setAt] = useState(0);
    const entry = useRef<HTMLInputElement>(null);
    const list = useId();
    useShortcuts([{ key: '/', does: 'Search', run: () => entry.current?.focus() }]);

    useEffect(() => {
        const query = text.trim();
        let gone = false;
        const timer = setTimeout(() => {
            if (query.length < 2) {
                setFound(null);
                return;
            }
            ask<TaskLine[]>('GET', `/search?q=${encodeURIComponent(query)}`)
                .then((tasks) => {
                    if (!gone) {
                        setFound(tasks);
                        setAt(0);
                    }
                })
                .catch(() => {
                    if (!gone) setFound([]);
                });
        }, PAUSE);
        return () => {
            gone = true;
            clearTimeout(timer);
        };
    }, [text]);

    const open = (task: TaskLine | undefined): void => {
        if (task === undefined) return;
        setText('');
        setFound(null);
        router.visit(`/tasks/${task.id}`);
    };

    return (
        <div className="relative" onBlur={(event) => event.currentTarget.contains(event.relatedTarget) || setFound(null)}>
            <input
                ref={entry}
                type="search"
                value={text}
                onChange={(event) => setText(event.target.value)}
                onKeyDown={(event) => {
                    if (found === null) return;
                    if (event.key === 'ArrowDown') setAt(Math.min(at + 1, found.length - 1));
                    else if (event.key === 'ArrowUp') setAt(Math.max(at - 1, 0));
                    else if (event.key === 'Enter') open(found[at]);
                    else if (event.key === 'Escape') setFound(null);
                    else return;
                    event.preventDefault();
                }}
                className="entry h-8 min-h-8 w-52 py-0 text-sm"
                placeholder="Find a task"
                aria-label="Find a task by number, title or customer"
                role="combobox"
                aria-expanded={found !== null}
                aria-controls={list}
                aria-activedescendant={found === null || found.length === 0 ? undefined : `${list}-${at}`}
            />
            {found !== null && (
                <ul id={list} role="listbox" aria-label="Tasks found" className="box absolute right-0 z-40 mt-1 w-96 p-1">
                    {found.length === 0 && <li className="px-3 py-2 text-ink2">No task has this in its number, title or customer.</li>}
                    {found.map((task, index) => (
                        <li
                            key={task.id}
                            id={`${list}-${index}`}
                            role="option"
                            aria-selected={index === at}
                            onMouseDown={(event) => {
                                event.preventDefault();
                                open(task);
                            }}
                            className={`flex cursor-pointer gap-3 rounded px-3 py-1.5 ${index === at ? 'bg-pine-wash' : ''}`}
                        >
                            <span className="font-mono text-xs text-ink2">{task.number}</span>
                            <span className="min-w-0 flex-1 truncate">{task.title}</span>
                            <span className="text-xs text-ink2">{task.status === 'done' ? 'done' : task.kind}</span>
                        </li>
                    ))}
                </ul>
            )}
        </div>
    );
}
