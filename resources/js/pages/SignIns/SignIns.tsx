import { Head, router } from '@inertiajs/react';
import type { SignInLine, SignInsPageProps, TokenLine } from '@props/Access/SignInsPage';
import { useMemo, useState } from 'react';
import { unlessRefused } from '@/lib/refused';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { PersonMark } from '@/parts/PersonMark';
import { InviteDialog } from '@/parts/signins/InviteDialog';
import { JoinDialog } from '@/parts/signins/JoinDialog';
import { SignInDialog } from '@/parts/signins/SignInDialog';
import { columnsOfTokens } from '@/parts/signins/TokenColumns';
import { TokenDialog } from '@/parts/signins/TokenDialog';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Section } from '@/ui/Section';
import { Table } from '@/ui/Table';
import type { TableColumn } from '@/ui/useTableOf';

type Open =
    | { what: 'sign-in' }
    | { what: 'token' }
    | { what: 'invite' | 'end' | 'join'; signIn: SignInLine }
    | { what: 'revoke'; token: TokenLine };

function Name({ signIn }: { signIn: SignInLine }) {
    const off = signIn.state === 'ended' || signIn.state === 'gone';
    return (
        <span className={`whitespace-nowrap ${off ? 'text-ink2 line-through' : ''}`}>
            <span className="me-2 inline-block w-4 align-middle">
                {signIn.person !== null && <PersonMark slug={signIn.person} size={16} />}
            </span>
            {signIn.name}
        </span>
    );
}

function State({ signIn }: { signIn: SignInLine }) {
    const formats = useFormats();
    const until = signIn.invitedUntil === null ? '' : formats.moment(signIn.invitedUntil);
    return (
        <span className={signIn.state === 'invited' ? 'text-ochre' : 'text-ink2'}>
            {signIn.state === 'open' && signIn.seenAt !== null
                ? say('sign_ins.seen', { count: signIn.sessions, moment: formats.moment(signIn.seenAt) })
                : say(`sign_ins.states.${signIn.state}`, { until })}
        </span>
    );
}

/** What can be done with a sign-in; its name is said to those who hear the page. */
function Doings({ signIn, onOpen }: { signIn: SignInLine; onOpen: (open: Open) => void }) {
    const doings = [
        { code: 'join', on: signIn.state !== 'gone', run: () => onOpen({ what: 'join', signIn }) },
        { code: 'invite', on: !signIn.own && signIn.state !== 'gone', run: () => onOpen({ what: 'invite', signIn }) },
        {
            code: 'sign_out',
            on: !signIn.own && signIn.sessions > 0,
            run: () => router.post(`/sign-ins/${signIn.id}/sign-out`, {}, { preserveScroll: true }),
        },
        { code: 'end', on: !signIn.own && signIn.state !== 'ended', run: () => onOpen({ what: 'end', signIn }) },
    ];
    return (
        <>
            {signIn.own && <span className="text-ink2">{say('sign_ins.you')}</span>}
            {doings
                .filter((one) => one.on)
                .map(({ code, run }) => (
                    <Button
                        key={code}
                        look="quiet"
                        className="min-h-6"
                        aria-label={`${say(`sign_ins.${code}`)}: ${signIn.name}`}
                        onClick={run}
                    >
                        {say(`sign_ins.${code}`)}
                    </Button>
                ))}
        </>
    );
}

const rolesOf = (signIn: SignInLine): string => signIn.roles.map((one) => say(`sign_ins.roles.${one}`)).join(', ');

function columnsOfSignIns(onOpen: (open: Open) => void): TableColumn<SignInLine>[] {
    return [
        {
            id: 'name',
            label: say('sign_ins.columns.name'),
            value: (one) => one.name,
            cell: (one) => <Name signIn={one} />,
        },
        {
            id: 'email',
            label: say('sign_ins.columns.email'),
            value: (one) => one.email,
            cell: (one) => one.email,
            className: '[overflow-wrap:anywhere]',
        },
        { id: 'roles', label: say('sign_ins.columns.roles'), value: rolesOf, cell: rolesOf },
        { id: 'state', label: say('sign_ins.columns.state'), cell: (one) => <State signIn={one} /> },
        {
            id: 'doings',
            label: say('sign_ins.columns.doings'),
            silent: true,
            cell: (one) => <Doings signIn={one} onOpen={onOpen} />,
            className: 'text-end whitespace-nowrap',
        },
    ];
}

/** What can't be taken back is asked for once more. */
function Confirm({
    title,
    description,
    send,
    onClose,
    onSend,
}: {
    title: string;
    description: string;
    send: string;
    onClose: () => void;
    onSend: () => void;
}) {
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={title} description={description}>
            <DialogForm look="grave" send={send} onLeave={onClose} onSend={onSend}>
                {null}
            </DialogForm>
        </Dialog>
    );
}

/** Who may sign in, and with what other systems come. */
export default function SignIns({ signIns, tokens, people, roles, abilities }: SignInsPageProps) {
    const [open, setOpen] = useState<Open | null>(null);
    const [find, setFind] = useState('');
    const close = (): void => setOpen(null);
    const after = { preserveScroll: true, onSuccess: unlessRefused(close) };
    const columns = useMemo(
        () => ({
            signIns: columnsOfSignIns(setOpen),
            tokens: columnsOfTokens((token) => setOpen({ what: 'revoke', token })),
        }),
        [],
    );
    return (
        <div className="mx-auto my-6 max-w-6xl space-y-6 px-4">
            <Head title={say('sign_ins.title')} />
            <h1 className="sr-only">{say('sign_ins.title')}</h1>
            <Section
                title={say('sign_ins.title')}
                note={say('sign_ins.note')}
                add={say('sign_ins.new')}
                onAdd={() => setOpen({ what: 'sign-in' })}
            >
                <input
                    type="search"
                    className="entry mb-3 w-72"
                    aria-label={say('sign_ins.find')}
                    placeholder={say('sign_ins.find')}
                    value={find}
                    onChange={(event) => setFind(event.target.value)}
                />
                <Table
                    label={say('sign_ins.title')}
                    rows={signIns}
                    columns={columns.signIns}
                    idOf={(one) => one.id}
                    nothing={say('sign_ins.none')}
                    sought={find}
                />
            </Section>
            <Section
                title={say('sign_ins.tokens')}
                note={say('sign_ins.tokens_note')}
                add={say('sign_ins.new_token')}
                onAdd={() => setOpen({ what: 'token' })}
            >
                <Table
                    label={say('sign_ins.tokens')}
                    rows={tokens}
                    columns={columns.tokens}
                    idOf={(one) => String(one.id)}
                    nothing={say('sign_ins.no_tokens')}
                />
            </Section>
            {open?.what === 'sign-in' && <SignInDialog people={people} roles={roles} onClose={close} />}
            {open?.what === 'token' && <TokenDialog signIns={signIns} abilities={abilities} onClose={close} />}
            {open?.what === 'invite' && <InviteDialog signIn={open.signIn} onClose={close} />}
            {open?.what === 'join' && <JoinDialog signIn={open.signIn} people={people} onClose={close} />}
            {open?.what === 'end' && (
                <Confirm
                    title={say('sign_ins.end_title', { name: open.signIn.name })}
                    description={say('sign_ins.end_description')}
                    send={say('sign_ins.end_send')}
                    onClose={close}
                    onSend={() => router.post(`/sign-ins/${open.signIn.id}/end`, {}, after)}
                />
            )}
            {open?.what === 'revoke' && (
                <Confirm
                    title={say('sign_ins.revoke_title', { name: open.token.name })}
                    description={say('sign_ins.revoke_description')}
                    send={say('sign_ins.revoke')}
                    onClose={close}
                    onSend={() => router.delete(`/tokens/${open.token.id}`, after)}
                />
            )}
        </div>
    );
}
