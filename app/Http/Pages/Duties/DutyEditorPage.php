<?php

declare(strict_types=1);

namespace App\Http\Pages\Duties;

use App\Fields\Choices;
use App\Http\Pages\Rules\Vocabulary;
use App\Http\Viewer;
use App\Models\Customers\Customer;
use App\Models\Duties\Duty;
use App\Models\Duties\DutyDate;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Flow\Duty\DutyFields;
use OpenBaton\Core\Rulebook\KindRegistry;

/** A standing duty that is written. Its type is DutyEditorPage.ts. */
final readonly class DutyEditorPage
{
    private const LATEST = 20;

    public function __construct(private Viewer $viewer) {}

    /**
     * @param Duty|null $row null: a new one
     * @param Task|null $of  that is to come back, where it is a new one
     *
     * @return array<string, mixed>
     */
    public function props(?Duty $row, ?Task $of = null): array
    {
        $words = $this->viewer->words()->words;
        $fields = [];
        foreach (array_keys(DutyFields::TYPES) as $path) {
            $fields[$path] = $words->say("field.{$path}");
        }

        $template = $of === null || !Gate::allows('view', $of) ? null : self::template($of);

        return [
            'duty' =>
                $row === null ? null : ['slug' => $row->slug, 'name' => $row->name, 'revision' => (int) $row->revision],
            'document' => $row?->document,
            'task' => $template,
            'customer' => self::customer($row->document['task'] ?? $template),
            'vocabulary' => (new Vocabulary(KindRegistry::standard()))->of($this->viewer->snapshot()),
            'fields' => Choices::of($fields),
            'dates' => $row === null ? [] : self::latest($row),
        ];
    }

    /** @return array<string, mixed> the task of a duty, as in documents, like one that is there */
    private static function template(Task $task): array
    {
        $estimate = $task->estimate_minutes;

        return array_filter(
            [
                'kind' => $task->kind?->slug,
                'title' => str_replace('~', '~~', $task->title),
                'details' => $task->description === null ? null : str_replace('~', '~~', $task->description),
                'estimate' => $estimate === null ? null : Duration::format($estimate),
                'customer' => $task->customer?->slug,
                'tags' => $task->tagList(),
            ],
            static fn(mixed $value): bool => $value !== null && $value !== [] && $value !== '',
        );
    }

    /** @param mixed $task of a duty, as in documents */
    private static function customer(mixed $task): ?string
    {
        $slug = is_array($task) ? $task['customer'] ?? null : null;

        return is_string($slug)
            ? Customer::query()
                ->where('slug', $slug)
                ->first(['name'])?->name
            : null;
    }

    /** @return list<array<string, mixed>> the latest first */
    private static function latest(Duty $row): array
    {
        return array_values(
            $row
                ->dates()
                ->with(['task.assignee'])
                ->orderByDesc('key')
                ->limit(self::LATEST)
                ->get()
                ->map(static fn(DutyDate $one): array => DutiesPage::date($one))
                ->all(),
        );
    }
}
