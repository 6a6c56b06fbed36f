import { Link } from '@inertiajs/react';
import type { MissingLine } from '@props/Cases/CaseView';
import { say } from '@/lib/words';

/** What is missing, each with whoever is to see to it. */
export function Missing({ lines }: { lines: MissingLine[] }) {
    return (
        <ul className="space-y-1">
            {lines.map((line, index) => (
                <li key={index} className="border-s-2 border-ochre ps-3">
                    {line.task === null ? (
                        line.what
                    ) : (
                        <Link href={`/tasks/${line.task}`} className="text-sky underline">
                            {line.what}
                        </Link>
                    )}{' '}
                    <span className="text-ink2">
                        {line.who === null ? say('case.who_nobody') : say('case.who', { person: line.who.name })}
                    </span>
                </li>
            ))}
        </ul>
    );
}
