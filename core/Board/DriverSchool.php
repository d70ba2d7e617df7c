<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** The two schools of driving relays: with a module that is bought ready, or with parts of one’s own. */
enum DriverSchool: string
{
    case Either = 'either';
    case Modules = 'ready modules';
    case SingleParts = 'single parts';
}
