<?php

declare(strict_types=1);

namespace App\Explain;

use App\Bridge\Snapshot;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Time\Zone;

/** Names and words for what stands in documents as codes. */
final readonly class Words
{
    /** How an operator reads between a field and a value. */
    public const OPERATORS = [
        'is' => 'is',
        'is_not' => 'is not',
        'one_of' => 'is one of',
        'none_of' => 'is none of',
        'contains' => 'contains',
        'starts_with' => 'starts with',
        'ends_with' => 'ends with',
        'less_than' => 'is less than',
        'at_most' => 'is at most',
        'more_than' => 'is more than',
        'at_least' => 'is at least',
        'before' => 'is before',
        'after' => 'is after',
        'between' => 'is between',
        'within_next' => 'is within the next days:',
        'within_last' => 'was within the last days:',
        'matches_any' => 'has any of',
        'matches_all' => 'has all of',
        'matches_none' => 'has none of',
        'is_empty' => 'is empty',
        'is_filled' => 'is filled in',
    ];

    public function __construct(private Snapshot $snapshot, private Zone $zone) {}

    public function person(?string $slug): string
    {
        return ($this->snapshot->roster->people[$slug ?? ''] ?? null)->name ?? (string) $slug;
    }

    public function team(string $slug): string
    {
        return ($this->snapshot->roster->teams[$slug] ?? null)->name ?? $slug;
    }

    public function skill(string $slug): string
    {
        return $this->snapshot->roster->skills[$slug] ?? $slug;
    }

    public function field(string $path): string
    {
        return $this->snapshot->catalogue->find($path)->label ?? $path;
    }

    /** A value of a field, as it stands in documents. */
    public function value(string $path, mixed $value): string
    {
        if (is_array($value)) {
            return implode(', ', array_map(fn(mixed $one): string => $this->value($path, $one), $value));
        }
        $field = $this->snapshot->catalogue->find($path);

        return match (true) {
            $value === null || $value === '' => 'empty',
            is_bool($value) => $value ? 'yes' : 'no',
            ! is_scalar($value) => '',
            $field?->type === FieldType::Person => $this->person((string) $value),
            $field?->type === FieldType::Money => config()->string('baton.currency').' '.number_format((float) $value, floor((float) $value) === (float) $value ? 0 : 2),
            $field?->type === FieldType::Duration => $this->duration((string) $value),
            default => $field->options[(string) $value] ?? (string) $value,
        };
    }

    /** A moment written in RFC 3339, in the zone of the reader. */
    public function moment(string $instant): string
    {
        $at = (int) strtotime($instant);

        return gmdate('D j M, H:i', $at + $this->zone->offsetAt($at));
    }

    /** The end of an absence; one that ends at midnight is said by its last day. */
    public function until(string $instant): string
    {
        $at = (int) strtotime($instant);
        $local = $at + $this->zone->offsetAt($at);

        return $local % 86400 === 0 ? 'until the end of '.gmdate('D j M', $local - 1) : 'until '.$this->moment($instant);
    }

    private function duration(string $iso): string
    {
        return preg_match('/^PT(?:(\d+)H)?(?:(\d+)M)?$/', $iso, $parts) === 1
            ? trim((isset($parts[1]) && $parts[1] !== '' ? "{$parts[1]} h " : '').(isset($parts[2]) ? "{$parts[2]} min" : ''))
            : $iso;
    }

    /**
     * Whom a pool stands for, as in "9 on the Brass bench".
     *
     * @param array<string, mixed> $pool
     */
    public function pool(array $pool): string
    {
        return match ($pool['kind'] ?? null) {
            'people' => count($this->texts($pool['people'] ?? [])) === 1 ? 'named' : 'named people',
            'team' => 'in '.$this->team($this->text($pool['team'] ?? '')).(($pool['with_sub_teams'] ?? false) === true ? ' and its sub-teams' : ''),
            'skill' => 'with '.$this->skill($this->text($pool['skill'] ?? '')).' at '.(is_int($pool['level'] ?? null) ? $pool['level'] : 1).' or above',
            'field' => 'named by "'.$this->field($this->text($pool['field'] ?? '')).'"',
            'union' => implode(' or ', array_map($this->pool(...), $this->pools($pool['pools'] ?? []))),
            'except' => $this->pool($this->map($pool['pool'] ?? [])).', but not '.$this->pool($this->map($pool['without'] ?? [])),
            default => 'in the pool',
        };
    }

    /** @return array<string, mixed> */
    public function map(mixed $value): array
    {
        $map = [];
        foreach (is_array($value) ? $value : [] as $key => $one) {
            $map[(string) $key] = $one;
        }

        return $map;
    }

    /** @return list<array<string, mixed>> */
    public function pools(mixed $value): array
    {
        return array_map($this->map(...), array_values(is_array($value) ? $value : []));
    }

    /** @return list<string> */
    public function texts(mixed $value): array
    {
        return array_values(array_filter(is_array($value) ? $value : [], is_string(...)));
    }

    public function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }

    /** @return list<Person> */
    public function people(): array
    {
        return array_values($this->snapshot->roster->people);
    }
}
