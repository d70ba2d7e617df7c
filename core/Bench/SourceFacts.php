<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** A source that the mains feeds: when it stands, and what it carries over. */
final readonly class SourceFacts
{
    /**
     * @param int $startMicros from mains to a standing rail
     * @param ?int $resetMicros from the end of mains to the controller’s reset, everything on; null where it feeds no controller
     * @param array<string, int> $releaseMicros from the end of mains until relays let go, by rail
     */
    public function __construct(public string $rail, public int $startMicros, public ?int $resetMicros, public array $releaseMicros) {}
}
