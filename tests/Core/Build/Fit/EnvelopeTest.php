<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Build\Fit;

use IronLatch\Core\Board\BuildFacts;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\PlacedAt;
use IronLatch\Core\Build\Fit\Envelope;
use IronLatch\Core\Build\Fit\Outline;
use IronLatch\Core\Build\Fit\Outlines;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\TestCase;

/** Every size of the table, and which part takes which: figures of usual forms, from memory, in millimetres. */
final class EnvelopeTest extends TestCase
{
    public function testTheWholeTable(): void
    {
        $table = [];
        foreach ((new \ReflectionClass(Envelope::class))->getReflectionConstants() as $constant) {
            if ($constant->isPublic() && 'SOURCE' !== $constant->getName()) {
                $table[$constant->getName()] = $constant->getValue();
            }
        }
        ksort($table);
        self::assertSame([
            'ANTENNA' => 15.0,
            'BAR' => [18.0, 14.0],
            'BARE_MODULE' => [40.5, 18.0, 3.2],
            'BAR_PITCH' => 5.0,
            'BASE_HEIGHT' => 5.0,
            'BASIC_GAP' => 3.8,
            'BENDING' => 15.0,
            'BOARD_HEIGHT' => 6.6,
            'CERAMIC' => [5.5, 3.0, 5.0],
            'CHIP' => [3.4, 2.0, 0.8],
            'CHIP_DIODE' => [6.0, 3.2, 2.4],
            'CHIP_TRANSISTOR' => [3.6, 3.4, 1.3],
            'COUPLER' => [10.2, 6.0, 5.0],
            'CUBE' => [19.0, 15.5, 15.5],
            'DUAL_IN_LINE' => [20.5, 10.2, 5.0],
            'FILM' => [32.0, 18.0, 28.0],
            'FUSE_HOLDER' => [23.0, 10.0, 13.0],
            'HEADER' => [2.6, 9.0],
            'HEADER_PITCH' => 2.54,
            'JUMPER_HEIGHT' => 14.0,
            'LEADED' => [11.4, 2.6, 2.6],
            'REINFORCED_GAP' => 8.0,
            'SMALL_BOARD' => [25.0, 15.0, 10.0],
            'SOCKET' => [14.0, 9.0, 11.0],
            'SOCKETS_HEIGHT' => 8.5,
            'SUPPRESSOR' => [27.0, 11.0, 19.0],
            'TERMINAL' => [10.0, 14.0],
            'TERMINAL_PITCH' => 5.08,
            'TRANSFORMER' => [26.0, 17.0, 25.0],
            'TRANSISTOR' => [5.2, 4.4, 6.0],
        ], $table);
    }

    public function testReadyModulesByTheirRelays(): void
    {
        $sizes = [
            1 => [43.0, 17.0, 19.0], 2 => [51.0, 39.0, 19.0], 3 => [55.0, 75.0, 19.0], 4 => [55.0, 75.0, 19.0],
            5 => [56.0, 138.0, 19.0], 8 => [56.0, 138.0, 19.0], 9 => [56.0, 276.0, 19.0], 16 => [56.0, 276.0, 19.0],
        ];
        foreach ($sizes as $relays => $size) {
            self::assertSame($size, Envelope::module($relays), $relays . ' relays');
        }
    }

    public function testElectrolyticCapacitorsByTheirCapacitance(): void
    {
        foreach ([
            [47e-6, 5.0, 11.0], [48e-6, 6.5, 12.0], [220e-6, 6.5, 12.0], [225e-6, 8.5, 13.0], [470e-6, 8.5, 13.0], [480e-6, 10.5, 17.0],
            [1000e-6, 10.5, 17.0], [1100e-6, 13.0, 21.0], [2200e-6, 13.0, 21.0], [3300e-6, 18.5, 36.0],
        ] as [$farads, $diameter, $height]) {
            self::assertSame([$diameter, $diameter, $height], Envelope::electrolytic($farads), $farads . ' F');
        }
    }

    public function testPartsOfTheBoardsTakeWhatTheyAre(): void
    {
        $of = static function (string $name, BuildForm $form): array {
            $board = WiredBoards::all()[$name];

            return array_map(
                static fn(Outline $part): array => [
                    round(1000 * $part->length, 2),
                    round(1000 * $part->width, 2),
                    round(1000 * $part->height, 2),
                ],
                (new Outlines($board, Connections::of($board), $form))->all(),
            );
        };
        $utility = $of('utility-room', BuildForm::CarrierBoard);
        $sizes = [
            'F01' => [23.0, 10.0, 19.6], 'Z11' => [27.0, 11.0, 25.6], 'C27' => [32.0, 18.0, 34.6], 'C13' => [8.5, 8.5, 19.6],
            'X24' => [14.0, 9.0, 17.6], 'X12' => [10.0, 15.24, 20.6], 'X01' => [10.0, 15.24, 20.6], 'B81' => [10.0, 15.24, 20.6],
            'Q11' => [5.2, 4.4, 12.6], 'R11' => [11.4, 2.6, 9.2], 'D11' => [11.4, 2.6, 9.2], 'G11' => [46.0, 26.0, 27.6],
        ];
        self::assertEquals($sizes, array_intersect_key($utility, $sizes));
        $assembled = $of('utility-room', BuildForm::Assembled);
        self::assertEquals([[3.4, 2.0, 7.4], [3.6, 3.4, 7.9], [6.0, 3.2, 9.0]], [$assembled['R11'], $assembled['Q11'], $assembled['D11']]);
        $wired = $of('utility-room', BuildForm::HandWired);
        self::assertEquals([18.0, 50.0, 19.0], $wired['X07'], 'Ten poles of a bar.');
        self::assertEquals([56.0, 138.0, 24.0], $of('module', BuildForm::HandWired)['A11'], 'Eight relays on one module.');
        self::assertEquals([36.0, 8.0, 11.6], $of('expander', BuildForm::CarrierBoard)['U12']);
        self::assertEquals([48.0, 16.0, 19.0], $of('expander', BuildForm::HandWired)['U12'], 'On a small board of its own.');
        self::assertEquals([20.5, 10.2, 11.6], $of('array', BuildForm::CarrierBoard)['U13']);
        self::assertArrayNotHasKey('U13', $of('array', BuildForm::HandWired));
    }

    public function testAPartIsTurnedByThreeRightAnglesAtTheMost(): void
    {
        foreach ([0, 3] as $quarters) {
            self::assertSame($quarters, (new PlacedAt(0.0, 0.0, $quarters))->quarters);
        }
        foreach ([-1, 4] as $quarters) {
            try {
                new PlacedAt(0.0, 0.0, $quarters);
                self::fail($quarters . ' quarters were taken.');
            } catch (\InvalidArgumentException $refused) {
                self::assertSame('A part is turned by 0 to 3 right angles.', $refused->getMessage());
            }
        }
    }

    public function testAPlanHoldsNoMoreThanAPlan(): void
    {
        $places = [];
        for ($number = 1; $number <= BuildFacts::MOST_PLACES + 1; ++$number) {
            $places['R' . (10 + $number)] = new PlacedAt(0.0, 0.0);
        }
        self::assertCount(1024, (new BuildFacts(places: array_slice($places, 0, 1024)))->places);
        self::assertContains(DeviceKind::Relay, DeviceKind::cases());
        $this->expectException(\InvalidArgumentException::class);
        new BuildFacts(places: $places);
    }
}
