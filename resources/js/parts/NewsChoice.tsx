import { useForm } from '@inertiajs/react';
import type { Channel } from '@props/Messages/OutboxPage';
import type { NewsChannels, NewsChoice as Choice } from '@props/Tasks/NewsPage';
import { CHANNELS } from '@/lib/messages';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';

type TableProps = {
    sorts: string[];
    channels: NewsChannels;
    /** what can't be taken out */
    held?: NewsChannels;
    label: string;
    onChange: (channels: NewsChannels) => void;
};

/** Sorts of news, each with the channels by which it comes. */
function Choices({ sorts, channels, held = {}, label, onChange }: TableProps) {
    const toggle = (sort: string, channel: Channel, on: boolean): void =>
        onChange({
            ...channels,
            [sort]: CHANNELS.filter((one) => (one === channel ? on : (channels[sort] ?? []).includes(one))),
        });
    return (
        <table aria-label={label} className="w-full">
            <thead>
                <tr className="text-start text-ink2">
                    <th scope="col" className="py-1 text-start font-normal">
                        {say('news.sort')}
                    </th>
                    {CHANNELS.map((channel) => (
                        <th key={channel} scope="col" className="px-2 py-1 font-normal">
                            {say(`outbox.channels.${channel}`)}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {sorts.map((sort) => (
                    <tr key={sort} className="border-t border-line">
                        <th scope="row" className="py-1 text-start font-medium">
                            {say(`news.sorts.${sort}`)}
                        </th>
                        {CHANNELS.map((channel) => {
                            const always = (held[sort] ?? []).includes(channel);
                            const name = [say(`news.sorts.${sort}`), say(`outbox.channels.${channel}`)].join(', ');
                            return (
                                <td key={channel} className="px-2 py-1 text-center">
                                    <input
                                        type="checkbox"
                                        aria-label={name}
                                        checked={always || (channels[sort] ?? []).includes(channel)}
                                        disabled={always}
                                        onChange={(event) => toggle(sort, channel, event.target.checked)}
                                    />
                                </td>
                            );
                        })}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

/** By which other means one hears of what, and when not. */
export function NewsChoice({ choice }: { choice: Choice }) {
    const form = useForm({
        channels: choice.channels,
        quiet_from: choice.quietFrom ?? '',
        quiet_to: choice.quietTo ?? '',
        urgent_passes: choice.urgentPasses,
    });
    const unreached = CHANNELS.filter((one) => !choice.reached.includes(one));
    return (
        <form
            className="space-y-3 p-4"
            onSubmit={(event) => {
                event.preventDefault();
                form.put('/news/choice', { preserveScroll: true });
            }}
        >
            <Choices
                label={say('news.by_other_means')}
                sorts={choice.sorts}
                channels={form.data.channels}
                held={choice.obligatory}
                onChange={(channels) => form.setData('channels', channels)}
            />
            {unreached.length > 0 && (
                <p className="text-ochre">
                    {say('news.unreached', {
                        channels: unreached.map((one) => say(`outbox.channels.${one}`)).join(', '),
                    })}
                </p>
            )}
            <p className="text-ink2">{say('news.quiet')}</p>
            <div className="flex flex-wrap gap-4">
                <Labelled label={say('news.quiet_from')} wrong={form.errors.quiet_from}>
                    <input
                        type="time"
                        className="entry"
                        value={form.data.quiet_from}
                        onChange={(event) => form.setData('quiet_from', event.target.value)}
                    />
                </Labelled>
                <Labelled label={say('news.quiet_to')} wrong={form.errors.quiet_to}>
                    <input
                        type="time"
                        className="entry"
                        value={form.data.quiet_to}
                        onChange={(event) => form.setData('quiet_to', event.target.value)}
                    />
                </Labelled>
            </div>
            <label className="flex items-center gap-2">
                <input
                    type="checkbox"
                    checked={form.data.urgent_passes}
                    onChange={(event) => form.setData('urgent_passes', event.target.checked)}
                />
                {say('news.urgent_passes')}
            </label>
            <Button type="submit" look="main" disabled={form.processing || !form.isDirty}>
                {say('screen.common.save')}
            </Button>
        </form>
    );
}

/** What nobody of the house may do without. */
export function NewsObliged({ choice }: { choice: Choice }) {
    const form = useForm({ channels: choice.obligatory, on_call: choice.onCall });
    const onCall = (team: string, on: boolean): void =>
        form.setData('on_call', on ? [...form.data.on_call, team] : form.data.on_call.filter((one) => one !== team));
    return (
        <form
            className="space-y-3 p-4"
            onSubmit={(event) => {
                event.preventDefault();
                form.put('/news/obligatory', { preserveScroll: true });
            }}
        >
            <Choices
                label={say('news.obliged')}
                sorts={choice.sorts}
                channels={form.data.channels}
                onChange={(channels) => form.setData('channels', channels)}
            />
            <fieldset>
                <legend className="font-medium">{say('news.on_call')}</legend>
                <span className="flex flex-wrap gap-x-4 gap-y-1 py-1">
                    {choice.teams.map((team) => (
                        <label key={team.value} className="flex items-center gap-2">
                            <input
                                type="checkbox"
                                checked={form.data.on_call.includes(team.value)}
                                onChange={(event) => onCall(team.value, event.target.checked)}
                            />
                            {team.label}
                        </label>
                    ))}
                </span>
            </fieldset>
            <Button type="submit" disabled={form.processing || !form.isDirty}>
                {say('news.oblige')}
            </Button>
        </form>
    );
}
