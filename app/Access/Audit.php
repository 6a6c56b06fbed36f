<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Concerns\NamedInTrail;
use App\Words\Words;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/** Puts down in the audit trail what somebody, or the system, has done. */
final class Audit
{
    /** @param array<string, mixed> $properties */
    public static function record(
        Actor $by,
        string $log,
        string $event,
        string $description,
        ?Model $on = null,
        array $properties = [],
    ): void {
        $path = self::words($log, $event);
        // Whoever reads the trail reads sentences; in production what is done goes on without them.
        if (!app()->isProduction() && !app(Words::class)->has($path)) {
            throw new LogicException("There are no words for \"{$path}\".");
        }
        $properties += ['name' => $on === null ? null : self::nameOf($on)];
        $entry = activity($log)
            ->event($event)
            ->withProperties($by->system === null ? $properties : ['system' => $by->system] + $properties);
        if ($by->user !== null) {
            $entry->causedBy($by->user);
        } else {
            $entry->causedByAnonymous();
        }
        if ($on !== null) {
            $entry->performedOn($on);
        }
        $entry->log($description);
    }

    /** @return string path of the words of an event */
    public static function words(string $log, string $event): string
    {
        return 'audit.' . str_replace('-', '_', $log) . ".{$event}";
    }

    /** What people call it, as it was called then. */
    private static function nameOf(Model $on): ?string
    {
        if ($on instanceof NamedInTrail) {
            return $on->nameInTrail();
        }
        foreach (['name', 'label', 'email', 'number'] as $attribute) {
            $name = $on->getAttributes()[$attribute] ?? null;
            if (is_scalar($name)) {
                return (string) $name;
            }
        }

        return null;
    }
}
