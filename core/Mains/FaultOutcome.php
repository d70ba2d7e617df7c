<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

/** What becomes of a line that should be off, after one fault. */
enum FaultOutcome: string
{
    case Off = 'goes off';
    case Limited = 'stays on; its cut-out limits it';
    case On = 'stays on';
    case Unknown = 'not known';
}
