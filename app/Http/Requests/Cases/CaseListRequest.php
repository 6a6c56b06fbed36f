<?php

declare(strict_types=1);

namespace App\Http\Requests\Cases;

use App\Cases\CaseFilter;
use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Cases\CustomerCase;
use Illuminate\Validation\Rule;

/** Which cases are asked for: what an address says of a list of them. */
final class CaseListRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('find', CustomerCase::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::members();
    }

    /** @return array<string, list<mixed>> */
    public static function members(): array
    {
        $text = ['nullable', 'string', 'max:120'];

        return [
            'q' => $text,
            'state' => ['nullable', Rule::in(CaseFilter::STATES)],
            'track' => $text,
            'stage' => $text,
            'owner' => $text,
            'customer' => $text,
            'tag' => $text,
            'waits' => ['nullable', Rule::in(CaseFilter::WAITS)],
            'moved' => ['nullable', Rule::in(CaseFilter::MOVED)],
            'sort' => ['nullable', Rule::in(CaseFilter::SORTS)],
            'down' => ['nullable', Rule::in(['1'])],
            'page' => ['nullable', new Whole(1, 100000)],
        ];
    }

    /** @return array<string, string> members that are there */
    public function given(): array
    {
        $given = [];
        foreach (array_keys($this->rules()) as $name) {
            if ($name !== 'page' && $this->filled($name)) {
                $given[$name] = $this->string($name)->toString();
            }
        }

        return $given;
    }
}
