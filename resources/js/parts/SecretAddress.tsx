import { router } from '@inertiajs/react';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

/** An address that only those know who were given it; a new one takes the place of the old. */
export function SecretAddress({
    name,
    address,
    data,
}: {
    name: string;
    address: string | null;
    data: Record<string, string>;
}) {
    return (
        <p className="flex items-center gap-2">
            {address !== null && (
                <input
                    readOnly
                    className="entry min-w-0 flex-1 font-mono text-xs"
                    aria-label={say('calendar.address_of', { name })}
                    value={address}
                    onFocus={(event) => event.target.select()}
                />
            )}
            <Button
                look="quiet"
                aria-label={say(address === null ? 'calendar.make_of' : 'calendar.renew_of', { name })}
                onClick={() => router.post('/absences/calendars/renew', data, { preserveScroll: true })}
            >
                {say(address === null ? 'calendar.make' : 'calendar.renew')}
            </Button>
        </p>
    );
}
