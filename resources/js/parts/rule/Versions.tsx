import type { Rule, Version } from '@props/Rules/RulebookPage';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { CompareDialog } from './CompareDialog';
import { RuleSentence } from './RuleSentence';
import { say } from '@/lib/words';

type Props = {
    versions: Version[];
    current: string | undefined;
    vocabulary: Vocabulary;
    onTakeUp: ((rules: Rule[]) => void) | null;
};

/** The versions there were; each can be read, saved as a file and taken up again as a draft. */
export function Versions({ versions, current, vocabulary, onTakeUp }: Props) {
    const formats = useFormats();
    const [looked, setLooked] = useState<(Version & { rules: Rule[] }) | null>(null);
    const [comparing, setComparing] = useState(false);
    const look = (id: string): void =>
        void ask<Version & { rules: Rule[] }>('GET', `/rulebook/versions/${id}`).then(setLooked);
    if (versions.length === 0) return <p className="text-ink2">{say('screen.versions.nothing_has_been_published')}</p>;
    return (
        <>
            <ul aria-label={say('screen.common.versions')}>
                {versions.map((version) => (
                    <li key={version.id} className="border-t border-line py-1.5">
                        <div className="flex items-baseline justify-between gap-2">
                            <span>
                                <strong>{say('screen.versions.version', { number: version.number })}</strong>
                                {version.id === current && (
                                    <span className="text-pine"> {say('screen.versions.in_force')}</span>
                                )}
                            </span>
                            {onTakeUp !== null && version.id !== current && (
                                <Button
                                    look="quiet"
                                    className="ms-auto min-h-6"
                                    aria-label={say('screen.versions.bring_back_of', { number: version.number })}
                                    onClick={() => router.post(`/rulebook/versions/${version.id}/again`)}
                                >
                                    {say('screen.versions.bring_back')}
                                </Button>
                            )}
                            <Button
                                look="quiet"
                                className="min-h-6"
                                aria-label={say('screen.versions.read_of', { number: version.number })}
                                onClick={() => look(version.id)}
                            >
                                {say('screen.versions.read')}
                            </Button>
                        </div>
                        <p className="text-xs text-ink2">
                            {version.publishedAt !== null && formats.moment(version.publishedAt)}
                            {version.by !== null && `, ${version.by}`}
                            {version.note !== null && `: ${version.note}`}
                        </p>
                    </li>
                ))}
            </ul>
            {versions.length > 1 && (
                <Button look="quiet" onClick={() => setComparing(true)}>
                    {say('differences.compare_button')}
                </Button>
            )}
            {comparing && (
                <CompareDialog versions={versions} vocabulary={vocabulary} onClose={() => setComparing(false)} />
            )}
            <VersionDialog
                version={looked}
                vocabulary={vocabulary}
                onTakeUp={onTakeUp}
                onClose={() => setLooked(null)}
            />
        </>
    );
}

type DialogProps = {
    version: (Version & { rules: Rule[] }) | null;
    vocabulary: Vocabulary;
    onTakeUp: ((rules: Rule[]) => void) | null;
    onClose: () => void;
};

/** The rules of a version as they were. */
function VersionDialog({ version, vocabulary, onTakeUp, onClose }: DialogProps) {
    return (
        <Dialog
            open={version !== null}
            onOpenChange={(open) => open || onClose()}
            wide
            title={say('screen.versions.version', { number: version?.number ?? '' })}
            description={version?.note ?? 'Its rules as they were.'}
        >
            {version !== null && (
                <>
                    <ol className="max-h-[52vh] overflow-auto">
                        {version.rules.map((rule, index) => (
                            <li key={rule.id} className="grid grid-cols-[24px_1fr] gap-2 border-t border-line py-1.5">
                                <span className="text-end text-ink2">{index + 1}</span>
                                <span>
                                    <strong>{rule.name}</strong>
                                    {rule.active === false && (
                                        <span className="text-ochre"> {say('screen.common.paused')}</span>
                                    )}
                                    <br />
                                    <RuleSentence rule={rule} vocabulary={vocabulary} />
                                </span>
                            </li>
                        ))}
                    </ol>
                    <div className="mt-4 flex justify-end gap-2">
                        <a
                            className="inline-flex min-h-8 items-center px-2 text-sky underline"
                            href={`/rulebook/export?version=${version.id}`}
                        >
                            {say('screen.versions.save_as_a_file')}
                        </a>
                        {onTakeUp !== null && (
                            <Button
                                onClick={() => {
                                    onTakeUp(version.rules);
                                    onClose();
                                }}
                            >
                                {say('screen.versions.take_up_as_the')}
                            </Button>
                        )}
                        <Button look="main" onClick={onClose}>
                            {say('screen.common.close')}
                        </Button>
                    </div>
                </>
            )}
        </Dialog>
    );
}
