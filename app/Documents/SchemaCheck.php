<?php

declare(strict_types=1);

namespace App\Documents;

use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\JsonPointer;
use Opis\JsonSchema\Validator;

/** Checks documents against the JSON Schemas of docs/formats. */
final class SchemaCheck
{
    private const BASE = 'https://openbaton.example/formats/';

    /**
     * @param string $format  roster, rulebook, sweep, world or decision
     * @param mixed  $decoded as json_decode gives it, with objects
     *
     * @throws DocumentError with the first thing that is wrong
     */
    public static function check(string $format, mixed $decoded): void
    {
        $validator = new Validator(max_errors: 100, stop_at_first_error: false);
        $validator->resolver()?->registerPrefix(self::BASE, dirname(__DIR__, 2) . '/docs/formats');
        $error = $validator->validate($decoded, self::BASE . $format . '.schema.json')->error();
        if ($error !== null) {
            throw new DocumentError([self::fault($error)]);
        }
    }

    private static function fault(ValidationError $error): Fault
    {
        $leaf = self::mostTelling($error);

        $path = $leaf->data()->fullPath();

        return new Fault(
            $path === [] ? '' : JsonPointer::pathToString($path),
            (new ErrorFormatter())->formatErrorMessage($leaf) . '.',
        );
    }

    /**
     * Of the alternatives of a "oneOf", what is wrong in the one that the document meant, by its "kind", else in the
     * one that got furthest.
     */
    private static function mostTelling(ValidationError $error): ValidationError
    {
        $parts = array_values(
            array_filter($error->subErrors(), static fn(mixed $part): bool => $part instanceof ValidationError),
        );
        if ($parts === []) {
            return $error;
        }
        usort(
            $parts,
            static fn(ValidationError $a, ValidationError $b): int => self::telling($b) <=> self::telling($a),
        );

        return self::mostTelling($parts[0]);
    }

    private static function telling(ValidationError $error): int
    {
        return self::isOfOtherKind($error) ? -1 : count(self::mostTelling($error)->data()->fullPath());
    }

    private static function isOfOtherKind(ValidationError $error): bool
    {
        $path = $error->data()->fullPath();
        if ($path !== [] && end($path) === 'kind' && in_array($error->keyword(), ['const', 'enum'], true)) {
            return true;
        }
        foreach ($error->keyword() === 'oneOf' ? [] : $error->subErrors() as $part) {
            if ($part instanceof ValidationError && self::isOfOtherKind($part)) {
                return true;
            }
        }

        return false;
    }
}
