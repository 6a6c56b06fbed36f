import { useForm } from '@inertiajs/react';
import type { LevelOptions } from '@props/Levelling/LevellingsPage';
import { measureSlots } from '@/lib/load';
import { say } from '@/lib/words';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

type Props = { options: LevelOptions; open: boolean; onOpen: (open: boolean) => void; teams?: string[] };

type Form = {
    teams: string[];
    first: string;
    days: string;
    most_moves: string;
    least_saving: string;
    bars_peaks: boolean;
    working: boolean;
};

function Ticked({ label, on, onTick }: { label: string; on: boolean; onTick: (on: boolean) => void }) {
    return (
        <label className="flex items-center gap-2">
            <input type="checkbox" checked={on} onChange={(event) => onTick(event.target.checked)} />
            {label}
        </label>
    );
}

/** A whole number, or none. */
function Entry({
    label,
    hint,
    wrong,
    least,
    most,
    value,
    onChange,
}: {
    label: string;
    hint?: string;
    wrong: string | undefined;
    least: number;
    most: number;
    value: string;
    onChange: (value: string) => void;
}) {
    return (
        <Labelled label={label} hint={hint} wrong={wrong}>
            <input
                type="number"
                className="entry"
                min={least}
                max={most}
                value={value}
                onChange={(event) => onChange(event.target.value)}
            />
        </Labelled>
    );
}

/** Whose work is to be levelled, and on which terms. */
export function StartLevelling({ options, open, onOpen, teams = [] }: Props) {
    const form = useForm<Form>({
        teams,
        first: 'late',
        days: '5',
        most_moves: '',
        least_saving: '',
        bars_peaks: false,
        working: false,
    });
    const { data, errors, setData } = form;
    const tick = (slug: string, on: boolean): void =>
        setData('teams', on ? [...data.teams, slug] : data.teams.filter((one) => one !== slug));
    return (
        <Dialog open={open} onOpenChange={onOpen} title={say('level.press_title')} description={say('level.means')}>
            <DialogForm
                send={say('level.work_out')}
                busy={form.processing}
                onLeave={() => onOpen(false)}
                onSend={() => form.post('/levellings')}
            >
                <fieldset>
                    <legend className="font-medium">{say('level.whose')}</legend>
                    <div className="grid max-h-40 grid-cols-2 gap-x-4 gap-y-1 overflow-auto py-1">
                        <Ticked
                            label={say('level.everybody')}
                            on={data.teams.length === 0}
                            onTick={() => setData('teams', [])}
                        />
                        {options.teams.map((team) => (
                            <Ticked
                                key={team.slug}
                                label={team.name}
                                on={data.teams.includes(team.slug)}
                                onTick={(on) => tick(team.slug, on)}
                            />
                        ))}
                    </div>
                    {errors.teams !== undefined && <p className="text-xs text-brick">{errors.teams}</p>}
                </fieldset>
                <div className="grid grid-cols-2 gap-4">
                    <Labelled label={say('level.within')} wrong={errors.days}>
                        <select
                            className="entry"
                            value={data.days}
                            onChange={(event) => setData('days', event.target.value)}
                        >
                            {options.days.map((days) => (
                                <option key={days} value={days}>
                                    {say('level.days', { days })}
                                </option>
                            ))}
                        </select>
                    </Labelled>
                    <Labelled label={say('level.first')} wrong={errors.first}>
                        <select
                            className="entry"
                            value={data.first}
                            onChange={(event) => setData('first', event.target.value)}
                        >
                            {options.measures.map((measure) => (
                                <option key={measure} value={measure}>
                                    {say(`level.measures.${measure}`)}
                                </option>
                            ))}
                        </select>
                    </Labelled>
                    <Entry
                        label={say('level.most_moves')}
                        hint={say('level.most_moves_hint')}
                        wrong={errors.most_moves}
                        least={1}
                        most={options.mostMoves}
                        value={data.most_moves}
                        onChange={(value) => setData('most_moves', value)}
                    />
                    <Entry
                        label={say('level.least_saving_in', measureSlots())}
                        wrong={errors.least_saving}
                        least={0}
                        most={options.mostSaving}
                        value={data.least_saving}
                        onChange={(value) => setData('least_saving', value)}
                    />
                </div>
                <div className="space-y-1">
                    <Ticked
                        label={say('level.bars_peaks')}
                        on={data.bars_peaks}
                        onTick={(on) => setData('bars_peaks', on)}
                    />
                    <Ticked label={say('level.working')} on={data.working} onTick={(on) => setData('working', on)} />
                </div>
            </DialogForm>
        </Dialog>
    );
}
