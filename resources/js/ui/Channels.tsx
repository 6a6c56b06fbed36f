import type { Channel } from '@props/Messages/OutboxPage';
import { CHANNELS } from '@/lib/messages';
import { say } from '@/lib/words';

type Props = { label: string; value: Channel[]; without?: Channel[]; onChange: (channels: Channel[]) => void };

/** By which means something comes: any mix of them. */
export function Channels({ label, value, without = [], onChange }: Props) {
    return (
        <fieldset>
            <legend className="font-medium">{label}</legend>
            <span className="flex flex-wrap gap-4 py-1">
                {CHANNELS.filter((one) => !without.includes(one)).map((channel) => (
                    <label key={channel} className="flex items-center gap-2">
                        <input
                            type="checkbox"
                            checked={value.includes(channel)}
                            onChange={(event) =>
                                onChange(
                                    CHANNELS.filter((one) =>
                                        one === channel ? event.target.checked : value.includes(one),
                                    ),
                                )
                            }
                        />
                        {say(`outbox.channels.${channel}`)}
                    </label>
                ))}
            </span>
        </fieldset>
    );
}
