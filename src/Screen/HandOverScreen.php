<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Export\Exports;
use IronLatch\View\WiringDrawing;

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
                : ($sheets[$subject]->title ?? self::drawing($subject) ?? $look->inspection->board->nameOf($subject));
        }

        // What is of the whole board comes first.
        uasort($files, static fn(array $a, array $b): int => ('' !== reset($a)) <=> ('' !== reset($b)));

        return ['files' => $files, 'printable' => $sheets];
    }

    /** A sheet of the wiring by its name: “Low voltage 2” for low-2. */
    private static function drawing(string $subject): ?string
    {
        [$tab, $number] = [...explode('-', $subject, 2), ''];

        return '' === $number || !isset(WiringDrawing::TABS[$tab]) ? null : WiringDrawing::TABS[$tab] . ' ' . $number;
    }
}
