<?php

declare(strict_types=1);

namespace App\Http\Requests\Access;

use App\Models\Access\User;
use OpenBaton\Core\Document\TextLimits;

/** That somebody who is signed in wants another password. */
final class PasswordRequest extends ChoosesPassword
{
    public function authorize(): bool
    {
        return $this->user() instanceof User;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['current' => ['required', 'string', 'max:' . TextLimits::NAME]];
    }

    public function whose(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : abort(401);
    }

    public function current(): string
    {
        return $this->string('current')->toString();
    }
}
