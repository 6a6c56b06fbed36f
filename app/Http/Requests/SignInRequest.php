<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\SignIn\Address;

final class SignInRequest extends InputRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', 'max:200'], 'stay' => ['boolean']];
    }

    public function address(): string
    {
        return Address::spelled($this->string('email')->toString());
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
