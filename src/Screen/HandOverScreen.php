<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Export\Exports;

/** Everything that leaves the desk, file by file. */
final readonly class HandOverScreen implements Screen
{
    public function __construct(private Exports $exports) {}

    public static function name(): string
    {
        return 'hand-over';
    }

    public function context(Look $look): array
    {
        $sheets = SetUpSheet::all($look->inspection, $look->report);
        $files = [];
        foreach ($this->exports->of($look->inspection) as $word) {
            $subject = explode(':', $word)[1] ?? '';
            $files[$this->exports->title($word)][$word] = '' === $subject
                ? ''
                : ($sheets[$subject]->title ?? $look->inspection->board->nameOf($subject));
        }

        // What is of the whole board comes first.
        uasort($files, static fn(array $a, array $b): int => ('' !== reset($a)) <=> ('' !== reset($b)));

        return ['files' => $files, 'printable' => $sheets];
    }
}
