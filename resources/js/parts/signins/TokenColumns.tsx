import type { TokenLine } from '@props/Access/SignInsPage';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import type { TableColumn } from '@/ui/useTableOf';

function TokenUntil({ token }: { token: TokenLine }) {
    const formats = useFormats();
    if (token.until === null) return <span className="text-brick">{say('sign_ins.endless')}</span>;
    const day = formats.lastDay(token.until);
    return (
        <span className={token.over ? 'text-brick' : 'text-ink2'}>
            {say(token.over ? 'sign_ins.over' : 'sign_ins.until', { day })}
        </span>
    );
}

function TokenUsed({ token }: { token: TokenLine }) {
    const formats = useFormats();
    return (
        <span className="text-ink2">
            {token.usedAt === null
                ? say('sign_ins.unused')
                : say('sign_ins.used', { moment: formats.moment(token.usedAt) })}
        </span>
    );
}

/** Tokens of other systems: what each may, and when it was used. */
export function columnsOfTokens(onRevoke: (token: TokenLine) => void): TableColumn<TokenLine>[] {
    return [
        {
            id: 'name',
            label: say('sign_ins.columns.name'),
            value: (one) => one.name,
            cell: (one) => <span className={one.over ? 'text-ink2 line-through' : ''}>{one.name}</span>,
        },
        {
            id: 'owner',
            label: say('sign_ins.columns.owner'),
            value: (one) => one.owner,
            cell: (one) => say('sign_ins.token_line', { owner: one.owner }),
        },
        {
            id: 'abilities',
            label: say('sign_ins.columns.abilities'),
            cell: (one) => <span data-as-is>{one.abilities.join(' ')}</span>,
            className: 'font-mono text-xs',
        },
        { id: 'used', label: say('sign_ins.columns.used'), cell: (one) => <TokenUsed token={one} /> },
        { id: 'until', label: say('sign_ins.columns.until'), cell: (one) => <TokenUntil token={one} /> },
        {
            id: 'doings',
            label: say('sign_ins.columns.doings'),
            silent: true,
            cell: (one) => (
                <Button
                    look="quiet"
                    className="min-h-6"
                    aria-label={`${say('sign_ins.revoke')}: ${one.name}`}
                    onClick={() => onRevoke(one)}
                >
                    {say('sign_ins.revoke')}
                </Button>
            ),
            className: 'text-end',
        },
    ];
}
