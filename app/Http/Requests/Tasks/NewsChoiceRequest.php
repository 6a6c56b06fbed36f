<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\InputRequest;
use App\Models\Events\NewsSort;
use App\Notices\NewsChannels;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Time\TimeOfDay;

/** By which channels somebody hears of what, and when not. */
final class NewsChoiceRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->person !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $time = ['nullable', 'string', 'regex:/' . TimeOfDay::PATTERN . '/D'];

        return self::channelRules() + [
            'quiet_from' => [...$time, 'required_with:quiet_to'],
            'quiet_to' => [...$time, 'required_with:quiet_from'],
            'urgent_passes' => ['boolean'],
        ];
    }

    /** @return array<string, list<mixed>> */
    public static function channelRules(): array
    {
        $sorts = implode(',', array_column(NewsSort::cases(), 'value'));

        return [
            'channels' => ["array:{$sorts}"],
            'channels.*' => ['array', 'list', 'max:' . count(Channel::cases())],
            'channels.*.*' => ['required', Rule::enum(Channel::class)],
        ];
    }

    /** @return array<string, mixed> as columns */
    public function values(): array
    {
        return [
            'channels' => NewsChannels::read($this->input('channels')),
            'quiet_from' => $this->filled('quiet_from') ? $this->string('quiet_from')->toString() : null,
            'quiet_to' => $this->filled('quiet_to') ? $this->string('quiet_to')->toString() : null,
            'urgent_passes' => $this->boolean('urgent_passes'),
        ];
    }
}
