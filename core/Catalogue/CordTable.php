<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** Whose table says what current a flexible cord bears. */
enum CordTable: string
{
    case Iec60335 = 'IEC 60335-1';
    case Nec400 = 'NEC 400.5(A)(1)';
}
