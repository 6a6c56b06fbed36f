<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Time\Zone;

/** Fields whose values follow from the state of a case; a task in it sees them as well. */
final class CaseFields
{
    public const PREFIX = 'case.';

    public const TRACK = 'case.track';

    public const STAGE = 'case.stage';

    public const OUTCOME = 'case.outcome';

    public const TITLE = 'case.title';

    public const NUMBER = 'case.number';

    public const OWNER = 'case.owner';

    /** @var array<string, FieldType> by path */
    public const TYPES = [
        self::TRACK => FieldType::OneOf,
        self::STAGE => FieldType::OneOf,
        'case.stage_since' => FieldType::Date,
        'case.open' => FieldType::YesNo,
        self::OUTCOME => FieldType::OneOf,
        self::OWNER => FieldType::Person,
        'case.previous_owner' => FieldType::Person,
        'case.creator' => FieldType::Person,
        'case.opened' => FieldType::Date,
        'case.closed' => FieldType::Date,
        'case.tags' => FieldType::Tags,
        'case.comments' => FieldType::Number,
        'case.files' => FieldType::Number,
        'case.open_needed' => FieldType::Number,
    ];

    /**
     * All that criteria and merged texts see of a case.
     *
     * @return array<string, string|int|float|bool|list<string>> values by path; what is missing is not there
     */
    public static function seen(CaseSubject $case, Zone $zone): array
    {
        return array_replace($case->fields, self::values($case, $zone));
    }

    /**
     * What a task in the case sees of it.
     *
     * @return array<string, string|int|float|bool|list<string>> values by path
     */
    public static function ofCase(CaseSubject $case, Zone $zone): array
    {
        $seen = self::seen($case, $zone);

        return array_diff_key($seen, self::without($seen));
    }

    /**
     * @param array<string, string|int|float|bool|list<string>> $values by path
     *
     * @return array<string, string|int|float|bool|list<string>> those that are not of a case
     */
    public static function without(array $values): array
    {
        return array_filter(
            $values,
            static fn(string $path): bool => !str_starts_with($path, self::PREFIX),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** A stage or an outcome as a value: which track's it is goes before it. */
    public static function ofTrack(string $trackId, string $key): string
    {
        return "{$trackId}.{$key}";
    }

    /** @return array{string, string} the track and the key of what ofTrack() made; no track has a point in its id */
    public static function partsOf(string $value): array
    {
        [$track, $key] = [...explode('.', $value, 2), ''];

        return [$track, $key];
    }

    /** @return string|null the key of a stage or an outcome of a track; null: it is of another one */
    public static function keyOf(string $trackId, string $value): ?string
    {
        return str_starts_with($value, "{$trackId}.") ? substr($value, strlen($trackId) + 1) : null;
    }

    /** @return array<string, string|int|float|bool|list<string>> */
    private static function values(CaseSubject $case, Zone $zone): array
    {
        $day = static fn(?int $instant): ?string => $instant === null ? null : $zone->dateAt($instant)->format();

        return array_filter(
            [
                self::TRACK => $case->trackId,
                self::STAGE => $case->stagePath(),
                'case.stage_since' => $day($case->stays->current()->enteredAt),
                'case.open' => $case->isOpen(),
                self::OUTCOME => $case->outcomePath(),
                self::OWNER => $case->holderId,
                'case.previous_owner' => $case->previousHolderId,
                'case.creator' => $case->creatorId,
                'case.opened' => $day($case->createdAt),
                'case.closed' => $day($case->stays->current()->leftAt),
                'case.tags' => $case->tags,
                'case.comments' => $case->comments,
                'case.files' => $case->files,
                'case.open_needed' => $case->openNeeded,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /** Of date fields that are known to the second, the instant. */
    public static function moment(string $path, CaseSubject $case): ?int
    {
        return match ($path) {
            'case.stage_since' => $case->stays->current()->enteredAt,
            'case.opened' => $case->createdAt,
            'case.closed' => $case->stays->current()->leftAt,
            default => null,
        };
    }
}
