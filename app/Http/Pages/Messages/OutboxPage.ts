export type Channel = 'mail' | 'chat' | 'text';
export type MessageState = 'held' | 'to_be_sent' | 'sent' | 'failed' | 'given_up' | 'dropped';

export type MessageOf = { id: string; number: number; title: string };

/** A channel by which somebody may write: with how many characters it takes. */
export type MessageWay = { channel: Channel; most: number; toCustomers: boolean };

export type MessageLine = {
    id: number;
    /** whom it is for */
    to: string;
    channel: Channel;
    /** the subject, or how it begins */
    subject: string;
    state: MessageState;
    /** what it is about; one of the two at the most */
    task: MessageOf | null;
    case: MessageOf | null;
    at: string;
    notBefore: string | null;
    sentAt: string | null;
    nextTryAt: string | null;
    /** what the channel has said, or a code */
    problem: string | null;
};

export type WholeMessage = MessageLine & {
    address: string | null;
    text: string;
    mailSubject: string | null;
    /** what it said before it was changed; null: it was not */
    said: string | null;
    /** of its task, that go with it */
    files: { id: string; name: string }[];
    hasSubject: boolean;
    /** characters that its channel takes */
    most: number;
    /** that prepared it, by name */
    rule: string | null;
    /** why it may not be meant any more; null: it is */
    reasonGone: 'closed' | 'no_rule' | 'criteria' | 'date' | null;
    may: { release: boolean; hold: boolean; drop: boolean; edit: boolean };
    steps: { id: number; at: string; step: string; by: string | null; note: string | null }[];
};

export type OutboxPageProps = {
    /** all that goes to customers is held for a look */
    holdsForCustomers: boolean;
    maySettle: boolean;
    filter: Partial<Record<'state' | 'channel' | 'q', string>>;
    rows: MessageLine[];
    counts: Partial<Record<MessageState, number>>;
    total: number;
    page: number;
    pages: number;
    message: WholeMessage | null;
};
