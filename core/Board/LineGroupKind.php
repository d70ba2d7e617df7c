<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** Why lines are operated together. */
enum LineGroupKind: string
{
    case All = 'all lines';
    case Room = 'room';
    case Chosen = 'chosen lines';
    /** Each of its lines has a state that the scene says. */
    case Scene = 'scene';
}
