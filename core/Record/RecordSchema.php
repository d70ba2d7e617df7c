<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Range;
use IronLatch\Core\Quantity\Unit;

/** Describes a record class as JSON Schema (draft 2020-12), from the same shapes that the reader uses. */
final class RecordSchema
{
    /** @var array<string, array<string, mixed>> */
    private array $definitions = [];

    /**
     * @param class-string $class
     * @return array<string, mixed> the schema, with its definitions under "$defs"
     */
    public static function describe(string $class): array
    {
        $schema = new self();
        $top = $schema->record($class, null);
        ksort($schema->definitions);

        return [...$top, '$defs' => $schema->definitions];
    }

    /**
     * @param class-string $class
     * @param ?array{string, string} $word key and word that name the class among variants
     * @return array<string, mixed>
     */
    private function record(string $class, ?array $word): array
    {
        $properties = null === $word ? [] : [$word[0] => ['const' => $word[1]]];
        $required = null === $word ? [] : [$word[0]];
        foreach (RecordShape::of($class)->fields as $name => $field) {
            $value = $this->value($field->value);
            $properties[$name] = $field->nullable ? ['anyOf' => [$value, ['type' => 'null']]] : $value;
            if (!$field->optional) {
                $required[] = $name;
            }
        }

        return [
            'type' => 'object',
            'properties' => [] === $properties ? new \stdClass() : $properties,
            'required' => $required,
            'additionalProperties' => false,
        ];
    }

    /**
     * In one piece: a table from the kind of value to its schema.
     *
     * @return array<string, mixed>
     */
    private function value(ValueShape $shape): array
    {
        $item = fn(): array => $this->value($shape->item ?? throw new \LogicException());

        return match ($shape->kind) {
            ValueKind::Text => ['type' => 'string', 'maxLength' => 2000],
            ValueKind::Integer => ['type' => 'integer'],
            ValueKind::Boolean => ['type' => 'boolean'],
            ValueKind::Quantity => self::quantity($shape),
            ValueKind::Spread => ['anyOf' => [self::quantity($shape), [
                'type' => 'object',
                'properties' => array_fill_keys(['min', 'typ', 'max'], self::quantity($shape)),
                'required' => ['min', 'typ', 'max'],
                'additionalProperties' => false,
            ]]],
            ValueKind::Choice => ['enum' => self::words($shape->class ?? '')],
            ValueKind::Record => $this->reference($shape->class ?? throw new \LogicException()),
            ValueKind::Variant => $this->variantReference($shape->class ?? throw new \LogicException()),
            ValueKind::Listing => ['type' => 'array', 'items' => $item()],
            ValueKind::Map => ['type' => 'object', 'patternProperties' => [$shape->keys => $item()], 'additionalProperties' => false],
            ValueKind::Fact => ['oneOf' => [
                ['type' => 'object', 'properties' => ['stated' => $item()], 'required' => ['stated'], 'additionalProperties' => false],
                [
                    'type' => 'object',
                    'properties' => ['assumed' => $item(), 'because' => ['type' => 'string']],
                    'required' => ['assumed', 'because'],
                    'additionalProperties' => false,
                ],
                ['type' => 'object', 'properties' => ['target' => $item()], 'required' => ['target'], 'additionalProperties' => false],
                [
                    'type' => 'object',
                    'properties' => ['unknown' => ['const' => true]],
                    'required' => ['unknown'],
                    'additionalProperties' => false,
                ],
            ]],
        };
    }

    /**
     * @return array<string, mixed>
     */
    private static function quantity(ValueShape $shape): array
    {
        $unit = $shape->unit ?? Unit::Ratio;

        return [
            'type' => 'string',
            'pattern' => QuantityParser::writtenPattern($unit),
            'description' => $unit->measures() . ', ' . ($shape->range ?? Range::of($unit))->said($unit),
        ];
    }

    /**
     * @return list<int|string>
     */
    private static function words(string $enum): array
    {
        return is_subclass_of($enum, \BackedEnum::class) ? array_column($enum::cases(), 'value') : [];
    }

    /**
     * @param class-string $class
     * @return array<string, string>
     */
    private function reference(string $class): array
    {
        $name = self::shortName($class);
        if (!isset($this->definitions[$name])) {
            $this->definitions[$name] = [];
            $this->definitions[$name] = $this->record($class, null);
        }

        return ['$ref' => '#/$defs/' . $name];
    }

    /**
     * @param class-string $interface
     * @return array<string, string>
     */
    private function variantReference(string $interface): array
    {
        $name = self::shortName($interface);
        if (!isset($this->definitions[$name])) {
            $this->definitions[$name] = [];
            $variants = RecordShape::variants($interface);
            $choices = [];
            foreach ($variants->classes as $word => $class) {
                $choices[] = $this->record($class, [$variants->key, $word]);
            }
            $this->definitions[$name] = ['oneOf' => $choices];
        }

        return ['$ref' => '#/$defs/' . $name];
    }

    private static function shortName(string $class): string
    {
        return substr((string) strrchr('\\' . $class, '\\'), 1);
    }
}
