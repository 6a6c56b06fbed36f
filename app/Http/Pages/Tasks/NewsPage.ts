import type { Channel } from '../Messages/OutboxPage';
import type { Option } from '../Rules/Vocabulary';
import type { NoticeLine } from './NoticeLine';

/** Channels by sort of news. */
export type NewsChannels = Partial<Record<string, Channel[]>>;

export type NewsChoice = {
    sorts: string[];
    channels: NewsChannels;
    /** what nobody may do without */
    obligatory: NewsChannels;
    quietFrom: string | null;
    quietTo: string | null;
    urgentPasses: boolean;
    /** by which whoever looks can be reached */
    reached: Channel[];
    /** teams to whom what is urgent comes in quiet time, too */
    onCall: string[];
    teams: Option[];
    mayOblige: boolean;
};

export type NewsPageProps = {
    choice: NewsChoice;
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
