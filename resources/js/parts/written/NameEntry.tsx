import { say } from '@/lib/words';

/** The name of something that is written. */
export function NameEntry({
    value,
    isNew,
    onChange,
    look = '',
}: {
    value: string;
    /** one comes to a new one to name it */
    isNew: boolean;
    onChange: (name: string) => void;
    look?: string;
}) {
    return (
        <label className={`flex flex-wrap items-center gap-2 ${look}`}>
            <span className="text-ink2">{say('screen.common.name')}</span>
            <input
                className="entry min-w-40 flex-1 font-semibold"
                maxLength={120}
                autoFocus={isNew}
                value={value}
                onChange={(event) => onChange(event.target.value)}
            />
        </label>
    );
}
