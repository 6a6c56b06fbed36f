import type { RolloutDocument, RolloutEditorPageProps } from '@props/Rollouts/RolloutEditorPage';
import { durationOf, fieldOf, minutesOf } from '@/lib/criteria';
import { say } from '@/lib/words';
import { MergedTextControl } from '@/parts/rule/MergedTextControl';
import { WordChoice, WordNumber } from '@/parts/rule/Word';
import { DayEntry } from '@/ui/DayEntry';
import { Line } from '@/ui/Line';

type Props = {
    page: RolloutEditorPageProps;
    rollout: RolloutDocument;
    onChange: (more: Partial<RolloutDocument>, what?: string) => void;
};

/** Whose it is, by who answers for the node. */
function Answers({
    word,
    of,
    none,
    page,
    rollout,
    onChange,
}: Props & { word: string; of: 'holder' | 'reviewer'; none: string }) {
    return (
        <Line word={word}>
            <WordChoice
                label={word}
                value={rollout[of] === undefined || rollout[of] === '' ? ' ' : rollout[of]}
                options={[
                    ...(page.attributes[rollout.tree] ?? []).map((value) => ({
                        value,
                        label: say(`rollout.attribute.${value}`),
                    })),
                    { value: ' ', label: none },
                ]}
                onChange={(value) => onChange({ [of]: value === ' ' ? '' : value })}
            />
        </Line>
    );
}

/** From when until when. */
function Days({ rollout, onChange }: Pick<Props, 'rollout' | 'onChange'>) {
    return (
        <>
            <Line word={say('rollout.start')}>
                <span className="flex flex-wrap items-center gap-3">
                    <DayEntry
                        aria-label={say('rollout.start')}
                        value={rollout.start ?? ''}
                        onChange={(start) => onChange(start === '' ? { start, hidden: false } : { start })}
                    />
                    <label className="flex items-center gap-2">
                        <input
                            type="checkbox"
                            disabled={rollout.start === undefined || rollout.start === ''}
                            checked={rollout.hidden === true}
                            onChange={(event) => onChange({ hidden: event.target.checked })}
                        />
                        {say('rollout.hidden')}
                    </label>
                </span>
            </Line>
            <Line word={say('rollout.due')}>
                <DayEntry
                    aria-label={say('rollout.due')}
                    value={rollout.due ?? ''}
                    onChange={(due) => onChange({ due })}
                />
            </Line>
        </>
    );
}

/** What each of the nodes gets. */
export function TaskOfEach({ page, rollout, onChange }: Props) {
    const { vocabulary } = page;
    const text = (of: 'title' | 'details', oneLine: boolean, most: number) => (
        <MergedTextControl
            label={say(of === 'title' ? 'rollout.title_word' : 'rollout.details')}
            value={rollout[of] ?? ''}
            oneLine={oneLine}
            most={most}
            optional={of === 'details'}
            vocabulary={vocabulary}
            fields={page.fields}
            onChange={(value) => onChange({ [of]: value }, of)}
        />
    );
    return (
        <section className="box px-4 py-2" aria-label={say('rollout.task')}>
            <h2 className="py-1 font-semibold">{say('rollout.task')}</h2>
            <Line word={say('duty.kind')}>
                <WordChoice
                    label={say('duty.kind')}
                    value={rollout.task_kind ?? ''}
                    options={fieldOf(vocabulary, 'task.kind')?.options ?? []}
                    onChange={(kind) => onChange({ task_kind: kind })}
                />
            </Line>
            <Line word={say('rollout.title_word')}>{text('title', true, 200)}</Line>
            <Line word={say('rollout.details')}>{text('details', false, 2000)}</Line>
            <Answers
                word={say('rollout.answers')}
                of="holder"
                none={say('rollout.by_rules')}
                page={page}
                rollout={rollout}
                onChange={onChange}
            />
            <Answers
                word={say('rollout.reviewer')}
                of="reviewer"
                none={say('rollout.no_reviewer')}
                page={page}
                rollout={rollout}
                onChange={onChange}
            />
            <Days rollout={rollout} onChange={onChange} />
            <Line word={say('rollout.takes')}>
                <WordNumber
                    label={say('rollout.minutes')}
                    value={
                        rollout.estimate === undefined || rollout.estimate === '' ? null : minutesOf(rollout.estimate)
                    }
                    onChange={(minutes) => onChange({ estimate: minutes > 0 ? durationOf(minutes) : '' }, 'estimate')}
                />{' '}
                {say('rollout.or_usual')}
            </Line>
            {vocabulary.checklists.length > 0 && (
                <Line word={say('rollout.checklist')}>
                    <WordChoice
                        label={say('rollout.checklist')}
                        value={rollout.checklist === undefined || rollout.checklist === '' ? 'none' : rollout.checklist}
                        options={[{ value: 'none', label: say('rollout.no_checklist') }, ...vocabulary.checklists]}
                        onChange={(chosen) => onChange({ checklist: chosen === 'none' ? '' : chosen })}
                    />
                </Line>
            )}
        </section>
    );
}
