<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;

/**
 * The form of a record, taken from its class: each promoted constructor parameter is a field.
 *
 * Boards, parts and edits are all written and read through this one description, and the published schema is made from it,
 * so none of the three can say something else than the others.
 */
final readonly class RecordShape
{
    /**
     * @param class-string $class
     * @param array<string, FieldShape> $fields in the order in which they are written
     */
    private function __construct(public string $class, public array $fields) {}

    /**
     * @param class-string $class
     */
    public static function of(string $class): self
    {
        /** @var array<class-string, self> $known */
        static $known = [];

        return $known[$class] ??= self::read($class);
    }

    /** What is wrong with the quantities of a record, by the ranges that stand with them; null when nothing is. */
    public function impossible(object $record): ?string
    {
        foreach (get_object_vars($record) as $name => $value) {
            $shape = $this->fields[$name]->value ?? null;
            if (is_float($value) && null !== $shape?->range && null !== $shape->unit && !$shape->range->holds($value)) {
                return $shape->range->refusal(QuantityPrinter::rounded($value, $shape->unit), $shape->unit);
            }
        }

        return null;
    }

    /**
     * The classes of an interface, by the words that they have in files.
     *
     * @template T of object
     * @param class-string<T> $interface
     * @return array<string, class-string<T>>
     */
    public static function classes(string $interface): array
    {
        return array_filter(self::variants($interface)->classes, static fn(string $class): bool => is_a($class, $interface, true));
    }

    /**
     * The variants of an interface.
     *
     * @param class-string $interface
     */
    public static function variants(string $interface): OneOf
    {
        /** @var array<class-string, OneOf> $known */
        static $known = [];

        return $known[$interface] ??= self::attribute(new \ReflectionClass($interface), OneOf::class)
            ?? throw new \LogicException($interface . ' has no OneOf attribute.');
    }

    /**
     * @param class-string $class
     */
    private static function read(string $class): self
    {
        $fields = [];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $type = $parameter->getType();
            if (!$type instanceof \ReflectionNamedType) {
                throw new \LogicException(sprintf('%s::$%s needs one named type.', $class, $parameter->getName()));
            }
            $fields[$parameter->getName()] = new FieldShape(
                $parameter->getName(),
                self::shape($parameter, $type->getName()),
                $type->allowsNull(),
                $parameter->isDefaultValueAvailable(),
                $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : null,
            );
        }

        return new self($class, $fields);
    }

    private static function shape(\ReflectionParameter $parameter, string $type): ValueShape
    {
        $measured = self::attribute($parameter, Measured::class);
        $unit = $measured?->unit;
        $range = $measured?->range();
        if ('array' === $type) {
            $list = self::attribute($parameter, ListOf::class);
            if (null !== $list) {
                return new ValueShape(ValueKind::Listing, item: self::plain($list->item));
            }
            $map = self::attribute($parameter, MapOf::class)
                ?? throw new \LogicException('An array needs ListOf or MapOf: $' . $parameter->getName());

            return new ValueShape(ValueKind::Map, item: self::plain($map->item), keys: $map->keys);
        }
        if (Spread::class === $type) {
            return new ValueShape(
                ValueKind::Spread,
                unit: $unit ?? throw new \LogicException('A Spread needs Measured: $' . $parameter->getName()),
                range: $range,
            );
        }
        if ('float' === $type) {
            return new ValueShape(
                ValueKind::Quantity,
                unit: $unit ?? throw new \LogicException('A float needs Measured: $' . $parameter->getName()),
                range: $range,
            );
        }
        $fact = self::attribute($parameter, FactOf::class);
        if (null !== $fact) {
            return new ValueShape(
                ValueKind::Fact,
                item: 'float' === $fact->item ? new ValueShape(ValueKind::Quantity, unit: $unit, range: $range) : self::plain($fact->item),
            );
        }

        return self::plain($type);
    }

    private static function plain(string $type): ValueShape
    {
        if (enum_exists($type)) {
            return new ValueShape(ValueKind::Choice, class: $type);
        }
        if (interface_exists($type)) {
            return new ValueShape(ValueKind::Variant, class: $type);
        }
        if (class_exists($type)) {
            return new ValueShape(ValueKind::Record, class: $type);
        }

        return new ValueShape(match ($type) {
            'string' => ValueKind::Text,
            'int' => ValueKind::Integer,
            'bool' => ValueKind::Boolean,
            default => throw new \LogicException('No written form for the type ' . $type),
        });
    }

    /**
     * @template T of object
     * @param \ReflectionParameter|\ReflectionClass<object> $on
     * @param class-string<T> $name
     * @return ?T
     */
    private static function attribute(\ReflectionParameter|\ReflectionClass $on, string $name): ?object
    {
        return ($on->getAttributes($name)[0] ?? null)?->newInstance();
    }
}
