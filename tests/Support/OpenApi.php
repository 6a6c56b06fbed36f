<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Yaml;

/** The description of the API, and whether answers are as it says. */
final class OpenApi
{
    private const METHODS = ['get', 'post', 'put', 'patch', 'delete'];

    /** @return array<string, mixed> */
    public static function document(): array
    {
        static $document = null;

        return $document ??= (array) Yaml::parseFile(base_path('docs/formats/openapi.yaml'));
    }

    /** @return array<string, array<string, mixed>> operations by "METHOD path" */
    public static function operations(): array
    {
        $operations = [];
        foreach (self::document()['paths'] as $path => $item) {
            foreach (array_intersect(self::METHODS, array_keys($item)) as $method) {
                $operations[strtoupper($method) . " {$path}"] = $item[$method];
            }
        }
        ksort($operations);

        return $operations;
    }

    /** @return string what is wrong with an answer; '': nothing */
    public static function wrongWith(string $operation, TestResponse $answer): string
    {
        $described = self::operations()[$operation]['responses'] ?? [];
        $response = self::resolved($described[(string) $answer->getStatusCode()] ?? null);
        if ($response === null) {
            return "{$answer->getStatusCode()} is not described: " . $answer->getContent();
        }
        $type = explode(';', (string) $answer->headers->get('Content-Type'))[0];
        $content = $response['content'] ?? [];
        if ($content === []) {
            return '';
        }
        if (!isset($content[$type])) {
            return "{$type} is not described";
        }

        return str_ends_with($type, 'json') ? self::wrongIn($content[$type]['schema'], $answer->getContent()) : '';
    }

    /** @param array<string, mixed> $schema */
    private static function wrongIn(array $schema, string|false $json): string
    {
        // The trace of a decision is held against its own schema elsewhere.
        $text = str_replace(
            '{"$ref":"decision.schema.json"}',
            '{}',
            (string) json_encode(
                ['components' => self::document()['components'], 'allOf' => [$schema]],
                JSON_UNESCAPED_SLASHES,
            ),
        );
        $result = (new Validator(max_errors: 5))->validate(json_decode((string) $json), json_decode($text));
        $error = $result->error();

        return $error === null
            ? ''
            : (string) json_encode((new ErrorFormatter())->format($error), JSON_UNESCAPED_SLASHES);
    }

    /**
     * @param array<string, mixed>|null $part
     *
     * @return array<string, mixed>|null
     */
    private static function resolved(?array $part): ?array
    {
        $ref = $part['$ref'] ?? null;

        return is_string($ref) ? data_get(self::document(), str_replace('/', '.', substr($ref, 2))) : $part;
    }
}
