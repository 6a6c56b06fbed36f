import { useForm } from '@inertiajs/react';
import { unlessRefused } from '@/lib/refused';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';

/** Chooses a password, typed twice; whoever has one already says it first. */
export function PasswordForm({
    action,
    email,
    asksCurrent,
    send,
}: {
    action: string;
    email: string;
    asksCurrent: boolean;
    send: string;
}) {
    const form = useForm({ current: '', password: '', again: '' });
    const entry = (name: 'current' | 'password' | 'again', complete: string) => (
        <input
            className="entry w-full"
            type="password"
            autoComplete={complete}
            value={form.data[name]}
            onChange={(event) => form.setData(name, event.target.value)}
        />
    );
    return (
        <form
            className="max-w-sm space-y-4"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(action, { preserveScroll: true, onSuccess: unlessRefused(() => form.reset()) });
            }}
        >
            {/* So that what keeps passwords knows whose it is. */}
            <input type="text" name="username" autoComplete="username" value={email} readOnly hidden />
            {asksCurrent && (
                <Labelled label={say('account.current')} wrong={form.errors.current}>
                    {entry('current', 'current-password')}
                </Labelled>
            )}
            <Labelled
                label={say(asksCurrent ? 'account.new' : 'sign_in.password')}
                hint={say('sign_in.password_hint')}
                wrong={form.errors.password}
            >
                {entry('password', 'new-password')}
            </Labelled>
            <Labelled label={say('sign_in.again')} wrong={form.errors.again}>
                {entry('again', 'new-password')}
            </Labelled>
            <Button type="submit" look="main" disabled={form.processing}>
                {send}
            </Button>
        </form>
    );
}
