<?php

declare(strict_types=1);

namespace App\DomainEvents;

/** Makes something of what has happened: handed each event once and in order, within a transaction of its own. */
interface EventConsumer
{
    /** By what its position is kept. */
    public static function name(): string;

    /** @return list<class-string<DomainEvent>> what it is handed */
    public static function kinds(): array;

    /** @param list<HandedEvent> $events */
    public function consume(array $events): void;
}
