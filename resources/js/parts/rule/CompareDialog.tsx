import type { RuleDifferences } from '@props/Rules/RuleDifferences';
import type { Version } from '@props/Rules/RulebookPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { useState } from 'react';
import { useAsked } from '@/lib/useAsked';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { Differences } from './Differences';

/** Any two versions of the rulebook, and what is otherwise in the later one. */
export function CompareDialog({
    versions,
    vocabulary,
    onClose,
}: {
    versions: Version[];
    vocabulary: Vocabulary;
    onClose: () => void;
}) {
    const [from, setFrom] = useState(versions[1]?.id ?? versions[0]?.id ?? '');
    const [to, setTo] = useState(versions[0]?.id ?? '');
    const { answer } = useAsked<RuleDifferences>(`/rulebook/compare?from=${from}&to=${to}`);
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} wide title={say('differences.compare')}>
            <div className="flex flex-wrap items-center gap-2">
                {(
                    [
                        ['from', from, setFrom],
                        ['to', to, setTo],
                    ] as const
                ).map(([side, chosen, choose]) => (
                    <label key={side} className="flex items-center gap-2">
                        {say(`differences.${side}`)}
                        <select className="entry" value={chosen} onChange={(event) => choose(event.target.value)}>
                            {versions.map((one) => (
                                <option key={one.id} value={one.id}>
                                    {say('screen.versions.version', { number: one.number })}
                                </option>
                            ))}
                        </select>
                    </label>
                ))}
            </div>
            {answer !== null && <Differences of={answer} vocabulary={vocabulary} />}
            <div className="mt-4 flex justify-end">
                <Button onClick={onClose}>{say('screen.common.close')}</Button>
            </div>
        </Dialog>
    );
}
