<?php

declare(strict_types=1);

namespace App\Clock;

use App\Access\Actor;
use App\Models\Rules\RulebookVersion;
use App\Rules\LockedDraft;
use App\Rules\Publishing;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\TextLimits;

/** Puts a rulebook in force whose time has come. Where it is no longer right for the house it says so and waits. */
final readonly class PublishPlanned
{
    public function __construct(private Publishing $publishing) {}

    public function __invoke(CarbonImmutable $now): void
    {
        $due = static fn() => RulebookVersion::query()->planned()->where('publish_at', '<=', $now);
        if (!$due()->exists()) {
            return;
        }
        try {
            DB::transaction(function () use ($due): void {
                $locked = LockedDraft::take();
                $planned = $due()->lockForUpdate()->first();
                if ($planned !== null) {
                    $this->publishing->publish($planned, $planned->note, Actor::system('clock'));
                    $locked->moveOn();
                }
            }, attempts: 3);
        } catch (DocumentError $error) {
            $due()->update(['fault' => mb_substr($error->faults[0]->reason, 0, TextLimits::REASON)]);
        }
    }
}
