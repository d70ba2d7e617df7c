<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What a line does when its sensor says nothing, or nothing that can be. */
enum LostSensor: string
{
    case Off = 'goes off';
    case On = 'goes on';
    case Stays = 'stays as it is';
}
