import { Head, useForm } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { Mark } from '@/parts/Mark';
import { ProblemNote } from '@/parts/ProblemNote';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';
import { say } from '@/lib/words';

function SignIn() {
    const form = useForm({ email: '', password: '', stay: false });
    return (
        <main className="grid min-h-screen place-items-center p-6">
            <Head title={say('screen.common.sign_in')} />
            <div className="w-full max-w-sm">
                <h1 className="mb-6 flex items-center gap-3 text-xl">
                    <Mark size={36} /> {say('screen.common.product')}
                </h1>
                <form
                    className="box space-y-4 p-6"
                    onSubmit={(event) => {
                        event.preventDefault();
                        form.post('/sign-in', { onError: () => form.reset('password') });
                    }}
                >
                    <Labelled label={say('screen.sign_in.e_mail_address')} wrong={form.errors.email}>
                        <input
                            className="entry w-full"
                            type="email"
                            autoComplete="username"
                            autoFocus
                            value={form.data.email}
                            onChange={(event) => form.setData('email', event.target.value)}
                        />
                    </Labelled>
                    <Labelled label={say('screen.sign_in.password')} wrong={form.errors.password}>
                        <input
                            className="entry w-full"
                            type="password"
                            autoComplete="current-password"
                            value={form.data.password}
                            onChange={(event) => form.setData('password', event.target.value)}
                        />
                    </Labelled>
                    <label className="flex items-center gap-2">
                        <input
                            type="checkbox"
                            checked={form.data.stay}
                            onChange={(event) => form.setData('stay', event.target.checked)}
                        />
                        {say('screen.sign_in.stay')}
                    </label>
                    <ProblemNote />
                    <Button type="submit" look="main" disabled={form.processing} className="w-full justify-center">
                        {say('screen.common.sign_in')}
                    </Button>
                </form>
            </div>
        </main>
    );
}

SignIn.layout = (page: ReactNode) => page;

export default SignIn;
