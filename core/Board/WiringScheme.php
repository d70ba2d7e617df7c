<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** How the wires of a net run that many hang on. */
enum WiringScheme: string
{
    case Star = 'star: each from one bar';
    case Chain = 'chain: from one to the next';
}
