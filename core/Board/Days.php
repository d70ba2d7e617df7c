<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** On which days a time counts. */
enum Days: string
{
    case All = 'every day';
    case Working = 'Monday to Friday';
    case Weekend = 'Saturday and Sunday';
}
