<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Workload\TaskStatus;

/** Says what differs between two states of a subject, as core's Difference wrote it down. */
final readonly class ChangeWords
{
    private const PEOPLE = [
        'holder',
        'holds_for',
        'reviewer',
        'reviews_for',
        'open_to',
        'watchers',
        'held_with',
        'owner',
        'owns_for',
    ];
    private const MOMENTS = ['due', 'start', 'wakes'];
    private const LISTS = ['tags', 'items', 'ticked', 'open_to', 'watchers', 'held_with', 'waits_on', 'links'];
    private const TASKS = ['waits_on', 'links'];
    private const CASES = ['case', 'above'];

    /** @param array<array-key, string> $tasks how other tasks are called, by id */
    public function __construct(private HouseWords $house, private array $tasks = []) {}

    /**
     * @param array<array-key, mixed> $difference
     *
     * @return list<string> ids of other tasks that it names
     */
    public static function tasksIn(array $difference): array
    {
        $named = [];
        foreach (array_intersect_key($difference, array_flip(self::TASKS)) as $pair) {
            foreach (is_array($pair) ? $pair : [] as $ids) {
                $named = [...$named, ...array_filter((array) $ids, is_string(...))];
            }
        }

        return array_values($named);
    }

    /**
     * @param array<array-key, mixed> $difference what was and what is, by name
     *
     * @return list<string>
     */
    public function sentences(array $difference): array
    {
        $sentences = [];
        foreach ($difference as $name => $pair) {
            [$before, $after] = is_array($pair) ? [$pair[0] ?? null, $pair[1] ?? null] : [null, null];
            $said = in_array($name, self::LISTS, true)
                ? $this->list((string) $name, (array) $before, (array) $after)
                : $this->one((string) $name, $before, $after);
            if ($said !== '') {
                $sentences[] = $said;
            }
        }

        return $sentences;
    }

    /** That a field of a task, by its path, was something else before; empty where nothing is to be said. */
    public function ofField(string $path, mixed $before, mixed $after): string
    {
        $name = isset(StateFields::TYPES[$path]) ? substr($path, strlen('task.')) : $path;

        return $this->sentences([$name => [$before, $after]])[0] ?? '';
    }

    private function one(string $name, mixed $before, mixed $after): string
    {
        $words = $this->house->words;
        if ($name === 'task.details') {
            return $words->say('difference.details');
        }
        // A mark is put on or taken off.
        if ($words->has("difference.{$name}_marked")) {
            return $words->say("difference.{$name}_" . ($after === true ? 'marked' : 'unmarked'));
        }

        return $words->say('difference.pair', [
            'what' => $words->has("difference.{$name}")
                ? $words->say("difference.{$name}")
                : $this->house->field($name),
            'before' => $this->value($name, $before),
            'after' => $this->value($name, $after),
        ]);
    }

    /**
     * @param array<mixed> $before
     * @param array<mixed> $after
     */
    private function list(string $name, array $before, array $after): string
    {
        $said = [];
        foreach (
            [
                'on' => array_diff($this->texts($after), $this->texts($before)),
                'off' => array_diff($this->texts($before), $this->texts($after)),
            ]
            as $way => $values
        ) {
            if ($values !== [] && $this->house->words->has("difference.{$name}_{$way}")) {
                $said[] = $this->house->words->say("difference.{$name}_{$way}", [
                    'values' => implode(', ', array_map(fn(string $one): string => $this->value($name, $one), $values)),
                ]);
            }
        }

        return implode('; ', $said);
    }

    /**
     * @param array<mixed> $values
     *
     * @return list<string>
     */
    private function texts(array $values): array
    {
        return array_values(array_filter($values, is_string(...)));
    }

    private function value(string $name, mixed $value): string
    {
        $words = $this->house->words;

        return match (true) {
            $value === null || $value === [] => $words->say(
                in_array($name, self::PEOPLE, true) ? 'difference.nobody' : 'difference.nothing',
            ),
            $name === 'status' && is_string($value) && TaskStatus::tryFrom($value) !== null => $words->say(
                "status.{$value}",
            ),
            $name === 'priority' && is_string($value) => $words->say("priority.{$value}"),
            in_array($name, self::PEOPLE, true) && is_string($value) => $this->house->person($value),
            in_array($name, self::MOMENTS, true) && is_string($value) => $this->house->moment($value),
            $name === 'due_follows' && is_string($value) => $this->house->field($value),
            in_array($name, self::TASKS, true) && is_string($value) => $this->tasks[$value] ??
                $words->say('difference.another_task'),
            in_array($name, self::CASES, true) && is_string($value) => $this->tasks[$value] ??
                $words->say('difference.another_case'),
            in_array($name, ['estimate', 'spent'], true) => $this->house->value('task.estimate', $value),
            default => $this->house->value($name, $value),
        };
    }
}
