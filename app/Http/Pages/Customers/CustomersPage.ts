import type { EntryField, EntryValue } from '../Intake/NewTaskPage';
import type { PersonRef } from '../PersonRef';
import type { TaskLine } from '../Tasks/TaskLine';
import type { Option } from '../Rules/Vocabulary';

export type CustomerLine = {
    id: string;
    slug: string;
    name: string;
    tier: string;
    place: string | null;
    owner: PersonRef | null;
};

export type CustomersPageProps = {
    asked: string;
    customers: CustomerLine[];
    total: number;
    page: number;
    pages: number;
    fields: EntryField[];
    people: Option[];
    customer:
        | (CustomerLine & {
              contact: string | null;
              /** the web form offers them */ onForm: boolean;
              values: Record<string, EntryValue>;
              tasks: TaskLine[];
          })
        | null;
};
