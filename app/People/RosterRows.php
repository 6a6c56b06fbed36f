<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Absences\Absence;
use App\Models\People\Person;
use App\Models\People\Skill;
use App\Models\People\Team;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\Pivot;
use LogicException;

/**
 * The rows of a roster, each table read once, so that a large one is compared in memory and only what differs is
 * written.
 */
final class RosterRows
{
    /** What goes with the rows of a table. */
    private const WITH = [
        Person::class => ['skills'],
        Team::class => ['members'],
        Skill::class => [],
        Absence::class => ['substitutes'],
    ];

    /** @var array<class-string<Model>, array<array-key, Model>> by slug */
    private array $known = [];

    /**
     * @template T of Model
     *
     * @param T $blank
     *
     * @return T the row of that slug; a new one where there is none
     */
    public function named(Model $blank, string $slug): Model
    {
        $this->known[$blank::class] ??= $blank
            ->newQuery()
            ->with(self::WITH[$blank::class] ?? [])
            ->get()
            ->keyBy('slug')
            ->all();
        $row = $this->known[$blank::class][$slug] ??= $this->made($blank, $slug);

        return $row instanceof $blank ? $row : throw new LogicException('A query gives models of its own class.');
    }

    private function made(Model $blank, string $slug): Model
    {
        $row = $blank->newInstance()->forceFill(['slug' => $slug]);
        foreach (self::WITH[$blank::class] ?? [] as $relation) {
            $row->setRelation($relation, new Collection());
        }

        return $row;
    }

    /**
     * @template T of Model
     *
     * @param T                    $blank
     * @param array<string, mixed> $values
     *
     * @return T the row, with these values
     */
    public function put(Model $blank, string $slug, array $values): Model
    {
        $row = $this->named($blank, $slug);
        $row->forceFill($values);
        // What is as it was is not written.
        if (!$row->exists || $row->isDirty()) {
            $row->save();
        }

        return $row;
    }

    /**
     * Lets a row go with others as it says, where it does not already.
     *
     * @template T of Model
     *
     * @param Collection<int, T>                                $known    those that it goes with
     * @param BelongsToMany<T, covariant Model, covariant Pivot> $relation the same as a relation
     * @param array<array-key, array<string, int|string|null>> $others   what the pivot has, by id
     */
    public static function attach(Collection $known, BelongsToMany $relation, array $others): void
    {
        $columns = self::columns($others);
        $are = [];
        foreach ($known as $other) {
            $id = $other->getKey();
            $are[is_scalar($id) ? (string) $id : ''] = array_map(
                static fn(string $column): mixed => self::plain(data_get($other, "pivot.{$column}")),
                $columns,
            );
        }
        $wanted = array_map(
            static fn(array $values): array => array_values(array_map(self::plain(...), $values)),
            $others,
        );
        ksort($are);
        ksort($wanted);
        if ($are !== $wanted) {
            $relation->sync($others);
        }
    }

    /**
     * @param array<array-key, array<string, int|string|null>> $others
     *
     * @return list<string>
     */
    private static function columns(array $others): array
    {
        return array_keys(array_values($others)[0] ?? []);
    }

    private static function plain(mixed $value): int|string|null
    {
        return match (true) {
            $value instanceof DateTimeInterface => $value->format('Y-m-d'),
            is_int($value) => $value,
            is_string($value) && ctype_digit($value) => (int) $value,
            is_string($value) => substr($value, 0, 10),
            default => null,
        };
    }
}
