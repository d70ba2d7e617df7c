<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** The copper of a pad: a circle, or a rectangle that is turned. Rounded corners are taken as full ones. */
final readonly class PadShape
{
    /** @var list<array{float, float}> corners; one point for a circle */
    public array $corners;
    /** Around the corners: of a circle. */
    public float $radius;
    /** Of the circle around all of it. */
    public float $reach;

    public function __construct(public float $x, public float $y, float $width, float $height, float $degrees)
    {
        if (0.0 === $height) {
            $this->corners = [[$x, $y]];
            $this->radius = $this->reach = $width / 2;

            return;
        }
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $corners = [];
        foreach ([[1, 1], [-1, 1], [-1, -1], [1, -1]] as [$across, $up]) {
            [$u, $v] = [$across * $width / 2, $up * $height / 2];
            $corners[] = [$x + $u * $cos - $v * $sin, $y + $u * $sin + $v * $cos];
        }
        $this->corners = $corners;
        $this->radius = 0.0;
        $this->reach = hypot($width, $height) / 2;
    }

    /** Metres of the shortest way between the edges of two pads; 0 where they touch. */
    public function distance(self $other): float
    {
        if ($this->holds($other->corners[0]) || $other->holds($this->corners[0])) {
            return 0.0;
        }
        $least = INF;
        foreach ($this->edges() as $one) {
            foreach ($other->edges() as $another) {
                $least = min($least, self::between($one, $another));
            }
        }

        return max(0.0, $least - $this->radius - $other->radius);
    }

    /**
     * @return list<array{array{float, float}, array{float, float}}>
     */
    private function edges(): array
    {
        $edges = [];
        $count = count($this->corners);
        foreach ($this->corners as $place => $corner) {
            $edges[] = [$corner, $this->corners[($place + 1) % $count]];
        }

        return $edges;
    }

    /**
     * @param array{float, float} $point
     */
    private function holds(array $point): bool
    {
        if (1 === count($this->corners)) {
            return hypot($point[0] - $this->x, $point[1] - $this->y) <= $this->radius;
        }
        foreach ($this->edges() as $edge) {
            // Corners run counter-clockwise: what is inside lies left of every edge.
            if (self::side($edge, $point) < 0.0) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array{array{float, float}, array{float, float}} $one
     * @param array{array{float, float}, array{float, float}} $other
     */
    private static function between(array $one, array $other): float
    {
        if (self::cross($one, $other)) {
            return 0.0;
        }

        return min(
            self::toEdge($one[0], $other),
            self::toEdge($one[1], $other),
            self::toEdge($other[0], $one),
            self::toEdge($other[1], $one),
        );
    }

    /**
     * @param array{float, float} $point
     * @param array{array{float, float}, array{float, float}} $edge
     */
    private static function toEdge(array $point, array $edge): float
    {
        [[$x, $y], [$toX, $toY]] = $edge;
        $length = ($toX - $x) ** 2 + ($toY - $y) ** 2;
        $share = 0.0 === $length ? 0.0 : max(0.0, min(1.0, (($point[0] - $x) * ($toX - $x) + ($point[1] - $y) * ($toY - $y)) / $length));

        return hypot($point[0] - $x - $share * ($toX - $x), $point[1] - $y - $share * ($toY - $y));
    }

    /**
     * @param array{array{float, float}, array{float, float}} $one
     * @param array{array{float, float}, array{float, float}} $other
     */
    private static function cross(array $one, array $other): bool
    {
        return self::side($one, $other[0]) * self::side($one, $other[1]) < 0.0
            && self::side($other, $one[0]) * self::side($other, $one[1]) < 0.0;
    }

    /**
     * Above 0 for a point that lies left of an edge.
     *
     * @param array{array{float, float}, array{float, float}} $edge
     * @param array{float, float} $point
     */
    private static function side(array $edge, array $point): float
    {
        [[$x, $y], [$toX, $toY]] = $edge;

        return ($toX - $x) * ($point[1] - $y) - ($toY - $y) * ($point[0] - $x);
    }
}
