<?php

declare(strict_types=1);

namespace App\Http\Requests\Access;

use App\Access\Address;
use App\Http\Requests\InputRequest;
use OpenBaton\Core\Document\TextLimits;

final class SignInRequest extends InputRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:' . TextLimits::NAME],
            'password' => ['required', 'string', 'max:' . TextLimits::NAME],
            'stay' => ['boolean'],
        ];
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
