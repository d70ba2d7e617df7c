<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Build\Fit\BoxSpace;
use IronLatch\Core\Build\Fit\Laid;
use IronLatch\Core\Build\Fit\Outlines;
use IronLatch\Core\Build\Fit\Placer;
use IronLatch\Core\Build\Fit\Rect;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * The least distance between mains metal and low-voltage metal of different parts, and to a metal wall, measured by a geometry library of
 * another origin: GEOS, through Debian’s python3-shapely.
 */
final class DistancesAgainstGeosTest extends TestCase
{
    private const MEASURE = <<<'PYTHON'
        import json, sys
        from shapely.geometry import box
        out = []
        for plan in json.load(sys.stdin):
            parts = [[[box(*r) for r in side] for side in part] for part in plan['parts']]
            least = float('inf')
            for i, one in enumerate(parts):
                for j, other in enumerate(parts):
                    if i != j:
                        for a in one[0]:
                            for b in other[1]:
                                least = min(least, a.distance(b))
            wall = box(0, 0, *plan['box']).exterior
            walls = [m.distance(wall) for part in parts for m in part[0]]
            out.append([least if least < 1e9 else None, min(walls) if walls else None])
        print(json.dumps(out))
        PYTHON;

    public function testEveryPlacementKeepsWhatIsNeeded(): void
    {
        $plans = [];
        $asked = [];
        foreach (WiredBoards::all() as $name => $board) {
            $connections = Connections::of($board);
            foreach (BuildForm::cases() as $form) {
                foreach ([false, true] as $isMetal) {
                    $parts = (new Outlines($board, $connections, $form))->all();
                    $space = new BoxSpace(0.36, 0.26, 0.09, false, $isMetal);
                    $empty = new BoxPlan($parts, $space, 6.5e-3, [], $form);
                    $places = (new Placer($empty))->places();
                    self::assertNotNull($places, $name . ', ' . $form->value);
                    $plan = new BoxPlan($parts, $space, 6.5e-3, $places, $form);
                    self::assertSame(
                        [[], [], [], []],
                        [$plan->outside(), $plan->overlapping(), $plan->shutIn(), $plan->atTheWall()],
                        $name,
                    );
                    self::assertSame([], $plan->unplaced());
                    $plans[$name . ', ' . $form->value . ($isMetal ? ', metal' : '')] = $plan;
                    $asked[] = ['box' => [360, 260], 'parts' => array_map(self::metals(...), array_values($plan->laid))];
                }
            }
        }
        $process = new Process(['/usr/bin/python3', '-c', self::MEASURE], input: json_encode($asked, JSON_THROW_ON_ERROR));
        $process->setTimeout(300);
        $process->mustRun();
        $measured = json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($measured);
        foreach (array_keys($plans) as $number => $name) {
            $pair = $measured[$number];
            self::assertIsArray($pair);
            [$least, $wall] = $pair;
            if (null !== $least) {
                self::assertGreaterThan(6.5 - 1e-6, $least, $name);
                self::assertEqualsWithDelta($least, 1000 * $plans[$name]->nearest(), 1e-6, $name);
            }
            if (str_ends_with($name, ', metal') && null !== $wall) {
                self::assertGreaterThan(6.5 - 1e-6, $wall, $name);
            }
        }
    }

    /**
     * @return array{list<array<int, float>>, list<array<int, float>>} rectangles of mains and of low voltage in millimetres
     */
    private static function metals(Laid $laid): array
    {
        $drawn = static fn(Rect $rect): array => [1000 * $rect->left, 1000 * $rect->top, 1000 * $rect->right, 1000 * $rect->bottom];

        return [array_map($drawn, $laid->mains), array_map($drawn, $laid->low)];
    }
}
