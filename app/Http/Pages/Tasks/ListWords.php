<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Fields\Choices;
use App\Http\Viewer;
use App\Models\Customers\Customer;
use App\Tasks\TaskFilter;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** By what a list of tasks can be narrowed, and by what one is, in words. */
final readonly class ListWords
{
    public function __construct(private Viewer $viewer) {}

    /** @return array<string, list<array{value: string, label: string}>> what each part of a filter offers */
    public function options(): array
    {
        $house = $this->viewer->snapshot();
        $say = fn(string $path): string => $this->viewer->words()->words->say($path);
        return [
            'status' => Choices::of(
                $this->labels('task_list.statuses', [TaskFilter::OPEN, TaskFilter::ALL, TaskFilter::TO_HAND_ON]) +
                    $this->labels('status', array_column(TaskStatus::cases(), 'value')),
            ),
            'kind' => Choices::of(array_column($house->kinds, 'name', 'slug')),
            'holder' => [
                ['value' => TaskFilter::NOBODY, 'label' => $say('task_list.nobody')],
                ['value' => TaskFilter::UNPLACED, 'label' => $say('task_list.unplaced')],
                ...Choices::people($house->roster),
            ],
            'team' => Choices::of(array_map(static fn(Team $team): string => $team->name, $house->roster->teams)),
            'priority' => Choices::of($this->labels('priority', array_column(Priority::cases(), 'value'))),
            'due' => Choices::of($this->labels('task_list.dues', TaskFilter::DUE)),
            'dates' => Choices::of($this->labels('task_list.dates', array_keys(TaskFilter::DATES))),
        ];
    }

    /**
     * @param list<string> $values
     *
     * @return array<string, string>
     */
    private function labels(string $of, array $values): array
    {
        $labels = [];
        foreach ($values as $value) {
            $labels[$value] = $this->viewer->words()->words->say("{$of}.{$value}");
        }

        return $labels;
    }

    /**
     * The list in words: what it is narrowed by.
     *
     * @param array<string, list<array{value: string, label: string}>> $options
     */
    public function said(TaskFilter $filter, array $options): string
    {
        $options = array_map(static fn(array $offered): array => array_column($offered, 'label', 'value'), $options);
        $words = $this->viewer->words()->words;
        $say = static fn(string $part, string $value): string => $words->say("task_list.said.{$part}", [
            'value' => $value,
        ]);
        $parts = [$options['status'][$filter->status] ?? $filter->status];
        foreach (['kind', 'holder', 'team', 'priority', 'due'] as $part) {
            if ($filter->{$part} !== '') {
                $value = $options[$part][$filter->{$part}] ?? $filter->{$part};
                $parts[] = $say($part, $value);
            }
        }
        if ($filter->dates !== '') {
            $parts[] = $words->say('task_list.said.dates', [
                'dates' => $options['dates'][$filter->dates] ?? $filter->dates,
                'from' => $filter->from === '' ? 'none' : $this->viewer->words()->day($filter->from),
                'to' => $filter->to === '' ? 'none' : $this->viewer->words()->day($filter->to),
            ]);
        }
        if ($filter->customer !== '') {
            $name = Customer::query()->where('slug', $filter->customer)->value('name');
            $parts[] = $say('customer', is_string($name) ? $name : $filter->customer);
        }
        foreach (['tag' => $filter->tag, 'text' => $filter->text] as $part => $value) {
            if ($value !== '') {
                $parts[] = $say($part, $value);
            }
        }

        return implode(', ', $parts);
    }
}
