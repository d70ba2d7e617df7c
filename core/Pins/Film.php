<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

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
        $twitches = array_values(array_filter($this->moments, static fn(Moment $moment): bool => $moment->isTwitch()));
        usort($twitches, static fn(Moment $a, Moment $b): int => [Movement::Certain === $b->movement, $b->seconds] <=> [Movement::Certain === $a->movement, $a->seconds]);

        return $twitches[0] ?? null;
    }
}
