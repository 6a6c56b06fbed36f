import clsx from 'clsx';
import { Link } from '@inertiajs/react';
import type { CoverPlanLine } from '@props/Absences/CoverPlan';
import type { Option } from '@props/Rules/Vocabulary';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { PersonName } from '@/parts/PersonMark';

type Props = {
    lines: CoverPlanLine[];
    people: Option[];
    /** null: nothing can be set */
    onSet: ((taskId: string, choice: { auto: boolean; to: string }) => void) | null;
};

const AUTO = '*';

function value(line: CoverPlanLine): string {
    if (!line.byHand) return AUTO;
    return line.to?.slug ?? '';
}

/** Who gets it, for the lead to set by hand. */
function WhoGets({
    line,
    people,
    onSet,
}: {
    line: CoverPlanLine;
    people: Option[];
    onSet: NonNullable<Props['onSet']>;
}) {
    const planned =
        line.to === null
            ? say(line.gap ? 'cover.by_policy_nobody' : 'cover.by_policy_stays')
            : say('cover.by_policy', { person: line.to.name });
    return (
        <PersonChoice
            aria-label={say('cover.who_gets', { number: line.task.number })}
            people={people}
            first={[
                { value: AUTO, label: line.byHand ? say('cover.by_policy_again') : planned },
                { value: '', label: say('cover.stays') },
            ]}
            value={value(line)}
            onChange={(next) => onSet(line.task.id, { auto: next === AUTO, to: next === AUTO ? '' : next })}
        />
    );
}

function Outcome({ line }: { line: CoverPlanLine }) {
    if (line.gap) return <strong className="text-brick">{say('cover.nobody')}</strong>;
    return line.to === null ? <span className="text-ink2">{say('cover.stays')}</span> : <PersonName {...line.to} />;
}

/** What becomes of each task, and why. */
export function PlanLines({ lines, people, onSet }: Props) {
    const formats = useFormats();
    return (
        <ul>
            {lines.map((line) => (
                <li
                    key={line.task.id}
                    className={clsx(
                        'grid',
                        'grid-cols-[44px_minmax(160px,1.5fr)_110px_minmax(180px,1fr)_minmax(180px,1.2fr)]',
                        'items-baseline gap-x-3 border-t border-line px-4 py-1.5',
                        line.gap ? 'border-s-2 border-s-brick' : '',
                    )}
                >
                    <span className="font-mono text-xs text-ink2">{line.task.number}</span>
                    <span className="min-w-0">
                        <Link href={`/tasks/${line.task.id}`} className="block truncate font-medium hover:underline">
                            {line.task.title}
                        </Link>
                        <span className="block truncate text-xs text-ink2">
                            {line.review ? say('cover.review', { kind: line.task.kind }) : line.task.kind}
                            {line.task.customer !== null && ` · ${line.task.customer}`}
                        </span>
                    </span>
                    <span className="text-xs text-ink2">
                        {line.task.dueAt === null ? say('cover.no_date') : formats.due(line.task.dueAt)}
                    </span>
                    <span className="min-w-0">
                        {onSet === null ? (
                            <Outcome line={line} />
                        ) : (
                            <WhoGets line={line} people={people} onSet={onSet} />
                        )}
                    </span>
                    <span className="text-xs text-ink2">
                        {line.reason}
                        {line.warnings.map((one) => (
                            <span key={one} className="block text-ochre">
                                {one}
                            </span>
                        ))}
                    </span>
                </li>
            ))}
        </ul>
    );
}
