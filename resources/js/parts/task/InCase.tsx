import { Link } from '@inertiajs/react';
import type { NewTaskPageProps } from '@props/Intake/NewTaskPage';
import { say } from '@/lib/words';

/** The case that a new task is to belong to, and whether its stage needs it. */
export function InCase({
    of,
    needed,
    wrong,
    onNeeded,
}: {
    of: NonNullable<NewTaskPageProps['case']>;
    needed: boolean;
    wrong: string | undefined;
    onNeeded: (needed: boolean) => void;
}) {
    return (
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-s-2 border-pine ps-3">
            <span>
                {say('screen.new_task.in_case')}{' '}
                <Link href={`/cases/${of.id}`} className="text-sky underline">
                    № {of.number} {of.title}
                </Link>
            </span>
            <label className="flex items-center gap-2">
                <input type="checkbox" checked={needed} onChange={(event) => onNeeded(event.target.checked)} />
                {say('case.is_needed')}
            </label>
            {wrong !== undefined && <p className="text-xs text-brick">{wrong}</p>}
        </div>
    );
}
