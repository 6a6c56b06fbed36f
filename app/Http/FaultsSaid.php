<?php

declare(strict_types=1);

namespace App\Http;

use App\Words\Words;
use Illuminate\Validation\ValidationException;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;

/** What is wrong with what was sent, as one text and as a list. */
final class FaultsSaid
{
    /** A line for each, with its place. */
    public static function lines(DocumentError|ValidationException $error): string
    {
        $faults = $error instanceof DocumentError ? $error->faults : self::of($error);
        $words = app(Words::class);

        return implode(
            "\n",
            array_map(
                static fn(Fault $fault): string => ($fault->pointer === ''
                    ? $words->say('problem.whole_document')
                    : $fault->pointer) . ": {$words->fault($fault)}",
                $faults,
            ),
        );
    }

    /** @return list<Fault> */
    public static function of(ValidationException $error): array
    {
        $faults = [];
        foreach ($error->errors() as $field => $reasons) {
            foreach (is_array($reasons) ? $reasons : [] as $reason) {
                if (is_string($reason)) {
                    $faults[] = new Fault('/' . str_replace('.', '/', (string) $field), $reason);
                }
            }
        }

        return $faults;
    }
}
