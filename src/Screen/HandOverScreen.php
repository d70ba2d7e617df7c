<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Export\Exports;
use IronLatch\Export\Folder;
use IronLatch\View\WiringDrawing;

/** What leaves the desk: all of it in one package, and piece by piece. */
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
        $folders = [];
        foreach ($this->exports->of($look->inspection) as $word) {
            $piece = $this->exports->piece($word);
            if (!$piece->isPacked) {
                continue;
            }
            $subject = explode(':', $word)[1] ?? '';
            $title = $this->exports->title($word);
            $kind = explode(':', $word)[0];
            $folders[$piece->folder->value][$kind] ??= ['title' => $title, 'for' => $piece->for, 'words' => []];
            $folders[$piece->folder->value][$kind]['words'][$word] = '' === $subject
                ? ''
                : ($sheets[$subject]->title ?? self::drawing($subject) ?? $look->inspection->board->nameOf($subject));
        }
        $titles = [];
        foreach (Folder::cases() as $folder) {
            if (isset($folders[$folder->value])) {
                $titles[$folder->title()] = $folders[$folder->value];
            }
        }

        return ['folders' => $titles];
    }

    /** A sheet of the wiring by its name: “Low voltage 2” for low-2. */
    private static function drawing(string $subject): ?string
    {
        [$tab, $number] = [...explode('-', $subject, 2), ''];

        return '' === $number || !isset(WiringDrawing::TABS[$tab]) ? null : WiringDrawing::TABS[$tab] . ' ' . $number;
    }
}
