<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Pins\Moment;

/** How one relay of this board, of these copies of its parts, behaves. */
final readonly class RelayFacts
{
    /**
     * @param ?string $pin name of the pin that drives it; null where it has none, or one that cannot
     * @param Level $energisedAt the level at the pin that the circuit makes current of
     * @param bool $pullsIn its coil gets enough
     * @param bool $letsGo it falls back when its pin is idle
     * @param int $operateMicros
     * @param int $releaseMicros
     * @param bool $stays a bistable one, which stays as a pulse has left it
     * @param ?string $opens id of the relay whose armature this winding throws back
     * @param ?string $guards id of the relay with which its contact stands in series
     * @param bool $restsClosed its appliance hangs on the contact that is closed at rest
     * @param list<Moment> $film what starting up does to it
     * @param bool $onExpander its pin keeps its level while the controller starts anew
     */
    public function __construct(
        public string $id,
        public string $line,
        public string $rail,
        public string $function,
        public ?string $pin,
        public Level $energisedAt,
        public bool $pullsIn,
        public bool $letsGo,
        public int $operateMicros,
        public int $releaseMicros,
        public bool $stays,
        public ?string $opens,
        public ?string $guards,
        public bool $restsClosed,
        public array $film,
        public bool $onExpander,
    ) {}
}
