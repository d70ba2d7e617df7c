<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Build\Fit;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\ChooseEnclosure;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\OvervoltageCategory;
use IronLatch\Core\Board\PlacedAt;
use IronLatch\Core\Board\PollutionDegree;
use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Build\Fit\BoxSpace;
use IronLatch\Core\Build\Fit\Laid;
use IronLatch\Core\Build\Fit\Outline;
use IronLatch\Core\Build\Fit\Outlines;
use IronLatch\Core\Build\Fit\Placer;
use IronLatch\Core\Build\Fit\Rect;
use IronLatch\Core\Build\Fit\Zone;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\TestCase;

/** What lies where: distances, overlaps, walls and views, each on both sides of its limit. */
final class BoxPlanTest extends TestCase
{
    public function testTurningKeepsTheSidesTogether(): void
    {
        $part = new Outline(
            'K11',
            DeviceKind::Relay,
            '',
            30e-3,
            10e-3,
            15e-3,
            Zone::Across,
            [self::mm(0, 0, 18, 10)],
            [self::mm(26, 0, 30, 10)],
        );
        foreach ([0 => [0, 0, 18, 10], 1 => [0, 0, 10, 18], 2 => [12, 0, 30, 10], 3 => [0, 12, 10, 30]] as $quarters => $mains) {
            $laid = new Laid($part, new PlacedAt(5e-3, 7e-3, $quarters));
            self::assertEquals(self::mm($mains[0] + 5, $mains[1] + 7, $mains[2] + 5, $mains[3] + 7), self::rounded($laid->mains[0]));
            self::assertEqualsWithDelta(8e-3, $part->ownGap(), 1e-12);
        }
    }

    public function testAWireLooksOutOfTheSideItIsTurnedTo(): void
    {
        $terminal = self::part('X12', Zone::Mains, 10, 10, before: 15);
        foreach (range(0, 3) as $quarters) {
            $seen = (new Laid($terminal, new PlacedAt(0.0, 0.0, $quarters)))->view();
            $at = match ($quarters) {
                0 => [-INF, 0, 15, 10],
                1 => [0, -INF, 10, 15],
                2 => [10, 0, INF, 10],
                default => [0, 10, 10, INF],
            };
            self::assertEqualsWithDelta($at, array_map(static fn(float $side): float => 1000 * $side, self::sides($seen)), 1e-9);
        }
        $beside = self::part('R11', Zone::Low, 4, 4);
        $plan = static fn(float $x): BoxPlan => new BoxPlan(
            ['X12' => $terminal, 'R11' => $beside],
            null,
            0.0,
            ['X12' => new PlacedAt(20e-3, 0.0), 'R11' => new PlacedAt($x / 1000, 3e-3)],
        );
        self::assertCount(1, $plan(2.0)->shutIn(), 'Before it, if far away.');
        self::assertSame([], $plan(46.0)->shutIn(), 'Behind it.');
    }

    public function testDistancesAreMeasuredFromMainsToLowAlone(): void
    {
        $plan = static fn(float $gap): BoxPlan => new BoxPlan(
            ['F01' => self::part('F01', Zone::Mains, 10, 10), 'R11' => self::part('R11', Zone::Low, 10, 10)],
            null,
            8e-3,
            ['F01' => new PlacedAt(0.0, 0.0), 'R11' => new PlacedAt((10 + $gap) / 1000, 0.0)],
        );
        self::assertSame([], $plan(8.0)->tooNear());
        self::assertEqualsWithDelta(7.99e-3, $plan(7.99)->tooNear()[0][2], 1e-9);
        self::assertEqualsWithDelta(8e-3, $plan(8.0)->nearest(), 1e-12);
        self::assertEqualsWithDelta(8.0, 1000 * ($plan(8.0)->barrier()?->width() ?? 0.0), 1e-9);
        self::assertSame([], $plan(0.0)->overlapping(), 'They touch.');
        self::assertCount(1, $plan(-0.1)->overlapping());
        self::assertFalse($plan(-0.1)->isParted());
        $alike = new BoxPlan(
            ['F01' => self::part('F01', Zone::Mains, 10, 10), 'F02' => self::part('F02', Zone::Mains, 10, 10)],
            null,
            8e-3,
            ['F01' => new PlacedAt(0.0, 0.0), 'F02' => new PlacedAt(11e-3, 0.0)],
        );
        self::assertSame(INF, $alike->nearest());
        self::assertNull($alike->barrier());
    }

    public function testARoundBoxHoldsWhatItsCircleHolds(): void
    {
        $round = new BoxSpace(60e-3, 60e-3, 46e-3, true);
        // A rectangle of 48 × 36 mm has a diagonal of 60 mm.
        self::assertTrue($round->holds(self::mm(6, 12, 54, 48)));
        self::assertFalse($round->holds(self::mm(6, 12, 54, 48.1)));
        self::assertEqualsWithDelta(5.0, 1000 * $round->toWall(self::mm(10, 15, 50, 45)), 1e-9, '25 mm from the middle to a corner.');
        $square = new BoxSpace(70e-3, 70e-3, 47e-3);
        self::assertTrue($square->holds(self::mm(0, 0, 70, 70)));
        self::assertFalse($square->holds(self::mm(0, 0, 70.1, 70)));
        self::assertEqualsWithDelta(3.0, 1000 * $square->toWall(self::mm(3, 10, 20, 20)), 1e-9);
        self::assertFalse($square->holds(self::mm(-0.1, 0, 10, 10)));
        $long = (new BoxSpace(70e-3, 30e-3, 47e-3))->turned();
        self::assertEqualsWithDelta([30e-3, 70e-3], [$long->length, $long->width], 1e-12);
    }

    public function testAPartMustGoInOneWayOrTheOther(): void
    {
        $long = static fn(float $length, BoxSpace $space): array => (new BoxPlan(
            ['U01' => self::part('U01', Zone::Low, $length, 20)],
            $space,
            0.0,
            [],
        ))->tooLong();
        $box = new BoxSpace(30e-3, 60e-3, 40e-3);
        self::assertSame([], $long(60.0, $box), 'Turned.');
        self::assertCount(1, $long(60.1, $box));
        $high = static fn(float $height): array => (new BoxPlan(
            ['U01' => self::part('U01', Zone::Low, 10, 10, height: $height)],
            $box,
            0.0,
            [],
        ))->tooHigh();
        self::assertSame([], $high(40.0));
        self::assertEqualsWithDelta(0.1e-3, $high(40.1)[0][1], 1e-9);
    }

    public function testWarmthIsMeasuredBetweenBodies(): void
    {
        $plan = static fn(float $gap): array => (new BoxPlan(
            [
                'G11' => self::part('G11', Zone::Low, 20, 20, watts: 1.0),
                'C13' => self::part('C13', Zone::Low, 8, 8, ages: true),
            ],
            null,
            0.0,
            ['G11' => new PlacedAt(0.0, 0.0), 'C13' => new PlacedAt((20 + $gap) / 1000, 0.0)],
        ))->warmed();
        self::assertSame([], $plan(10.0));
        self::assertEqualsWithDelta(9.9e-3, $plan(9.9)[0][2], 1e-9);
    }

    /** A slot lengthens the way over the surface, never that through air. */
    public function testASlotSavesCreepageAlone(): void
    {
        $board = Starts::built(BuildForm::CarrierBoard);
        $plan = static fn(?bool $slot): BoxPlan => (new Inspection(
            TestBoards::edited($board->with(box: null === $board->box ? null : $board->box), new StateBuild(slot: $slot ?? false)),
        ))->layout() ?? throw new \LogicException();
        // Plugged in, degree 2, 230 V, reinforced: 3 mm through air and 5 mm over the surface; the maker stated 8 mm.
        self::assertEqualsWithDelta([5e-3, 8e-3], [$plan(false)->needed(), $plan(false)->apart], 1e-12);
        self::assertEqualsWithDelta([3e-3, 8e-3], [$plan(true)->needed(), $plan(true)->apart], 1e-12);
    }

    /** While it is not known how damp it is, it is as damp as it may be: degree 3 at 230 V wants 8 mm. */
    public function testWhatIsUnknownIsTheWorst(): void
    {
        $plan = static fn(StateBox ...$said): BoxPlan => (new Inspection(TestBoards::edited(
            TestBoards::bare(),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
            new StateBuild(BuildForm::CarrierBoard),
            ...$said,
        )))->layout() ?? throw new \LogicException();
        self::assertEqualsWithDelta(8e-3, $plan()->needed(), 1e-12);
        $clean = new StateBox(pollution: PollutionDegree::Clean);
        // Category III stays unknown: 5.5 mm through air.
        self::assertEqualsWithDelta(5.5e-3, $plan($clean)->needed(), 1e-12);
        self::assertEqualsWithDelta(5e-3, $plan($clean, new StateBox(overvoltage: OvervoltageCategory::Plugged))->needed(), 1e-12);
        self::assertEqualsWithDelta(4e-3, $plan(new StateBox(touchable: false))->needed(), 1e-12, 'Basic, nothing can be touched.');
    }

    /** What would take minutes is not begun. */
    public function testVeryManyPartsAreNotPlacedAtOnce(): void
    {
        $many = [];
        foreach (range(1, Placer::MOST_PARTS + 1) as $number) {
            $many['R' . $number] = self::part('R' . $number, Zone::Low, 3, 2);
        }
        $space = new BoxSpace(0.3, 0.3, 0.1);
        self::assertNull((new Placer(new BoxPlan($many, $space, 0.0, [])))->places());
        self::assertCount(60, (new Placer(new BoxPlan(array_slice($many, 0, 60), $space, 0.0, [])))->places() ?? []);
    }

    public function testWhatIsPlacedAlreadyStaysWhereItIs(): void
    {
        $board = Starts::built(BuildForm::CarrierBoard);
        $plan = (new Inspection($board))->layout() ?? throw new \LogicException();
        foreach (['K11', 'U01', 'X12', 'R21'] as $taken) {
            $kept = array_diff_key($board->build->places, [$taken => 0]);
            $places = (new Placer($plan))->places($kept);
            self::assertNotNull($places, $taken);
            self::assertEquals($kept, array_diff_key($places, [$taken => 0]), $taken);
            $laid = new BoxPlan($plan->parts, $plan->space, $plan->apart, $places, $plan->form);
            self::assertSame(
                [[], [], [], [], []],
                [$laid->unplaced(), $laid->outside(), $laid->overlapping(), $laid->tooNear(), $laid->shutIn()],
                $taken,
            );
            self::assertTrue($laid->isParted(), $taken);
        }
    }

    public function testARoundBoxIsFilledWithinItsCircle(): void
    {
        $supply = new Outline(
            'G11',
            DeviceKind::Supply,
            '',
            34e-3,
            20e-3,
            15e-3,
            Zone::Across,
            [self::mm(0, 0, 4, 20)],
            [self::mm(30, 0, 34, 20)],
        );
        $parts = [
            'G11' => $supply,
            'F01' => self::part('F01', Zone::Mains, 14, 8),
            'U01' => self::part('U01', Zone::Low, 18, 14),
            'R11' => self::part('R11', Zone::Low, 8, 3),
        ];
        $round = new BoxSpace(60e-3, 60e-3, 46e-3, true);
        $places = (new Placer(new BoxPlan($parts, $round, 5.5e-3, [])))->places();
        self::assertNotNull($places);
        $plan = new BoxPlan($parts, $round, 5.5e-3, $places);
        self::assertSame([[], [], [], []], [$plan->unplaced(), $plan->outside(), $plan->overlapping(), $plan->tooNear()]);
        self::assertNull((new Placer(new BoxPlan($parts, new BoxSpace(42e-3, 42e-3, 46e-3, true), 5.5e-3, [])))->places());
    }

    /** A steel box is one that wants earth, whatever was said of the box before. */
    public function testABoxOfMetalIsOfMetal(): void
    {
        $into = static fn(Board $board, string $id): Board => (new ChooseEnclosure(TestBoards::part($id, Enclosure::class)))->apply($board);
        $steel = $into(TestBoards::sound(), 'device-box-3-2-3-5');
        self::assertSame(BaseMaterial::Metal, $steel->box?->enclosure?->value);
        self::assertTrue((new Inspection((new StateBuild(BuildForm::CarrierBoard))->apply($steel)))->layout()?->space?->isMetal);
        self::assertNull($into($steel, 'sealed-115-90-55')->box?->enclosure, 'Of what plastic stands on the box.');
        self::assertSame(
            BaseMaterial::FlameRated,
            $into(TestBoards::sound(), 'sealed-115-90-55')->box?->enclosure?->value,
            'As it was said.',
        );
    }

    /** A plastic wall does not trouble an antenna, other parts and a metal wall do. */
    public function testAnAntennaLooksOutThroughPlastic(): void
    {
        $places = static fn(bool $isMetal): ?array => (new Placer(new BoxPlan(
            ['U01' => new Outline(
                'U01',
                DeviceKind::Controller,
                '',
                26e-3,
                18e-3,
                3e-3,
                Zone::Low,
                [],
                [self::mm(0, 0, 26, 18)],
                true,
                15e-3,
                true,
            )],
            new BoxSpace(30e-3, 20e-3, 10e-3, false, $isMetal),
            0.0,
            [],
        )))->places();
        $at = $places(false)['U01'] ?? null;
        self::assertNotNull($at);
        self::assertEqualsWithDelta(
            [4e-3, 2],
            [$at->xMetres, $at->quarters],
            1e-9,
            'Its body ends at the wall; what stays free lies beyond.',
        );
        self::assertNull($places(true));
    }

    /** Holes of a perforated board lie 2.54 mm apart: so do the corners of what lies on it. */
    public function testOnAPerforatedBoardPartsLieOnTheGrid(): void
    {
        $board = Starts::built(BuildForm::Perforated);
        $across = 0;
        foreach ($board->build->places as $id => $at) {
            foreach (0 === $at->quarters % 2 ? [$at->yMetres] : [$at->xMetres, $at->yMetres] as $metres) {
                $holes = $metres / BoxPlan::GRID_METRES;
                $across += abs($holes - round($holes)) < 1e-4 ? 1 : 0;
            }
            self::assertMatchesRegularExpression('/^[A-Z]\d+$/', $id);
        }
        self::assertGreaterThan(15, $across);
    }

    public function testEachFormHasItsOwnParts(): void
    {
        $board = WiredBoards::demos()['utility-room'];
        $connections = Connections::of($board);
        $of = static fn(BuildForm $form): array => (new Outlines($board, $connections, $form))->all();
        $wired = $of(BuildForm::HandWired);
        $carrier = $of(BuildForm::CarrierBoard);
        $assembled = $of(BuildForm::Assembled);
        self::assertArrayHasKey('X07', $wired, 'A bar joins wires');
        self::assertArrayNotHasKey('X07', $carrier, 'where no track does.');
        self::assertArrayNotHasKey('R11', $wired, 'Small parts hang in the wires.');
        self::assertArrayHasKey('R11', $carrier);
        self::assertArrayNotHasKey('G21', $carrier, 'The adapter stands in the next room.');
        self::assertEqualsWithDelta([11.4e-3, 3.4e-3], [$carrier['R11']->length, $assembled['R11']->length], 1e-12);
        // Relay by its data sheet: 29 × 12.7 × 16 mm, on a board of 6.6 mm.
        self::assertEqualsWithDelta(
            [29e-3, 12.7e-3, 22.6e-3],
            [$carrier['K11']->length, $carrier['K11']->width, $carrier['K11']->height],
            1e-12,
        );
        self::assertEqualsWithDelta(8e-3, $carrier['K11']->ownGap(), 1e-9, 'Stated reinforced.');
        self::assertSame([Zone::Across, Zone::Low, Zone::Mains], [$carrier['K11']->zone, $carrier['K41']->zone, $carrier['F01']->zone]);
        self::assertTrue($carrier['U01']->antenna);
        self::assertEqualsWithDelta(
            [13e-3 + 8.5e-3 + 6.6e-3, 13e-3 + 14e-3 + 5e-3],
            [$carrier['U01']->height, $wired['U01']->height],
            1e-12,
        );
        $cube = WiredBoards::demos()['aquarium'];
        $relay = (new Outlines($cube, Connections::of($cube), BuildForm::CarrierBoard))->all()['K11'];
        self::assertEqualsWithDelta(3.8e-3, $relay->ownGap(), 1e-9, 'Nothing better is stated.');
    }

    private static function part(
        string $id,
        Zone $zone,
        float $length,
        float $width,
        float $before = 0.0,
        float $height = 10.0,
        float $watts = 0.0,
        bool $ages = false,
    ): Outline {
        $body = [self::mm(0, 0, $length, $width)];

        return new Outline(
            $id,
            DeviceKind::Relay,
            '',
            $length / 1000,
            $width / 1000,
            $height / 1000,
            $zone,
            Zone::Mains === $zone ? $body : [],
            Zone::Low === $zone ? $body : [],
            $before > 0,
            $before / 1000,
            false,
            $watts,
            $ages,
        );
    }

    private static function mm(float $left, float $top, float $right, float $bottom): Rect
    {
        return new Rect($left / 1000, $top / 1000, $right / 1000, $bottom / 1000);
    }

    private static function rounded(Rect $rect): Rect
    {
        return new Rect(...array_map(static fn(float $side): float => round($side, 9), self::sides($rect)));
    }

    /** @return list<float> */
    private static function sides(Rect $rect): array
    {
        return [$rect->left, $rect->top, $rect->right, $rect->bottom];
    }
}
