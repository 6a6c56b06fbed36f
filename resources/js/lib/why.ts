import type { Trail } from '@props/Tasks/TaskView';
import { say } from './words';

/** What one trail says, line by line, in the order in which it was come to. */
function lines(trail: Trail | null): [string, string][] {
    if (trail === null) return [[say('screen.why.rule'), '']];
    return [
        [say('screen.why.rule'), trail.rule?.id ?? ''],
        ...trail.steps.map((step): [string, string] => [
            `${step.count} ${step.label}`,
            step.kept.map((one) => one.slug).join(' '),
        ]),
        [trail.method?.label ?? say('screen.why.person'), trail.method?.code ?? ''],
        [trail.pick?.name ?? say('screen.why.person'), trail.pick?.slug ?? trail.outcome],
        ...trail.heldWith.map((one): [string, string] => [one.name, one.slug]),
        ...trail.effects.flatMap(({ rule, said }) => said.map((one): [string, string] => [one, rule ?? ''])),
    ];
}

/** Where two trails part, in words of the first that says anything there; null: nowhere. */
export function firstDifference(one: Trail | null, other: Trail | null): string | null {
    const [these, those] = [lines(one), lines(other)];
    for (let place = 0; place < Math.max(these.length, those.length); ++place) {
        const [here, there] = [these[place], those[place]];
        if (here?.[0] !== there?.[0] || here?.[1] !== there?.[1]) {
            return here === undefined || there === undefined || here[0] === there[0]
                ? ((here ?? there)?.[0] ?? null)
                : `${here[0]} / ${there[0]}`;
        }
    }
    return null;
}
