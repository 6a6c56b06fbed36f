<?php

declare(strict_types=1);

namespace App\Http\Requests\Cases;

use App\Http\Requests\SpeakRequest;
use App\Models\Cases\CustomerCase;
use LogicException;

/** What somebody says on a case, and to whom. */
final class CommentOnCaseRequest extends SpeakRequest
{
    protected function on(): CustomerCase
    {
        $case = $this->route('case');

        return $case instanceof CustomerCase ? $case : throw new LogicException('The route has no case.');
    }

    protected function unseen(): string
    {
        return '{person} does not see this case. Whoever owns it, or a lead, can speak to them.';
    }
}
