import { Link, useForm } from '@inertiajs/react';
import type { AlertLine, AlertsPageProps } from '@props/Alerts/AlertsPage';
import type { PersonRef } from '@props/PersonRef';
import { say } from '@/lib/words';
import { BesideNews } from '@/parts/BesideNews';
import { Button } from '@/ui/Button';
import { Channels } from '@/ui/Channels';
import { Labelled } from '@/ui/Labelled';

/** One thing to which leads are alerted: from when on, who, and by which means. */
function Alert({ alert, leads }: { alert: AlertLine; leads: PersonRef[] }) {
    const form = useForm({
        on: alert.on,
        threshold: alert.threshold === null ? '' : String(alert.threshold),
        channels: alert.channels,
        people: alert.people,
    });
    const title = say(`alerts.kinds.${alert.kind}`);
    const toggle = (slug: string, on: boolean): void =>
        form.setData('people', on ? [...form.data.people, slug] : form.data.people.filter((one) => one !== slug));
    return (
        <section className="box p-4" aria-label={title}>
            <form
                className="space-y-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    form.put(`/alerts/${alert.kind}`, { preserveScroll: true });
                }}
            >
                <header className="flex flex-wrap items-baseline gap-3">
                    <h2 className="flex-1 font-semibold">{title}</h2>
                    {alert.raised > 0 ? (
                        <Link href={alert.place} className="font-semibold text-brick underline">
                            {say('alerts.now', { count: alert.raised })}
                        </Link>
                    ) : (
                        <span className="text-ink2">{say('alerts.now', { count: 0 })}</span>
                    )}
                </header>
                <div className="flex flex-wrap items-start gap-x-8 gap-y-3">
                    <label className="flex items-center gap-2">
                        <input
                            type="checkbox"
                            checked={form.data.on}
                            onChange={(event) => form.setData('on', event.target.checked)}
                        />
                        {say('alerts.on')}
                    </label>
                    {form.data.on && (
                        <>
                            {alert.threshold !== null && (
                                <span className="flex items-end gap-2">
                                    <Labelled label={say('alerts.from')} wrong={form.errors.threshold}>
                                        <input
                                            type="number"
                                            className="entry w-28"
                                            min={1}
                                            value={form.data.threshold}
                                            onChange={(event) => form.setData('threshold', event.target.value)}
                                        />
                                    </Labelled>
                                    <span className="py-2">{say(`alerts.units.${alert.kind}`)}</span>
                                </span>
                            )}
                            <fieldset>
                                <legend className="font-medium">{say('alerts.who')}</legend>
                                <span className="flex flex-wrap gap-4 py-1">
                                    {form.data.people.length === 0 && (
                                        <span className="text-ink2">{say('alerts.everybody')}</span>
                                    )}
                                    {leads.map((one) => (
                                        <label key={one.slug} className="flex items-center gap-2">
                                            <input
                                                type="checkbox"
                                                checked={form.data.people.includes(one.slug)}
                                                onChange={(event) => toggle(one.slug, event.target.checked)}
                                            />
                                            {one.name}
                                        </label>
                                    ))}
                                </span>
                            </fieldset>
                            <Channels
                                label={say('alerts.channels')}
                                value={form.data.channels}
                                onChange={(channels) => form.setData('channels', channels)}
                            />
                        </>
                    )}
                    <Button type="submit" className="ms-auto self-end" disabled={form.processing || !form.isDirty}>
                        {say('screen.common.save')}
                    </Button>
                </div>
            </form>
        </section>
    );
}

/** To what leads are alerted. */
export default function Alerts({ alerts, leads }: AlertsPageProps) {
    return (
        <BesideNews title={say('alerts.title')}>
            <p className="text-ink2">{say('alerts.note')}</p>
            {alerts.map((alert) => (
                <Alert key={alert.kind} alert={alert} leads={leads} />
            ))}
        </BesideNews>
    );
}
