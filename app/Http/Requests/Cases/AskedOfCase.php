<?php

declare(strict_types=1);

namespace App\Http\Requests\Cases;

use App\Http\Requests\InputRequest;
use OpenBaton\Core\Document\TextLimits;

/** Something that is done with a case as whoever asks saw it, with why. */
abstract class AskedOfCase extends InputRequest
{
    /** The revision that they looked at. */
    abstract public function seen(): int;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['reason' => ['nullable', 'string', 'max:' . TextLimits::REASON]];
    }

    /** @param array<string, list<mixed>> $rules of what is given besides */
    public function given(array $rules): static
    {
        $this->validate($rules);

        return $this;
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
