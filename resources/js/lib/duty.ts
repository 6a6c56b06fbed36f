import type { DutyDocument, DutyEditorPageProps, DutyTask } from '@props/Duties/DutyEditorPage';
import { keyOf } from './track';

const FORMAT = 'duty/1';

/** A duty of which nothing is guessed but when it begins. */
export function blankDuty(today: string, task: DutyTask | null): DutyDocument {
    return {
        openbaton: FORMAT,
        id: '',
        name: task?.title ?? '',
        task: task ?? {},
        comes: { rule: 'FREQ=WEEKLY', from: today },
        due: '+0 days',
        off_day: 'before',
        still_open: 'add',
        catch_up: 'newest',
    };
}

/** Without what is not said, and with an id where it is new. */
export function dutyToSend(duty: DutyDocument, page: Pick<DutyEditorPageProps, 'duty'>): DutyDocument {
    const said = (values: object): object =>
        Object.fromEntries(
            Object.entries(values).filter(([, value]) => value !== undefined && value !== '' && value !== null),
        );
    return {
        ...(said(duty) as DutyDocument),
        id: page.duty?.slug ?? keyOf(duty.name, [], 'duty'),
        name: duty.name,
        task: said(duty.task) as DutyTask,
        comes: said(duty.comes) as DutyDocument['comes'],
    };
}

/** The same with something else of its task. */
export function withTask(duty: DutyDocument, more: DutyTask): DutyDocument {
    return { ...duty, task: { ...duty.task, ...more } };
}
