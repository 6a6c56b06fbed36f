import { useSending } from '@/lib/useSending';
import { router } from '@inertiajs/react';
import type { PeoplePageProps, PersonLine } from '@props/People/PeoplePage';
import { useState, type ReactNode } from 'react';
import { ask } from '@/lib/ask';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { PlaceFinder } from '@/parts/Finder';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { SelectEntry } from '@/ui/SelectEntry';

type Props = Pick<PeoplePageProps, 'teams' | 'skills' | 'zones'> & {
    people: PersonLine[];
    onClose: () => void;
};
type Change = {
    what: string;
    percent: number;
    tasks: number | '';
    zone: string;
    team: string;
    weight: number;
    skill: string;
    level: number;
    attribute: string;
    place: string;
};

function Amount({
    label,
    value,
    least,
    most,
    onChange,
}: {
    label: string;
    value: number | '';
    least: number;
    most: number;
    onChange: (value: number | '') => void;
}) {
    return (
        <Labelled label={label}>
            <input
                type="number"
                className="entry w-28"
                min={least}
                max={most}
                value={value}
                onChange={(event) => onChange(event.target.value === '' ? '' : Number(event.target.value))}
            />
        </Labelled>
    );
}

type EntriesProps = Omit<Props, 'people' | 'onClose'> & { change: Change; set: (changes: Partial<Change>) => void };

/** What is asked beside the kind of change, by its code. */
const ENTRIES: Record<string, (props: EntriesProps) => ReactNode> = {
    join: ({ change, set, teams }) => (
        <>
            <SelectEntry
                label={say('people.team')}
                value={change.team}
                options={teams}
                onChange={(team) => set({ team })}
            />
            <Amount
                label={say('people.weight')}
                value={change.weight}
                least={1}
                most={1000}
                onChange={(weight) => set({ weight: Number(weight) })}
            />
        </>
    ),
    leave: ({ change, set, teams }) => (
        <SelectEntry
            label={say('people.team')}
            value={change.team}
            options={teams}
            onChange={(team) => set({ team })}
        />
    ),
    skill: ({ change, set, skills }) => (
        <>
            <SelectEntry
                label={say('people.skill')}
                value={change.skill}
                options={skills}
                onChange={(skill) => set({ skill })}
            />
            <SelectEntry
                label={say('people.level')}
                value={String(change.level)}
                options={['0', '1', '2', '3'].map((one) => ({
                    value: one,
                    label: one === '0' ? say('people.no_level') : one,
                }))}
                onChange={(level) => set({ level: Number(level) })}
            />
        </>
    ),
    attribute: ({ change, set }) => (
        <>
            <Labelled label={say('people.attribute')}>
                <input
                    className="entry"
                    maxLength={60}
                    value={change.attribute}
                    onChange={(event) => set({ attribute: event.target.value })}
                />
            </Labelled>
            <SelectEntry
                label={say('people.attribute_how')}
                value={change.level === 0 ? '0' : '1'}
                options={['1', '0'].map((one) => ({
                    value: one,
                    label: say(one === '1' ? 'people.attribute_on' : 'people.attribute_off'),
                }))}
                onChange={(level) => set({ level: Number(level) })}
            />
        </>
    ),
    place: ({ change, set }) => (
        <Labelled label={say('people.place')} hint={say('people.no_place_hint')}>
            <PlaceFinder value={change.place} onChange={(place) => set({ place })} />
        </Labelled>
    ),
    percent: ({ change, set }) => (
        <Amount
            label={say('people.percent')}
            value={change.percent}
            least={1}
            most={100}
            onChange={(percent) => set({ percent: Number(percent) })}
        />
    ),
    tasks: ({ change, set }) => (
        <Amount
            label={say('people.most_open')}
            value={change.tasks}
            least={1}
            most={1000}
            onChange={(tasks) => set({ tasks })}
        />
    ),
    zone: ({ change, set, zones }) => (
        <SelectEntry
            label={say('people.zone')}
            value={change.zone}
            options={zones.map((one) => ({ value: one, label: one }))}
            onChange={(zone) => set({ zone })}
        />
    ),
};

function ChangeEntries(props: EntriesProps) {
    return ENTRIES[props.change.what]?.(props) ?? null;
}

/** One change of several people, who are named before it is made. */
export function ChangeDialog({ people, teams, skills, zones, onClose }: Props) {
    const [change, setChange] = useState<Change>({
        what: 'join',
        percent: 80,
        tasks: '',
        zone: zones[0] ?? '',
        team: teams[0]?.value ?? '',
        weight: 100,
        skill: skills[0]?.value ?? '',
        level: 1,
        attribute: '',
        place: '',
    });
    const { busy, faults, send: attempt } = useSending();
    const set = (changes: Partial<Change>): void => setChange((now) => ({ ...now, ...changes }));
    const send = (): void =>
        void attempt(async () => {
            await ask('POST', '/people/change', JSON.stringify({ people: people.map((one) => one.slug), ...change }));
            router.reload();
            onClose();
        });
    const { what } = change;
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say('people.change_title', { count: people.length })}
            description={people.map((one) => one.name).join(', ')}
        >
            <DialogForm
                busy={busy}
                send={say('people.change_send', { count: people.length })}
                onLeave={onClose}
                onSend={send}
            >
                <SelectEntry
                    label={say('people.what')}
                    value={what}
                    options={Object.keys(ENTRIES).map((one) => ({ value: one, label: say(`people.whats.${one}`) }))}
                    onChange={(next) => set({ what: next })}
                />
                <ChangeEntries change={change} set={set} teams={teams} skills={skills} zones={zones} />
                <FaultList faults={faults} />
            </DialogForm>
        </Dialog>
    );
}
