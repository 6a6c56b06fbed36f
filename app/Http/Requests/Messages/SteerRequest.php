<?php

declare(strict_types=1);

namespace App\Http\Requests\Messages;

use App\Http\Requests\Ahead;
use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Messages\Message;
use Carbon\CarbonImmutable;

/** What is done with several messages at once. */
final class SteerRequest extends InputRequest
{
    private const MOST = 100;

    public const RELEASE = 'release';
    public const DROP = 'drop';
    public const HOLD = 'hold';
    public const POSTPONE = 'postpone';

    public const ACTS = [self::RELEASE, self::DROP, self::HOLD, self::POSTPONE];

    public function authorize(): bool
    {
        return $this->user()?->can('viewAny', Message::class) === true;
    }

    /** By the last part of the address. */
    public function act(): string
    {
        return basename($this->path());
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ids' => ['required', 'array', 'list', 'max:' . self::MOST],
            'ids.*' => ['required', new Whole(1), 'distinct'],
        ] + ($this->act() === self::POSTPONE ? ['at' => Ahead::RULES] : []);
    }

    /** @return list<int> */
    public function ids(): array
    {
        return array_values(array_map(intval(...), array_filter((array) $this->validated('ids'), is_numeric(...))));
    }

    public function at(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->string('at')->toString());
    }
}
