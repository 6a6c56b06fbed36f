<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Explain\HouseWords;
use App\Explain\PartWords;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Routing\Objection;
use OpenBaton\Core\Rulebook\KindRegistry;

/** What stands against somebody for a task, in words. */
final readonly class ObjectionWords
{
    public static function say(Objection $objection, HouseWords $words): string
    {
        return match ($objection->kind) {
            Objection::OUTSIDE_POOL => $words->words->say('cover.warnings.outside_pool'),
            Objection::LATE => is_int($objection->figures['minutes'] ?? null)
                ? $words->words->say('cover.warnings.late', [
                    'days' => intdiv($objection->figures['minutes'], 1440),
                    'span' => $words->duration($objection->figures['minutes']),
                ])
                : $words->words->say('cover.warnings.never'),
            default => (new PartWords($words, KindRegistry::standard()))->reason(
                $objection->kind,
                Node::root($objection->figures),
            ),
        };
    }
}
