<?php

declare(strict_types=1);

namespace IronLatch\Core\Build\Fit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\End;
use IronLatch\Core\Wiring\NetKind;

/** How much of a marked box is taken, as North American rules count it. */
final readonly class BoxFill
{
    public const SOURCE = 'NEC 314.16(B), from memory; the board’s own parts are taken off as well: common practice';
    private const CUBIC_INCH = 0.0254 ** 3;
    /** A conductor takes so many cubic inches, by the cross-section up to which it is of that gauge: 18 to 6 AWG. */
    private const VOLUMES = [
        [0.83e-6, 1.5],
        [1.32e-6, 1.75],
        [2.1e-6, 2.0],
        [3.35e-6, 2.25],
        [5.3e-6, 2.5],
        [8.4e-6, 3.0],
        [13.4e-6, 5.0],
    ];
    private const EARTHS_TOGETHER = 4;

    /**
     * @param float $boxCubicMetres as marked
     * @param int $conductors that enter, earths not counted
     * @param int $earths
     * @param float $eachCubicMetres what a conductor takes
     * @param float $partsCubicMetres of the parts in the box
     */
    private function __construct(
        public float $boxCubicMetres,
        public int $conductors,
        public int $earths,
        public float $eachCubicMetres,
        public float $partsCubicMetres,
    ) {}

    /**
     * @param array<string, Outline> $parts
     * @return ?self null where the box is not judged that way, or the cross-section is not known
     */
    public static function of(Board $board, Connections $connections, array $parts): ?self
    {
        $box = self::marked($board);
        $area = self::largest($board);
        $each = null === $area ? null : self::conductor($area);
        if (null === $box || null === $each) {
            return null;
        }
        $conductors = 0;
        $earths = 0;
        $enters = [DeviceKind::Inlet, DeviceKind::Outlet, DeviceKind::Terminals];
        foreach ($connections->nets as $net) {
            $ends = array_filter(
                $net->ends,
                static fn(End $end): bool => in_array($connections->devices[$end->device]->kind ?? null, $enters, true)
                    && null === $end->cable,
            );
            $devices = count(array_unique(array_map(static fn(End $end): string => $end->device, $ends)));
            $conductors += $net->kind->isMains() && NetKind::Earth !== $net->kind ? $devices : 0;
            $earths += NetKind::Earth === $net->kind ? $devices : 0;
        }
        $volume = array_sum(array_map(static fn(Outline $part): float => $part->length * $part->width * $part->height, $parts));

        return new self($box, $conductors, $earths, $each, $volume);
    }

    /** Volume that the enclosure is marked with; null where it bears none. */
    public static function marked(Board $board): ?float
    {
        return null === $board->build->enclosure ? null : $board->part($board->build->enclosure, Enclosure::class)->fillCubicMetres;
    }

    /** What a conductor takes, in m³; null beyond 6 AWG. */
    public static function conductor(float $squareMetres): ?float
    {
        foreach (self::VOLUMES as [$most, $inches]) {
            if ($squareMetres <= $most) {
                return $inches * self::CUBIC_INCH;
            }
        }

        return null;
    }

    /** What conductors, clamps and earths take; one allowance for all clamps, one for up to four earths and a quarter for each further. */
    public function wiresCubicMetres(): float
    {
        $earths = 0 === $this->earths ? 0.0 : 1.0 + max(0, $this->earths - self::EARTHS_TOGETHER) / 4;

        return ($this->conductors + 1.0 + $earths) * $this->eachCubicMetres;
    }

    public function neededCubicMetres(): float
    {
        return $this->wiresCubicMetres() + $this->partsCubicMetres;
    }

    private static function largest(Board $board): ?float
    {
        $box = $board->box;
        $known = array_filter(
            [$box?->leadSquareMetres?->value, $box?->innerSquareMetres?->value, $box?->branchSquareMetres?->value],
            is_float(...),
        );

        return [] === $known ? null : max($known);
    }
}
