<?php

declare(strict_types=1);

namespace App\Http\Requests\Access;

use App\Access\Address;
use App\Http\Requests\InputRequest;
use App\Models\Access\Role;
use App\Models\Access\User;
use App\Models\People\Person;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;

/** A sign-in for somebody of the house, or for an administrator or a system. */
final class NewSignInRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('administer', User::class) === true;
    }

    protected function prepareForValidation(): void
    {
        $this->merge(['email' => Address::spelled($this->string('email')->toString())]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'person' => [
                'bail',
                'nullable',
                'string',
                Rule::exists('people', 'slug')->whereNull('user_id')->where('active', true),
            ],
            'name' => ['required_without:person', 'nullable', 'string', 'max:' . TextLimits::NAME],
            'email' => ['bail', 'required', 'string', 'max:' . TextLimits::NAME, 'email', 'unique:users,email'],
            'role' => ['required', Rule::enum(Role::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'person.*' => 'Choose somebody of the house who has no sign-in yet.',
            'name.*' => 'Say who it is for.',
            'email.unique' => 'Somebody signs in with this address already.',
            'email.*' => 'Give an e-mail address.',
            'role.*' => 'Choose what they may do.',
        ];
    }

    public function person(): ?Person
    {
        return $this->filled('person')
            ? Person::query()
                ->where('slug', $this->string('person')->toString())
                ->firstOrFail()
            : null;
    }

    public function name(): string
    {
        return $this->person()->name ?? $this->line('name');
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->toString());
    }
}
