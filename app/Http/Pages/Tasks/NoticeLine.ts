/** What happened to a task of somebody's by the doing of others. */
export type NoticeLine = {
    id: string;
    at: string;
    said: string;
    read: boolean;
    taskId: string;
    number: number;
    title: string;
};
