<?php

declare(strict_types=1);

namespace App\Http\Requests\Cases;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use OpenBaton\Core\Document\TextLimits;

/** Something that is done with a case as somebody saw it, with why. */
final class CaseDeedRequest extends InputRequest
{
    public int $seen = 0;

    public ?string $reason = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', new Whole(0)],
            'reason' => ['nullable', 'string', 'max:' . TextLimits::REASON],
        ];
    }

    /** @param array<string, list<mixed>> $rules of what is given besides */
    public function given(array $rules): self
    {
        $this->validate($rules);
        $this->seen = $this->integer('revision');
        $reason = $this->line('reason');
        $this->reason = $reason === '' ? null : $reason;

        return $this;
    }

    public function text(string $name): string
    {
        return $this->string($name)->toString();
    }
}
