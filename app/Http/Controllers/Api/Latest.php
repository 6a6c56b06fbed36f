<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Requests\Whole;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;

/**
 * A page of rows whose ids grow as they come, the latest first.
 *
 * @template T of Model
 */
final readonly class Latest
{
    private const USUAL = 50;
    private const MOST = 200;

    /**
     * @param list<T>     $rows
     * @param string|null $before id before which there are more; null: these are the first
     */
    private function __construct(public array $rows, public ?string $before) {}

    /**
     * @template R of Model
     *
     * @param Builder<R> $query
     *
     * @return self<R>
     */
    public static function page(Request $request, Builder $query): self
    {
        $request->validate([
            'before' => ['nullable', 'string', 'regex:/^[0-9a-zA-Z]{1,26}$/D'],
            'limit' => ['nullable', new Whole(1, self::MOST)],
        ]);
        $limit = $request->integer('limit', self::USUAL);
        $rows = $query
            ->when(
                $request->filled('before'),
                static fn($all) => $all->where('id', '<', $request->string('before')->lower()->toString()),
            )
            ->orderByDesc('id')
            ->limit($limit + 1)
            ->get()
            ->all();
        $page = array_slice(array_values($rows), 0, $limit);
        $last = $page === [] ? null : $page[count($page) - 1]->getKey();

        return new self($page, count($rows) > $limit && is_scalar($last) ? (string) $last : null);
    }
}
