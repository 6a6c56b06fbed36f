<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Invalid;
use Illuminate\Contracts\Pagination\CursorPaginator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Pagination\Cursor;
use Illuminate\Validation\Rule;

/** A list that a program asks for by pages, which hold while others come. */
trait CursorPage
{
    /**
     * @param list<string> $sorts what it may be sorted by
     *
     * @return array<string, list<mixed>>
     */
    private static function paged(array $sorts): array
    {
        return [
            'sort' => [
                'nullable',
                Rule::in([...$sorts, ...array_map(static fn(string $one): string => "-{$one}", $sorts)]),
            ],
            'limit' => ['nullable', new Whole(1, 200)],
            'cursor' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /**
     * @param string      $member that names a person
     * @param string|null $me     whoever asks, by slug
     *
     * @return array<string, string> what is asked for, with whoever asks where it says "me"
     */
    private function asked(string $member, ?string $me): array
    {
        $given = array_filter($this->validated(), is_string(...));

        return ($given[$member] ?? null) === 'me' && $me !== null ? [$member => $me] + $given : $given;
    }

    /** @param string $usual where it does not say */
    private function sort(string $usual): string
    {
        return $this->filled('sort') ? $this->string('sort')->toString() : $usual;
    }

    /** @param string $usual where it does not say */
    private function sortedBy(string $usual): string
    {
        return ltrim($this->sort($usual), '-');
    }

    /**
     * @template TModel of Model
     *
     * @param Builder<TModel> $rows
     *
     * @return CursorPaginator<int, TModel>
     */
    private function cursored(Builder $rows, string $column): CursorPaginator
    {
        $way = str_starts_with($this->sort('-number'), '-') ? 'desc' : 'asc';
        $rows->orderBy($column, $way)->orderBy('id', $way);

        return $rows->cursorPaginate($this->integer('limit', 50), ['*'], 'cursor', $this->cursor($column));
    }

    private function cursor(string $column): ?Cursor
    {
        if (!$this->filled('cursor')) {
            return null;
        }
        $read = json_decode((string) base64_decode(strtr($this->string('cursor')->toString(), '-_', '+/'), true), true);
        $known = is_array($read) && is_string($read['id'] ?? null) && is_scalar($read[$column] ?? null);

        return $known
            ? new Cursor(
                [$column => (string) $read[$column], 'id' => $read['id']],
                ($read['_pointsToNextItems'] ?? true) !== false,
            )
            : throw Invalid::at('cursor', 'This is no place in this list.');
    }
}
