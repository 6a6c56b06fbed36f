<?php

declare(strict_types=1);

use Dotenv\Dotenv;

/** @return array<string, string> what a newcomer begins with */
function newcomersSettings(): array
{
    return array_filter(Dotenv::parse((string) file_get_contents(base_path('.env.example'))), is_string(...));
}

it('begins as operations.md describes it: what is done in the background is done by the worker', function (): void {
    $settings = newcomersSettings();
    $operations = (string) file_get_contents(base_path('docs/operations.md'));
    expect($settings['QUEUE_CONNECTION'])->toBe('database');
    expect($operations)
        ->toContain("(`QUEUE_CONNECTION={$settings['QUEUE_CONNECTION']}`)")
        ->toContain("`CACHE_STORE={$settings['CACHE_STORE']}`");
    $serve = (string) file_get_contents(base_path('bin/lib/serve.sh'));
    $demo = (string) file_get_contents(base_path('bin/baton'));
    expect($serve)->toContain('php artisan queue:work')->toContain('php artisan schedule:work');
    expect(preg_match('/^demo\(\) \{.*?^\s+work_in_background$.*?^\}/ms', $demo))->toBe(1);
});

it('documents each setting of its own, and no other', function (): void {
    $used = [];
    foreach (glob(config_path('*.php')) ?: [] as $file) {
        preg_match_all("/env\\('(BATON_[A-Z_]+)'/", (string) file_get_contents($file), $found);
        $used = [...$used, ...$found[1]];
    }
    $documents =
        (string) file_get_contents(base_path('docs/operations.md')) . file_get_contents(base_path('docs/security.md'));
    $undocumented = array_values(
        array_filter(array_unique($used), static fn(string $name): bool => !str_contains($documents, "`{$name}`")),
    );
    preg_match_all('/^\| `(BATON_[A-Z_]+)`/m', $documents, $listed);
    $known = [...$used, 'BATON_PORT', 'BATON_DB_PORT', 'BATON_DATA'];
    expect($undocumented)->toBe([]);
    expect(array_values(array_diff($listed[1], $known)))->toBe([]);
});

it('sets nothing for a newcomer that the application does not read', function (): void {
    // Those of the framework itself apart.
    $read = implode(
        "\n",
        array_map(
            static fn(string $file): string => (string) file_get_contents($file),
            glob(config_path('*.php')) ?: [],
        ),
    );
    $unread = array_filter(
        array_keys(newcomersSettings()),
        static fn(string $name): bool => preg_match('/^(APP|MAIL)_/', $name) === 0 &&
            !str_contains($read, "env('{$name}'"),
    );
    expect(array_values($unread))->toBe([]);
});
