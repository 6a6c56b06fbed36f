/** What somebody is told because it was not their own doing. */
export type NoticeLine = {
    id: string;
    at: string;
    said: string;
    read: boolean;
    /** one of the two at the most; neither: it has no number, and no title unless it is about a customer */
    taskId: string | null;
    caseId: string | null;
    number: number | null;
    title: string | null;
};
