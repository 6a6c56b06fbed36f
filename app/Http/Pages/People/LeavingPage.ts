import type { PersonRef } from '../PersonRef';
import type { TaskLine } from '../Tasks/TaskLine';
import type { Option } from '../Rules/Vocabulary';

export type LeavingPageProps = {
    person: PersonRef & { active: boolean };
    today: string;
    /** what they hold, or review */
    tasks: { task: TaskLine; review: boolean }[];
    /** rules that name them */
    rules: { said: string; url: string }[];
    /** where else they are named */
    elsewhere: string[];
    people: Option[];
};
