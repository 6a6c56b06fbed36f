import type { MessageWay, WholeMessage } from '../Messages/OutboxPage';
import type { TaskGuide } from '../Guides/GuidesPage';
import type { TaskFiles } from '../Tasks/TaskFiles';
import type { ApprovalLine } from '../Approvals/ApprovalLine';
import type { PersonRef } from '../PersonRef';
import type { RunLine } from '../Runsheets/RunLine';
import type { EntryField, EntryValue } from '../Intake/NewTaskPage';
import type { Option } from '../Rules/Vocabulary';
import type { HistoryPage } from '../Tasks/TaskHistory';
import type { TaskLine } from '../Tasks/TaskLine';
import type { CaseLine } from './CaseLine';

/** What a case waits for, and who is to see to it; task: the one that is to be done. */
export type MissingLine = { what: string; who: PersonRef | null; task: string | null };

export type StageLine = {
    key: string;
    name: string;
    /** of working time that it has stood there; null: never */
    minutes: number | null;
    target: number | null;
    state: 'passed' | 'here' | 'ended' | 'ahead' | 'retired';
    forwards: boolean;
    /** before it can go there */
    missing: MissingLine[];
};

export type CaseField = EntryField & { value: EntryValue; said: string | null };

export type CaseFacts = CaseLine & {
    revision: number;
    trackSlug: string;
    stageKey: string;
    customerSlug: string | null;
    above: { id: string; number: number; title: string } | null;
    claimants: PersonRef[];
    watches: boolean;
    watchers: string[];
    may: { edit: boolean; move: boolean; give: boolean; claim: boolean; pass: boolean; watch: boolean };
};

export type CaseTask = TaskLine & { needed: boolean; holder: PersonRef | null };

export type CasePageProps = {
    case: CaseFacts;
    stages: StageLine[];
    /** to: null: it was to be closed */
    refused: { to: string | null; why: string; missing: MissingLine[] } | null;
    tasks: { stage: string; tasks: CaseTask[] }[];
    below: CaseLine[];
    fields: CaseField[];
    /** that of the stage in which it stands */
    guides: TaskGuide[];
    files: TaskFiles;
    messages: WholeMessage[];
    /** none: they may not */
    writing: MessageWay[];
    approvals: ApprovalLine[];
    runs: RunLine[];
    /** runsheets that whoever looks may start on it */
    sheets: Option[];
    history: HistoryPage;
    people: Option[];
    outcomes: Option[];
};
