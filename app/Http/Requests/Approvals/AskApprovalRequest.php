<?php

declare(strict_types=1);

namespace App\Http\Requests\Approvals;

use App\Http\Requests\Ahead;
use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\ApprovalRule;
use OpenBaton\Core\Flow\ApprovalWay;

/** Who is to approve of what, and how many of them. */
final class AskApprovalRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('edit', $this->route('task') ?? $this->route('case')) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:' . TextLimits::LABEL],
            'people' => ['required', 'array', 'list', 'min:1', 'max:' . ApprovalRule::MOST],
            'people.*' => ['required', 'string', 'distinct', 'exists:people,slug'],
            'way' => ['required', Rule::enum(ApprovalWay::class)],
            'least' => ['required_if:way,at_least', 'nullable', new Whole(1, ApprovalRule::MOST)],
            'details' => ['nullable', 'string', 'max:' . TextLimits::DETAILS],
            'latest' => $this->filled('latest') ? Ahead::RULES : ['nullable'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Say what is to be approved.',
            'people.required' => 'Say who is to answer.',
            'people.min' => 'Say who is to answer.',
            'people.*' => 'There is no such person.',
            'latest.after' => 'It is to be answered after now.',
        ];
    }

    public function name(): string
    {
        return $this->line('name');
    }

    public function rule(): ApprovalRule
    {
        return ApprovalWay::from($this->line('way'))->rule($this->filled('least') ? $this->integer('least') : 1);
    }

    /** @return list<string> slugs, in order */
    public function people(): array
    {
        return array_values(array_filter((array) $this->input('people'), is_string(...)));
    }

    public function details(): ?string
    {
        $details = $this->line('details');

        return $details === '' ? null : $details;
    }

    public function latest(): ?CarbonImmutable
    {
        return $this->filled('latest') ? CarbonImmutable::parse($this->line('latest')) : null;
    }
}
