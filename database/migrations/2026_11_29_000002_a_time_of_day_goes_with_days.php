<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;

return new class extends Migration {
    private const DAY = 1440;

    /**
     * "+2 hours, 12:30" meant 14:30 of the day as an event and 12:30 as a due date; both are said in days from now on.
     */
    public function up(): void
    {
        foreach (['rulebook_versions' => 'rules', 'tasks' => 'due_follows'] as $table => $column) {
            foreach (
                DB::table($table)
                    ->whereNotNull($column)
                    ->orderBy('id')
                    ->select(['id', $column])
                    ->lazy()
                as $row
            ) {
                $text = $row->{$column};
                $said = is_string($text) ? json_decode($text, true) : null;
                $inDays = is_array($said) ? self::inDays($said) : $said;
                if ($inDays !== $said) {
                    DB::table($table)
                        ->where('id', $row->id)
                        ->update([$column => json_encode($inDays, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
                }
            }
        }
    }

    public function down(): void {}

    /**
     * @param array<array-key, mixed> $node
     *
     * @return array<array-key, mixed>
     */
    private static function inDays(array $node): array
    {
        $node = array_map(static fn(mixed $one): mixed => is_array($one) ? self::inDays($one) : $one, $node);
        if (!isset($node['offset'], $node['time']) || !is_string($node['offset']) || !is_string($node['time'])) {
            return $node;
        }
        $offset = Offset::parse($node['offset']);
        if (!$offset->unit->isOfClock()) {
            return $node;
        }
        $distance = $offset->amount * ($offset->unit->value === 'hours' ? 60 : 1);
        $minutes =
            ($node['kind'] ?? '') === 'date_reached' ? TimeOfDay::parse($node['time'])->minute + $distance : $distance;
        $days = (int) floor($minutes / self::DAY);
        $time =
            ($node['kind'] ?? '') === 'date_reached'
                ? $minutes - $days * self::DAY
                : TimeOfDay::parse($node['time'])->minute;

        return ['offset' => sprintf('%+d days', $days), 'time' => sprintf('%02d:%02d', intdiv($time, 60), $time % 60)] +
            $node;
    }
};
