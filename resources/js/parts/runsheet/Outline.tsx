import type { SheetLine } from '@props/Runsheets/SheetOutline';
import type { ReactNode } from 'react';
import { say } from '@/lib/words';

/** What holds others, in words: side by side, or one after another. */
function Holder({ line }: { line: SheetLine }) {
    return (
        <span className="text-ink2">
            {say(`runsheet.${line.kind}`, { first: line.first ?? 'none' })}
            {line.if !== null && ` · ${say('runsheet.only_if', { criteria: line.if })}`}
        </span>
    );
}

/**
 * The blocks of a runsheet, each within what holds it.
 *
 * @param beside what stands beside a step, such as how far it is
 */
export function Outline<T extends SheetLine>({
    lines,
    label,
    beside,
}: {
    lines: T[];
    label: string;
    beside?: (line: T) => ReactNode;
}) {
    return (
        <ol aria-label={label}>
            {lines.map((line) => (
                <li
                    key={line.key}
                    aria-label={line.name ?? say(`runsheet.${line.kind}`, { first: line.first ?? 'none' })}
                    className="flex min-w-0"
                >
                    {Array.from({ length: line.depth }, (_, level) => (
                        <span key={level} aria-hidden className="ms-1.5 w-4 shrink-0 border-s border-line" />
                    ))}
                    <div className="min-w-0 flex-1 py-1">
                        {line.kind !== 'step' ? (
                            <Holder line={line} />
                        ) : (
                            <div className="grid gap-x-4 md:grid-cols-[1fr_auto]">
                                <div className="min-w-0">
                                    <span className="font-medium">{line.name}</span>
                                    {!line.needed && <span className="text-ink2"> · {say('runsheet.not_needed')}</span>}
                                    <span className="block text-ink2">{line.does}</span>
                                    {line.if !== null && (
                                        <span className="block text-ink2">
                                            {say('runsheet.only_if', { criteria: line.if })}
                                        </span>
                                    )}
                                </div>
                                {beside?.(line)}
                            </div>
                        )}
                    </div>
                </li>
            ))}
        </ol>
    );
}
