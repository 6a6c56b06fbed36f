<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Tests\Support\FullWorld;

/**
 * @param array<array-key, mixed> $value
 * @param list<int|string>        $path
 *
 * @return list<list<int|string>> where the objects of a document are
 */
function objectsOf(array $value, array $path = []): array
{
    $found = array_is_list($value) && $value !== [] ? [] : [$path];
    foreach ($value as $key => $inside) {
        if (is_array($inside) && $inside !== []) {
            array_push($found, ...objectsOf($inside, [...$path, $key]));
        }
    }

    return $found;
}

/**
 * @param array<array-key, mixed> $document
 * @param list<int|string>        $path
 *
 * @return array<array-key, mixed> with a member that nothing knows in the object there
 */
function withStranger(array $document, array $path): array
{
    if ($path === []) {
        return $document + ['strange' => 1];
    }
    $key = array_shift($path);
    $inside = $document[$key];

    return array_replace($document, [$key => withStranger(is_array($inside) ? $inside : [], $path)]);
}

it('refuses a member that it does not know, wherever it stands', function (): void {
    $document = FullWorld::document();
    $taken = [];
    $objects = objectsOf($document);
    foreach ($objects as $path) {
        try {
            WorldFormat::read(Node::root(withStranger($document, $path)));
            $taken[] = '/' . implode('/', $path);
        } catch (DocumentError $error) {
            // It is told where it is, or where its object is.
            $pointers = array_column($error->faults, 'pointer');
            $inside = array_filter(
                $pointers,
                static fn(string $one): bool => str_starts_with("{$one}/", rtrim('/' . implode('/', $path), '/') . '/'),
            );
            expect($inside)->not->toBe([], '/' . implode('/', $path));
        }
    }
    expect($taken)->toBe([]);
    expect(count($objects))->toBeGreaterThan(120);
});
