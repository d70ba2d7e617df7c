<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

/** One quantity as all copies have it: which one stands out, and whether the design is at fault. */
final readonly class OverCopies
{
    /** Farther from the middle than so many times what the others differ by, a copy stands out (common practice, no source). */
    private const FAR = 4.0;
    /** A share of the allowed band that is no difference at all. */
    private const SAME = 0.05;
    /** What is wrong on two of five copies is a fault of the design. */
    private const LEAST_COPIES = 2;
    private const LEAST_SHARE = 0.4;

    /**
     * @param array<string, float> $values by copy
     * @param list<string> $off copies on which it is not as it should be
     * @param int $looked copies on which somebody has looked
     */
    private function __construct(public CommissioningStep $step, public array $values, public array $off, public int $looked) {}

    /**
     * @param list<CommissioningStep> $steps
     * @param array<string, BoardCopy> $copies by id
     * @return list<self> what was looked at on any of them
     */
    public static function all(array $steps, array $copies): array
    {
        $all = [];
        $wrong = array_map(self::everWrong(...), $copies);
        foreach ($steps as $step) {
            $values = $off = [];
            $looked = 0;
            foreach ($copies as $id => $copy) {
                $last = $copy->last($step->key);
                if (null === $last || in_array($last->outcome, [Outcome::NotMeasured, Outcome::Anew], true)) {
                    continue;
                }
                ++$looked;
                $value = Walk::value($step, $last);
                if (null !== $value) {
                    $values[$id] = $value;
                }
                if (isset($wrong[$id][$step->key])) {
                    $off[] = $id;
                }
            }
            if (0 < $looked) {
                $all[] = new self($step, $values, $off, $looked);
            }
        }

        return $all;
    }

    /**
     * What was wrong once and mended is still a sign.
     *
     * @return array<string, true> by step
     */
    private static function everWrong(BoardCopy $copy): array
    {
        $wrong = array_filter($copy->readings, static fn(StepReading $one): bool => Outcome::Off === $one->outcome);

        return array_fill_keys(array_map(static fn(StepReading $one): string => $one->step, $wrong), true);
    }

    /** Whether it went wrong on so many copies that the design is at fault. */
    public function isFaultOfDesign(): bool
    {
        return count($this->off) >= self::LEAST_COPIES && count($this->off) >= self::LEAST_SHARE * $this->looked;
    }

    /** The copy that stands out from the others, though it may be within its limits; null where none does. */
    public function outlier(): ?string
    {
        if (count($this->values) < 3) {
            return null;
        }
        $far = [];
        foreach ($this->values as $id => $value) {
            $others = array_values(array_diff_key($this->values, [$id => 0]));
            $middle = self::middle($others);
            $spread = self::middle(array_map(static fn(float $one): float => abs($one - $middle), $others));
            $most = $this->step->expected->most ?? INF;
            $band = is_finite($most) ? $most - ($this->step->expected->least ?? 0.0) : abs($middle);
            $ratio = abs($value - $middle) / max($spread, self::SAME * $band, 1e-12);
            if ($ratio > self::FAR) {
                $far[$id] = $ratio;
            }
        }
        arsort($far);

        return array_key_first($far);
    }

    /**
     * @param list<float> $values
     */
    private static function middle(array $values): float
    {
        sort($values);
        $half = intdiv(count($values), 2);

        return 1 === count($values) % 2 ? $values[$half] : ($values[$half - 1] + $values[$half]) / 2;
    }
}
