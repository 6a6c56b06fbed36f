import { useForm } from '@inertiajs/react';
import type { HousePageProps } from '@props/House/HousePage';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';

/** In which words customers read where their request is. */
export function CustomerWords({ words }: { words: HousePageProps['customerWords'] }) {
    const form = useForm<{ words: Record<string, string> }>({
        words: Object.fromEntries(words.map(({ status, own }) => [status, own])),
    });
    const wrong = form.errors as Record<string, string | undefined>;
    return (
        <section className="box p-5" aria-label={say('customer_words.title')}>
            <h2 className="font-semibold">{say('customer_words.title')}</h2>
            <p className="mb-3 text-ink2">{say('customer_words.note')}</p>
            <form
                className="grid gap-4 sm:grid-cols-2"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.put('/house/customer-words', { preserveScroll: true });
                }}
            >
                {words.map(({ status, usual }) => (
                    <Labelled
                        key={status}
                        label={say(`status.${status}`)}
                        hint={say('customer_words.usual', { words: usual })}
                        wrong={wrong[`words.${status}`]}
                    >
                        <input
                            className="entry w-full"
                            maxLength={200}
                            value={form.data.words[status] ?? ''}
                            onChange={(event) =>
                                form.setData('words', { ...form.data.words, [status]: event.target.value })
                            }
                        />
                    </Labelled>
                ))}
                <Button
                    type="submit"
                    look="main"
                    className="justify-self-start"
                    disabled={form.processing || !form.isDirty}
                >
                    {say('customer_words.save')}
                </Button>
            </form>
        </section>
    );
}
