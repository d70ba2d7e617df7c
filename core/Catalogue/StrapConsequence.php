<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What happens when reset reads a strapped pin wrongly. */
enum StrapConsequence: string
{
    case WontRun = 'won’t run';
    case WontUpload = 'won’t upload';
    case Harmless = 'harmless';
}
