<?php

declare(strict_types=1);

namespace IronLatch\Core\Build\Fit;

use IronLatch\Core\Wiring\DeviceKind;

/**
 * A part as the plan sees it. As it is drawn here, unturned, its wires or its antenna look to the left, and mains lies left of low voltage.
 */
final readonly class Outline
{
    /**
     * @param string $id its designator
     * @param float $length metres from left to right, without the room before it
     * @param float $width metres from top to bottom
     * @param float $height metres above what it stands on
     * @param list<Rect> $mains where metal at mains lies, seen from its own corner
     * @param list<Rect> $low where metal at low voltage lies
     * @param bool $atEdge it wants an edge of the plan at its left
     * @param float $before metres that stay free at its left: wires bend there, or an antenna looks out
     * @param bool $antenna what stays free before it is for an antenna
     * @param float $hotWatts that it turns into heat
     * @param bool $agesWarm an electrolytic capacitor, which warmth wears out
     * @param string $subject id of what it belongs to on the board
     */
    public function __construct(
        public string $id,
        public DeviceKind $kind,
        public string $name,
        public float $length,
        public float $width,
        public float $height,
        public Zone $zone,
        public array $mains,
        public array $low,
        public bool $atEdge = false,
        public float $before = 0.0,
        public bool $antenna = false,
        public float $hotWatts = 0.0,
        public bool $agesWarm = false,
        public string $subject = '',
    ) {}

    /**
     * A part across the barrier of which nothing is known but its form: contacts over the first half, then a gap.
     *
     * @param array{float, float, float} $size in mm
     */
    public static function across(string $id, DeviceKind $kind, array $size, float $gapMillimetres): self
    {
        [$length, $width, $height] = array_map(static fn(float $side): float => $side / 1000, $size);
        $end = $length / 2;
        $mains = [new Rect(0.0, 0.0, $end, $width)];
        $low = [new Rect($end + $gapMillimetres / 1000, 0.0, $length, $width)];

        return new self($id, $kind, $kind->value, $length, $width, $height, Zone::Across, $mains, $low);
    }

    /**
     * A part on the low-voltage side of which nothing is known but its form.
     *
     * @param array{float, float, float} $size in mm
     */
    public static function low(string $id, DeviceKind $kind, array $size): self
    {
        [$length, $width, $height] = array_map(static fn(float $side): float => $side / 1000, $size);

        return new self($id, $kind, $kind->value, $length, $width, $height, Zone::Low, [], [new Rect(0.0, 0.0, $length, $width)]);
    }

    /** Between its own mains metal and its own low voltage, as far as it lies across the barrier; without end for all others. */
    public function ownGap(): float
    {
        $gap = INF;
        foreach ($this->mains as $mains) {
            foreach ($this->low as $low) {
                $gap = min($gap, $mains->distance($low));
            }
        }

        return $gap;
    }

    /** The length with what stays free before it. */
    public function reach(): float
    {
        return $this->length + $this->before;
    }

    public function squareMetres(): float
    {
        return $this->reach() * $this->width;
    }
}
