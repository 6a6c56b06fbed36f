import type { FollowUp } from '@props/RulebookPage';
import { durationOf, minutesOf } from '@/lib/criteria';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';
import { WordChoice, WordNumber, WordText } from './Word';

const PRIORITIES = (['low', 'normal', 'high', 'urgent'] as const).map((value) => ({ value, label: value }));
const UNITS = [
    { value: 'days', label: 'working days' },
    { value: 'hours', label: 'working hours' },
    { value: 'minutes', label: 'working minutes' },
];
const WHOSE = [
    { value: 'house', label: 'of the house' },
    { value: 'assignee', label: 'of the assignee' },
];

type DueIn = Extract<FollowUp, { kind: 'due_in' }>;

function due(amount: number, unit: string, whose: 'house' | 'assignee'): DueIn {
    if (unit === 'days') return { kind: 'due_in', working_days: amount, hours_of: whose };
    return { kind: 'due_in', working_time: durationOf(unit === 'hours' ? amount * 60 : amount), hours_of: whose };
}

function DueEditor({ one, onChange }: { one: DueIn; onChange: (next: FollowUp) => void }) {
    const minutes = one.working_time === undefined ? null : minutesOf(one.working_time);
    const unit = minutes === null ? 'days' : minutes % 60 === 0 ? 'hours' : 'minutes';
    const amount = minutes === null ? (one.working_days ?? 1) : unit === 'hours' ? minutes / 60 : minutes;
    const whose = one.hours_of ?? 'house';
    return (
        <>
            make it due in <WordNumber label="Due in" value={amount} onChange={(next) => onChange(due(next, unit, whose))} />{' '}
            <WordChoice label="Unit" value={unit} options={UNITS} onChange={(next) => onChange(due(amount, next, whose))} />{' '}
            <WordChoice label="Whose working time" value={whose} options={WHOSE} onChange={(next) => onChange(due(amount, unit, next === 'assignee' ? 'assignee' : 'house'))} />
        </>
    );
}

function One({ one, onChange }: { one: FollowUp; onChange: (next: FollowUp) => void }) {
    switch (one.kind) {
        case 'due_in':
            return <DueEditor one={one} onChange={onChange} />;
        case 'priority':
            return (
                <>
                    set the priority to <WordChoice label="Priority" value={one.priority} options={PRIORITIES} onChange={(next) => onChange({ kind: 'priority', priority: PRIORITIES.find((each) => each.value === next)?.value ?? 'normal' })} />
                </>
            );
        case 'tag':
            return (
                <>
                    tag it <WordText label="Tag" value={one.tag} onChange={(tag) => onChange({ kind: 'tag', tag })} />
                </>
            );
    }
}

export function FollowUpsEditor({ followUps, onChange }: { followUps: FollowUp[]; onChange: (next: FollowUp[]) => void }) {
    return (
        <>
            {followUps.map((one, index) => (
                <div key={index}>
                    <One one={one} onChange={(next) => onChange(followUps.map((each, at) => (at === index ? next : each)))} />
                    <Button look="quiet" className="min-h-6 text-ink2" aria-label="take out this follow-up" onClick={() => onChange(followUps.filter((_, at) => at !== index))}>
                        take out
                    </Button>
                </div>
            ))}
            <Menu
                trigger={<Button look="quiet">Add a follow-up</Button>}
                items={[
                    { label: 'A due date', run: () => onChange([...followUps, { kind: 'due_in', working_days: 3, hours_of: 'house' }]) },
                    { label: 'A priority', run: () => onChange([...followUps, { kind: 'priority', priority: 'high' }]) },
                    { label: 'A tag', run: () => onChange([...followUps, { kind: 'tag', tag: '' }]) },
                ]}
            />
        </>
    );
}
