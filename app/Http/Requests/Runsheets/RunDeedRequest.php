<?php

declare(strict_types=1);

namespace App\Http\Requests\Runsheets;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use OpenBaton\Core\Document\TextLimits;

/** What somebody does with a run that they have looked at. */
final class RunDeedRequest extends InputRequest
{
    public const DEEDS = ['again', 'without', 'back', 'cancel'];

    public function authorize(): bool
    {
        return $this->user()?->can('steer', $this->route('run')) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', new Whole(0)],
            'deed' => ['required', 'string', 'in:' . implode(',', self::DEEDS)],
            'step' => ['required_if:deed,again,without,back', 'nullable', 'string', 'max:' . TextLimits::LABEL],
            'keep' => ['boolean'],
        ];
    }

    public function deed(): string
    {
        return $this->line('deed');
    }

    public function step(): string
    {
        return $this->line('step');
    }

    public function seen(): int
    {
        return $this->integer('revision');
    }

    /** Whether open work is left rather than dropped. */
    public function keeps(): bool
    {
        return $this->boolean('keep');
    }
}
