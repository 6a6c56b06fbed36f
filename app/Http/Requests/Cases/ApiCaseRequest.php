<?php

declare(strict_types=1);

namespace App\Http\Requests\Cases;

use App\Http\Requests\InputRequest;
use App\Http\Revision;
use App\Refusals\RevisionRefused;
use OpenBaton\Core\Document\TextLimits;

/** Something that a program does with a case as it was at a revision, with why. */
final class ApiCaseRequest extends InputRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['reason' => ['nullable', 'string', 'max:' . TextLimits::REASON]];
    }

    /** @param array<string, list<mixed>> $rules of what is given besides */
    public function given(array $rules): self
    {
        $this->validate($rules);

        return $this;
    }

    /** @throws RevisionRefused where it does not say which it looked at */
    public function revision(): int
    {
        return Revision::wanted($this) ?? throw RevisionRefused::missing();
    }

    public function reason(): ?string
    {
        $reason = $this->line('reason');

        return $reason === '' ? null : $reason;
    }

    public function text(string $name): string
    {
        return $this->string($name)->toString();
    }
}
