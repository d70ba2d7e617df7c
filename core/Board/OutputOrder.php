<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** In which order the program makes an output of a pin. */
enum OutputOrder: string
{
    /** Pulled to the off level as an input, the off level written, then made an output. */
    case LevelFirst = 'off level first';
    /** Made an output first: the pin is low until the level is written. */
    case OutputFirst = 'output first';
}
