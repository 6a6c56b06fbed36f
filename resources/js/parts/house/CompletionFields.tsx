import type { Completion } from '@props/House/HousePage';
import type { EntryField } from '@props/Intake/NewTaskPage';
import { say } from '@/lib/words';

const WHAT = ['checklist', 'file', 'note'] as const;

type Props = { completion: Completion; fields: EntryField[]; onChange: (completion: Completion) => void };

/** What has to be there before tasks of a kind are completed, or sent to be reviewed. */
export function CompletionFields({ completion, fields, onChange }: Props) {
    const box = 'flex items-center gap-2 py-1';
    return (
        <fieldset>
            <legend className="font-semibold">{say('completion.title')}</legend>
            <div className="flex flex-wrap gap-x-6">
                {WHAT.map((one) => (
                    <label key={one} className={box}>
                        <input
                            type="checkbox"
                            checked={completion[one]}
                            onChange={(event) => onChange({ ...completion, [one]: event.target.checked })}
                        />
                        {say(`completion.${one}`)}
                    </label>
                ))}
                {fields.map(({ path, label }) => (
                    <label key={path} className={box}>
                        <input
                            type="checkbox"
                            checked={completion.fields.includes(path)}
                            onChange={(event) =>
                                onChange({
                                    ...completion,
                                    fields: event.target.checked
                                        ? [...completion.fields, path]
                                        : completion.fields.filter((one) => one !== path),
                                })
                            }
                        />
                        {label}
                    </label>
                ))}
            </div>
        </fieldset>
    );
}
