<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/** Writes records as plain data: the constructor's order of keys, values with their unit, defaults left out. */
final class RecordWriter
{
    /**
     * @return array<string, mixed>
     */
    public static function write(object $record): array
    {
        $data = [];
        $values = get_object_vars($record);
        foreach (RecordShape::of($record::class)->fields as $name => $field) {
            $value = $values[$name];
            if (!$field->optional || $value !== $field->default) {
                $data[$name] = null === $value ? null : self::value($field->value, $value);
            }
        }

        return $data;
    }

    /**
     * Writes a record that stands for an interface: the word that names its class comes first.
     *
     * @param class-string $interface
     * @return array<string, mixed>
     */
    public static function writeVariant(string $interface, object $record): array
    {
        $variants = RecordShape::variants($interface);
        $word = array_search($record::class, $variants->classes, true);
        if (false === $word) {
            throw new \LogicException(sprintf(
                '%s is not in the list of variants of %s, so it could be written and never read again.',
                $record::class,
                $interface,
            ));
        }

        return [$variants->key => $word, ...self::write($record)];
    }

    /** In one piece: a table from the kind of value to its form. */
    private static function value(ValueShape $shape, mixed $value): mixed
    {
        return match (true) {
            ValueKind::Quantity === $shape->kind && is_float($value) => QuantityPrinter::written($value, $shape->unit ?? Unit::Ratio),
            $value instanceof Spread => self::spread($shape->unit ?? Unit::Ratio, $value),
            $value instanceof Fact => self::fact($shape->item ?? throw new \LogicException(), $value),
            $value instanceof \BackedEnum => $value->value,
            ValueKind::Listing === $shape->kind && is_array($value) => array_map(
                static fn(mixed $item): mixed => self::value($shape->item ?? throw new \LogicException(), $item),
                array_values($value),
            ),
            ValueKind::Map === $shape->kind && is_array($value) => self::orEmptyObject(array_map(
                static fn(mixed $item): mixed => self::value($shape->item ?? throw new \LogicException(), $item),
                $value,
            )),
            ValueKind::Variant === $shape->kind
                && is_object($value) => self::writeVariant($shape->class ?? throw new \LogicException(), $value),
            is_object($value) => self::orEmptyObject(self::write($value)),
            default => $value,
        };
    }

    /**
     * @return string|array{min: string, typ: string, max: string}
     */
    private static function spread(Unit $unit, Spread $spread): string|array
    {
        if ($spread->min === $spread->max) {
            return QuantityPrinter::written($spread->typ, $unit);
        }

        return [
            'min' => QuantityPrinter::written($spread->min, $unit),
            'typ' => QuantityPrinter::written($spread->typ, $unit),
            'max' => QuantityPrinter::written($spread->max, $unit),
        ];
    }

    /**
     * @param Fact<bool|int|float|\BackedEnum> $fact
     * @return array<string, mixed>
     */
    private static function fact(ValueShape $item, Fact $fact): array
    {
        return match ($fact->knowledge) {
            Knowledge::Stated => ['stated' => self::value($item, $fact->value)],
            Knowledge::Assumed => ['assumed' => self::value($item, $fact->value), 'because' => $fact->because],
            Knowledge::Target => ['target' => self::value($item, $fact->value)],
            Knowledge::Unknown => ['unknown' => true],
        };
    }

    /**
     * An empty PHP array would be written as a list.
     *
     * @param array<mixed> $data
     * @return array<mixed>|\stdClass
     */
    private static function orEmptyObject(array $data): array|\stdClass
    {
        return [] === $data ? new \stdClass() : $data;
    }
}
