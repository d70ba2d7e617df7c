<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Catalogue\HeaderPin;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Pins\PinFitness;

/** One place on a carrier's header as the Pins view draws it. */
final readonly class HeaderRow
{
    /**
     * @param list<string> $functions ids seated here
     * @param ?PinFitness $fitness for the chosen function
     * @param list<string> $notes what to know of the pin
     * @param ?JointState $trouble the worst that a finding says of a function here
     */
    public function __construct(
        public HeaderPin $header,
        public ?Pin $pin,
        public array $functions,
        public ?PinFitness $fitness,
        public array $notes,
        public ?JointState $trouble,
    ) {}
}
