<?php

declare(strict_types=1);

namespace App\Http;

use PDOException;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;
use Throwable;

/** The database is not there, or takes nobody in: what is wrong with that is nothing of what was asked. */
final class Outage
{
    /** Seconds after which it is worth asking again. */
    public const AGAIN_AFTER = 5;

    /** Errors of the server and of its client library (MariaDB), by what they are about. */
    private const CODES = [
        // The disk is full, or can't be written.
        3,
        1021,
        1026,
        1030,
        1114,
        1878,
        // It takes nobody in, shuts down, or only reads.
        1040,
        1053,
        1290,
        1836,
        1927,
        4031,
        // Somebody else held a lock for too long, or the other way round.
        1205,
        1213,
        // It is not reachable, has gone away, or was lost in the middle of a query.
        2002,
        2003,
        2006,
        2013,
    ];

    /** What is to be answered in the place of an error; null: it is something else. */
    public static function of(Throwable $error): ?ServiceUnavailableHttpException
    {
        for ($cause = $error; $cause !== null; $cause = $cause->getPrevious()) {
            if ($cause instanceof PDOException && in_array(self::code($cause), self::CODES, true)) {
                return new ServiceUnavailableHttpException(self::AGAIN_AFTER, previous: $error);
            }
        }

        return null;
    }

    private static function code(PDOException $error): int
    {
        $code = $error->errorInfo[1] ?? $error->getCode();

        return is_numeric($code) ? (int) $code : 0;
    }
}
