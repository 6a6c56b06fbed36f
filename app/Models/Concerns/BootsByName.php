<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use ReflectionMethod;

/**
 * Boots the traits of a model by the names of their methods alone.
 *
 * The framework asks each of the hundreds of methods of every model class for
 * attributes, once a process, which for PHP's one process a request is once a
 * request: about a millisecond a class. Methods that say that they boot by an
 * attribute (Boot, Initialize) are not found here, and none of ours do.
 *
 * @see Boot
 * @see Initialize
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        $class = static::class;
        $initializers = [];
        foreach (class_uses_recursive($class) as $trait) {
            $name = class_basename($trait);
            if (method_exists($class, "boot{$name}")) {
                (new ReflectionMethod($class, "boot{$name}"))->invoke(null);
            }
            if (method_exists($class, "initialize{$name}")) {
                $initializers[] = "initialize{$name}";
            }
        }
        static::$traitInitializers[$class] = $initializers;
    }
}
