<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive;

use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Drive\Circuit\SwitchCircuit;

/**
 * Boards drawn at random within the tolerances: what share of them does not pull in.
 *
 * Every value is drawn from a triangle over its spread, most likely at its typical value. The draws come from a generator with
 * a seed, so the same circuit always gives the same answer.
 */
final readonly class MonteCarlo
{
    private const BINS = 24;
    /** For an interval that holds the true share in 95 of 100 cases. */
    private const NORMAL_95 = 1.959964;

    /**
     * @param list<array{float, int}> $bins lower edge of each class of margins, and how many boards fell into it
     * @param float $leastShare lower end of the confidence interval of the failing share (Wilson)
     */
    private function __construct(
        public int $boards,
        public int $failing,
        public float $leastShare,
        public float $greatestShare,
        public float $leastMargin,
        public float $greatestMargin,
        public array $bins,
    ) {}

    public static function run(SwitchCircuit $circuit, Relay $relay, float $ambientCelsius, int $boards = 10000, int $seed = 1): self
    {
        $parameters = $circuit->parameters();
        $needed = $relay->operateVolts(max(20.0, $ambientCelsius));
        $hot = $relay->resistanceRatio(max(20.0, $ambientCelsius));
        $state = $seed * 2654435761 % 4294967296 | 1;
        $margins = [];
        $failing = 0;
        for ($board = 0; $board < $boards; ++$board) {
            $values = [];
            foreach ($parameters as $name => $parameter) {
                // Marsaglia, “Xorshift RNGs”, Journal of Statistical Software 8 (2003): shifts 13, 17, 5 on 32 bits.
                $state ^= ($state << 13) & 0xFFFFFFFF;
                $state ^= $state >> 17;
                $state ^= ($state << 5) & 0xFFFFFFFF;
                $values[$name] = self::triangular(
                    $state / 4294967296,
                    $parameter->spread->min,
                    $parameter->spread->typ,
                    $parameter->spread->max,
                );
            }
            $values['coilOhms'] *= $hot;
            $margins[] = $margin = $circuit->on($values)->coilVolts / $needed;
            $failing += $margin < 1 ? 1 : 0;
        }
        [$least, $greatest] = self::wilson($failing, $boards);
        $low = [] === $margins ? 0.0 : min($margins);
        $high = [] === $margins ? 0.0 : max($margins);

        return new self($boards, $failing, $least, $greatest, $low, $high, self::bins($margins, $low, $high));
    }

    public function share(): float
    {
        return $this->failing / max(1, $this->boards);
    }

    /** The value below which a share of a triangular distribution lies. */
    public static function triangular(float $share, float $min, float $typ, float $max): float
    {
        $width = $max - $min;
        if ($width <= 0) {
            return $typ;
        }
        $knee = ($typ - $min) / $width;

        return $share < $knee ? $min + sqrt($share * $width * ($typ - $min)) : $max - sqrt((1 - $share) * $width * ($max - $typ));
    }

    /**
     * The 95 % interval of a share (Wilson, Journal of the American Statistical Association 22, 1927; from memory).
     *
     * @return array{float, float}
     */
    public static function wilson(int $hits, int $of): array
    {
        if (0 === $of) {
            return [0.0, 1.0];
        }
        $z = self::NORMAL_95;
        $share = $hits / $of;
        $middle = ($share + $z * $z / (2 * $of)) / (1 + $z * $z / $of);
        $half = $z / (1 + $z * $z / $of) * sqrt($share * (1 - $share) / $of + $z * $z / (4 * $of * $of));

        return [max(0.0, $middle - $half), min(1.0, $middle + $half)];
    }

    /**
     * @param list<float> $margins
     * @return list<array{float, int}>
     */
    private static function bins(array $margins, float $low, float $high): array
    {
        $width = max(1e-9, ($high - $low) / self::BINS);
        $counts = array_fill(0, self::BINS, 0);
        foreach ($margins as $margin) {
            ++$counts[min(self::BINS - 1, (int) (($margin - $low) / $width))];
        }

        return array_map(static fn(int $bin, int $count): array => [$low + $bin * $width, $count], array_keys($counts), $counts);
    }
}
