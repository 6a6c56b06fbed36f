<?php

declare(strict_types=1);

namespace App\Http\Requests\Cases;

use App\Cases\CaseFilter;
use App\Http\Requests\CursorPage;
use App\Http\Requests\InputRequest;
use App\Models\Cases\CustomerCase;
use Illuminate\Contracts\Pagination\CursorPaginator;
use Illuminate\Database\Eloquent\Builder;

/** A list of cases that a program asks for. */
final class ApiCaseListRequest extends InputRequest
{
    use CursorPage;

    /** Columns by what they are sorted by; "-" before it: the other way round. */
    private const SORTS = ['number' => 'number', 'opened' => 'opened_at', 'since' => 'stage_since'];

    public function authorize(): bool
    {
        return $this->user()?->can('find', CustomerCase::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return array_diff_key(CaseListRequest::members(), ['sort' => 1, 'down' => 1, 'page' => 1, 'moved' => 1]) +
            self::paged(array_keys(self::SORTS));
    }

    /** @param string|null $me whoever asks, by slug */
    public function filter(?string $me): CaseFilter
    {
        return CaseFilter::of(array_diff_key($this->asked('owner', $me), ['sort' => 1]));
    }

    /**
     * @param Builder<CustomerCase> $cases
     *
     * @return CursorPaginator<int, CustomerCase>
     */
    public function page(Builder $cases): CursorPaginator
    {
        return $this->cursored($cases, self::SORTS[$this->sortedBy('-number')]);
    }
}
