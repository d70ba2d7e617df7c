<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Whole\AcceptFinding;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\LineGroup;
use IronLatch\Core\Board\Rail;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Range;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Record\ValueKind;
use IronLatch\Core\Record\ValueShape;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Wiring\Connections;
use Random\Randomizer;

/** Edits of every kind, drawn from the description of their fields: mostly plausible for the board at hand, sometimes odd. */
final readonly class RandomEdits
{
    /** Names of fields that want the id of something of the board, by the property of the board that has them. */
    private const IDS = [
        'line' => 'lines', 'lines' => 'lines', 'function' => 'functions', 'functions' => 'functions', 'sharedFunction' => 'functions',
        'a' => 'functions', 'b' => 'functions',
        'rail' => 'rails', 'from' => 'rails', 'group' => 'groups', 'expander' => 'expanders', 'device' => 'devices',
        'scenario' => 'scenarios', 'channel' => 'channels', 'channels' => 'channels', 'via' => 'channels', 'bus' => 'groups',
        'lit' => 'lines',
        'place' => 'places', 'places' => 'places', 'otherPlace' => 'places', 'cable' => 'houseCables', 'cables' => 'houseCables',
    ];
    /** Units people mean, near values that boards have. */
    private const USUAL = [
        'V' => [3.3, 5.0, 12.0],
        'A' => [0.02, 1.0, 10.0],
        'Ω' => [100.0, 470.0, 1e3, 4.7e3, 10e3],
        'W' => [5.0, 60.0, 2000.0],
        'F' => [1e-7, 1e-6, 2.2e-6, 470e-6],
        'm' => [0.005, 0.008, 0.5, 3.0],
        'mm²' => [0.5e-6, 1e-6, 1.5e-6],
        's' => [0.02, 0.3, 10.0, 240.0],
        'Hz' => [100e3, 400e3],
        '°C' => [20.0, 40.0, 60.0],
        '×' => [0.6, 1.0, 10.0],
        '%' => [50.0, 80.0],
        '€' => [0.3],
        'K/W' => [10.0, 24.0],
        'h' => [0.5, 4.0],
    ];

    public function __construct(private Randomizer $dice) {}

    /**
     * @return list<class-string<Edit>> of all edits that there are
     */
    public static function classes(): array
    {
        return array_values(array_filter(
            RecordShape::variants(Edit::class)->classes,
            static fn(string $class): bool => is_subclass_of($class, Edit::class),
        ));
    }

    /**
     * @param class-string<Edit> $class
     * @return ?Edit null where the fields that were drawn make no edit
     */
    public function drawn(string $class, Board $board): ?Edit
    {
        if (AcceptFinding::class === $class) {
            return $this->acceptance($board);
        }
        $word = array_search($class, RecordShape::variants(Edit::class)->classes, true);
        $data = ['edit' => $word, ...$this->record($class, $board)];
        if (isset($data['carrier']) && is_array($data['carrier']) && isset($data['chip'])) {
            $carrier = RecordReader::forFiles()->read(Carrier::class, $data['carrier']);
            $data['chip'] = RecordWriter::write(TestBoards::part($carrier->chip, Chip::class));
        }
        try {
            return RecordReader::forFiles()->read(Edit::class, $data);
        } catch (RecordFault) {
            return null;
        }
    }

    /** One of the findings that the board has, accepted. */
    private function acceptance(Board $board): ?Edit
    {
        $findings = array_filter(TestBoards::inspect($board)->findings, static fn(Finding $finding): bool => null === $finding->acceptance);
        if ([] === $findings) {
            return null;
        }
        $finding = $this->one($findings);

        return new AcceptFinding(
            $finding->rule->id,
            $finding->subject,
            $finding->severity->value,
            $finding->acceptedAs(),
            $finding->rule->version,
            'it is meant so',
            'R. Alder',
        );
    }

    /**
     * @param class-string $class
     * @return array<string, mixed>
     */
    private function record(string $class, Board $board): array
    {
        $data = [];
        $fields = RecordShape::of($class)->fields;
        // An edit of very many fields mostly fills in few of them.
        $skipped = count($fields) > 10 ? 9 : 5;
        foreach ($fields as $name => $field) {
            if ($field->optional && $this->dice->getInt(0, 9) < $skipped) {
                continue;
            }
            $data[$name] = $field->nullable && $this->once(4) ? null : $this->value($field->value, $name, $board);
        }

        return $data;
    }

    private function value(ValueShape $shape, string $name, Board $board): mixed
    {
        return match ($shape->kind) {
            ValueKind::Text => $this->text($name, $board),
            ValueKind::Integer => $this->one([0, 1, 2, 3, 4, 8, 10, 16, 32, 50, 100, 9600, 115_200]),
            ValueKind::Boolean => $this->once(2),
            ValueKind::Quantity => $this->quantity($shape),
            ValueKind::Spread => $this->quantity($shape),
            ValueKind::Choice => $this->choice($shape->class ?? ''),
            ValueKind::Record => is_subclass_of($shape->class ?? '', Part::class)
                ? $this->part($shape->class, $board)
                : $this->record($shape->class ?? throw new \LogicException(), $board),
            ValueKind::Variant => $this->variant($shape->class ?? throw new \LogicException(), $board),
            ValueKind::Listing => array_map(
                fn(): mixed => $this->value($shape->item ?? throw new \LogicException(), $name, $board),
                array_fill(0, $this->dice->getInt(1, 3), null),
            ),
            ValueKind::Map => [],
            ValueKind::Fact => $this->once(6)
                ? ['unknown' => true]
                : ['stated' => $this->value($shape->item ?? throw new \LogicException(), $name, $board)],
        };
    }

    private function text(string $name, Board $board): string
    {
        $things = 'group' === $name && $this->once(2) ? 'lineGroups' : self::IDS[$name] ?? null;
        $ids = match (true) {
            null !== $things => array_keys((array) get_object_vars($board)[$things]),
            'actuator' === $name || 'actuators' === $name || 'subjects' === $name => array_keys($board->actuators()),
            'designator' === $name || 'designators' === $name => array_keys(Connections::of($board)->devices),
            'wire' === $name => array_keys(Connections::of($board)->wires),
            'surface' === $name || 'surfaces' === $name => $this->surfaces($board),
            'relays' === $name => array_merge(...[
                [],
                ...array_map(static fn(FunctionGroup $group): array => $group->functions, array_values($board->groups)),
            ]),
            'pin' === $name || 'pins' === $name => array_keys($board->controller()->pins),
            'first' === $name || 'second' === $name => array_keys($board->functions),
            'protection' === $name => array_merge(...[
                [],
                ...array_map(static fn(Rail $rail): array => $rail->protection, array_values($board->rails)),
            ]),
            'value' === $name => array_merge(...[
                [],
                ...array_map(
                    static fn(Actuator $one): array => array_keys(get_object_vars($one->driver)),
                    array_values($board->actuators()),
                ),
            ]),
            'facts' === $name => self::stated(RecordWriter::write($board)),
            'at' === $name => ['07:30', '06:30', '21:15'],
            'day' === $name || 'seenOn' === $name => ['2026-03-14', '2024-02-29', '14 March'],
            'key' === $name => array_keys(array_merge(...[[], ...array_map(
                static fn(LineGroup $group): array => $group->keys,
                array_values($board->lineGroups),
            )])),
            'label' === $name => array_map(static fn($entry): string => $entry->label, $board->controller()->carrier->entries()),
            'transistor' === $name || 'npn' === $name => ['npn-2n2222'],
            'code' === $name => ['0BF430CF', '0BF418E7', 'FFFFFFFF'],
            default => ['Night shelf', 'Größe & “Licht”', 'x', str_repeat('long ', 20), '*/ ??/ \\', '=1+1', ''],
        };

        return [] === $ids || $this->once(25) ? $this->one(['', 'L1', 'F1', 'no such']) : (string) $this->one($ids);
    }

    /**
     * @param array<mixed> $record
     * @return list<string> the steps to all facts that are stated
     */
    private static function stated(array $record, string $at = ''): array
    {
        $found = [];
        foreach ($record as $key => $value) {
            $found[] = match (true) {
                !is_array($value) || in_array($key, ['parts', 'acceptances'], true) => [],
                isset($value['stated']) => [$at . $key],
                default => self::stated($value, $at . $key . '.'),
            };
        }

        return array_merge(...$found);
    }

    /**
     * All, or those that act by themselves, which are few.
     *
     * @return list<string>
     */
    private function surfaces(Board $board): array
    {
        $all = array_merge(...[[], ...array_map(static fn(Line $line): array => $line->surfaces, array_values($board->lines))]);
        $few = array_filter(
            $all,
            static fn(Surface $surface): bool => SurfaceKind::Timer === $surface->kind || SurfaceKind::SensorRule === $surface->kind,
        );

        return array_keys([] !== $few && $this->once(2) ? $few : $all);
    }

    private function quantity(ValueShape $shape): string
    {
        $unit = $shape->unit ?? Unit::Ratio;
        $range = $shape->range ?? Range::of($unit);
        $value = match ($this->dice->getInt(0, 11)) {
            0 => $range->least,
            1 => $range->most,
            2 => 1e-15,
            3 => $range->least + ($range->most - $range->least) * $this->dice->getInt(0, 1000) / 1000,
            default => $this->one(self::USUAL[$unit->value] ?? [1.0]) * (1 + $this->dice->getInt(-3, 3) / 10),
        };

        return QuantityPrinter::written($value, $unit);
    }

    private function choice(string $enum): int|string
    {
        $cases = is_subclass_of($enum, \BackedEnum::class) ? $enum::cases() : [];

        return [] === $cases ? '' : $this->one($cases)->value;
    }

    /**
     * @param class-string $interface
     * @return array<string, mixed>
     */
    private function variant(string $interface, Board $board): array
    {
        if (Part::class === $interface && [] !== $board->parts) {
            return RecordWriter::writeVariant(Part::class, $this->one($board->parts));
        }
        $variants = RecordShape::variants($interface);
        $words = array_keys($variants->classes);
        $word = [] === $words ? '' : $this->one($words);

        return [$variants->key => $word, ...$this->record($variants->classes[$word], $board)];
    }

    /**
     * @param class-string $class
     * @return array<string, mixed>
     */
    private function part(string $class, Board $board): array
    {
        $parts = is_subclass_of($class, Part::class) ? TestBoards::catalogue()->parts($class) : [];
        $own = array_filter($board->parts, static fn(Part $part): bool => $part instanceof $class);

        $all = [...$parts, ...$own];

        return [] === $all ? [] : RecordWriter::write($this->one($all));
    }

    /**
     * @template T
     * @param non-empty-array<T> $choices
     * @return T
     */
    private function one(array $choices): mixed
    {
        return $choices[$this->dice->pickArrayKeys($choices, 1)[0]];
    }

    private function once(int $in): bool
    {
        return 0 === $this->dice->getInt(0, $in - 1);
    }
}
