import { router } from '@inertiajs/react';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';

type Props = { revision: number; open: boolean; onOpenChange: (open: boolean) => void; onDiscard: () => void };

export function DiscardDialog({ revision, open, onOpenChange, onDiscard }: Props) {
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title="Discard the draft?" description="The published version stays in force. The rules of the draft are kept in the audit trail, but not on this page.">
            <div className="flex justify-end gap-2">
                <Button onClick={() => onOpenChange(false)}>Keep it</Button>
                <Button
                    look="grave"
                    onClick={() => {
                        onOpenChange(false);
                        onDiscard();
                        router.delete('/rulebook/draft', { data: { revision } });
                    }}
                >
                    Discard
                </Button>
            </div>
        </Dialog>
    );
}
