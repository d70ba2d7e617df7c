<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/** Where a net meets a device. */
final readonly class End
{
    /**
     * @param string $device designator
     * @param string $terminal key
     * @param string $wire number that a wire bears which ends here: letter, number of what it belongs to, digit for its role
     * @param string $subject id of what the wire belongs to
     * @param ?string $via the end of a terminal block through which it is reached, as “X31.1”; null where it is reached directly
     * @param ?string $cable id of the function whose cable the wire lies in; null for wires inside the box
     */
    public function __construct(
        public string $device,
        public string $terminal,
        public string $wire,
        public string $subject,
        public ?string $via = null,
        public ?string $cable = null,
    ) {}

    public function name(): string
    {
        return $this->device . '.' . $this->terminal;
    }
}
