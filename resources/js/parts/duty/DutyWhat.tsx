import type { DutyEditorPageProps, DutyTask } from '@props/Duties/DutyEditorPage';
import { durationOf, fieldOf, minutesOf, offered } from '@/lib/criteria';
import { withTask } from '@/lib/duty';
import type { WrittenDuty } from '@/lib/useDuty';
import { say } from '@/lib/words';
import { CustomerFinder } from '@/parts/Finder';
import { MergedTextControl } from '@/parts/rule/MergedTextControl';
import { WordChoice, WordNumber } from '@/parts/rule/Word';
import { Line } from '@/ui/Line';

/** What a duty makes: the task. */
export function DutyWhat({ page, written }: { page: DutyEditorPageProps; written: WrittenDuty }) {
    const { vocabulary } = page;
    const { task } = written.duty;
    const put = (more: DutyTask, what?: string): void => written.change((before) => withTask(before, more), what);
    const fields = [
        ...page.fields,
        ...offered(vocabulary)
            .filter((field) => field.path.startsWith('customer.'))
            .map((field) => ({ value: field.path, label: field.label })),
    ];
    const text = (of: 'title' | 'details', oneLine: boolean, most: number) => (
        <MergedTextControl
            label={say(`duty.${of}`)}
            value={task[of] ?? ''}
            oneLine={oneLine}
            most={most}
            optional={of === 'details'}
            vocabulary={vocabulary}
            fields={fields}
            onChange={(value) => put({ [of]: value }, of)}
        />
    );
    return (
        <section className="box px-4 py-2" aria-label={say('duty.what')}>
            <h2 className="py-1 font-semibold">{say('duty.what')}</h2>
            <Line word={say('duty.kind')}>
                <WordChoice
                    label={say('duty.kind')}
                    value={task.kind ?? ''}
                    options={fieldOf(vocabulary, 'task.kind')?.options ?? []}
                    onChange={(kind) => put({ kind })}
                />
            </Line>
            <Line word={say('duty.title')}>{text('title', true, 200)}</Line>
            <Line word={say('duty.details')}>{text('details', false, 2000)}</Line>
            <Line word={say('duty.takes')}>
                <WordNumber
                    label={say('duty.minutes')}
                    value={task.estimate === undefined || task.estimate === '' ? null : minutesOf(task.estimate)}
                    onChange={(minutes) => put({ estimate: minutes > 0 ? durationOf(minutes) : '' }, 'estimate')}
                />{' '}
                {say('duty.minutes_or_usual')}
            </Line>
            {vocabulary.checklists.length > 0 && (
                <Line word={say('duty.checklist')}>
                    <WordChoice
                        label={say('duty.checklist')}
                        value={task.checklist ?? 'none'}
                        options={[{ value: 'none', label: say('duty.no_checklist') }, ...vocabulary.checklists]}
                        onChange={(chosen) => put({ checklist: chosen === 'none' ? '' : chosen })}
                    />
                </Line>
            )}
            <Line word={say('duty.customer')}>
                <label className="block max-w-md">
                    <span className="sr-only">{say('duty.customer')}</span>
                    <CustomerFinder
                        value={task.customer ?? ''}
                        label={page.customer ?? ''}
                        onChange={(customer) => put({ customer })}
                    />
                </label>
            </Line>
        </section>
    );
}
