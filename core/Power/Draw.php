<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

/** One load on a rail: what it takes while its line is off, while it is on, and for the moment in which it moves or works hardest. */
final readonly class Draw
{
    /**
     * @param string $name for a reader
     * @param string $subject id of what it belongs to
     * @param ?string $line id of the line that switches it; null for what is always there
     * @param Demand $off while its line is off, or always
     * @param Demand $on while its line is on
     * @param Demand $moment while it pulls in or is at its peak
     * @param bool $oneAtATime pulses of this kind never come together
     * @param string $because what is assumed of it; empty when it follows from the board
     */
    public function __construct(
        public DrawKind $kind,
        public string $name,
        public string $subject,
        public ?string $line,
        public Demand $off,
        public Demand $on,
        public Demand $moment,
        public bool $oneAtATime = false,
        public string $because = '',
    ) {}

    public static function always(
        DrawKind $kind,
        string $name,
        string $subject,
        Demand $demand,
        ?Demand $moment = null,
        string $because = '',
    ): self {
        return new self($kind, $name, $subject, null, $demand, $demand, $moment ?? $demand, because: $because);
    }

    public function in(Scenario $scenario): Demand
    {
        $isOn = null === $this->line || $scenario->isOn($this->line);

        return match (true) {
            !$isOn => $this->off,
            $scenario->pullsIn && !$this->oneAtATime => $this->moment,
            default => $this->on,
        };
    }
}
