import type { Channel } from './OutboxPage';

export type StandInPageProps = {
    channel: Channel;
    behaviour: string;
    behaviours: string[];
    /** what it has taken, the latest first */
    posts: { id: number; address: string; subject: string | null; text: string; at: string }[];
};
