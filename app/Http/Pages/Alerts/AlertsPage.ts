import type { Channel } from '../Messages/OutboxPage';
import type { PersonRef } from '../PersonRef';

export type AlertLine = {
    kind: string;
    on: boolean;
    /** percent or minutes; null: it has none */
    threshold: number | null;
    channels: Channel[];
    /** none: all leads */
    people: string[];
    /** where it is seen and put right */
    place: string;
    /** of how much it holds now */
    raised: number;
};

export type AlertsPageProps = { alerts: AlertLine[]; leads: PersonRef[] };
