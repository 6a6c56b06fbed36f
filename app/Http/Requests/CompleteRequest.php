<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** That a task is done. */
final class CompleteRequest extends TaskRequest
{
    public function rules(): array
    {
        return parent::rules() + ['note' => ['nullable', 'string', 'max:5000'], 'spent' => ['nullable', 'integer', 'min:0', 'max:60000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['spent.*' => 'Give the minutes spent as a whole number.'];
    }

    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->toString() : null;
    }

    public function spent(): ?int
    {
        return $this->filled('spent') ? $this->integer('spent') : null;
    }
}
