import type { ReadyCode, SetupPageProps, SetupStep } from '@props/House/SetupPage';
import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

const PLACES: Record<SetupStep['code'], string> = {
    people: '/people',
    teams: '/people',
    hours: '/people',
    kinds: '/house#kinds',
    fields: '/house#fields',
    places: '/places',
    customers: '/customers',
    rules: '/rulebook',
    form: '/house#form',
    sign_ins: '/sign-ins',
};

/** One of the rules that many houses begin with, as a sentence with what is to be chosen in it. */
function ReadyRule({
    code,
    asks,
    choices,
    kinds,
}: Pick<SetupPageProps, 'asks' | 'choices' | 'kinds'> & { code: ReadyCode }) {
    const offered = choices[asks[code]];
    const [choice, setChoice] = useState(offered[0]?.value ?? '');
    const [kind, setKind] = useState('');
    const [said, setSaid] = useState('');
    const { busy, faults, send } = useSending();
    const add = (): void =>
        void send(async () => {
            const body = JSON.stringify({ code, choice, kind: kind === '' ? null : kind });
            setSaid((await ask<{ said: string }>('POST', '/setup/rules', body)).said);
            router.reload();
        });
    return (
        <li className="flex flex-wrap items-center gap-2 border-t border-line py-2">
            <select
                className="entry"
                aria-label={say('ready.which_tasks')}
                value={kind}
                onChange={(event) => setKind(event.target.value)}
            >
                <option value="">{say('ready.all_tasks')}</option>
                {kinds.map((one) => (
                    <option key={one.value} value={one.value}>
                        {one.label}
                    </option>
                ))}
            </select>
            <span>{say(`ready.${code}.before`)}</span>
            {offered.length === 0 ? (
                <span className="text-ink2">{say(`ready.${code}.none`)}</span>
            ) : (
                <select
                    className="entry"
                    aria-label={say(`ready.${code}.choose`)}
                    value={choice}
                    onChange={(event) => setChoice(event.target.value)}
                >
                    {offered.map((one) => (
                        <option key={one.value} value={one.value}>
                            {one.label}
                        </option>
                    ))}
                </select>
            )}
            <span className="flex-1">{say(`ready.${code}.after`)}</span>
            <Button disabled={busy || offered.length === 0} aria-label={say(`ready.${code}.add`)} onClick={add}>
                {say('ready.add')}
            </Button>
            {(said !== '' || faults.length > 0) && (
                <p role="status" className={`w-full text-xs ${faults.length > 0 ? 'text-brick' : 'text-ink2'}`}>
                    {faults.length > 0 ? faults.join(' ') : said}
                </p>
            )}
        </li>
    );
}

function Step({ step, place }: { step: SetupStep; place: number }) {
    return (
        <li className="flex items-baseline gap-3 border-t border-line py-2">
            <span
                className={`w-6 text-center ${step.done ? 'text-pine' : 'text-ink2'}`}
                role="img"
                aria-label={say(step.done ? 'setup.done' : 'setup.open')}
            >
                {step.done ? '✓' : place}
            </span>
            <span className="min-w-0 flex-1">
                <Link href={PLACES[step.code]} className="font-medium text-sky underline">
                    {say(`setup.steps.${step.code}.name`)}
                </Link>{' '}
                <span className="text-ink2">{say(`setup.steps.${step.code}.note`)}</span>
            </span>
            <span className="whitespace-nowrap text-ink2">
                {say(`setup.steps.${step.code}.count`, { count: step.count })}
            </span>
        </li>
    );
}

/** The way from an empty house to one that routes work, with what there is already ticked off. */
export default function Setup({ house, steps, ready, setUp, ...offered }: SetupPageProps) {
    const rules = steps.find((one) => one.code === 'rules');
    return (
        <div className="mx-auto my-6 max-w-4xl space-y-6 px-4">
            <Head title={say('setup.title')} />
            <header className="flex items-baseline gap-3">
                <h1 className="flex-1 text-xl font-semibold">{say('setup.heading', { house, done: String(setUp) })}</h1>
                <Button look={setUp ? 'quiet' : 'main'} onClick={() => router.post('/setup', { done: !setUp })}>
                    {say(setUp ? 'setup.again' : 'setup.end')}
                </Button>
            </header>
            <section className="box p-5" aria-label={say('setup.title')}>
                <p className="mb-2 text-ink2">{say('setup.note')}</p>
                <ol>
                    {steps.map((step, at) => (
                        <Step key={step.code} step={step} place={at + 1} />
                    ))}
                </ol>
            </section>
            <section className="box p-5" aria-label={say('ready.title')}>
                <h2 className="font-semibold">{say('ready.title')}</h2>
                <p className="mb-2 text-ink2">{say('ready.note')}</p>
                <ul>
                    {ready.map((code) => (
                        <ReadyRule key={code} code={code} {...offered} />
                    ))}
                </ul>
                {rules !== undefined && rules.count > 0 && (
                    <p className="mt-3">
                        <Link href="/rulebook" className="text-sky underline">
                            {say('ready.to_the_draft', { count: rules.count })}
                        </Link>
                    </p>
                )}
            </section>
        </div>
    );
}
