import type { NoticeLine } from './NoticeLine';

export type NewsPageProps = {
    /** a page of them, the latest first */
    notices: NoticeLine[];
    /** only those that were not read */
    unread: boolean;
    /** they were handed out before this one; null: the latest */
    before: string | null;
    /** the last of the page, where there are earlier ones */
    earlier: string | null;
    unreadInAll: number;
    /** the id of the last that was handed out */
    latest: string | null;
};
