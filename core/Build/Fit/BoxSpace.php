<?php

declare(strict_types=1);

namespace IronLatch\Core\Build\Fit;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Catalogue\EnclosureShape;

/** The room inside a box, in metres. */
final readonly class BoxSpace
{
    public function __construct(
        public float $length,
        public float $width,
        public float $height,
        public bool $isRound = false,
        public bool $isMetal = false,
    ) {}

    /** Null while nobody has said how large the box is. */
    public static function of(Board $board): ?self
    {
        $size = $board->box?->size();
        if (null === $size) {
            return null;
        }
        $enclosure = null === $board->build->enclosure ? null : $board->part($board->build->enclosure, Enclosure::class);
        $bought = null === $enclosure
            ? null
            : [$enclosure->size->lengthMetres, $enclosure->size->widthMetres, $enclosure->size->heightMetres];
        $isAsBought = null !== $enclosure && $size === $bought;

        return new self(
            max($size[0], $size[1]),
            min($size[0], $size[1]),
            $size[2],
            $isAsBought && EnclosureShape::Round === $enclosure->shape,
            ($isAsBought && $enclosure->metal) || BaseMaterial::Metal === $board->box->enclosure?->value,
        );
    }

    /** The room in a box as it is sold. */
    public static function in(Enclosure $box): self
    {
        $size = $box->size;

        return new self(
            max($size->lengthMetres, $size->widthMetres),
            min($size->lengthMetres, $size->widthMetres),
            $size->heightMetres,
            EnclosureShape::Round === $box->shape,
            $box->metal,
        );
    }

    /** Whether a rectangle lies inside, its corners included. */
    public function holds(Rect $rect): bool
    {
        $slack = 1e-6;
        if (!$this->isRound) {
            return $rect->left >= -$slack && $rect->top >= -$slack
                && $rect->right <= $this->length + $slack && $rect->bottom <= $this->width + $slack;
        }

        return $this->farthest($rect) <= $this->length / 2 + $slack;
    }

    /** From the middle of a round box to the farthest corner of a rectangle. */
    private function farthest(Rect $rect): float
    {
        $radius = $this->length / 2;
        $across = max(abs($rect->left - $radius), abs($rect->right - $radius));
        $down = max(abs($rect->top - $radius), abs($rect->bottom - $radius));

        return hypot($across, $down);
    }

    /** The same room seen with its sides exchanged. */
    public function turned(): self
    {
        return new self($this->width, $this->length, $this->height, $this->isRound, $this->isMetal);
    }

    /** The shortest way from a rectangle inside to a wall. */
    public function toWall(Rect $rect): float
    {
        return max(0.0, $this->isRound
            ? $this->length / 2 - $this->farthest($rect)
            : min($rect->left, $rect->top, $this->length - $rect->right, $this->width - $rect->bottom));
    }
}
