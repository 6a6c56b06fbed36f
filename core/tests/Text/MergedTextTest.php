<?php

declare(strict_types=1);

use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Text\PlainWords;

it('fills in what is known, and leaves no hole where it is not', function (
    string $text,
    string $expected,
    array $missing,
): void {
    $facts = Build::facts([
        'task.title' => 'Horn',
        'task.value' => 40_050,
        'task.rush' => true,
        'task.parts' => ['valve', 'pad'],
        'task.kind' => 'repair',
        'task.estimate' => 90,
    ]);
    $merged = MergedText::parse($text);
    expect($merged->fill($facts, new PlainWords(Build::fields())))->toBe($expected);
    expect($merged->missing($facts))->toBe($missing);
    expect($merged->text)->toBe($text);
})->with([
    'a field' => ['Call about ~task.title~', 'Call about Horn', []],
    'several, each as it is said' => [
        '~task.kind~, ~task.value~, ~task.rush~, ~task.parts~, ~task.estimate~',
        'Repair, 400.5, yes, Valve, Pad, PT1H30M',
        [],
    ],
    'missing, with what is said instead' => ['Call ~case.owner|the owner~', 'Call the owner', ['case.owner']],
    'missing, and nothing is said' => ['Call ~case.owner|~ now', 'Call now', ['case.owner']],
    'missing without' => ['Call ~case.owner~', 'Call (Owner of the case not known)', ['case.owner']],
    'twice' => ['~case.owner~ and ~case.owner|x~', '(Owner of the case not known) and x', ['case.owner']],
    'a bar in what is said instead' => ['Call ~case.owner|this|that~', 'Call this|that', ['case.owner']],
    'tildes' => ['about ~~10 for ~task.title~', 'about ~10 for Horn', []],
    'no field' => ['Just call', 'Just call', []],
    'over lines' => ["~task.title~\n\nPlay it", "Horn\n\nPlay it", []],
]);

it('names its fields once, in order', function (): void {
    expect(MergedText::parse('~ task.title ~ ~case.owner|~ ~task.title~')->paths())->toBe(['task.title', 'case.owner']);
});

it('refuses a tilde that stands alone', function (): void {
    expect(static fn(): MergedText => MergedText::parse('about ~10'))->toThrow(InvalidArgumentException::class);
});
