import { router } from '@inertiajs/react';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { say } from '@/lib/words';

type Props = { revision: number; open: boolean; onOpenChange: (open: boolean) => void; onDiscard: () => void };

export function DiscardDialog({ revision, open, onOpenChange, onDiscard }: Props) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title={say('screen.discard_dialog.discard_the_draft')}
            description={say('screen.discard_dialog.the_published_version_stays')}
        >
            <div className="flex justify-end gap-2">
                <Button onClick={() => onOpenChange(false)}>{say('screen.discard_dialog.keep_it')}</Button>
                <Button
                    look="grave"
                    onClick={() => {
                        onOpenChange(false);
                        onDiscard();
                        router.delete('/rulebook/draft', { data: { revision } });
                    }}
                >
                    {say('screen.common.discard')}
                </Button>
            </div>
        </Dialog>
    );
}
