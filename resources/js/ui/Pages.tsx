import { say } from '@/lib/words';
import { Button } from './Button';

/** The way from page to page of a long list. */
export function Pages({ page, pages, onShow }: { page: number; pages: number; onShow: (page: number) => void }) {
    if (pages <= 1) return null;
    return (
        <p className="flex items-center gap-3 p-3">
            <Button disabled={page <= 1} onClick={() => onShow(page - 1)}>
                {say('screen.customers.before')}
            </Button>
            <span className="text-ink2">{say('screen.customers.page', { page, pages })}</span>
            <Button disabled={page >= pages} onClick={() => onShow(page + 1)}>
                {say('screen.common.next')}
            </Button>
        </p>
    );
}
