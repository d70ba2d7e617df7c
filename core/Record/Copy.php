<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

/** A record with some of its fields changed; its constructor judges the result. */
final class Copy
{
    /**
     * @template T of object
     * @param T $record what is no parameter of its constructor is reckoned anew
     * @param array<string, mixed> $changes by field
     * @return T
     */
    public static function of(object $record, array $changes): object
    {
        $class = new \ReflectionClass($record);
        $values = get_object_vars($record);
        $fields = [];
        foreach ($class->getConstructor()?->getParameters() ?? [] as $parameter) {
            if (!array_key_exists($parameter->name, $changes)) {
                $fields[$parameter->name] = $values[$parameter->name];
            }
        }

        return $class->newInstanceArgs([...$fields, ...$changes]);
    }

    /**
     * The same for what was said of some fields: null says nothing and leaves a field as it is.
     *
     * @template T of object
     * @param T $record whose fields are all promoted parameters
     * @param array<string, mixed> $said by field
     * @return T
     */
    public static function said(object $record, array $said): object
    {
        return self::of($record, array_filter($said, static fn(mixed $change): bool => null !== $change));
    }
}
