<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** One thing that the program does, and which event made it do so. */
final readonly class Effect
{
    /**
     * @param string $subject id of a function, a channel or a line
     * @param bool $on an output is active, a lamp lit, an alarm raised, a message retained
     * @param string $to where something is told
     * @param string $says what is told, or why something is refused
     * @param int $cause number of the event that led to it
     * @param array<string, int> $steps by line, of a state that is written into memory
     */
    public function __construct(
        public EffectKind $kind,
        public string $subject,
        public bool $on,
        public string $to,
        public string $says,
        public int $cause,
        public array $steps = [],
    ) {}
}
