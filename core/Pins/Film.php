<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Drive\Circuit\Movement;

/** One output from the moment power arrives until the program runs, phase by phase. */
final readonly class Film
{
    /**
     * @param string $function id of the output
     * @param ?string $actuator id of the relay that follows it, if one does
     * @param list<Moment> $moments in the order of time
     */
    public function __construct(public string $function, public ?string $actuator, public array $moments) {}

    /** The moment that moves the relay most surely and longest; null when none does. */
    public function worstTwitch(): ?Moment
    {
        return self::worst($this->moments);
    }

    /** The same, of the phases in which no program runs yet. */
    public function worstBeforeProgram(): ?Moment
    {
        return self::worst(array_filter($this->moments, static fn(Moment $moment): bool => $moment->phase->isBeforeProgram()));
    }

    /** The same, of the moment in which the program makes an output of the pin. */
    public function worstOfProgram(): ?Moment
    {
        return self::worst(array_filter($this->moments, static fn(Moment $moment): bool => !$moment->phase->isBeforeProgram()));
    }

    /**
     * How long the relay is moved before a program runs, all phases that move it together; null where one of them has no stated
     * length.
     */
    public function movedSeconds(): ?float
    {
        $seconds = 0.0;
        foreach ($this->moments as $moment) {
            if ($moment->isTwitch() && $moment->phase->isBeforeProgram()) {
                if ($moment->seconds <= 0) {
                    return null;
                }
                $seconds += $moment->seconds;
            }
        }

        return $seconds;
    }

    /**
     * @param array<Moment> $moments
     */
    private static function worst(array $moments): ?Moment
    {
        $twitches = array_values(array_filter($moments, static fn(Moment $moment): bool => $moment->isTwitch()));
        // A phase of no stated length may be the longest.
        $length = static fn(Moment $moment): float => $moment->seconds > 0 ? $moment->seconds : INF;
        usort(
            $twitches,
            static fn(Moment $a, Moment $b): int => [Movement::Certain === $b->movement, $length($b)] <=> [
                Movement::Certain === $a->movement,
                $length($a),
            ],
        );

        return $twitches[0] ?? null;
    }
}
