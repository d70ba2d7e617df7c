<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

/** A device, or the part of it that belongs on a sheet. */
final readonly class Box
{
    /**
     * @param string $device designator
     * @param list<string> $lines designator, name and value
     * @param list<BoxPin> $pins
     */
    public function __construct(
        public string $device,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public array $lines,
        public float $textX,
        public array $pins,
    ) {}

    public function overlaps(self $other, float $apart = 0.0): bool
    {
        return $this->x < $other->x + $other->width + $apart && $other->x < $this->x + $this->width + $apart
            && $this->y < $other->y + $other->height + $apart && $other->y < $this->y + $this->height + $apart;
    }
}
