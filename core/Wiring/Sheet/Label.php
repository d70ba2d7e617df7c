<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

/** Text beside a wire, or at the head of a bar. */
final readonly class Label
{
    /**
     * @param float $x left end, or right end where it ends there
     * @param float $y base line
     * @param ?string $wire number of the wire that it names; null for a bar
     */
    public function __construct(
        public float $x,
        public float $y,
        public string $text,
        public bool $endsHere,
        public string $net,
        public ?string $wire,
    ) {}

    /** @return array{float, float, float, float} left, top, right and bottom */
    public function bounds(): array
    {
        $width = Type::width($this->text);
        $left = $this->endsHere ? $this->x - $width : $this->x;

        return [$left, $this->y - Type::HEIGHT, $left + $width, $this->y + 0.4];
    }
}
