<?php

declare(strict_types=1);

namespace App\Messages\StandIns;

use App\Messages\ChannelFailed;
use App\Models\Messages\Behaviour;
use App\Models\Messages\StandInChannel;
use App\Models\Messages\StandInPost;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use OpenBaton\Core\Message\Channel;

/** Takes messages in place of a real channel, each once by its sign, and has the faults that it is told to have. */
final class StandIn
{
    private const SLOW_SECONDS = 3;

    /**
     * @param string      $sign by which it knows a message again
     * @param string|null $raw  of a mail, as it is
     *
     * @throws ChannelFailed
     */
    public static function take(
        Channel $channel,
        string $sign,
        string $address,
        ?string $subject,
        string $text,
        ?string $raw = null,
    ): void {
        $behaviour = StandInChannel::behaviourOf($channel);
        match ($behaviour) {
            Behaviour::Fails => throw new ChannelFailed('The stand-in takes nothing for now.'),
            Behaviour::Refuses => throw new ChannelFailed("There is nobody at {$address}.", true),
            Behaviour::NowAndThen => self::sometimes($channel),
            Behaviour::Slow => sleep(self::SLOW_SECONDS),
            Behaviour::Takes, Behaviour::LosesAnswers => null,
        };
        StandInPost::query()->insertOrIgnore([
            'channel' => $channel->value,
            'message' => $sign,
            'address' => $address,
            'subject' => $subject,
            'text' => $text,
            'raw' => $raw,
            'at' => CarbonImmutable::now()->toDateTimeString(),
        ]);
        if ($behaviour === Behaviour::LosesAnswers) {
            throw new ChannelFailed('The connection broke before the stand-in answered.');
        }
    }

    /** @throws ChannelFailed every third time */
    private static function sometimes(Channel $channel): void
    {
        $counts = Cache::store('database');
        $counts->add("stand-in {$channel->value}", 0);
        if (((int) $counts->increment("stand-in {$channel->value}")) % 3 === 0) {
            throw new ChannelFailed('The stand-in was busy.');
        }
    }
}
