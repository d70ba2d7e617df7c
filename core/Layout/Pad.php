<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** A pad as a layout desk states it. Metres and degrees, counter-clockwise, seen from the top. */
final readonly class Pad
{
    /**
     * @param string $net empty for a pad on no net
     * @param string $part empty for what belongs to no part, such as a via
     * @param ?float $x null where the file says nothing of places
     * @param float $height 0 for a round pad of the given width
     * @param float $hole diameter, 0 for none
     * @param int $line of the file, from 1
     */
    public function __construct(
        public string $net,
        public string $part,
        public string $pin,
        public int $line,
        public ?float $x = null,
        public ?float $y = null,
        public float $width = 0.0,
        public float $height = 0.0,
        public float $degrees = 0.0,
        public Face $face = Face::Both,
        public float $hole = 0.0,
        public bool $isPlated = true,
    ) {}

    /** It lies on one face, and no wire goes through it. */
    public function isSurface(): bool
    {
        return Face::Both !== $this->face;
    }
}
