<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/** One point of a device that something is joined to. */
final readonly class Terminal
{
    /**
     * @param string $key by which it is told from the others of its device
     * @param string $name as printed
     * @param string $second its other name: of a controller’s pin the chip’s own; empty for none
     * @param string $pad number of its pad, or side and place on a header; empty while nobody has said
     * @param bool $passes the net goes on at its other side, as through a terminal block
     */
    public function __construct(
        public string $key,
        public string $name,
        public Joining $joining,
        public string $second = '',
        public string $pad = '',
        public bool $passes = false,
    ) {}

    /** Both of its names, the chip’s own first, as everywhere. */
    public function names(): string
    {
        return '' === $this->second || $this->second === $this->name ? $this->name : sprintf('%s (printed %s)', $this->second, $this->name);
    }
}
