<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Access\Audit;
use App\Access\Difference;
use App\Bridge\SnapshotSource;
use App\Database\Slug;
use App\Models\House\CustomField;
use App\Models\Tasks\TaskKind;
use App\Refusals\NameTaken;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\TextLimits;

/**
 * Defines a field of tasks, customers or people, or changes its words. Its path and type stay; a value that is taken
 * out is retired: no longer offered, known where it is in use.
 */
final readonly class SaveField
{
    public function __construct(private SnapshotSource $houses) {}

    /**
     * @param string                        $of      "task", "customer" or "person"
     * @param array<array-key, string>|null $options label by value, in order; null: it has none
     * @param bool                          $asked   kinds of task that have a list of what they ask for ask for it, too
     */
    public function define(
        string $of,
        string $label,
        string $type,
        ?array $options,
        Actor $by,
        bool $asked = false,
    ): CustomField {
        return ChangeHouse::run('field_defined', "defined the field {$label}", $by, function () use (
            $of,
            $label,
            $type,
            $options,
            $by,
            $asked,
        ): CustomField {
            $field = CustomField::query()->create([
                'path' => $this->path($of, $label),
                'label' => $label,
                'type' => $type,
                'options' => $options,
                'position' => CustomField::query()->count(),
            ]);
            if ($asked && $of === 'task') {
                self::askFor($field, $by);
            }

            return $field;
        });
    }

    /** Kinds that have no list ask for all fields. */
    private static function askFor(CustomField $field, Actor $by): void
    {
        foreach (TaskKind::query()->whereNotNull('asks')->orderBy('position')->get() as $kind) {
            $kind->update(['asks' => [...(array) $kind->asks, ['path' => $field->path, 'required' => false]]]);
            Audit::record(
                $by,
                'house',
                'kind_changed',
                "changed the kind of task {$kind->name}",
                $kind,
                Difference::of($kind),
            );
        }
    }

    /** @throws NameTaken */
    private function path(string $of, string $label): string
    {
        $known = $this->labels($of);
        if (in_array(mb_strtolower($label), array_map(mb_strtolower(...), $known), true)) {
            throw NameTaken::byAnother();
        }
        $taken = array_map(static fn(string $path): string => explode('.', $path, 2)[1], array_keys($known));

        return "{$of}." . Slug::among($label, $taken, '_', TextLimits::SHORT_NAME);
    }

    /**
     * @param string $of "task", "customer" or "person"
     *
     * @return array<string, string> of all fields there are, retired ones and those of every house included, by path
     */
    public function labels(string $of): array
    {
        $catalogue = $this->houses->current()->catalogue;
        $labels = [];
        foreach (CustomField::query()->get(['path', 'label']) as $field) {
            $labels[$field->path] = $field->label;
        }
        foreach ($catalogue->all() as $path => $field) {
            $labels[$path] ??= $field->label;
        }

        return array_filter(
            $labels,
            static fn(string $path): bool => str_starts_with($path, "{$of}."),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** @param array<array-key, string>|null $options */
    public function change(CustomField $field, string $label, ?array $options, Actor $by): CustomField
    {
        return ChangeHouse::run('field_changed', "changed the field {$field->path}", $by, static function () use (
            $field,
            $label,
            $options,
        ): CustomField {
            /** @var array<array-key, string> $known */
            $known = (array) $field->options;
            $field->update(
                ['label' => $label] +
                    ($options === null
                        ? []
                        : [
                            'options' => $options + $known,
                            'retired_options' =>
                                array_map(strval(...), array_keys(array_diff_key($known, $options))) ?: null,
                        ]),
            );

            return $field;
        });
    }

    public function retire(CustomField $field, bool $retired, Actor $by): CustomField
    {
        return ChangeHouse::run(
            $retired ? 'field_retired' : 'field_taken_up',
            ($retired ? 'retired' : 'took up') . " the field {$field->path}",
            $by,
            static function () use ($field, $retired): CustomField {
                $field->update(['retired_at' => $retired ? CarbonImmutable::now() : null]);

                return $field;
            },
        );
    }

    /** @param int $places down; negative: up */
    public function move(CustomField $field, int $places, Actor $by): CustomField
    {
        return ChangeHouse::run('field_moved', "moved the field {$field->path}", $by, static function () use (
            $field,
            $places,
        ): CustomField {
            $order = CustomField::query()->orderBy('position')->orderBy('id')->get();
            $from = (int) $order->search(static fn(CustomField $one): bool => $one->is($field));
            $to = max(0, min($order->count() - 1, $from + $places));
            $order = $order->reject(static fn(CustomField $one): bool => $one->is($field))->values();
            $order->splice($to, 0, [$field]);
            foreach ($order->values() as $position => $one) {
                $one->update(['position' => $position]);
            }

            return $field->refresh();
        });
    }
}
