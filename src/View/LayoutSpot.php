<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Layout\Face;
use IronLatch\Core\Layout\LayoutFinding;
use IronLatch\Core\Layout\Pad;
use IronLatch\Core\Layout\PadShape;
use IronLatch\Core\Layout\Returned;

/** The pads around a finding as the layout desk has laid them, in millimetres, seen from the top. */
final readonly class LayoutSpot
{
    private const AROUND_METRES = 12e-3;
    private const MOST_PADS = 250;

    /**
     * @param array{float, float, float, float} $box left, top, width and height in mm
     * @param list<array{points: string, x: float, y: float, radius: float, lit: bool, face: string, label: string}> $pads
     */
    private function __construct(public array $box, public array $pads) {}

    /** Null for what says nothing of places. */
    public static function of(Returned $read, LayoutFinding $finding): ?self
    {
        $pads = array_values(array_filter($read->layout->pads ?? [], static fn(Pad $pad): bool => null !== $pad->x && null !== $pad->y));
        $lit = array_filter($pads, static fn(Pad $pad): bool => in_array($pad->line, $finding->rows, true));
        if ([] === $lit) {
            return null;
        }
        $xs = array_map(static fn(Pad $pad): float => (float) $pad->x, $lit);
        $ys = array_map(static fn(Pad $pad): float => (float) $pad->y, $lit);
        [$left, $right] = [min($xs) - self::AROUND_METRES, max($xs) + self::AROUND_METRES];
        [$low, $high] = [min($ys) - self::AROUND_METRES, max($ys) + self::AROUND_METRES];
        $near = array_filter($pads, static fn(Pad $pad): bool => $pad->x > $left && $pad->x < $right && $pad->y > $low && $pad->y < $high);

        return new self(
            [1000 * $left, -1000 * $high, 1000 * ($right - $left), 1000 * ($high - $low)],
            array_map(
                static fn(Pad $pad): array => self::drawn($pad, in_array($pad->line, $finding->rows, true)),
                array_slice(array_values($near), 0, self::MOST_PADS),
            ),
        );
    }

    /**
     * @return array{points: string, x: float, y: float, radius: float, lit: bool, face: string, label: string}
     */
    private static function drawn(Pad $pad, bool $isLit): array
    {
        $shape = new PadShape((float) $pad->x, (float) $pad->y, $pad->width, $pad->height, $pad->degrees);
        $isRound = 1 === count($shape->corners);

        return [
            'points' => $isRound ? '' : implode(' ', array_map(
                static fn(array $at): string => sprintf('%.3f,%.3f', 1000 * $at[0], -1000 * $at[1]),
                $shape->corners,
            )),
            'x' => 1000 * $shape->x,
            'y' => -1000 * $shape->y,
            'radius' => 1000 * ($isRound ? $shape->radius : $shape->reach),
            'lit' => $isLit,
            'face' => Face::Both === $pad->face ? '' : $pad->face->value,
            'label' => '' === $pad->part ? 'via' : $pad->part . ' ' . $pad->pin,
        ];
    }
}
