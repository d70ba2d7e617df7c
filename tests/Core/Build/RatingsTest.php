<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Build;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\ChosenRating;
use IronLatch\Core\Board\Edit\Build\ChooseRating;
use IronLatch\Core\Board\Edit\Power\StateReservoir;
use IronLatch\Core\Build\Package;
use IronLatch\Core\Build\Rating;
use IronLatch\Core\Build\Ratings;
use IronLatch\Core\Build\UsualPrices;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\TestCase;

/** What parts must bear, and what the usual ones bear. */
final class RatingsTest extends TestCase
{
    public function testOfTwoTheHarderStands(): void
    {
        $low = new Rating(1.0, 2.0, Unit::Watt, 'low');
        $high = new Rating(3.0, 2.0, Unit::Watt, 'high');
        self::assertSame($high, Rating::harder($low, $high));
        self::assertSame($high, Rating::harder($high, $low));
        self::assertSame($low, Rating::harder($low, null));
        self::assertSame($low, Rating::harder(null, $low));
        self::assertNull(Rating::harder(null, null));
        self::assertTrue($low->isEnough());
        self::assertFalse($high->isEnough());
        self::assertTrue((new Rating(2.0, 2.0, Unit::Watt, ''))->isEnough(), 'Just.');
        self::assertTrue((new Rating(9.0, null, Unit::Watt, ''))->isEnough(), 'Nobody has said.');
        self::assertSame('not stated', (new Rating(9.0, null, Unit::Watt, ''))->chosenWords());
        self::assertSame(5.0, $low->of(5.0)->chosen);
    }

    public function testThoseOfTheUtilityRoom(): void
    {
        self::assertSame(
            [6.3, 10.0, 16.0, 25.0, 35.0, 50.0, 63.0, 100.0],
            (new \ReflectionClassConstant(Ratings::class, 'CAPACITOR_VOLTS'))->getValue(),
        );
        $parts = (new Inspection(WiredBoards::demos()['utility-room']))->partsList();
        $told = static fn(string $designator): ?string => null === $parts->rowOf($designator)?->rating
            ? null
            : $parts->rowOf($designator)->rating->neededWords() . ' of ' . $parts->rowOf($designator)->rating->chosenWords();
        // Coil of 56 Ω at 5.1 V; contact of 280 W at 0.8; capacitor at most 80 %; 5.1 V at the base of nothing more than the pin.
        self::assertSame('91.1 mA of 600 mA', $told('Q11'));
        self::assertSame('89.3 mA of 1 A', $told('D11'));
        self::assertSame('1.52 A of 16 A', $told('K11'));
        self::assertSame('6.37 V of 10 V', $told('C13'));
        self::assertSame('24.6 mW of 250 mW', $told('R11'));
        self::assertSame('3.08 A of 6.3 A', $told('F01'));
        self::assertSame('902 mA of 2 A', $told('G11'));
        self::assertNull($told('X12'));
    }

    public function testAPartOfALowerRatingIsFoundAndAStrongerOneProposed(): void
    {
        $board = Starts::built(BuildForm::CarrierBoard, board: TestBoards::edited(
            TestBoards::sound(),
            new StateReservoir('R1', 470e-6, 0.15),
        ));
        foreach ([
            ['C13', new ChosenRating(volts: 6.3), 'Take parts of 10 V'],
            ['D11', new ChosenRating(amps: 0.05), 'Take parts of 2 A'],
            ['R11', new ChosenRating(watts: 0.01), 'Take parts of 500 mW'],
        ] as [$designator, $rating, $remedy]) {
            $weak = (new ChooseRating([$designator], $rating))->apply($board);
            $finding = Inspector::withRuleBook()->inspect(new Inspection($weak, TestBoards::catalogue()))->finding(
                'board.rating:' . $designator,
            );
            self::assertNotNull($finding, $designator);
            self::assertSame($remedy, $finding->remedies()[0]->title ?? '');
        }
    }

    public function testPackagesFollowTheForm(): void
    {
        $devices = Connections::of(WiredBoards::demos()['utility-room'])->devices;
        $told = static fn(string $id, ?BuildForm $form): string => Package::of($devices[$id], $form);
        self::assertSame(['leaded, 0.25 W', '0805'], [$told('R11', BuildForm::Perforated), $told('R11', BuildForm::Assembled)]);
        self::assertSame(['DO-41', 'SMA'], [$told('D11', null), $told('D11', BuildForm::Assembled)]);
        self::assertSame(['TO-92', 'SOT-23'], [$told('Q11', null), $told('Q11', BuildForm::Assembled)]);
        self::assertSame(['radial', 'radial'], [$told('C13', null), $told('C13', BuildForm::Assembled)]);
        self::assertSame(
            ['film, leaded', '5.08 mm', '', ''],
            [$told('C27', null), $told('X12', null), $told('X24', null), $told('K11', null)],
        );
    }

    public function testTheWholeTableOfPrices(): void
    {
        $prices = [];
        foreach (DeviceKind::cases() as $kind) {
            $prices[$kind->value] = UsualPrices::of($kind, 3, false, false);
        }
        self::assertSame([
            'controller' => null, 'expander' => null, 'integrated circuit' => null, 'ready-made module' => null, 'transistor' => 0.05,
            'resistor' => 0.02, 'capacitor' => 0.05, 'diode' => 0.05, 'interference suppressor' => 1.2, 'relay' => null, 'supply' => null,
            'converter' => null, 'protection' => null, 'fuse' => null, 'thermal cut-out' => 2.5, 'sensor' => 2.0, 'switch' => 1.5,
            'indicator' => 0.2, 'current transformer' => 4.0, 'distribution bar' => 1.2000000000000002, 'terminal block' => 0.75,
            'pin header' => 0.06, 'inlet' => 3.0, 'outlet' => 3.0, 'metal case' => null, 'appliance' => null,
        ], $prices);
        self::assertSame(0.2, UsualPrices::of(DeviceKind::Capacitor, 2, true, false));
        self::assertSame(3.5, UsualPrices::of(DeviceKind::Capacitor, 2, false, true));
        $constants = (new \ReflectionClass(UsualPrices::class))->getConstants();
        unset($constants['POLE'], $constants['BAR_POLE']);
        ksort($constants);
        self::assertSame([
            'BARE_MODULE' => 3.0, 'BARE_RELAY' => 1.1, 'BASE_PLATE' => 3.0, 'ETCHED' => 2.0, 'HEADER_POLE' => 0.02, 'JUMPER' => 0.05,
            'MACHINE_JOINT' => 0.02, 'MODULES' => [8 => 7.0, 4 => 4.2, 2 => 2.6, 1 => 1.8], 'PERFORATED' => 2.5, 'REGULATOR' => 0.3,
            'SET_UP' => 25.0, 'SHIPPING' => 15.0, 'SOCKET_POLE' => 0.04, 'STAND_OFF' => 0.25, 'TRANSISTOR_DRIVER' => 0.14,
            'WIRE_METRE' => 0.3,
        ], $constants);
    }
}
