<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

/** One thing that is said between the board and somebody else. */
final readonly class MessageRow
{
    /**
     * @param string $about line, group or board
     * @param string $kind command, request, state, announcement or presence
     * @param bool $toBoard else it comes from the board
     * @param ?bool $retained kept for whoever comes later; null where nothing is ever kept
     */
    public function __construct(
        public string $channel,
        public string $about,
        public string $kind,
        public bool $toBoard,
        public string $address,
        public string $example,
        public ?bool $retained,
    ) {}

    public function direction(): string
    {
        return $this->toBoard ? 'to the board' : 'from the board';
    }

    public function kept(): string
    {
        return match ($this->retained) {
            null => 'nothing is kept here',
            true => 'retained',
            false => 'not retained',
        };
    }
}
