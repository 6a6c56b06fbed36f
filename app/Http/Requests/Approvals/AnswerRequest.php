<?php

declare(strict_types=1);

namespace App\Http\Requests\Approvals;

use App\Http\Requests\InputRequest;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\Vote;

/** Yes, no with why, or that somebody else should say. */
final class AnswerRequest extends InputRequest
{
    public const NOT_ME = 'not_me';

    public function authorize(): bool
    {
        return $this->user()?->can('answer', $this->route('task')) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'answer' => ['required', 'string', 'in:yes,no,' . self::NOT_ME],
            'reason' => ['required_if:answer,no', 'nullable', 'string', 'max:' . TextLimits::REASON],
            'to' => ['nullable', 'string', 'exists:people,slug'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'answer' => 'Say yes, no, or that it is not you.',
            'reason.required_if' => 'Say why not.',
            'to.exists' => 'There is no such person.',
        ];
    }

    /** @return Vote|null null: it is not them */
    public function vote(): ?Vote
    {
        return Vote::tryFrom($this->line('answer'));
    }

    public function reason(): ?string
    {
        $reason = $this->line('reason');

        return $reason === '' ? null : $reason;
    }

    public function to(): ?string
    {
        $to = $this->line('to');

        return $to === '' ? null : $to;
    }
}
