import { Head } from '@inertiajs/react';
import type { TaskView } from '@props/Tasks/TaskView';
import { TaskPanel } from '@/parts/TaskPanel';
import { say } from '@/lib/words';

export default function Task({ task }: { task: TaskView }) {
    return (
        <div className="mx-auto my-6 max-w-3xl px-4">
            <Head title={`№ ${task.number} ${task.title}`} />
            <h1 className="sr-only">{say('screen.task.title', { number: task.number })}</h1>
            <div className="box">
                <TaskPanel key={task.id} task={task} place="elsewhere" keys />
            </div>
        </div>
    );
}
