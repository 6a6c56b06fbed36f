<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Person;

/** To whom a task is handed on, and why. */
final class HandOnRequest extends TaskRequest
{
    protected string $ability = 'handOn';

    public function rules(): array
    {
        return parent::rules() + ['to' => ['required', 'string', 'exists:people,slug'], 'reason' => ['required', 'string', 'min:3', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['to.*' => 'Choose a person.', 'reason.*' => 'Say in a few words why.'];
    }

    public function to(): Person
    {
        return Person::query()->where('slug', $this->string('to')->toString())->where('active', true)->firstOrFail();
    }

    public function reason(): string
    {
        return $this->string('reason')->toString();
    }
}
