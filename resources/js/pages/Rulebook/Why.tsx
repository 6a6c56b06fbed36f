import { Head, router } from '@inertiajs/react';
import type { Answer, CriteriaTree, WhyPageProps, WhySide } from '@props/Rules/WhyPage';
import type { ReactElement } from 'react';
import { useFormats } from '@/lib/format';
import { firstDifference } from '@/lib/why';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { ReasonTrail } from '@/parts/ReasonTrail';
import { TaskFinder } from '@/parts/TaskFinder';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';

type Asked = { task: string | null; made: string | null; rule: string | null; person: string | null };

function look(asked: Asked): void {
    const query = new URLSearchParams(
        Object.entries(asked).filter((one): one is [string, string] => one[1] !== null && one[1] !== ''),
    );
    router.get(`/rulebook/why?${query.toString()}`, {}, { preserveState: true, preserveScroll: true });
}

/** What is asked about: a task, a rule, a person. */
function Question({ task, made, rule, person, rules, people }: WhyPageProps) {
    const asked: Asked = { task: task?.id ?? null, made: made?.document ?? null, rule, person };
    return (
        <div className="grid grid-cols-3 gap-4 border-b border-line bg-paper px-5 py-3">
            <div className="flex flex-col gap-1">
                <span className="font-medium">{say('screen.why.task')}</span>
                {task === null && made !== null && (
                    <p className="flex items-baseline gap-2">
                        <span className="min-w-0 truncate">
                            {say('screen.why.made', { kind: made.kind, title: made.title })}
                        </span>
                        <Button look="quiet" className="min-h-6" onClick={() => look({ ...asked, made: null })}>
                            {say('screen.why.another')}
                        </Button>
                    </p>
                )}
                {task === null && made === null && (
                    <TaskFinder
                        inputId="why-task"
                        label={say('screen.why.task')}
                        placeholder={say('screen.why.find')}
                        className="entry w-full"
                        side="left"
                        onChoose={({ id }) => look({ ...asked, task: id })}
                    />
                )}
                {task !== null && (
                    <p className="flex items-baseline gap-2">
                        <a className="min-w-0 truncate text-sky underline" href={`/tasks/${task.id}`}>
                            № <span className="font-mono">{task.number}</span> {task.title}
                        </a>
                        <Button look="quiet" className="min-h-6" onClick={() => look({ ...asked, task: null })}>
                            {say('screen.why.another')}
                        </Button>
                    </p>
                )}
            </div>
            <Labelled label={say('screen.why.rule')}>
                <PersonChoice
                    people={rules}
                    first={[{ value: '', label: say('screen.why.all_rules') }]}
                    value={rule ?? ''}
                    onChange={(next) => look({ ...asked, rule: next })}
                />
            </Labelled>
            <Labelled label={say('screen.why.person')}>
                <PersonChoice
                    people={people}
                    first={[{ value: '', label: say('screen.why.nobody') }]}
                    value={person ?? ''}
                    onChange={(next) => look({ ...asked, person: next })}
                />
            </Labelled>
        </div>
    );
}

const GROUPS = { all: 'screen.why.all', any: 'screen.why.any', none: 'screen.why.none' } as const;

const SIDES = {
    published: 'screen.why.published',
    draft: 'screen.why.draft',
    then: 'screen.why.then',
} as const;

function Tree({ tree }: { tree: CriteriaTree }): ReactElement {
    const holds = (
        <strong className={tree.holds ? 'text-pine' : 'text-brick'}>
            {say(tree.holds ? 'screen.why.holds' : 'screen.why.fails')}
        </strong>
    );
    if (tree.kind === null) {
        return (
            <li>
                {holds} {tree.asks}
                {!tree.holds && <span className="text-ink2">, {say('screen.why.seen', { seen: tree.seen })}</span>}
            </li>
        );
    }
    return (
        <li>
            {holds} {say(tree.parts.length === 0 ? 'screen.why.everything' : GROUPS[tree.kind])}
            {tree.parts.length > 0 && (
                <ul className="ms-2 border-s border-line ps-3">
                    {tree.parts.map((part, index) => (
                        <Tree key={index} tree={part} />
                    ))}
                </ul>
            )}
        </li>
    );
}

function Answers({ answers, person }: { answers: Answer[]; person: string }) {
    return (
        <section className="border-s-2 border-sky ps-3">
            <h3 className="font-semibold">{say('screen.why.about', { person })}</h3>
            <ul className="space-y-1">
                {answers.map((one, index) => (
                    <li key={index}>
                        {one.rule !== null && <strong>{one.rule}: </strong>}
                        {one.said}{' '}
                        {one.needs !== null && (
                            <span className="text-ink2">{say('screen.why.needs', { needs: one.needs })}</span>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}

function Side({ side, person, rule }: { side: WhySide; person: string; rule: string | null }) {
    const formats = useFormats();
    const title = say(SIDES[side.code], {
        version: side.version,
        moment: side.trail === null ? '' : formats.moment(side.trail.at),
    });
    // Of what is tried the criteria say it.
    const verdict = side.code === 'then' ? side.trail?.verdicts.find((one) => one.rule === rule) : undefined;
    return (
        <section className="min-w-0 space-y-3 bg-paper p-4">
            <h2 className="text-base font-semibold">{title}</h2>
            {side.trail === null ? (
                <p className="text-ink2">{say('screen.why.no_rule')}</p>
            ) : (
                <>
                    {side.waits !== null && <p>{say('screen.why.waits', { events: side.waits })}</p>}
                    {side.before !== null && (
                        <p className="text-ochre">{say('screen.why.before', { rule: side.before })}</p>
                    )}
                    {side.answers !== null && <Answers answers={side.answers} person={person} />}
                    {side.criteria !== null && (
                        <section>
                            <h3 className="font-semibold">{say('screen.why.criteria')}</h3>
                            <ul>
                                <Tree tree={side.criteria} />
                            </ul>
                        </section>
                    )}
                    {verdict !== undefined && <p>{say('screen.why.verdict', { sentence: verdict.sentence })}</p>}
                    <ReasonTrail trail={side.trail} tried={side.code !== 'then'} label={title} />
                </>
            )}
        </section>
    );
}

/** Why a task is with somebody and not with another, and what the rules would do with it now. */
export default function Why(page: WhyPageProps) {
    const { sides, people } = page;
    const person = people.find((one) => one.value === page.person)?.label ?? '';
    const trails = sides.filter((one) => one.code !== 'then').flatMap(({ trail }) => (trail === null ? [] : [trail]));
    const [published, draft] = trails;
    const differ = published === undefined || draft === undefined ? undefined : firstDifference(published, draft);
    return (
        <div className="flex h-full flex-col">
            <Head title={say('screen.why.why')} />
            <h1 className="px-5 py-3 text-xl font-semibold">{say('screen.why.why')}</h1>
            <Question {...page} />
            <div className="min-h-0 flex-1 overflow-auto">
                {page.task === null && page.made === null && (
                    <p className="p-5 text-ink2">
                        {say('screen.why.choose')}{' '}
                        <a className="text-sky underline" href="/tasks/new">
                            {say('screen.why.make_up')}
                        </a>
                    </p>
                )}
                {differ !== undefined && (
                    <p className="px-5 py-2" role="status">
                        {differ === null ? say('screen.why.alike') : say('screen.why.differ', { at: differ })}
                    </p>
                )}
                <div className="grid auto-cols-fr grid-flow-col gap-px bg-line">
                    {sides.map((side) => (
                        <Side key={side.code} side={side} person={person} rule={page.rule} />
                    ))}
                </div>
            </div>
        </div>
    );
}
