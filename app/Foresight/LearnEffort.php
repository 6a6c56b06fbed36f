<?php

declare(strict_types=1);

namespace App\Foresight;

use App\Models\Events\ClockMark;
use App\Models\Foresight\LearnedEffort;
use App\Models\House\CustomField;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Foresight\SpentEffort;
use OpenBaton\Core\Workload\TaskStatus;

/** Learns each hour, in the background, what tasks of each kind have really taken; nobody's default changes by it. */
final class LearnEffort implements ShouldQueue
{
    use Dispatchable;
    use Queueable;

    /** Days that are looked back. */
    private const BEHIND = 90;

    /** Tasks that are read in one round trip. */
    private const PIECE = 1000;

    private const MARK = 'effort';
    private const MINUTES = 60;

    public int $tries = 1;

    /** Whether it is time to look again; whoever asks first has it. */
    public static function isDue(CarbonImmutable $now): bool
    {
        return ClockMark::isOver(self::MARK, self::MINUTES, $now);
    }

    public function handle(): void
    {
        $lists = CustomField::query()
            ->where('type', FieldType::OneOf)
            ->get(['path'])
            ->map(static fn(CustomField $one): string => $one->path)
            ->filter(static fn(string $path): bool => str_starts_with($path, 'task.'))
            ->all();
        /** @var array<string, array{string, string, string, list<int>}> $spent kind, path, value and minutes */
        $spent = [];
        $add = static function (string $kind, string $path, string $value, int $minutes) use (&$spent): void {
            $key = "{$kind} {$path} {$value}";
            $spent[$key] ??= [$kind, $path, $value, []];
            $spent[$key][3][] = $minutes;
        };
        Task::query()
            ->where('status', TaskStatus::Done)
            ->where('completed_at', '>=', CarbonImmutable::now()->subDays(self::BEHIND))
            ->select(['id', 'task_kind_id', 'spent_minutes', 'facts'])
            ->chunkById(self::PIECE, static function (Collection $tasks) use ($add, $lists): void {
                foreach ($tasks as $task) {
                    $kind = (string) $task->task_kind_id;
                    $add($kind, '', '', (int) $task->spent_minutes);
                    foreach ($lists as $path) {
                        $value = ((array) $task->facts)[$path] ?? null;
                        if (is_string($value)) {
                            $add($kind, $path, $value, (int) $task->spent_minutes);
                        }
                    }
                }
            });
        $rows = array_filter(array_map(self::row(...), array_values($spent)));
        DB::transaction(static function () use ($rows): void {
            LearnedEffort::query()->delete();
            foreach (array_chunk($rows, 500) as $piece) {
                LearnedEffort::query()->insert($piece);
            }
        }, attempts: 3);
    }

    /**
     * @param array{string, string, string, list<int>} $of
     *
     * @return array<string, mixed>|null null: nothing is known, or too little of a value
     */
    private static function row(array $of): ?array
    {
        [$kind, $path, $value, $minutes] = $of;
        $learned = SpentEffort::of($minutes);
        if ($learned === null || ($path !== '' && $learned->counted < SpentEffort::ENOUGH)) {
            return null;
        }

        return [
            'task_kind_id' => $kind,
            'path' => $path,
            'value' => $value,
            'counted' => $learned->counted,
            'without' => $learned->without,
            'quarter' => $learned->quarter,
            'median' => $learned->median,
            'three_quarters' => $learned->threeQuarters,
            'ninety' => $learned->ninety,
        ];
    }
}
