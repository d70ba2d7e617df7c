<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Record;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\DirectDrive;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\HouseRules;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\Seat;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Knowledge;
use IronLatch\Core\Record\RecordFault;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordSchema;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Record\ValueKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RecordTest extends TestCase
{
    private const SUPPLY = [
        'identity' => ['id' => 'x', 'version' => 1, 'name' => 'X', 'basis' => 'from-memory', 'source' => 'a test'],
        'form' => 'plug-in adapter',
        'output' => ['min' => '4.9 V', 'typ' => '5 V', 'max' => '5.1 V'],
        'ratedAmps' => '600 mA',
    ];

    public function testTheShapeFollowsTheConstructor(): void
    {
        $shape = RecordShape::of(Actuator::class);
        self::assertSame(
            ['function', 'relay', 'driver', 'rail', 'activeLevel', 'clamp', 'contact', 'opens', 'holdRatio', 'paired', 'guards'],
            array_keys($shape->fields),
        );
        self::assertSame(
            [ValueKind::Text, ValueKind::Variant, ValueKind::Fact],
            [$shape->fields['function']->value->kind, $shape->fields['driver']->value->kind, $shape->fields['activeLevel']->value->kind],
        );
        self::assertSame([true, ContactUse::NormallyOpen], [$shape->fields['contact']->optional, $shape->fields['contact']->default]);
        self::assertSame($shape, RecordShape::of(Actuator::class), 'A shape is read once.');
    }

    public function testASpreadIsOneTextWhenExactAndThreeOtherwise(): void
    {
        $supply = RecordReader::forFiles()->read(Supply::class, self::SUPPLY);
        self::assertEquals(new Spread(4.9, 5.0, 5.1), $supply->output);
        self::assertSame(self::SUPPLY, RecordWriter::write($supply));
        $exact = RecordReader::forFiles()->read(Supply::class, [...self::SUPPLY, 'output' => '5 V']);
        self::assertEquals(Spread::exactly(5.0), $exact->output);
        self::assertSame('5 V', RecordWriter::write($exact)['output']);
    }

    public function testDefaultsAreLeftOutAndFilledIn(): void
    {
        self::assertSame(['pin' => 'GPIO4'], RecordWriter::write(new Seat('GPIO4')));
        self::assertSame(['pin' => 'GPIO4', 'locked' => true], RecordWriter::write(new Seat('GPIO4', true)));
        self::assertEquals(
            new Seat('GPIO4', false, '', true),
            RecordReader::forFiles()->read(Seat::class, ['pin' => 'GPIO4', 'confirmed' => true]),
        );
        self::assertSame([], RecordWriter::write(new HouseRules()));
    }

    public function testAVariantIsNamedByItsWord(): void
    {
        self::assertSame(
            ['driver' => 'npn-low-side', 'transistor' => 't', 'baseOhms' => '470 Ω'],
            RecordWriter::writeVariant(Driver::class, new NpnLowSide('t', 470.0)),
        );
        self::assertEquals(new DirectDrive(), RecordReader::forFiles()->read(Driver::class, ['driver' => 'direct']));
    }

    /**
     * @return iterable<string, array{Fact<Level>, array<string, mixed>}>
     */
    public static function facts(): iterable
    {
        yield 'stated' => [Fact::stated(Level::Low), ['stated' => 'low']];
        yield 'assumed' => [Fact::assumed(Level::High, 'the driver’s own'), ['assumed' => 'high', 'because' => 'the driver’s own']];
        yield 'unknown' => [Fact::unknown(), ['unknown' => true]];
    }

    /**
     * @param Fact<Level> $fact
     * @param array<string, mixed> $data
     */
    #[DataProvider('facts')]
    public function testAFactKeepsWhatIsKnownOfIt(Fact $fact, array $data): void
    {
        $actuator = new Actuator('F1', 'r', new DirectDrive(), 'R1', $fact, Fact::unknown());
        self::assertSame($data, RecordWriter::write($actuator)['activeLevel']);
        self::assertEquals($actuator, RecordReader::forFiles()->read(Actuator::class, RecordWriter::write($actuator)));
        self::assertSame(Knowledge::Unknown !== $fact->knowledge, $fact->isKnown());
    }

    /**
     * @return iterable<string, array{class-string, mixed, string, string}>
     */
    public static function faults(): iterable
    {
        yield 'not an object' => [Seat::class, 'GPIO4', '', 'expected an object in curly brackets.'];
        yield 'a list' => [Seat::class, ['GPIO4'], '', 'expected an object in curly brackets.'];
        yield 'missing key' => [Seat::class, ['locked' => true], '', 'the key “pin” is missing.'];
        yield 'unknown key' => [
            Seat::class,
            ['pin' => 'x', 'lock' => true],
            'lock',
            'this key is not known here. Known keys: pin, locked, written, confirmed.',
        ];
        yield 'number for a text' => [Seat::class, ['pin' => 4], 'pin', 'expected a text.'];
        yield 'text for a yes' => [Seat::class, ['pin' => 'x', 'locked' => 'true'], 'locked', 'expected true or false.'];
        yield 'null for a text' => [Seat::class, ['pin' => null], 'pin', 'expected a text.'];
        yield 'long text' => [
            Seat::class,
            ['pin' => str_repeat('x', 2001)],
            'pin',
            'this text is longer than 2000 characters. Shorten it.',
        ];
        yield 'unknown variant' => [
            Driver::class,
            ['driver' => 'magic'],
            'driver',
            'expected one of: direct, npn-low-side, mosfet-low-side, array-channel, high-side-pair, mosfet-high-side, inverting-pair, '
                . 'coupler, bridge-output, opto-module.',
        ];
        yield 'no variant' => [
            Driver::class,
            [],
            'driver',
            'expected one of: direct, npn-low-side, mosfet-low-side, array-channel, high-side-pair, mosfet-high-side, inverting-pair, '
                . 'coupler, bridge-output, opto-module.',
        ];
        yield 'deep place' => [
            Supply::class,
            [...self::SUPPLY, 'output' => ['min' => '4.9 V', 'typ' => '5', 'max' => '5.1 V']],
            'output.typ',
            '“5” must be written with its unit in one spelling in a file: “5 V”.',
        ];
        yield 'spread with a key too few' => [
            Supply::class,
            [...self::SUPPLY, 'output' => ['min' => '4.9 V', 'max' => '5.1 V']],
            'output',
            'a spread has the three keys min, typ and max.',
        ];
        yield 'enum' => [
            Supply::class,
            [...self::SUPPLY, 'form' => 'dynamo'],
            'form',
            'expected one of: encapsulated mains module, plug-in adapter, phone charger, USB port of a computer, power bank, block '
                . 'battery, battery, low-voltage bus.',
        ];
        yield 'version as text' => [
            Supply::class,
            [...self::SUPPLY, 'identity' => [...self::SUPPLY['identity'], 'version' => '1']],
            'identity.version',
            'expected a whole number.',
        ];
        yield 'id with capitals' => [
            Supply::class,
            [...self::SUPPLY, 'identity' => [...self::SUPPLY['identity'], 'id' => 'X']],
            'identity',
            'A part’s id is made of small letters, digits and hyphens.',
        ];
        yield 'map key' => [
            Line::class,
            [
                'name' => 'x',
                'appliance' => 'x',
                'watts' => ['unknown' => true],
                'conductor' => ['unknown' => true],
                'surfaces' => [],
                'actuators' => ['B1' => []],
            ],
            'actuators.B1',
            '“B1” is not a key of the form ^A[1-9][0-9]{0,5}$.',
        ];
        yield 'unknown but false' => [
            Actuator::class,
            ['function' => 'F1', 'relay' => 'r', 'driver' => ['driver' => 'direct'], 'rail' => 'R1', 'activeLevel' => ['unknown' => false]],
            'activeLevel.unknown',
            'expected true.',
        ];
    }

    /**
     * @param class-string $class
     */
    #[DataProvider('faults')]
    public function testAFaultNamesItsPlace(string $class, mixed $data, string $path, string $reason): void
    {
        try {
            RecordReader::forFiles()->read($class, $data);
            self::fail('It was read.');
        } catch (RecordFault $fault) {
            self::assertSame([$path, $reason], [$fault->path, $fault->reason]);
        }
    }

    public function testFormsAreReadLeniently(): void
    {
        $reader = RecordReader::forForms();
        self::assertEquals(new Seat('GPIO4', true), $reader->read(Seat::class, ['pin' => '  GPIO4 ', 'locked' => '1']));
        self::assertEquals(
            new NpnLowSide('t', 4700.0),
            $reader->read(Driver::class, ['driver' => 'npn-low-side', 'transistor' => 't', 'baseOhms' => '4k7']),
        );
        self::assertSame(
            Level::Low,
            $reader->read(
                Actuator::class,
                [
                    'function' => 'F1',
                    'relay' => 'r',
                    'driver' => ['driver' => 'direct'],
                    'rail' => 'R1',
                    'activeLevel' => 'low',
                    'clamp' => 'diode',
                ],
            )->activeLevel->value,
        );
        $this->expectException(RecordFault::class);
        $reader->read(Seat::class, ['pin' => 'x', 'locked' => 'perhaps']);
    }

    public function testTheSchemaSaysWhatTheReaderTakes(): void
    {
        $schema = RecordSchema::describe(PinFunction::class);
        self::assertSame(['kind', 'name', 'cableMetres'], $schema['required']);
        self::assertFalse($schema['additionalProperties']);
        self::assertIsArray($schema['properties']);
        self::assertSame(['anyOf' => [['$ref' => '#/$defs/Pull'], ['type' => 'null']]], $schema['properties']['pull']);
        $relay = RecordSchema::describe(Relay::class);
        self::assertIsArray($relay['properties']);
        self::assertSame(
            [
                'type' => 'string',
                'pattern' => '^-?\d{1,20}(\.\d{1,40})? [pnmµkMG]?V$',
                'description' => 'a voltage in volts, above 0 V, up to 100 kV',
            ],
            $relay['properties']['coilVolts'],
        );
    }
}
