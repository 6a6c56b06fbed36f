<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/** Rules of Alder & Quill for what is said to customers and to the house. */
final class DemoMessageRules
{
    private const READY = <<<'TEXT'
    Dear ~customer.name|customer~,

    your repair (~task.title~) is done. You can have it from nine to half past five, or with our next tour.

    ~task.assignee~, Alder & Quill
    TEXT;

    /** @return list<array<string, mixed>> */
    public static function version(int $version): array
    {
        return $version < 2
            ? []
            : [
                self::says(
                    'rush-ready',
                    'Whoever was in a hurry hears that it is ready',
                    ['kind' => 'status_becomes', 'statuses' => ['done']],
                    DemoRule::is('task.kind', 'rush-repair'),
                    [
                        'addressee' => 'customer',
                        'channel' => 'mail',
                        'subject' => 'Ready: ~task.title~',
                        'text' => self::READY,
                    ],
                ),
                self::says(
                    'tuning-tomorrow',
                    'The day before a tuning visit the customer gets a text',
                    ['kind' => 'date_reached', 'field' => 'task.due', 'offset' => '-1 days', 'time' => '10:00'],
                    DemoRule::is('task.kind', 'tuning-visit'),
                    [
                        'addressee' => 'customer',
                        'channel' => 'text',
                        'held' => false,
                        'text' => 'Alder & Quill comes tomorrow to tune: ~task.title~. Please have the room open.',
                    ],
                ),
                self::says(
                    'claim-late',
                    'Accounts hears of a claim that is late',
                    ['kind' => 'date_reached', 'field' => 'task.due', 'offset' => '+0 days', 'time' => '16:00'],
                    DemoRule::is('task.kind', 'insurer-claim'),
                    [
                        'addressee' => 'team',
                        'team' => 'accounts',
                        'channel' => 'chat',
                        'held' => false,
                        'text' => 'Due today and still open: ~task.title~ (~task.assignee|nobody~).',
                    ],
                ),
                self::says(
                    'unreached',
                    'What did not reach a customer is said by telephone',
                    ['kind' => 'message_given_up', 'channel' => 'text'],
                    DemoRule::is('task.kind', 'tuning-visit'),
                    ['kind' => 'tag', 'tag' => 'call them'],
                ),
            ];
    }

    /**
     * @param array<string, mixed> $when
     * @param array<string, mixed> $if
     * @param array<string, mixed> $then
     *
     * @return array<string, mixed>
     */
    private static function says(string $id, string $name, array $when, array $if, array $then): array
    {
        return ['when' => [$when]] + DemoRule::rule($id, $name, $if, null, [$then + ['kind' => 'message']]);
    }
}
