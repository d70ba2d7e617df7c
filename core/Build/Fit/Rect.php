<?php

declare(strict_types=1);

namespace IronLatch\Core\Build\Fit;

/** An upright rectangle on the plan, in metres from its left top corner. */
final readonly class Rect
{
    /** Less than this is no overlap but rounding. */
    private const NOTHING = 1e-9;

    public function __construct(public float $left, public float $top, public float $right, public float $bottom) {}

    public function width(): float
    {
        return $this->right - $this->left;
    }

    public function height(): float
    {
        return $this->bottom - $this->top;
    }

    public function overlaps(self $other): bool
    {
        return $this->left < $other->right - self::NOTHING
            && $other->left < $this->right - self::NOTHING
            && $this->top < $other->bottom - self::NOTHING
            && $other->top < $this->bottom - self::NOTHING;
    }

    /** The shortest way between the two, 0 where they touch. */
    public function distance(self $other): float
    {
        $across = max(0.0, $other->left - $this->right, $this->left - $other->right);
        $down = max(0.0, $other->top - $this->bottom, $this->top - $other->bottom);

        return hypot($across, $down);
    }

    public function moved(float $x, float $y): self
    {
        return new self($this->left + $x, $this->top + $y, $this->right + $x, $this->bottom + $y);
    }

    /** Turned clockwise by right angles together with what it lies in, whose corner stays where it is. */
    public function turned(int $quarters, float $length, float $width): self
    {
        return match ($quarters) {
            1 => new self($width - $this->bottom, $this->left, $width - $this->top, $this->right),
            2 => new self($length - $this->right, $width - $this->bottom, $length - $this->left, $width - $this->top),
            3 => new self($this->top, $length - $this->right, $this->bottom, $length - $this->left),
            default => $this,
        };
    }

    /**
     * Around all of them.
     *
     * @param non-empty-list<self> $all
     */
    public static function around(array $all): self
    {
        return new self(
            min(array_map(static fn(self $one): float => $one->left, $all)),
            min(array_map(static fn(self $one): float => $one->top, $all)),
            max(array_map(static fn(self $one): float => $one->right, $all)),
            max(array_map(static fn(self $one): float => $one->bottom, $all)),
        );
    }
}
