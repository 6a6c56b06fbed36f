<?php

declare(strict_types=1);

namespace App\Fields;

use App\Models\House\House;
use App\Models\People\Team;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Subject\MomentFields as Moment;

/** When an event is: their values are found by the core. */
final readonly class MomentFields implements FieldProvider
{
    /** Where the words of their values stand, by path. */
    public const VALUES = [Moment::WEEKDAY => 'weekday'];

    public function __construct(private Words $words) {}

    public function fields(House $house): array
    {
        /** @var array<string, string> $teams */
        $teams = Team::query()->orderBy('name')->pluck('name', 'slug')->all();
        $fields = [];
        foreach (Moment::TYPES as $path => $type) {
            $options = match ($path) {
                Moment::WEEKDAY => $this->weekdays(),
                Moment::TEAMS_ON => $teams,
                default => [],
            };
            $fits = match ($path) {
                Moment::TEAMS_ON => $teams !== [],
                Moment::PLACE_ON => $house->levels() !== [],
                default => true,
            };
            if ($fits) {
                $fields[] = new Field($path, $this->words->say("field.{$path}"), $type, $options);
            }
        }

        return $fields;
    }

    public function values(TaskContent $task, FieldContext $context): array
    {
        return [];
    }

    /** @return array<string, string> */
    private function weekdays(): array
    {
        $labels = [];
        foreach (Moment::WEEKDAYS as $day) {
            $labels[$day] = $this->words->say("weekday.{$day}");
        }

        return $labels;
    }
}
