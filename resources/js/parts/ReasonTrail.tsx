import clsx from 'clsx';
import type { PersonRef } from '@props/PersonRef';
import type { EffectsOfRule, Trail } from '@props/Tasks/TaskView';
import type { ReactNode } from 'react';
import { useFormats } from '@/lib/format';
import { leftOut } from '@/lib/reasons';
import { PersonName } from './PersonMark';
import { Way } from './TrailWay';
import { say, sayWith } from '@/lib/words';

/** Who stands in for whom, and who was asked on the way. */
function StandIn({ cover }: { cover: NonNullable<Trail['cover']> }) {
    const named = cover.for?.name ?? '';
    return (
        <div className="border-s-2 border-plum ps-3">
            <p>
                {cover.person === null
                    ? say('screen.reason_trail.nobody_stands_in', { person: named })
                    : say('screen.reason_trail.stands_in', {
                          substitute: cover.person.name,
                          person: named,
                          lead: String(cover.byLead),
                      })}
                {cover.circle && ` ${say('screen.reason_trail.circle')}`}
            </p>
            <ul className="text-ink2">
                {cover.asked.map((person) => (
                    <li key={person.slug}>
                        {person.name}: {person.reason}
                    </li>
                ))}
            </ul>
        </div>
    );
}

type Row = PersonRef & { note: ReactNode; picked?: boolean };

/** People with a note each. */
function PeopleTable({ caption, rows }: { caption: string; rows: Row[] }) {
    if (rows.length === 0) return null;
    return (
        <table className="w-full text-start">
            <caption className="pb-1 text-start font-semibold">{caption}</caption>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.slug} className="border-t border-line align-top">
                        <th
                            scope="row"
                            className={clsx(
                                'w-44 py-1 pe-3',
                                row.picked === true ? 'font-semibold text-pine' : 'font-normal',
                            )}
                        >
                            <PersonName slug={row.slug} name={row.name} />
                        </th>
                        <td className="py-1 text-ink2">
                            {row.note}
                            {row.picked === true && (
                                <strong className="text-pine"> {say('screen.reason_trail.picked')}</strong>
                            )}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

/** What every rule came to. */
function Verdicts({ verdicts }: Pick<Trail, 'verdicts'>) {
    return (
        <details>
            <summary className="cursor-pointer font-semibold text-sky">
                {say('screen.reason_trail.what_every_rule_came')}
            </summary>
            <ol className="mt-1">
                {verdicts.map((verdict) => (
                    <li key={verdict.rule} className="border-t border-line py-1">
                        <span
                            className={
                                verdict.verdict === 'decided'
                                    ? 'font-semibold text-pine'
                                    : verdict.verdict === 'not_reached'
                                      ? 'text-ink2'
                                      : ''
                            }
                        >
                            {verdict.name}
                        </span>
                        <br />
                        <span className="text-ink2">{verdict.sentence}</span>
                    </li>
                ))}
            </ol>
        </details>
    );
}

/** What rules did besides, each named that is not the one which decided. */
export function Effects({ effects, by }: { effects: EffectsOfRule[]; by: string | null }) {
    return effects.map((one, place) => (
        <p key={place}>
            {one.rule === null || one.rule === by
                ? say('screen.reason_trail.then', { effects: one.said.join(' · ') })
                : sayWith('screen.reason_trail.then_by', {
                      effects: one.said.join(' · '),
                      rule: (
                          <strong key="rule" className="font-medium">
                              {one.rule}
                          </strong>
                      ),
                  })}
        </p>
    ));
}

/** Why this person and nobody else; of what is only tried out, without when and by which version. */
export function ReasonTrail({
    trail,
    tried = false,
    label = say('screen.reason_trail.reason_trail'),
}: {
    trail: Trail;
    tried?: boolean;
    label?: string;
}) {
    const formats = useFormats();
    const excluded = leftOut(trail.steps);
    const pool = trail.steps.find((step) => step.code === 'pool');
    const outside = pool === undefined ? 0 : trail.house - pool.count;
    const compared = trail.method === null || trail.method.code === 'same_person' ? [] : trail.method.candidates;
    return (
        <section aria-label={label} className="space-y-3">
            <p className="text-xs text-ink2" hidden={tried}>
                {trail.rule === null
                    ? say('screen.reason_trail.decided', { moment: formats.moment(trail.at), version: trail.version })
                    : sayWith('screen.reason_trail.decided_by', {
                          moment: formats.moment(trail.at),
                          version: trail.version,
                          rule: (
                              <strong key="rule" className="text-ink">
                                  {trail.rule.name}
                              </strong>
                          ),
                      })}
                {trail.seat === 'reviewer' && ` ${say('screen.reason_trail.about_review')}`}
                {trail.late !== null && ` ${say('screen.reason_trail.late', { late: trail.late })}`}
            </p>
            {tried && trail.rule !== null && <p className="font-semibold">{trail.rule.name}</p>}
            <Way trail={trail} />
            {trail.otherwise !== null && <p>{trail.otherwise}</p>}
            {trail.cover !== null && <StandIn cover={trail.cover} />}
            <PeopleTable
                caption={say('screen.reason_trail.who_was_compared_and')}
                rows={compared.map((one) => ({
                    slug: one.slug,
                    name: one.name,
                    note: one.figures,
                    picked: one.picked,
                }))}
            />
            <PeopleTable
                caption={say('screen.reason_trail.who_was_left_out')}
                rows={excluded.map((one) => ({ slug: one.slug, name: one.name, note: one.reason }))}
            />
            {outside > 0 && (
                <p className="text-xs text-ink2">{say('screen.reason_trail.outside', { count: outside })}</p>
            )}
            <Effects effects={trail.effects} by={trail.rule?.name ?? null} />
            <Verdicts verdicts={trail.verdicts} />
        </section>
    );
}
