<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** How a box gives off its heat. All figures are common practice, from memory. */
enum BoxKind: string
{
    case Closed = 'closed, on a wall or a table';
    case Slotted = 'with slots below and above';
    case LetIn = 'let into a wall';

    /** What air that rises through slots carries off besides the walls: about as much again. */
    private const SLOTTED_GAIN = 2.0;
    /** What masonry around a let-in box takes off, as a share of what free air would. */
    private const MASONRY_SHARE = 0.5;

    /** Watts that leave a box for each kelvin that its air is warmer than the room. */
    public function wattsPerKelvin(float $lengthMetres, float $widthMetres, float $heightMetres): float
    {
        return BoxWalls::WATTS_PER_SQUARE_METRE_KELVIN * $this->squareMetres($lengthMetres, $widthMetres, $heightMetres);
    }

    /** The area of plain wall in free air that would give off as much. */
    public function squareMetres(float $lengthMetres, float $widthMetres, float $heightMetres): float
    {
        $front = $lengthMetres * $widthMetres;
        $sides = 2 * $heightMetres * ($lengthMetres + $widthMetres);

        return match ($this) {
            self::Closed => $front + $sides,
            self::Slotted => self::SLOTTED_GAIN * ($front + $sides),
            self::LetIn => $front + self::MASONRY_SHARE * ($sides + $front),
        };
    }

    public function source(): string
    {
        return match ($this) {
            self::Closed => BoxWalls::SOURCE,
            self::Slotted => BoxWalls::SOURCE . '; slots carry off about as much again',
            self::LetIn => '5.5 W/m²K at the front, half of that into the wall at the other sides: common practice, from memory',
        };
    }
}
