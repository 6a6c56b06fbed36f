<?php

declare(strict_types=1);

use OpenBaton\Core\Document\TextLimits;
use Tests\Support\House;

/** @param array<string, mixed> $changes of a rule, in which TEXT stands for the text that is sent */
function longRule(array $changes): Closure
{
    return static fn(string $text): array => [
        'revision' => 1,
        'rules' => [
            array_map(static fn(mixed $value): mixed => $value === 'TEXT' ? $text : $value, $changes) +
            House::roundRule(),
        ],
    ];
}

/**
 * @return array<string, array{string, string, Closure(string): array<string, mixed>, int}> method, address, what is
 *     sent with a text, and how long that may be
 */
function longTexts(): array
{
    return [
        'a title' => [
            'POST',
            '/tasks',
            static fn(string $text): array => ['title' => $text, 'kind' => 'bench-repair'],
            TextLimits::TITLE,
        ],
        'a description' => [
            'POST',
            '/tasks',
            static fn(string $text): array => ['title' => 'T', 'kind' => 'bench-repair', 'description' => $text],
            TextLimits::DETAILS,
        ],
        'a contact' => [
            'POST',
            '/tasks',
            static fn(string $text): array => ['title' => 'T', 'kind' => 'bench-repair', 'contact' => $text],
            TextLimits::TITLE,
        ],
        'a tag' => [
            'POST',
            '/tasks',
            static fn(string $text): array => ['title' => 'T', 'kind' => 'bench-repair', 'tags' => [$text]],
            TextLimits::TAG,
        ],
        'a comment' => [
            'POST',
            '/tasks/{task}/comment',
            static fn(string $text): array => ['body' => $text],
            TextLimits::PROSE,
        ],
        'why it waits' => [
            'POST',
            '/tasks/{task}/wait',
            static fn(string $text): array => ['reason' => $text],
            TextLimits::NAME,
        ],
        'why it is handed on' => [
            'POST',
            '/tasks/{task}/hand-on',
            static fn(string $text): array => ['to' => 'tobias', 'reason' => $text],
            TextLimits::REASON,
        ],
        'why it is dropped' => [
            'POST',
            '/tasks/{task}/drop',
            static fn(string $text): array => ['reason' => $text],
            TextLimits::REASON,
        ],
        'a note when it is done' => [
            'POST',
            '/tasks/{task}/complete',
            static fn(string $text): array => ['note' => $text],
            TextLimits::PROSE,
        ],
        'a place' => ['POST', '/places', static fn(string $text): array => ['name' => $text], TextLimits::NAME],
        'a person' => [
            'POST',
            '/people',
            static fn(string $text): array => ['document' => ['name' => $text]],
            TextLimits::NAME,
        ],
        'a team' => [
            'PUT',
            '/roster/teams',
            static fn(string $text): array => ['document' => ['name' => $text, 'members' => []]],
            TextLimits::NAME,
        ],
        'a skill' => [
            'PUT',
            '/roster/skills',
            static fn(string $text): array => ['document' => ['name' => $text]],
            TextLimits::NAME,
        ],
        'a note on an absence' => [
            'POST',
            '/absences',
            static fn(string $text): array => [
                'person' => 'callum',
                'kind' => 'leave',
                'days' => true,
                'first' => '2026-03-16',
                'last' => '2026-03-17',
                'note' => $text,
            ],
            TextLimits::NOTE,
        ],
        'why nothing is taken' => [
            'POST',
            '/people/callum/pause',
            static fn(string $text): array => ['until' => '2026-03-05T10:00:00Z', 'reason' => $text],
            TextLimits::NAME,
        ],
        'a kind' => [
            'POST',
            '/house/kinds',
            static fn(string $text): array => ['name' => $text, 'minutes' => 5],
            TextLimits::LABEL,
        ],
        'a guide' => [
            'POST',
            '/guides',
            static fn(string $text): array => ['name' => 'K', 'seen' => 0, 'text' => $text],
            TextLimits::GUIDE,
        ],
        'a field' => [
            'POST',
            '/house/fields',
            static fn(string $text): array => ['of' => 'task', 'label' => $text, 'type' => 'text'],
            TextLimits::LABEL,
        ],
        'a checklist' => [
            'POST',
            '/house/checklists',
            static fn(string $text): array => ['name' => $text, 'items' => ['x']],
            TextLimits::LABEL,
        ],
        'an item of one' => [
            'POST',
            '/house/checklists',
            static fn(string $text): array => ['name' => 'C', 'items' => [$text]],
            TextLimits::NAME,
        ],
        'a name at the stand-in' => [
            'POST',
            '/stand-ins/personnel',
            static fn(string $text): array => [
                'name' => $text,
                'first_day' => '2026-03-16',
                'last_day' => '2026-03-17',
            ],
            TextLimits::NAME,
        ],
        'a sign-in' => [
            'POST',
            '/sign-ins',
            static fn(string $text): array => ['name' => $text, 'email' => 'x@alderquill.example', 'role' => 'lead'],
            TextLimits::NAME,
        ],
        'a token' => [
            'POST',
            '/tokens',
            static fn(string $text): array => [
                'name' => $text,
                'user' => House::user('hanneke')->id,
                'abilities' => ['tasks:read'],
                'until' => '2026-06-01',
            ],
            TextLimits::LABEL,
        ],
        'a note on a version' => [
            'POST',
            '/rulebook/publish',
            static fn(string $text): array => ['note' => $text, 'revision' => 99],
            TextLimits::NOTE,
        ],
    ];
}
