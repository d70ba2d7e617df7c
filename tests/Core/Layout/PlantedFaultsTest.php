<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Layout;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Build\Fit\Barrier;
use IronLatch\Core\Layout\LayoutFault;
use IronLatch\Core\Layout\LayoutFinding;
use IronLatch\Core\Layout\Orientation;
use IronLatch\Core\Layout\Returned;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\LayoutDesk;
use IronLatch\Tests\Support\Sample;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Random layouts with one fault each: it is found, and nothing else is reported.
 *
 * @phpstan-type Planted array{string, ?string, ?array{LayoutFault, list<string>}}
 */
#[Group('properties')]
final class PlantedFaultsTest extends TestCase
{
    private const FAULTS = ['none', 'open', 'short', 'swap', 'missing', 'near', 'side', 'rotation'];

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function cases(): iterable
    {
        foreach (['utility-room', 'aquarium', 'fermentation'] as $demo) {
            foreach (self::FAULTS as $fault) {
                yield $demo . ', ' . $fault => [$demo, $fault];
            }
        }
    }

    private static function board(string $demo): Board
    {
        return TestBoards::edited(BenchDesk::demo($demo), new StateBuild(BuildForm::Assembled));
    }

    #[DataProvider('cases')]
    public function testAPlantedFaultIsFoundAndNothingElse(string $demo, string $fault): void
    {
        $board = self::board($demo);
        $inspection = new Inspection($board);
        // 300 in all with one fault each, and as many sound ones.
        for ($seed = 0; $seed < Sample::size(2, 15); ++$seed) {
            $random = new Randomizer(new Mt19937(crc32($demo . $fault) + $seed));
            $desk = new LayoutDesk($board, $random);
            [$file, $beside, $expected] = $this->planted($desk, $fault, $random);
            $found = Returned::read($inspection, $file, beside: static fn(): ?string => $beside)->findings;
            $said = implode("\n", array_map(static fn(LayoutFinding $one): string => $one->fault->value . ': ' . $one->statement, $found));
            self::assertSame(
                null === $expected ? [] : [$expected],
                array_map(static fn(LayoutFinding $one): array => [$one->fault, $one->parts], self::together($found)),
                sprintf("%s, %s, seed %d\n%s", $demo, $fault, $seed, $said),
            );
        }
    }

    /**
     * A via is near to several pads of mains at once; it is one fault.
     *
     * @param list<LayoutFinding> $found
     * @return list<LayoutFinding>
     */
    private static function together(array $found): array
    {
        $isNear = [] === array_filter($found, static fn(LayoutFinding $one): bool => LayoutFault::TooNear !== $one->fault);

        return $isNear ? array_slice($found, 0, 1) : $found;
    }

    /**
     * @return Planted file, netlist beside it, and what is to be found
     */
    private function planted(LayoutDesk $desk, string $fault, Randomizer $random): array
    {
        return match ($fault) {
            'open' => $this->open($desk, $random),
            'short' => $this->short($desk, $random),
            'swap' => $this->swap($desk, $random),
            'missing' => $this->missing($desk, $random),
            'near' => $this->near($desk, $random),
            'side' => $this->side($desk, $random),
            'rotation' => $this->rotation($desk, $random),
            default => [$desk->ipc(), null, null],
        };
    }

    /**
     * @param array<string, mixed> $all
     */
    private static function one(Randomizer $random, array $all): string
    {
        self::assertNotSame([], $all);

        return $random->pickArrayKeys($all, 1)[0];
    }

    /**
     * @return array<string, list<array{string, int}>> part and place of each pad, by net, of nets with several
     */
    private static function nets(LayoutDesk $desk): array
    {
        $nets = [];
        foreach ($desk->pads as $part => $pads) {
            foreach ($pads as $place => $pad) {
                if ('' !== $pad->net) {
                    $nets[$pad->net][] = [$part, $place];
                }
            }
        }

        return array_filter($nets, static fn(array $ends): bool => count($ends) > 1);
    }

    /** @return Planted */
    private function open(LayoutDesk $desk, Randomizer $random): array
    {
        $nets = self::nets($desk);
        $net = self::one($random, $nets);
        [$part, $place] = $nets[$net][$random->getInt(0, count($nets[$net]) - 1)];
        $desk->pads[$part][$place]->net = 1 === $random->getInt(0, 1) ? '' : 'N999';
        $text = $desk->ipc();
        // Of a net with two pins either may be called the loose one.
        $said = Returned::read(new Inspection($desk->board), $text)->findings[0]->parts ?? [];
        $either = 2 === count($nets[$net]) && [] !== array_intersect($said, array_column($nets[$net], 0)) ? $said : [$part];

        return [$text, null, [LayoutFault::Broken, $either]];
    }

    /** @return Planted */
    private function short(LayoutDesk $desk, Randomizer $random): array
    {
        $nets = self::nets($desk);
        $one = self::one($random, $nets);
        $other = self::one($random, array_diff_key($nets, [$one => 0]));
        foreach ($desk->pads as $part => $pads) {
            foreach ($pads as $place => $pad) {
                if ($pad->net === $other) {
                    $desk->pads[$part][$place]->net = $one;
                }
            }
        }
        $text = $desk->ipc();
        $finding = Returned::read(new Inspection($desk->board), $text)->findings[0] ?? null;
        self::assertEqualsCanonicalizing([$desk->own->nets[$one]->id, $desk->own->nets[$other]->id], $finding->nets ?? []);

        return [$text, null, [LayoutFault::Joined, $finding->parts ?? []]];
    }

    /** @return Planted */
    private function swap(LayoutDesk $desk, Randomizer $random): array
    {
        do {
            $part = self::one($random, $desk->pads);
            $pads = $desk->pads[$part];
            [$one, $other] = [$random->getInt(0, count($pads) - 1), $random->getInt(0, count($pads) - 1)];
            $isTold = $pads[$one]->net !== $pads[$other]->net && '' !== $pads[$one]->net && '' !== $pads[$other]->net
                && !$desk->own->areAlike($part, $desk->own->ports[$part][$one], $desk->own->ports[$part][$other]);
        } while (!$isTold);
        [$pads[$one]->net, $pads[$other]->net] = [$pads[$other]->net, $pads[$one]->net];
        $text = $desk->ipc();
        $found = Returned::read(new Inspection($desk->board), $text)->findings[0]->fault ?? null;
        self::assertContains($found, [LayoutFault::Exchanged, LayoutFault::WrongWayRound], $part);

        return [$text, null, [$found, [$part]]];
    }

    /** @return Planted */
    private function missing(LayoutDesk $desk, Randomizer $random): array
    {
        $part = self::one($random, $desk->pads);
        unset($desk->pads[$part]);

        return [$desk->ipc(), null, [LayoutFault::Missing, [$part]]];
    }

    /** @return Planted */
    private function near(LayoutDesk $desk, Randomizer $random): array
    {
        $live = [];
        foreach ($desk->pads as $part => $pads) {
            foreach ($pads as $place => $pad) {
                if ($desk->own->isAtMains($part . '.' . $desk->own->ports[$part][$place])) {
                    $live[] = [$part, $pad];
                }
            }
        }
        [$part, $pad] = $live[$random->getInt(0, count($live) - 1)];
        $needed = Barrier::of($desk->board)->kept;
        $angle = deg2rad((float) $random->getInt(0, 359));
        // A via of 0.6 mm, so near that no other part lies nearer to it.
        $away = 0.4e-3 + $pad->width / 2 + 0.2 * $needed;
        $desk->vias[] = ['GND', $pad->x + $away * cos($angle), $pad->y + $away * sin($angle)];
        $text = $desk->ipc();
        $found = Returned::read(new Inspection($desk->board), $text)->findings[0] ?? null;
        self::assertContains($part, $found->parts ?? []);

        return [$text, null, [LayoutFault::TooNear, $found->parts ?? []]];
    }

    /** @return Planted */
    private function side(LayoutDesk $desk, Randomizer $random): array
    {
        $part = self::one($random, $desk->access);
        $desk->access[$part] = '02';

        return [$desk->ipc(), null, [LayoutFault::BothSides, [$part]]];
    }

    /** @return Planted */
    private function rotation(LayoutDesk $desk, Randomizer $random): array
    {
        $polar = array_filter($desk->pads, static fn(array $pads, string $part): bool => null !== Orientation::of(
            $desk->own->connections->devices[$part],
            $desk->own,
        ), ARRAY_FILTER_USE_BOTH);
        $part = self::one($random, $polar);

        return [$desk->placement([$part => $random->getInt(1, 3)]), $desk->ipc(), [LayoutFault::Turned, [$part]]];
    }
}
