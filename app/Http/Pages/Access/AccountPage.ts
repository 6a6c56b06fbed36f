import type { Option } from '../Rules/Vocabulary';

/** name: what the session is called where others may see it */
export type SessionLine = {
    name: string;
    here: boolean;
    browser: string | null;
    system: string | null;
    ip: string | null;
    at: string;
};

/** locale: the tag of BCP 47 that is in use */
export type AccountPageProps = { email: string; locale: string; locales: Option[]; sessions: SessionLine[] };

export type InvitationPageProps = {
    /** null: the link is no longer good, or never was */
    invited: { name: string; email: string; address: string } | null;
};
