<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

/** Classes of one folder that do what an interface asks, found as the application finds them: by being there. */
final class Implementations
{
    /**
     * @template T of object
     * @param class-string<T> $interface
     * @return list<class-string<T>>
     */
    public static function of(string $interface): array
    {
        $file = (new \ReflectionClass($interface))->getFileName();
        $namespace = (new \ReflectionClass($interface))->getNamespaceName();
        $classes = [];
        foreach ((array) glob(dirname((string) $file) . '/*.php') as $path) {
            $class = $namespace . '\\' . basename((string) $path, '.php');
            if (is_subclass_of($class, $interface)) {
                $classes[] = $class;
            }
        }

        return $classes;
    }
}
