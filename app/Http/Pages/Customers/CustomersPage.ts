import type { CaseLine } from '../Cases/CaseLine';
import type { EntryField, EntryValue } from '../Intake/NewTaskPage';
import type { PersonRef } from '../PersonRef';
import type { HistoryPage } from '../Tasks/TaskHistory';
import type { TaskLine } from '../Tasks/TaskLine';
import type { Option } from '../Rules/Vocabulary';

export type CustomerLine = {
    id: string;
    slug: string;
    name: string;
    tier: string | null;
    place: string | null;
    owner: PersonRef | null;
    retired: boolean;
    /** the record that this one went into */
    mergedInto: Option | null;
};

export type CustomerContact = {
    name: string | null;
    role: string | null;
    email: string | null;
    phone: string | null;
};

export type CustomerWhole = CustomerLine & {
    /** grows with every change */
    revision: number;
    tierCode: string | null;
    /** the place that they lie in */
    at: Option | null;
    /** the usual one first */
    contacts: CustomerContact[];
    /** the web form offers them */
    onForm: boolean;
    tags: string[];
    values: Record<string, EntryValue>;
    /** who looked after it, the latest first; from null: since before it was kept; until null: still */
    owners: { person: PersonRef; from: string | null; until: string | null }[];
    history: HistoryPage;
    /** records that went into this one and can be parted from it again */
    merges: { id: string; name: string; at: string }[];
    /** those that are open first */
    cases: CaseLine[];
    tasks: TaskLine[];
};

export type CustomersPageProps = {
    asked: string;
    /** those are shown that are retired */
    retired: boolean;
    customers: CustomerLine[];
    total: number;
    page: number;
    pages: number;
    tiers: Option[];
    fields: EntryField[];
    people: Option[];
    customer: CustomerWhole | null;
};
