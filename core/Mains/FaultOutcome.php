<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

/** What becomes of a line that should be off, after one fault. */
enum FaultOutcome: string
{
    case Off = 'goes off';
    case Limited = 'stays on; its cut-out limits it';
    /** One end of a two-way circuit: a hand at the other end still turns it off. */
    case AtTheSwitch = 'stays on; the old switch turns it off';
    case On = 'stays on';
    case Unknown = 'not known';
}
