<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Quantity\NotAQuantity;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;

/** How far one copy has come on its way into use. */
final readonly class Walk
{
    /**
     * @param list<CommissioningStep> $steps
     * @param list<string> $open what is open on the board itself, and keeps every copy from mains
     */
    public function __construct(public array $steps, public BoardCopy $copy, public array $open = []) {}

    public function step(string $key): ?CommissioningStep
    {
        foreach ($this->steps as $step) {
            if ($step->key === $key) {
                return $step;
            }
        }

        return null;
    }

    /** What was found; null while nobody has looked. A number is judged by the limits as they are now. */
    public function outcome(CommissioningStep $step): ?Outcome
    {
        if (null !== $step->holdPoint) {
            return $this->copy->isVerified($step->holdPoint, $step->title) ? Outcome::AsItShould : null;
        }
        $last = $this->copy->last($step->key);
        if (null === $last || Outcome::Anew === $last->outcome) {
            return null;
        }
        $value = self::value($step, $last);

        return match (true) {
            null === $value => $last->outcome,
            true === $step->expected?->holds($value) => Outcome::AsItShould,
            default => Outcome::Off,
        };
    }

    /**
     * Steps that keep this copy from mains, in their order.
     *
     * @return list<CommissioningStep>
     */
    public function bars(): array
    {
        return array_values(array_filter(
            $this->steps,
            fn(CommissioningStep $step): bool => Outcome::Off === $this->outcome($step) && !$step->phase->isLive()
                || ($step->barsMains && Outcome::AsItShould !== $this->outcome($step)),
        ));
    }

    public function mayHaveMains(): bool
    {
        return [] === $this->open && [] === $this->bars();
    }

    /** Whether a step has to wait for others. */
    public function isBarred(CommissioningStep $step): bool
    {
        return $step->phase->isLive() && !$this->mayHaveMains();
    }

    /**
     * The first step that nobody has looked at; null when all is done.
     *
     * @param bool $withMeter whether there is a meter at hand; without one, what takes one is passed over
     */
    public function next(bool $withMeter = true): ?CommissioningStep
    {
        foreach ($this->steps as $step) {
            if (null === $this->outcome($step) && ($withMeter || !$step->tool->needsMeter())) {
                return $step;
            }
        }

        return null;
    }

    /** How many steps are found as they should be, and how many there are. */
    public function done(): int
    {
        return count(array_filter($this->steps, fn(CommissioningStep $step): bool => null !== $this->outcome($step)));
    }

    public function isCommissioned(): bool
    {
        return $this->mayHaveMains() && [] === array_filter(
            $this->steps,
            fn(CommissioningStep $step): bool => $step->phase->isLive() && Outcome::AsItShould !== $this->outcome($step),
        );
    }

    /**
     * What a number that was read says, kept with its unit.
     *
     * @throws \InvalidArgumentException when it is no number of that unit, or nothing is measured at this step
     */
    public static function measured(CommissioningStep $step, string $text, string $at, string $by = '', string $note = ''): StepReading
    {
        $expected = $step->expected
            ?? throw new \InvalidArgumentException('Nothing is measured at this step: say whether it is as it should be.');
        try {
            $value = Unit::Ratio === $expected->unit && ctype_digit(trim($text))
                ? (float) trim($text)
                : QuantityParser::parse($text, $expected->unit);
        } catch (NotAQuantity $fault) {
            throw new \InvalidArgumentException($fault->getMessage(), previous: $fault);
        }

        return new StepReading(
            $step->key,
            $expected->holds($value) ? Outcome::AsItShould : Outcome::Off,
            QuantityPrinter::written($value, $expected->unit),
            $at,
            $by,
            $note,
        );
    }

    /** The value of a reading in SI; null where it has none, or none that this step reads. */
    public static function value(CommissioningStep $step, StepReading $reading): ?float
    {
        if (null === $step->expected || '' === $reading->value) {
            return null;
        }
        try {
            return QuantityParser::parseWritten($reading->value, $step->expected->unit);
        } catch (NotAQuantity) {
            return null;
        }
    }

    /**
     * The copy with one more reading.
     *
     * @throws \InvalidArgumentException when it takes somebody competent, and nobody is named
     */
    public function with(StepReading $reading): BoardCopy
    {
        $step = $this->step($reading->step);
        if (Tool::Competent === $step?->tool && Outcome::AsItShould === $reading->outcome && mb_strlen(trim($reading->by)) < 2) {
            throw new \InvalidArgumentException(sprintf('“%s” takes somebody competent: say by name who has done it.', $step->title));
        }

        return $this->copy->with($reading);
    }

    /**
     * The copy with a promise that was found kept.
     *
     * @throws \InvalidArgumentException when there is no such promise, or no name
     */
    public function verified(CommissioningStep $step, string $by, string $at): BoardCopy
    {
        if (null === $step->holdPoint) {
            throw new \InvalidArgumentException('This step is no promise to verify.');
        }
        $others = array_values(array_filter($this->copy->verified, static fn(Verified $one): bool => $one->point !== $step->holdPoint));

        return Copy::of($this->copy, ['verified' => [...$others, new Verified($step->holdPoint, $step->title, trim($by), $at)]]);
    }
}
