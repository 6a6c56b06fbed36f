import { router } from '@inertiajs/react';
import { useId } from 'react';
import { useShortcuts } from '@/lib/keys';
import { say } from '@/lib/words';
import { TaskFinder } from './TaskFinder';

/** Finds a task or a case from every page, and what brings work about, and opens it. */
export function Search() {
    const inputId = useId();
    useShortcuts('anywhere', say('keys.anywhere'), [
        { key: '/', does: say('keys.find'), run: () => document.getElementById(inputId)?.focus() },
    ]);
    return (
        <TaskFinder
            inputId={inputId}
            label={say('screen.search.find_a_task_by')}
            placeholder={say('screen.search.find_a_task')}
            className="entry h-8 min-h-8 w-32 py-0 2xl:w-52 text-sm"
            side="right"
            onChoose={(task) => router.visit(`/tasks/${task.id}`)}
            onPage={(href) => router.visit(href)}
        />
    );
}
