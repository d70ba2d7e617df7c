<?php

declare(strict_types=1);

namespace IronLatch\Core\Quantity;

/** Engineering prefixes, by their power of ten. */
final class Prefix
{
    /** @var array<string, int> as written by people, U+03BC and a plain u for micro included */
    public const READ = [
        'p' => -12, 'n' => -9, 'u' => -6, "\u{B5}" => -6, "\u{3BC}" => -6, 'm' => -3, '' => 0, 'k' => 3, 'K' => 3, 'M' => 6, 'G' => 9,
    ];

    /** @var array<int, string> as printed */
    public const PRINT = [-12 => 'p', -9 => 'n', -6 => "\u{B5}", -3 => 'm', 0 => '', 3 => 'k', 6 => 'M', 9 => 'G'];
}
