<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** One channel that reaches the program. */
final readonly class ChannelPlan
{
    /**
     * @param list<MessagePlan> $messages
     * @param bool $connects somebody must be reached before anything is heard or told; a serial module is simply there
     * @param int $blockMicros that everything else waits while it reconnects
     * @param bool $ignoresCase in texts
     * @param bool $trims blanks before and behind a text are left out
     * @param string $presence where it says that it is there; empty for nowhere
     * @param bool $keepsStates what it tells is kept for whoever comes later
     */
    public function __construct(
        public string $id,
        public array $messages,
        public bool $connects,
        public int $blockMicros,
        public bool $ignoresCase = false,
        public bool $trims = true,
        public string $presence = '',
        public string $here = '',
        public string $gone = '',
        public bool $keepsStates = false,
    ) {}
}
