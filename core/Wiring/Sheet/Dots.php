<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

/** Where more than two pieces of one net meet. */
final class Dots
{
    /**
     * @param list<array{float, float, float, float}> $pieces
     * @return list<array{float, float}>
     */
    public static function of(array $pieces): array
    {
        $dots = [];
        foreach ($pieces as $one) {
            foreach ([[$one[0], $one[1]], [$one[2], $one[3]]] as [$x, $y]) {
                $rays = 0;
                foreach ($pieces as $piece) {
                    $isEnd = ($piece[0] === $x && $piece[1] === $y) || ($piece[2] === $x && $piece[3] === $y);
                    $isInside = self::holds($piece, $x, $y);
                    $rays += $isEnd ? 1 : ($isInside ? 2 : 0);
                }
                if ($rays > 2) {
                    $dots[sprintf('%.3f %.3f', $x, $y)] = [$x, $y];
                }
            }
        }

        return array_values($dots);
    }

    /**
     * @param array{float, float, float, float} $piece
     */
    private static function holds(array $piece, float $x, float $y): bool
    {
        return $piece[0] === $piece[2]
            ? $x === $piece[0] && min($piece[1], $piece[3]) < $y && $y < max($piece[1], $piece[3])
            : $y === $piece[1] && min($piece[0], $piece[2]) < $x && $x < max($piece[0], $piece[2]);
    }
}
