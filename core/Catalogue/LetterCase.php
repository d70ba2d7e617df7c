<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** Which letters a name may have. */
enum LetterCase: string
{
    case Any = 'any';
    case Lower = 'small';
    case Upper = 'capital';
}
