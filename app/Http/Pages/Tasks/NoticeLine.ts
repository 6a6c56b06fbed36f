/** What somebody is told because it was not their own doing. */
export type NoticeLine = {
    id: string;
    at: string;
    said: string;
    read: boolean;
    /** null, with number and title: it is of no task */
    taskId: string | null;
    number: number | null;
    title: string | null;
};
