import type { AbsenceLine } from '../Absences/AbsencesPage';
import type { NoticeLine } from '../Tasks/NoticeLine';
import type { PersonRef } from '../PersonRef';
import type { TaskLine } from '../Tasks/TaskLine';

export type MePageProps = {
    person: PersonRef;
    zone: string;
    /** the next two weeks; away: one would work, and is not there */
    days: { date: string; hours: { from: string; to: string }[]; away: boolean }[];
    skills: { name: string; level: number }[];
    attributes: string[];
    /** where one works */
    place: string | null;
    /** weight of their turns in percent */
    teams: { name: string; weight: number }[];
    absences: AbsenceLine[];
    /** what one has in place of others */
    covers: { for: PersonRef; until: string | null; tasks: TaskLine[] }[];
    /** what others have in one's place */
    covered: { task: TaskLine; with: PersonRef | null }[];
    /** what came and went, the latest first */
    notices: NoticeLine[];
    /** secret, of one's own absences as a calendar; null: there is none yet */
    address: string | null;
};
