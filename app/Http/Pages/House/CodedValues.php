<?php

declare(strict_types=1);

namespace App\Http\Pages\House;

use App\Explain\HouseWords;
use OpenBaton\Core\Time\Offset;

/** Values of members that are codes of the product, in words. */
final readonly class CodedValues
{
    /** Where the words of a member's codes are. */
    private const WORDS = [
        'type' => 'field_type',
        'kind' => 'absence.kinds',
        'status' => 'absence.states',
        'held' => 'absence.held_policies',
        'hand_back' => 'absence.hand_back_policies',
        'audience' => 'reminders.audiences',
        'channels' => 'outbox.channels',
    ];

    public function __construct(private HouseWords $words) {}

    /** @return string|null null: it is no code */
    public function say(int|string $key, mixed $value): ?string
    {
        return match (true) {
            $key === 'channels' && is_array($value) => implode(
                ', ',
                array_map(fn(mixed $one): string => $this->say($key, $one) ?? '', $value),
            ),
            !is_string($value) => null,
            $key === 'field' => $this->words->field($value),
            $key === 'offset' => $this->offset(Offset::parse($value)),
            $key === 'kind' && $this->has("alerts.kinds.{$value}") => $this->words->words->say("alerts.kinds.{$value}"),
            isset(self::WORDS[$key]) && $this->has(self::WORDS[$key] . ".{$value}") => $this->words->words->say(
                self::WORDS[$key] . ".{$value}",
            ),
            default => null,
        };
    }

    private function has(string $path): bool
    {
        return $this->words->words->has($path);
    }

    private function offset(Offset $offset): string
    {
        $words = $this->words->words;
        $side = $words->say('screen.offset_control.side', [
            'side' => ['before', 'same', 'after'][($offset->amount <=> 0) + 1],
        ]);

        return $offset->amount === 0
            ? $side
            : $words->say("offset.{$offset->unit->value}", ['amount' => abs($offset->amount)]) . " {$side}";
    }
}
