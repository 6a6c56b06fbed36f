<?php

declare(strict_types=1);

namespace App\Http\Requests\Access;

use App\Models\Access\Invitation;
use App\Models\Access\User;

/** That somebody who was invited chooses their password. */
final class InvitationRequest extends ChoosesPassword
{
    public function authorize(): bool
    {
        return true;
    }

    public function whose(): User
    {
        $secret = $this->route('secret');

        return Invitation::by(is_string($secret) ? $secret : '')
            ->with('user')
            ->firstOrFail()->user ?? abort(404);
    }
}
