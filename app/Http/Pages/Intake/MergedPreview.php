<?php

declare(strict_types=1);

namespace App\Http\Pages\Intake;

use App\Bridge\Houses;
use App\Bridge\TaskSubjects;
use App\Explain\HouseWords;
use App\Explain\MergedWords;
use App\Models\Tasks\Task;
use App\Words\Words;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\Zone;

/** What a text with fields merged in is on a task that is really there. */
final readonly class MergedPreview
{
    public function __construct(private Houses $houses, private TaskSubjects $subjects, private Words $words) {}

    /**
     * @param int|null $number of the task; null: the one that came last
     *
     * @return array{number: int, filled: string, missing: list<string>}|null labels of the fields that are empty there;
     *     null: there is no such task
     */
    public function of(MergedText $text, ?int $number): ?array
    {
        $task = Task::query()
            ->with(TaskSubjects::RELATIONS)
            ->when($number !== null, static fn($query) => $query->where('number', $number))
            ->latest('number')
            ->first();
        if ($task === null) {
            return null;
        }
        $now = $this->houses->now();
        $house = $now->snapshot;
        $zone = new Zone($house->zone);
        $subject = $this->subjects->of($task, $now);
        $facts = new Facts(StateFields::seen($subject, $zone), $zone->dateAt(CarbonImmutable::now()->getTimestamp()));
        $words = new HouseWords($this->words, $house, $zone);

        return [
            'number' => (int) $task->number,
            'filled' => $text->fill($facts, new MergedWords($words, $house)),
            'missing' => array_map($words->field(...), $text->missing($facts)),
        ];
    }
}
