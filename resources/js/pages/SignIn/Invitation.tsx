import { Head, Link } from '@inertiajs/react';
import type { InvitationPageProps } from '@props/Access/AccountPage';
import type { ReactNode } from 'react';
import { say } from '@/lib/words';
import { Mark } from '@/parts/Mark';
import { ProblemNote } from '@/parts/ProblemNote';
import { PasswordForm } from '@/parts/PasswordForm';

/** Where somebody who was invited chooses their password. */
function Invitation({ invited }: InvitationPageProps) {
    const title = say(invited === null ? 'sign_in.invited_over' : 'sign_in.invited');
    return (
        <main className="grid min-h-screen place-items-center p-6">
            <Head title={title} />
            <div className="w-full max-w-sm">
                <p className="mb-6 flex items-center gap-3 text-xl">
                    <Mark size={36} /> {say('screen.common.product')}
                </p>
                <ProblemNote />
                <div className="box space-y-4 p-6">
                    <h1 className="text-lg">{invited === null ? title : `${title}, ${invited.name}`}</h1>
                    <p className="text-ink2">
                        {invited === null
                            ? say('sign_in.invited_over_description')
                            : say('sign_in.invited_description', { email: invited.email })}
                    </p>
                    {invited === null ? (
                        <Link href="/sign-in" className="text-sky underline">
                            {say('screen.common.sign_in')}
                        </Link>
                    ) : (
                        <PasswordForm
                            action={invited.address}
                            email={invited.email}
                            asksCurrent={false}
                            send={say('sign_in.choose')}
                        />
                    )}
                </div>
            </div>
        </main>
    );
}

Invitation.layout = (page: ReactNode) => page;

export default Invitation;
