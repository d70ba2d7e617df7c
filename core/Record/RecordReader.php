<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

use IronLatch\Core\Quantity\NotAQuantity;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Range;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;

/**
 * Reads records from plain data, strictly: every key known, every value of its form, or a RecordFault with path and reason.
 *
 * Data typed by a person (a form) is read leniently where that is harmless: `4k7` for a resistance, "1" for true.
 */
final readonly class RecordReader
{
    private const LONGEST_TEXT = 2000;
    private const GREATEST_INTEGER = 999_999_999;
    /** Of a list or a map: more than any board or part has. */
    private const MOST_ITEMS = 4096;

    /**
     * @param bool $lenient what a person types
     * @param bool $trusted what Iron Latch has written itself, perhaps an older one: ranges that were drawn since do not lock it out
     */
    private function __construct(private bool $lenient, private bool $trusted = false) {}

    public static function forFiles(): self
    {
        return new self(false);
    }

    /** What stands in our own store. */
    public static function forStore(): self
    {
        return new self(false, true);
    }

    public static function forForms(): self
    {
        return new self(true);
    }

    /**
     * @template T of object
     * @param class-string<T> $class a record class, or an interface with OneOf
     * @return T
     * @throws RecordFault
     */
    public function read(string $class, mixed $data, string $path = ''): object
    {
        $object = interface_exists($class) ? $this->variant($class, $data, $path) : $this->record($class, $data, $path);
        if (!$object instanceof $class) {
            throw new RecordFault($path, 'something else is written here.');
        }

        return $object;
    }

    /**
     * @param class-string $class
     * @param list<string> $alsoAllowed keys that are read elsewhere
     */
    private function record(string $class, mixed $data, string $path, array $alsoAllowed = []): object
    {
        $data = $this->object($data, $path);
        $shape = RecordShape::of($class);
        foreach (array_map(strval(...), array_keys($data)) as $key) {
            if (!isset($shape->fields[$key]) && !in_array($key, $alsoAllowed, true)) {
                throw new RecordFault(
                    self::join($path, $key),
                    'this key is not known here. Known keys: ' . implode(', ', [...$alsoAllowed, ...array_keys($shape->fields)]) . '.',
                );
            }
        }
        $arguments = [];
        foreach ($shape->fields as $name => $field) {
            if (!array_key_exists($name, $data)) {
                if (!$field->optional) {
                    throw new RecordFault($path, sprintf('the key “%s” is missing.', $name));
                }
                continue;
            }
            $arguments[$name] = null === $data[$name] && $field->nullable
                ? null
                : $this->value($field->value, $data[$name], self::join($path, $name));
        }
        try {
            return new $class(...$arguments);
        } catch (\InvalidArgumentException $fault) {
            throw new RecordFault($path, $fault->getMessage());
        }
    }

    /**
     * @param class-string $interface
     */
    private function variant(string $interface, mixed $data, string $path): object
    {
        $variants = RecordShape::variants($interface);
        $data = $this->object($data, $path);
        $word = $data[$variants->key] ?? null;
        if (!is_string($word) || !isset($variants->classes[$word])) {
            throw new RecordFault(
                self::join($path, $variants->key),
                'expected one of: ' . implode(', ', array_keys($variants->classes)) . '.',
            );
        }

        return $this->record($variants->classes[$word], $data, $path, [$variants->key]);
    }

    /** In one piece: a table from the kind of value to its reader. */
    private function value(ValueShape $shape, mixed $data, string $path): mixed
    {
        return match ($shape->kind) {
            ValueKind::Text => $this->text($data, $path),
            ValueKind::Integer => $this->integer($data, $path),
            ValueKind::Boolean => $this->boolean($data, $path),
            ValueKind::Quantity => $this->quantity($shape, $data, $path),
            ValueKind::Spread => $this->spread($shape, $data, $path),
            ValueKind::Choice => $this->choice($shape->class ?? '', $data, $path),
            // What a form has looked up is there already, and was typed by nobody.
            ValueKind::Record => is_object($data) && $data::class === $shape->class
                ? $data
                : $this->record($shape->class ?? throw new \LogicException(), $data, $path),
            ValueKind::Variant => $this->variant($shape->class ?? throw new \LogicException(), $data, $path),
            ValueKind::Listing => $this->listing($shape->item ?? throw new \LogicException(), $data, $path),
            ValueKind::Map => $this->map($shape->item ?? throw new \LogicException(), $shape->keys, $data, $path),
            ValueKind::Fact => $this->fact($shape->item ?? throw new \LogicException(), $data, $path),
        };
    }

    private function text(mixed $data, string $path): string
    {
        if (!is_string($data)) {
            throw new RecordFault($path, 'expected a text.');
        }
        // What a person types over several lines is one text; so is what an older Iron Latch kept.
        $text = $this->lenient || $this->trusted ? (string) preg_replace('/\s*[\r\n\x{85}\x{2028}\x{2029}]+\s*/u', ' ', $data) : $data;
        $text = $this->lenient ? trim($text) : $text;
        if (mb_strlen($text) > self::LONGEST_TEXT) {
            throw new RecordFault($path, sprintf('this text is longer than %d characters. Shorten it.', self::LONGEST_TEXT));
        }
        if (!mb_check_encoding($text, 'UTF-8') || 1 === preg_match('/[\x{00}-\x{1F}\x{7F}-\x{9F}\x{2028}\x{2029}]/u', $text)) {
            throw new RecordFault(
                $path,
                'this text holds a control character, a line break, or is not encoded as UTF-8. Write it on one line.',
            );
        }

        return $text;
    }

    private function integer(mixed $data, string $path): int
    {
        if ($this->lenient && is_string($data) && 1 === preg_match('/^-?\d{1,9}$/', trim($data))) {
            return (int) trim($data);
        }

        if (!is_int($data)) {
            throw new RecordFault($path, 'expected a whole number.');
        }

        return abs($data) <= self::GREATEST_INTEGER ? $data : throw new RecordFault(
            $path,
            sprintf('%d is not possible here: no number on a board has more than nine digits.', $data),
        );
    }

    private function boolean(mixed $data, string $path): bool
    {
        if ($this->lenient && in_array($data, ['1', 'yes', 'true', '0', 'no', 'false'], true)) {
            return in_array($data, ['1', 'yes', 'true'], true);
        }

        return is_bool($data) ? $data : throw new RecordFault($path, 'expected true or false.');
    }

    private function quantity(ValueShape $shape, mixed $data, string $path): float
    {
        $unit = $shape->unit ?? Unit::Ratio;
        if (!is_string($data)) {
            throw new RecordFault(
                $path,
                sprintf(
                    'expected %s with its unit in quotation marks, such as “%s”.',
                    $unit->measures(),
                    explode(' or ', $unit->example())[0],
                ),
            );
        }
        try {
            $value = $this->lenient ? QuantityParser::parse($data, $unit) : QuantityParser::parseWritten($data, $unit);
        } catch (NotAQuantity $fault) {
            throw new RecordFault($path, $fault->getMessage());
        }
        $range = $shape->range ?? Range::of($unit);

        return $this->trusted || $range->holds($value)
            ? $value
            : throw new RecordFault($path, $range->refusal(mb_substr($data, 0, 40), $unit));
    }

    /** One text for an exact value, or an object with min, typ and max. */
    private function spread(ValueShape $shape, mixed $data, string $path): Spread
    {
        if (is_string($data)) {
            return Spread::exactly($this->quantity($shape, $data, $path));
        }
        $data = $this->object($data, $path);
        if (['max', 'min', 'typ'] !== self::sortedKeys($data)) {
            throw new RecordFault($path, 'a spread has the three keys min, typ and max.');
        }
        try {
            return new Spread(
                $this->quantity($shape, $data['min'], $path . '.min'),
                $this->quantity($shape, $data['typ'], $path . '.typ'),
                $this->quantity($shape, $data['max'], $path . '.max'),
            );
        } catch (\InvalidArgumentException) {
            throw new RecordFault($path, 'min, typ and max must not decrease.');
        }
    }

    private function choice(string $enum, mixed $data, string $path): \BackedEnum
    {
        if (!is_subclass_of($enum, \BackedEnum::class)) {
            throw new \LogicException($enum . ' is not an enum with values.');
        }
        $case = is_string($data) ? $enum::tryFrom($data) : null;

        return $case ?? throw new RecordFault($path, 'expected one of: ' . implode(', ', array_column($enum::cases(), 'value')) . '.');
    }

    /**
     * @return list<mixed>
     */
    private function listing(ValueShape $item, mixed $data, string $path): array
    {
        if ($this->lenient && is_string($data)) {
            $data = [$data];
        }
        if (!is_array($data) || !array_is_list($data)) {
            throw new RecordFault($path, 'expected a list in square brackets.');
        }
        if (count($data) > self::MOST_ITEMS) {
            throw new RecordFault($path, sprintf('this list has more than %d entries.', self::MOST_ITEMS));
        }
        $values = [];
        foreach ($data as $index => $value) {
            $values[] = $this->value($item, $value, $path . '[' . $index . ']');
        }

        return $values;
    }

    /**
     * @return array<string, mixed>
     */
    private function map(ValueShape $item, string $keys, mixed $data, string $path): array
    {
        $values = [];
        foreach ($this->object($data, $path) as $key => $value) {
            // PHP turns a key such as 0 into a number.
            $key = (string) $key;
            if (1 !== preg_match('/' . $keys . '/D', $key)) {
                throw new RecordFault(self::join($path, $key), sprintf('“%s” is not a key of the form %s.', $key, $keys));
            }
            $values[$key] = $this->value($item, $value, self::join($path, $key));
        }

        return $values;
    }

    /**
     * @return Fact<bool|int|float|\BackedEnum>
     */
    private function fact(ValueShape $item, mixed $data, string $path): Fact
    {
        $data = $this->lenient && !is_array($data) ? ['stated' => $data] : $this->object($data, $path);
        $known = function (string $key) use ($item, $data, $path): bool|int|float|\BackedEnum {
            $value = $this->value($item, $data[$key], $path . '.' . $key);

            return is_bool($value) || is_int($value) || is_float($value) || $value instanceof \BackedEnum
                ? $value
                : throw new \LogicException('A fact holds a figure, a choice or a yes.');
        };

        return match (self::sortedKeys($data)) {
            ['stated'] => Fact::stated($known('stated')),
            ['assumed', 'because'] => Fact::assumed($known('assumed'), $this->text($data['because'], $path . '.because')),
            ['target'] => Fact::target($known('target')),
            ['unknown'] => true === $data['unknown'] ? Fact::unknown() : throw new RecordFault($path . '.unknown', 'expected true.'),
            default => throw new RecordFault(
                $path,
                'a fact is {"stated": …}, {"assumed": …, "because": …}, {"target": …} or {"unknown": true}.',
            ),
        };
    }

    /**
     * @return array<array-key, mixed> a key such as “0” is a number to PHP
     */
    private function object(mixed $data, string $path): array
    {
        if (!is_array($data) || ([] !== $data && array_is_list($data))) {
            throw new RecordFault($path, 'expected an object in curly brackets.');
        }
        return $data;
    }

    /**
     * @param array<array-key, mixed> $data
     * @return list<string>
     */
    private static function sortedKeys(array $data): array
    {
        $keys = array_map(strval(...), array_keys($data));
        sort($keys);

        return $keys;
    }

    private static function join(string $path, string $key): string
    {
        return '' === $path ? $key : $path . '.' . $key;
    }
}
