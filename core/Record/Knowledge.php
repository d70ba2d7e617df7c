<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

/** What is known of a fact. */
enum Knowledge: string
{
    case Stated = 'stated';
    case Assumed = 'assumed';
    /** Aimed at; to be read back or measured before anybody relies on it. */
    case Target = 'target';
    case Unknown = 'unknown';
}
