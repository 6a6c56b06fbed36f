import { useState } from 'react';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

/** What only this page knows, to be taken away from it. */
export function ShownOnce({ secret, label, onClose }: { secret: string; label: string; onClose: () => void }) {
    const [copied, setCopied] = useState(false);
    return (
        <div className="space-y-4">
            <p>{say('sign_ins.once')}</p>
            <p className="flex items-center gap-2">
                <input
                    readOnly
                    autoFocus
                    className="entry min-w-0 flex-1 font-mono text-xs"
                    aria-label={label}
                    value={secret}
                    onFocus={(event) => event.target.select()}
                />
                {/* Browsers have no clipboard for pages that come without TLS from elsewhere. */}
                {'clipboard' in navigator && (
                    <Button onClick={() => void navigator.clipboard.writeText(secret).then(() => setCopied(true))}>
                        {say(copied ? 'sign_ins.copied' : 'sign_ins.copy')}
                    </Button>
                )}
            </p>
            <p className="text-end">
                <Button look="main" onClick={onClose}>
                    {say('sign_ins.close')}
                </Button>
            </p>
        </div>
    );
}
