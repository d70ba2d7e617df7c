<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

/** Who solders or screws a part in. */
enum FittedBy: string
{
    case Assembler = 'assembler';
    case Hand = 'by hand';
    /** It is no part of the board: it lies in the house, in the lid or in the hand of somebody. */
    case Nobody = 'beside the board';
}
