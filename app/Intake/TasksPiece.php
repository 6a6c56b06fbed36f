<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\HouseAt;
use App\Models\Tasks\Task;
use App\Tables\ImportRow;
use App\Tables\Names;
use OpenBaton\Core\Document\DocumentError;

/** Rows of a table of tasks with all that they name, fetched at once: people say names where documents have ids. */
final class TasksPiece
{
    /** @var array<string, string> ids of kinds by their names in small letters */
    private array $kinds = [];

    private readonly Names $customers;

    /** @var array<string, true> keys under which a task is there already */
    private readonly array $there;

    /** @param list<ImportRow> $rows */
    public function __construct(array $rows, HouseAt $house, IncomingTaskReader $reader)
    {
        foreach ($house->snapshot->kinds as $kind) {
            $this->kinds[mb_strtolower($kind->name)] = $kind->slug;
        }
        $named = array_map(static fn(ImportRow $row): mixed => self::of($row)['customer'] ?? null, $rows);
        $named = array_values(array_unique(array_filter($named, is_string(...))));
        $this->customers = Names::ofCustomers($named);
        $reader->prepare($this->customers->all($named), $house);
        $there = Task::query()
            ->whereIn(
                'key',
                array_values(array_filter(array_map(static fn(ImportRow $row): ?string => $row->key(), $rows))),
            )
            ->get(['key']);
        $this->there = array_fill_keys(
            array_map(static fn(Task $task): string => (string) $task->key, $there->all()),
            true,
        );
    }

    public static function title(ImportRow $row): string
    {
        $title = self::of($row)['title'] ?? '';

        return is_string($title) ? $title : '';
    }

    public function isThere(ImportRow $row): bool
    {
        return isset($this->there[$row->key() ?? '']);
    }

    /**
     * @return array<array-key, mixed> with ids in place of the names of kinds and customers
     *
     * @throws DocumentError where a name is that of several
     */
    public function task(ImportRow $row): array
    {
        $task = self::of($row);
        $kind = is_string($task['kind'] ?? null) ? $task['kind'] : '';
        $customer = is_string($task['customer'] ?? null) ? $task['customer'] : '';

        return array_filter(
            [
                'kind' => $this->kinds[mb_strtolower($kind)] ?? $kind,
                'customer' => $this->customers->one($customer, '/customer'),
            ] + $task,
            static fn(mixed $value): bool => $value !== '',
        );
    }

    /** @return array<array-key, mixed> */
    private static function of(ImportRow $row): array
    {
        return (array) $row->document['task'];
    }
}
