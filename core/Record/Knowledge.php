<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

/** What is known of a fact. */
enum Knowledge: string
{
    case Stated = 'stated';
    case Assumed = 'assumed';
    case Unknown = 'unknown';
}
