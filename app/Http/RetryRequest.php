<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/**
 * How what could not be answered is asked once more: a page by itself, a form by whoever filled it in, with what they
 * typed.
 */
final readonly class RetryRequest
{
    /** @param array<string, string> $typed by the names of the form's entries */
    private function __construct(public bool $byItself, public string $address, public array $typed) {}

    /** Null: it can't be, since files were sent with it. */
    public static function of(Request $request): ?self
    {
        if ($request->isMethod('GET')) {
            return new self(true, $request->getRequestUri(), []);
        }

        return $request->isMethod('POST') && $request->files->count() === 0
            ? new self(
                false,
                $request->getRequestUri(),
                array_filter(self::entries($request->request->all()), is_string(...)),
            )
            : null;
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return array<string, mixed>
     */
    private static function entries(array $values, string $in = ''): array
    {
        $entries = [];
        foreach ($values as $name => $value) {
            $name = $in === '' ? (string) $name : "{$in}[{$name}]";
            // A password is typed again.
            if ($name !== 'password') {
                $entries += is_array($value) ? self::entries($value, $name) : [$name => $value];
            }
        }

        return $entries;
    }
}
