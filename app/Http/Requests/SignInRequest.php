<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class SignInRequest extends InputRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'email'], 'password' => ['required', 'string'], 'stay' => ['boolean']];
    }

    /** @return array<string, string> */
    public function credentials(): array
    {
        return ['email' => $this->string('email')->toString(), 'password' => $this->string('password')->toString()];
    }
}
