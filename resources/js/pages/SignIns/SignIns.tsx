import { Head, router } from '@inertiajs/react';
import type { SignInLine, SignInsPageProps, TokenLine } from '@props/Access/SignInsPage';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { PersonMark } from '@/parts/PersonMark';
import { InviteDialog } from '@/parts/signins/InviteDialog';
import { SignInDialog } from '@/parts/signins/SignInDialog';
import { TokenDialog } from '@/parts/signins/TokenDialog';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Rows, Section } from '@/ui/Section';

/** Rows at once; whoever is not among them is found by name. */
const SHOWN = 60;

type Open =
    | { what: 'sign-in' }
    | { what: 'token' }
    | { what: 'invite' | 'end'; signIn: SignInLine }
    | { what: 'revoke'; token: TokenLine };

function SignInRow({ signIn, onOpen }: { signIn: SignInLine; onOpen: (open: Open) => void }) {
    const formats = useFormats();
    const off = signIn.state === 'ended' || signIn.state === 'gone';
    return (
        <tr className="border-t border-line">
            <th
                scope="row"
                className={`py-1.5 pr-3 font-medium whitespace-nowrap ${off ? 'text-ink2 line-through' : ''}`}
            >
                <span className="mr-2 inline-block w-4 align-middle">
                    {signIn.person !== null && <PersonMark slug={signIn.person} size={16} />}
                </span>
                {signIn.name}
            </th>
            <td className="py-1.5 pr-3 [overflow-wrap:anywhere]">{signIn.email}</td>
            <td className="py-1.5 pr-3">{signIn.roles.map((one) => say(`sign_ins.roles.${one}`)).join(', ')}</td>
            <td className={`py-1.5 pr-3 ${signIn.state === 'invited' ? 'text-ochre' : 'text-ink2'}`}>
                {signIn.state === 'open' && signIn.seenAt !== null
                    ? say('sign_ins.seen', { count: signIn.sessions, moment: formats.moment(signIn.seenAt) })
                    : say(`sign_ins.states.${signIn.state}`, {
                          until: signIn.invitedUntil === null ? '' : formats.moment(signIn.invitedUntil),
                      })}
            </td>
            <td className="py-1 text-right whitespace-nowrap">
                {signIn.own ? (
                    <span className="text-ink2">{say('sign_ins.you')}</span>
                ) : (
                    <>
                        {signIn.state !== 'gone' && (
                            <Button
                                look="quiet"
                                aria-label={`${say('sign_ins.invite')}: ${signIn.name}`}
                                onClick={() => onOpen({ what: 'invite', signIn })}
                            >
                                {say('sign_ins.invite')}
                            </Button>
                        )}
                        {signIn.sessions > 0 && (
                            <Button
                                look="quiet"
                                aria-label={`${say('sign_ins.sign_out')}: ${signIn.name}`}
                                onClick={() =>
                                    router.post(`/sign-ins/${signIn.id}/sign-out`, {}, { preserveScroll: true })
                                }
                            >
                                {say('sign_ins.sign_out')}
                            </Button>
                        )}
                        {signIn.state !== 'ended' && (
                            <Button
                                look="quiet"
                                aria-label={`${say('sign_ins.end')}: ${signIn.name}`}
                                onClick={() => onOpen({ what: 'end', signIn })}
                            >
                                {say('sign_ins.end')}
                            </Button>
                        )}
                    </>
                )}
            </td>
        </tr>
    );
}

function TokenRow({ token, onOpen }: { token: TokenLine; onOpen: (open: Open) => void }) {
    const formats = useFormats();
    const day = token.until === null ? '' : formats.lastDay(token.until);
    return (
        <tr className="border-t border-line align-baseline">
            <th scope="row" className={`py-1.5 pr-3 font-medium ${token.over ? 'text-ink2 line-through' : ''}`}>
                {token.name}
            </th>
            <td className="py-1.5 pr-3">{say('sign_ins.token_line', { owner: token.owner })}</td>
            <td className="py-1.5 pr-3 font-mono text-xs">{token.abilities.join(' ')}</td>
            <td className="py-1.5 pr-3 text-ink2">
                {token.usedAt === null
                    ? say('sign_ins.unused')
                    : say('sign_ins.used', { moment: formats.moment(token.usedAt) })}
            </td>
            <td className={`py-1.5 pr-3 ${token.over || token.until === null ? 'text-brick' : 'text-ink2'}`}>
                {token.until === null
                    ? say('sign_ins.endless')
                    : say(token.over ? 'sign_ins.over' : 'sign_ins.until', { day })}
            </td>
            <td className="py-1 text-right">
                <Button
                    look="quiet"
                    aria-label={`${say('sign_ins.revoke')}: ${token.name}`}
                    onClick={() => onOpen({ what: 'revoke', token })}
                >
                    {say('sign_ins.revoke')}
                </Button>
            </td>
        </tr>
    );
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
    const after = { preserveScroll: true, onSuccess: close };
    const found = signIns.filter((one) => `${one.name} ${one.email}`.toLowerCase().includes(find.trim().toLowerCase()));
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
                <Rows>
                    {found.slice(0, SHOWN).map((one) => (
                        <SignInRow key={one.id} signIn={one} onOpen={setOpen} />
                    ))}
                </Rows>
                {found.length > SHOWN && (
                    <p className="border-t border-line pt-2 text-ink2">
                        {say('sign_ins.more', { count: found.length - SHOWN })}
                    </p>
                )}
                {found.length === 0 && <p className="text-ink2">{say('sign_ins.none')}</p>}
            </Section>
            <Section
                title={say('sign_ins.tokens')}
                note={say('sign_ins.tokens_note')}
                add={say('sign_ins.new_token')}
                onAdd={() => setOpen({ what: 'token' })}
            >
                {tokens.length === 0 ? (
                    <p className="text-ink2">{say('sign_ins.no_tokens')}</p>
                ) : (
                    <Rows>
                        {tokens.map((one) => (
                            <TokenRow key={one.id} token={one} onOpen={setOpen} />
                        ))}
                    </Rows>
                )}
            </Section>
            {open?.what === 'sign-in' && <SignInDialog people={people} roles={roles} onClose={close} />}
            {open?.what === 'token' && <TokenDialog signIns={signIns} abilities={abilities} onClose={close} />}
            {open?.what === 'invite' && <InviteDialog signIn={open.signIn} onClose={close} />}
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
