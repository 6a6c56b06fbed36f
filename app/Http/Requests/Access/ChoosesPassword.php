<?php

declare(strict_types=1);

namespace App\Http\Requests\Access;

use App\Access\PasswordRules;
use App\Http\Requests\InputRequest;
use App\Models\Access\User;

/** That somebody chooses a password: for themselves, who know the old one, or by an invitation. */
abstract class ChoosesPassword extends InputRequest
{
    abstract public function whose(): User;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $user = $this->whose();

        return [
            'password' => ['bail', 'required', 'string', new PasswordRules([$user->name, $user->email])],
            'again' => ['bail', 'required', 'string', 'same:password'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'again.same' => 'The two are not the same.',
            'again.required' => 'Type it a second time.',
            'password.required' => 'Choose a password.',
        ];
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
