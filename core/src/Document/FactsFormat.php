<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Subject\DoneTask;
use OpenBaton\Core\Time\LocalDate;

/**
 * What criteria saw, as it is kept: the values apart, so that they can stand alone, and beside them what they were
 * before and what was looked up.
 */
final class FactsFormat
{
    /** @return array<string, mixed> by path */
    public static function values(Facts $facts, FieldCatalogue $fields): array
    {
        $written = [];
        foreach ($facts->values as $path => $value) {
            $field = $fields->compared($path);
            if ($field !== null) {
                $written[$path] = ValueCodec::write($value, $field->type);
            }
        }

        return $written;
    }

    /**
     * Beside the values "today", "before", "days", "teams", "together" and "kin", as far as there is something.
     *
     * @return array<string, mixed>
     */
    public static function besides(Facts $facts, FieldCatalogue $fields): array
    {
        return array_filter(
            [
                'today' => $facts->today->format(),
                'before' => $facts->before === null ? null : self::before($facts, $fields),
                'days' => $facts->days === [] ? null : $facts->days,
                'teams' => $facts->teams === [] ? null : $facts->teams,
                'together' => $facts->together === [] ? null : $facts->together,
                'kin' =>
                    $facts->kin === []
                        ? null
                        : array_map(static fn(DoneTask $one): array => [$one->id, $one->kind, $one->byId], $facts->kin),
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /**
     * A value that the fields no longer know counts as missing.
     *
     * @param Node                    $besides as besides() made it, alone or among others
     * @param array<array-key, mixed> $values  as values() made them
     */
    public static function read(Node $besides, array $values, FieldCatalogue $fields): Facts
    {
        $known = self::known($values, $fields);
        $before = null;
        if ($besides->has('before')) {
            $before = $known;
            foreach ($besides->get('before')->members() as [$path, $value]) {
                unset($before[$path]);
                $before += $value->value === null ? [] : self::known([$path => $value->value], $fields);
            }
        }
        $days = $teams = [];
        foreach ($besides->find('days')?->members() ?? [] as [$text, $day]) {
            $days[$text] = $day->text();
        }
        foreach ($besides->find('teams')?->members() ?? [] as [$person, $ids]) {
            $teams[$person] = $ids->texts();
        }

        return new Facts(
            $known,
            LocalDate::parse($besides->get('today')->text()),
            $before,
            $days,
            $teams,
            $besides->textsOf('together'),
            array_map(static fn(Node $one): DoneTask => new DoneTask(...$one->texts()), $besides->itemsOf('kin')),
        );
    }

    /**
     * @param array<array-key, mixed> $documents
     *
     * @return array<string, string|int|float|bool|list<string>>
     */
    public static function known(array $documents, FieldCatalogue $fields): array
    {
        $values = [];
        foreach ($documents as $path => $document) {
            try {
                $values += ValueCodec::known([$path => $document], $fields);
            } catch (DocumentError) {
                continue;
            }
        }

        return $values;
    }

    /** @return array<string, mixed> what was in the fields that changed, by path; null: it was empty */
    private static function before(Facts $facts, FieldCatalogue $fields): array
    {
        $before = [];
        foreach ($facts->changed() as $path) {
            $field = $fields->compared($path);
            $value = $facts->valueBefore($path);
            if ($field !== null) {
                $before[$path] = $value === null ? null : ValueCodec::write($value, $field->type);
            }
        }

        return $before;
    }
}
