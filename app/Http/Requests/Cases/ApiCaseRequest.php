<?php

declare(strict_types=1);

namespace App\Http\Requests\Cases;

use App\Http\Revision;
use App\Refusals\RevisionRefused;

/** What a program does with a case: a header says which revision it read. */
final class ApiCaseRequest extends AskedOfCase
{
    /** @throws RevisionRefused where it does not say */
    public function seen(): int
    {
        return Revision::wanted($this) ?? throw RevisionRefused::missing();
    }
}
