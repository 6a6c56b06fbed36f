import type { Channel } from '../Messages/OutboxPage';

export type Audience = 'holder' | 'reviewer' | 'customer' | 'self';

export type ReminderLine = {
    id: string;
    /** that proposes it; null: somebody has set it for themselves */
    kind: { slug: string; name: string } | null;
    task: { id: string; number: number; title: string } | null;
    audience: Audience;
    field: string;
    label: string;
    /** such as "-1 working_days" */
    offset: string;
    time: string | null;
    channels: Channel[];
    text: string | null;
    /** whoever looks does without it */
    muted: boolean;
    mayChange: boolean;
};

export type DateField = { path: string; label: string };

/** What whoever looks will be reminded of on one task. */
export type TaskReminders = {
    muted: boolean;
    lines: (ReminderLine & { at: string | null })[];
    fields: DateField[];
};

export type RemindersPageProps = {
    /** null: whoever looks is nobody who is reminded */
    own: ReminderLine[] | null;
    proposed: ReminderLine[];
    mutedTasks: { id: string; number: number; title: string }[];
    fields: DateField[];
    /** null: they do not say what kinds propose */
    kinds: { slug: string; name: string }[] | null;
    dueSoonMinutes: number;
};
