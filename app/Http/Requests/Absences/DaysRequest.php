<?php

declare(strict_types=1);

namespace App\Http\Requests\Absences;

use App\Http\Requests\InputRequest;
use App\Models\Access\User;
use OpenBaton\Core\Document\TextLimits;

/** Which month of whom a calendar shows. */
final class DaysRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user() instanceof User;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'month' => ['bail', 'required', 'string', 'date_format:Y-m', 'after:1990-01', 'before:2100-01'],
            'person' => ['nullable', 'string', 'max:' . TextLimits::ID],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['month.*' => 'Give a month such as 2026-03.'];
    }

    public function month(): string
    {
        return $this->string('month')->toString();
    }

    public function person(): string
    {
        return $this->string('person')->toString();
    }
}
