<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\Answer;
use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Absence\CoverStep;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;

it('leaves out substitutes who stand in for other work, and says so', function (): void {
    $repairs = CoverStory::only('femi', ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair']);
    $roster = CoverStory::roster(CoverStory::absence(substitutes: [$repairs, new Substitute('tobias')]));
    $find = static fn(?string $kind): Cover => (new SubstituteFinder($roster))->find(
        'callum',
        Build::at('2026-03-10'),
        $kind === null ? null : Build::facts(['task.kind' => $kind]),
    );
    expect([$find('repair')->personId, $find('quote')->personId, $find(null)->personId])->toBe([
        'femi',
        'tobias',
        'tobias',
    ]);
    expect(
        array_map(
            static fn(CoverStep $step): array => [$step->personId, array_column($step->reasons, 'value')],
            $find('quote')->steps,
        ),
    )->toBe([['callum', ['absent']], ['femi', ['other_work']], ['tobias', []]]);
    expect($find('quote')->covering())->toEqual(new Covering('callum', 'callum-away', [], false, []));
    expect((new SubstituteFinder($roster))->find('femi', Build::at('2026-03-10'))->covering())->toBeNull();
});

it('names who answers for the work that a substitute is limited to, and last for the rest', function (
    array $absences,
    array $expected,
): void {
    $answers = (new SubstituteFinder(CoverStory::roster(...$absences)))->answers('callum', Build::at('2026-03-10'));
    expect(
        array_map(
            static fn(Answer $one): array => [$one->only === null ? 'the rest' : 'some', $one->personId],
            $answers,
        ),
    )->toBe($expected);
})->with(function (): array {
    $repairs = CoverStory::only('femi', ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair']);
    $quotes = CoverStory::only('ayumi', ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']);
    $callum = static fn(Substitute ...$substitutes): Absence => CoverStory::absence(
        substitutes: array_values($substitutes),
    );

    return [
        'two for some, one for the rest' => [
            [$callum($repairs, new Substitute('tobias'), $quotes)],
            [['some', 'femi'], ['some', 'ayumi'], ['the rest', 'tobias']],
        ],
        'nobody is limited' => [[$callum(new Substitute('tobias'), new Substitute('femi'))], [['the rest', 'tobias']]],
        'the lead, for the rest' => [[$callum($repairs)], [['some', 'femi'], ['the rest', 'ayumi']]],
        'one who is away, too' => [
            [
                $callum($repairs, new Substitute('tobias')),
                CoverStory::absence('femi', substitutes: Substitute::forAll('ayumi')),
            ],
            [['some', 'ayumi'], ['the rest', 'tobias']],
        ],
        'one who is away, with nobody else' => [
            [$callum($repairs, new Substitute('tobias')), CoverStory::absence('femi', substitutes: [])],
            [['the rest', 'tobias']],
        ],
        'one who is away, and back to whom they stand in for' => [
            [
                $callum($repairs, new Substitute('tobias')),
                CoverStory::absence('femi', substitutes: Substitute::forAll('callum')),
            ],
            [['some', 'tobias'], ['the rest', 'tobias']],
        ],
        'nobody at all' => [[$callum(), CoverStory::absence('ayumi', substitutes: [])], [['the rest', null]]],
        'not away' => [[], [['the rest', null]]],
    ];
});

it('looks up days seen from now in the criteria of substitutes', function (): void {
    $soon = CoverStory::only('femi', ['field' => 'task.due', 'op' => 'before', 'value' => ['now' => '+2 days']]);
    $roster = CoverStory::roster(CoverStory::absence(substitutes: [$soon, new Substitute('tobias')]));
    $facts = new ChangeFacts($roster, $roster->lookups);
    $find = static function (string $due) use ($roster, $facts): ?string {
        $task = CoverStory::task('t', $due);

        return (new SubstituteFinder($roster))->find(
            'callum',
            Build::at('2026-03-09'),
            $facts->of($task, $task, Build::at('2026-03-09')),
        )->personId;
    };
    expect([$find('2026-03-10 12:00'), $find('2026-03-11 12:00')])->toBe(['femi', 'tobias']);
});
