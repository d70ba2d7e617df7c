<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Build\Fit\BoxSpace;
use IronLatch\Core\Build\Fit\Outline;
use IronLatch\Core\Build\Fit\Placer;
use IronLatch\Core\Build\Fit\Rect;
use IronLatch\Core\Build\Fit\Zone;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Tests\Support\PlacementProgramme;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Where a general solver (COIN-OR’s cbc) says that parts fit a box, the Placer finds a layout; where it says not, it finds none. */
final class PlacementAgainstSolverTest extends TestCase
{
    public function testItFindsALayoutWhereThereIsOne(): void
    {
        $answers = [];
        foreach (range(1, 30) as $seed) {
            $plan = self::drawn(new Randomizer(new Mt19937($seed)));
            $places = (new Placer($plan))->places();
            $isFeasible = PlacementProgramme::isFeasible($plan);
            $answers[(int) $isFeasible] = ($answers[(int) $isFeasible] ?? 0) + 1;
            self::assertSame($isFeasible, null !== $places, sprintf('Case %d, of %d parts.', $seed, count($plan->parts)));
            if (null !== $places) {
                $laid = new BoxPlan($plan->parts, $plan->space, $plan->apart, $places);
                self::assertSame([[], [], []], [$laid->outside(), $laid->overlapping(), $laid->tooNear()], 'Case ' . $seed);
            }
        }
        self::assertGreaterThan(7, min($answers[0] ?? 0, $answers[1] ?? 0), 'Both answers come.');
    }

    /** Three to seven parts of whole millimetres in a box that they just fill, or not quite. */
    private static function drawn(Randomizer $dice): BoxPlan
    {
        $parts = [];
        $area = 0.0;
        $count = $dice->getInt(3, 7);
        for ($number = 1; $number <= $count; ++$number) {
            $zone = [Zone::Mains, Zone::Low, Zone::Across][$dice->getInt(0, 2)];
            $length = $dice->getInt(Zone::Across === $zone ? 24 : 8, 40) / 1000;
            $width = $dice->getInt(6, 24) / 1000;
            $area += $length * $width;
            $parts['K1' . $number] = self::part('K1' . $number, $zone, $length, $width);
        }
        $side = sqrt($area) * $dice->getInt(96, 135) / 100;
        $space = new BoxSpace(round($side * 1.2, 3), round($side / 1.2, 3), 1.0);

        return new BoxPlan($parts, $space, 6e-3, []);
    }

    private static function part(string $id, Zone $zone, float $length, float $width): Outline
    {
        $body = new Rect(0.0, 0.0, $length, $width);
        [$mains, $low] = match ($zone) {
            Zone::Mains => [[$body], []],
            Zone::Low => [[], [$body]],
            Zone::Across => [[new Rect(0.0, 0.0, 6e-3, $width)], [new Rect($length - 6e-3, 0.0, $length, $width)]],
        };

        return new Outline($id, DeviceKind::Relay, $id, $length, $width, 0.01, $zone, $mains, $low);
    }
}
