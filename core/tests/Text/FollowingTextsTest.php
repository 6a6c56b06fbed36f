<?php

declare(strict_types=1);

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\FollowingTexts;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Text\PlainWords;
use OpenBaton\Core\Time\Zone;

function following(?string $title, ?string $details): ?FollowingTexts
{
    $text = static fn(?string $one): ?MergedText => $one === null ? null : MergedText::parse($one);

    return FollowingTexts::of($text($title), $text($details));
}

/** @return array{mixed, mixed} title and details of a call, as they are put by what they follow */
function putBy(?FollowingTexts $texts, string $needed): array
{
    $call = Story::task()
        ->withField('task.title', 'As it was')
        ->withField('task.details', 'As they were')
        ->withField('task.needed', $needed);
    $subject = $texts?->on($call, new Zone('UTC'), new PlainWords(Build::fields())) ?? $call;

    return [$subject->fields['task.title'], $subject->fields['task.details']];
}

it('puts what follows a field, and leaves what follows none', function (
    ?string $title,
    ?string $details,
    array $expected,
): void {
    expect(putBy(following($title, $details), '2026-03-09'))->toBe($expected);
})->with([
    'both' => ['By ~task.needed~', 'It is needed on ~task.needed~.', ['By 2026-03-09', 'It is needed on 2026-03-09.']],
    'the title' => ['By ~task.needed~', null, ['By 2026-03-09', 'As they were']],
    'the details' => [null, 'It is needed on ~task.needed~.', ['As it was', 'It is needed on 2026-03-09.']],
    'neither' => [null, null, ['As it was', 'As they were']],
]);

it('cuts what would be longer than it may be', function (): void {
    [$title, $details] = putBy(
        following(
            '~task.needed~' . str_repeat('ü', TextLimits::NAME),
            '~task.needed~' . str_repeat('ü', TextLimits::DETAILS),
        ),
        '2026-03-09',
    );
    expect([
        mb_strlen((string) $title),
        mb_substr((string) $title, 0, 11),
        mb_strlen((string) $details),
        mb_substr((string) $details, 0, 11),
    ])->toBe([TextLimits::NAME, '2026-03-09ü', TextLimits::DETAILS, '2026-03-09ü']);
});

it('follows no more where somebody has written, and still where nobody has', function (
    string $written,
    array $expected,
): void {
    expect(putBy(following('By ~task.needed~', 'On ~task.needed~')?->without($written), '2026-03-09'))->toBe($expected);
})->with([
    ['task.title', ['As it was', 'On 2026-03-09']],
    ['task.details', ['By 2026-03-09', 'As they were']],
    ['task.count', ['By 2026-03-09', 'On 2026-03-09']],
]);

it('is written and read again', function (?string $title, ?string $details): void {
    $texts = following($title, $details);
    expect(FollowingTexts::read($texts?->write() ?? []))->toEqual($texts);
})->with([
    ['By ~task.needed~', 'On ~task.needed~'],
    ['By ~task.needed~', null],
    [null, 'On ~task.needed~'],
    [null, null],
]);
