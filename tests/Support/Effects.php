<?php

declare(strict_types=1);

namespace Tests\Support;

use OpenBaton\Core\Subject\Effect\Effect;

/** Every kind of effect that a decision may have, as the folder has them. */
final class Effects
{
    /** @return list<class-string<Effect>> */
    public static function all(): array
    {
        $classes = array_map(
            static fn(string $file): string => 'OpenBaton\\Core\\Subject\\Effect\\' . basename($file, '.php'),
            (array) glob(base_path('core/src/Subject/Effect/*.php')),
        );

        return array_values(
            array_filter(
                $classes,
                static fn(string $class): bool => is_a($class, Effect::class, true) && class_exists($class),
            ),
        );
    }
}
