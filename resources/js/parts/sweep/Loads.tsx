import type { SweepLoad } from '@props/Sweeps/SweepRunPage';
import { say } from '@/lib/words';

const percent = (value: number | null): string =>
    value === null ? say('screen.sweeps.no_time') : say('screen.sweeps.percent', { percent: value });

/** Whose load changes, before and after. */
export function Loads({ loads, leftOut }: { loads: SweepLoad[]; leftOut: number }) {
    if (loads.length === 0) return null;
    return (
        <section>
            <h2 className="mb-1 text-base font-semibold">{say('screen.sweeps.loads')}</h2>
            <table className="w-full text-start">
                <thead className="text-xs text-ink2">
                    <tr>
                        <th scope="col" className="py-1 text-start font-normal">
                            {say('screen.sweeps.person')}
                        </th>
                        <th scope="col" className="py-1 text-end font-normal">
                            {say('screen.sweeps.open')}
                        </th>
                        <th scope="col" className="py-1 text-end font-normal">
                            {say('screen.sweeps.load')}
                        </th>
                    </tr>
                </thead>
                <tbody className="tabular-nums">
                    {loads.map((one) => (
                        <tr key={one.slug} className="border-t border-line align-top">
                            <th scope="row" className="py-1 text-start font-medium">
                                {one.name}
                            </th>
                            <td className="py-1 text-end">
                                {one.tasksBefore} → {one.tasksAfter}
                            </td>
                            <td className="py-1 text-end">
                                {percent(one.before)} →{' '}
                                <span className={(one.after ?? 0) > 100 ? 'font-medium text-brick' : ''}>
                                    {percent(one.after)}
                                </span>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {leftOut > 0 && <p className="mt-1 text-xs text-ink2">{say('screen.sweeps.with_left_out')}</p>}
        </section>
    );
}
