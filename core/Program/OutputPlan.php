<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** How the program closes and opens one contact. */
final readonly class OutputPlan
{
    /**
     * @param string $relay id
     * @param string $function id of the output that closes it
     * @param ?string $opener id of the output whose pulse opens it; null where it opens by itself
     * @param int $pulseMicros of a bistable relay; 0 for one that is held
     * @param bool $restsClosed its appliance hangs on the contact that is closed while the coil is at rest
     */
    public function __construct(
        public string $relay,
        public string $function,
        public ?string $opener = null,
        public int $pulseMicros = 0,
        public bool $restsClosed = false,
    ) {}

    public function isPulsed(): bool
    {
        return $this->pulseMicros > 0;
    }
}
