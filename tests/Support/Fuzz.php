<?php

declare(strict_types=1);

namespace Tests\Support;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Routing\Route;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ReflectionNamedType;
use ReflectionParameter;
use Stringable;
use Symfony\Component\Yaml\Yaml;

/**
 * Makes requests that nobody would send in good faith of right ones, by what
 * the form request of the route knows. The same for the same seed.
 */
final class Fuzz
{
    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return list<Route> those that take input or an id */
    public static function routes(): array
    {
        return array_values(
            array_filter(
                app('router')->getRoutes()->getRoutes(),
                static fn(Route $route): bool => !Str::startsWith($route->uri(), ['sanctum', 'storage', '_']) &&
                    $route->uri() !== 'sign-out',
            ),
        );
    }

    /**
     * The members that the form request of a route knows, each with a value of its kind.
     *
     * @return array<string, mixed>
     */
    public static function known(Route $route): array
    {
        $known = [];
        foreach ($route->signatureParameters() as $parameter) {
            $type = $parameter instanceof ReflectionParameter ? $parameter->getType() : null;
            if ($type instanceof ReflectionNamedType && is_subclass_of($type->getName(), FormRequest::class)) {
                $known += self::ofRules($type->getName());
            }
        }

        return $known;
    }

    /**
     * The members that the OpenAPI document knows of what a route of the API takes, with its example.
     *
     * @return array<string, mixed>
     */
    public static function documented(Route $route): array
    {
        static $document = null;
        $document ??= (array) Yaml::parseFile(base_path('docs/formats/openapi.yaml'));
        $body = data_get($document, [
            'paths',
            Str::after($route->uri(), 'api/v1'),
            strtolower($route->methods()[0]),
            'requestBody',
            'content',
            'application/json',
        ]);
        if (!str_starts_with($route->uri(), 'api/') || !is_array($body)) {
            return [];
        }
        $ref = data_get($body, 'schema.$ref');
        $schema = is_string($ref)
            ? data_get($document, str_replace('/', '.', Str::after($ref, '#/')))
            : data_get($body, 'schema');

        return (array) ($body['example'] ?? []) +
            array_map(
                static fn(mixed $member): mixed => match (((array) data_get($member, 'type', 'string'))[0]) {
                    'array' => ['x'],
                    'object' => ['task.family' => 'brass'],
                    default => data_get($member, 'enum.0', 'PT1H'),
                },
                (array) data_get($schema, 'properties'),
            );
    }

    /**
     * @param array<string, mixed>|string $sample
     *
     * @return array<string, mixed>|string
     */
    public function spoil(array|string $sample): array|string
    {
        if (is_string($sample)) {
            $at = $this->random->getInt(0, strlen($sample));
            $hostile = $this->hostile();

            return substr_replace($sample, is_string($hostile) ? $hostile : '', $at, $this->random->getInt(0, 20));
        }
        $keys = array_keys($sample);
        if ($keys === []) {
            return ['anything' => $this->hostile()];
        }
        for ($times = $this->random->getInt(1, 2); $times > 0; --$times) {
            $key = $keys[$this->random->getInt(0, count($keys) - 1)];
            $sample[$key] =
                is_array($sample[$key] ?? null) && $sample[$key] !== [] && $this->random->getInt(0, 1) === 1
                    ? $this->inside($sample[$key])
                    : $this->hostile();
        }

        return $sample;
    }

    public function hostile(): mixed
    {
        return match ($this->random->getInt(0, 9)) {
            0 => [],
            1 => [[['deep' => [1]]]],
            2 => str_repeat('x', $this->random->getInt(60, 70_000)),
            3 => str_repeat('😀', $this->random->getInt(50, 16_500)),
            4 => [PHP_INT_MAX, PHP_INT_MIN, 1.0e300, -0.0, true, false, null][$this->random->getInt(0, 6)],
            5 => ['0' => 'x', '__proto__' => 'y', '' => 'z'],
            default => HostileValues::ALL[$this->random->getInt(0, count(HostileValues::ALL) - 1)],
        };
    }

    /** @param Closure(string): string $right of a name in the path */
    public function path(string $uri, Closure $right, bool $spoil): string
    {
        return '/' .
            preg_replace_callback(
                '/\{(\w+)(?::\w+)?\??\}/',
                function (array $found) use ($right, $spoil): string {
                    $hostile = $spoil ? $this->hostile() : null;

                    return rawurlencode(
                        is_string($hostile) && $hostile !== ''
                            ? mb_strcut($hostile, 0, 300, '8bit')
                            : $right($found[1]),
                    );
                },
                $uri,
            );
    }

    /**
     * @param array<array-key, mixed> $value
     *
     * @return array<array-key, mixed>
     */
    private function inside(array $value): array
    {
        $keys = array_keys($value);
        $key = $keys[$this->random->getInt(0, count($keys) - 1)];
        $value[$key] =
            is_array($value[$key]) && $value[$key] !== [] && $this->random->getInt(0, 1) === 1
                ? $this->inside($value[$key])
                : $this->hostile();

        return $value;
    }

    /**
     * @param class-string<FormRequest> $class
     *
     * @return array<string, mixed>
     */
    private static function ofRules(string $class): array
    {
        $request = new $class();
        $request->setContainer(app())->setUserResolver(static fn() => auth()->user());
        $sample = [];
        foreach (rescue(static fn(): array => $request->rules(), [], false) as $name => $rules) {
            data_set($sample, str_replace('*', '0', (string) $name), self::value((array) $rules));
        }

        return $sample;
    }

    /** @param array<mixed> $rules */
    private static function value(array $rules): mixed
    {
        foreach ($rules as $rule) {
            $text = is_string($rule) || $rule instanceof Stringable ? (string) $rule : '';
            [$name, $of] = [...explode(':', $text, 2), ''];
            $value = match ($name) {
                'integer', 'numeric' => 1,
                'boolean' => true,
                'array' => [],
                'date', 'date_format' => '2026-03-09',
                'in' => trim(explode(',', $of)[0], '"'),
                'email' => 'a@b.example',
                'exists' => [
                    'people' => 'femi',
                    'teams' => 'brass-bench',
                    'skills' => 'brass',
                    'places' => 'islands',
                    'customers' => 'holms-school',
                ][explode(',', $of)[0]] ?? 'x',
                default => null,
            };
            if ($value !== null) {
                return $value;
            }
        }

        return 'text';
    }
}
