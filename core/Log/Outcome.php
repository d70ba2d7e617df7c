<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

/** What was found at a step. */
enum Outcome: string
{
    case AsItShould = 'as it should be';
    case Off = 'not as it should be';
    case NotMeasured = 'not measured';
    /** Its wiring or its program was changed since. */
    case Anew = 'to be taken again';
}
