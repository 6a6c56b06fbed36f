import { router } from '@inertiajs/react';
import type { Planned, Strip } from '@props/Rules/RulebookPage';
import type { ReactNode } from 'react';
import { useFormats } from '@/lib/format';
import { say, sayWith } from '@/lib/words';
import { Button } from '@/ui/Button';

/** How much has come lately, above the rules. */
export function StripHead({ strip, days, children }: { strip: Strip | null; days: number; children: ReactNode }) {
    return (
        <div className="flex items-center border-b border-line bg-paper text-xs text-ink2">
            <span className="w-24 shrink-0 py-1 ps-1">
                {sayWith('screen.rulebook.in_days', {
                    days,
                    count: (
                        <strong key="count" className="text-ink">
                            {strip === null ? '…' : strip.total}
                        </strong>
                    ),
                })}
            </span>
            <span className="border-s border-line px-3 py-1">{say('screen.rulebook.rules_are_asked_from')}</span>
            {children}
        </div>
    );
}

type FindProps = { text: string; found: number | null; all: number; onText: (text: string) => void };

/** Finds rules by what stands in them. */
export function FindRules({ text, found, all, onText }: FindProps) {
    return (
        <span className="ms-auto flex items-center gap-2 px-2 py-1">
            {found !== null && (
                <span role="status" className="whitespace-nowrap tabular-nums">
                    {say('screen.rulebook.found', { count: found, all })}
                </span>
            )}
            {text !== '' && (
                <Button look="quiet" className="min-h-6" onClick={() => onText('')}>
                    {say('screen.rulebook.show_all')}
                </Button>
            )}
            <input
                id="find-rules"
                type="search"
                className="entry min-h-7 w-56 py-0"
                aria-label={say('screen.rulebook.find')}
                placeholder={say('screen.rulebook.find')}
                maxLength={200}
                value={text}
                onChange={(event) => onText(event.target.value)}
                onKeyDown={(event) => {
                    if (event.key === 'Escape') onText('');
                }}
            />
        </span>
    );
}

/** What no rule has taken, below them. */
export function StripFoot({ strip }: { strip: Strip | null }) {
    const left = strip?.left ?? 0;
    return (
        <p className="flex items-stretch border-t border-b border-line bg-paper">
            <span className={`w-24 shrink-0 px-1 py-2 text-end text-xs ${left > 0 ? 'font-semibold text-brick' : ''}`}>
                {strip === null ? '…' : left}
            </span>
            <span className="border-s border-line px-3 py-2 text-ink2">{say('screen.rulebook.left_that_no_rule')}</span>
        </p>
    );
}

/** What is put in force by itself, and when. */
export function PlannedNote({ planned }: { planned: Planned }) {
    const formats = useFormats();
    return (
        <div className="flex flex-wrap items-baseline gap-x-3 border-b border-line bg-paper px-3 py-1">
            <span>
                {say('screen.rulebook.planned', {
                    person: planned.by ?? '',
                    moment: formats.moment(planned.at),
                    note: planned.note ?? 'none',
                })}
            </span>
            {planned.fault !== null && (
                <span role="alert" className="text-brick">
                    {say('screen.rulebook.planned_fault', { reason: planned.fault })}
                </span>
            )}
            <Button look="quiet" className="min-h-6" onClick={() => router.delete('/rulebook/planned')}>
                {say('screen.rulebook.take_back')}
            </Button>
        </div>
    );
}
