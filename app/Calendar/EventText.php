<?php

declare(strict_types=1);

namespace App\Calendar;

use OpenBaton\Core\Refusal;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Parameter;
use Sabre\VObject\Property;

/** What an event of a calendar says in words: whom it is about, and whether it counts. */
final class EventText
{
    /** Of integers in a calendar (RFC 5545, 3.3.8). */
    private const HIGHEST_SEQUENCE = 2_147_483_647;

    public static function sequence(VEvent $event): int
    {
        $text = self::text($event, 'SEQUENCE');
        if ($text !== '' && (!ctype_digit($text) || (int) $text > self::HIGHEST_SEQUENCE)) {
            throw new Refusal('Its SEQUENCE is not a number from 0 to {most}.', most: self::HIGHEST_SEQUENCE);
        }

        return (int) $text;
    }

    public static function isCancelled(VCalendar $calendar, VEvent $event): bool
    {
        return strtoupper(self::text($event, 'STATUS')) === 'CANCELLED' ||
            strtoupper(self::text($calendar, 'METHOD')) === 'CANCEL';
    }

    /** Of what makes nobody busy nobody is away. */
    public static function isFree(VEvent $event): bool
    {
        return strtoupper(self::text($event, 'TRANSP')) === 'TRANSPARENT';
    }

    /** @return list<string> */
    public static function who(VEvent $event): array
    {
        $who = [];
        foreach (['ATTENDEE', 'ORGANIZER'] as $name) {
            foreach ($event->select($name) as $property) {
                if ($property instanceof Property) {
                    $who[] = (string) preg_replace('/^mailto:/i', '', trim((string) $property));
                    $who[] = self::parameter($property, 'CN');
                }
            }
        }

        return array_values(
            array_unique(array_filter(array_map(static fn(string $one): string => mb_strtolower(trim($one)), $who))),
        );
    }

    public static function title(VEvent $event): string
    {
        return mb_substr(self::text($event, 'SUMMARY'), 0, 200);
    }

    public static function parameter(Property $property, string $name): string
    {
        $parameter = $property->parameters()[$name] ?? null;
        $value = $parameter instanceof Parameter ? $parameter->getValue() : null;

        return is_string($value) ? $value : '';
    }

    /** The value of a property; empty where there is none. */
    public static function text(Component $of, string $name): string
    {
        $property = $of->select($name)[0] ?? null;

        return $property instanceof Property ? trim((string) $property) : '';
    }
}
