<?php

declare(strict_types=1);

namespace IronLatch\Screen;

use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Layout\ListColumn;
use IronLatch\Core\Layout\Returned;
use IronLatch\Core\Layout\Unreadable;
use IronLatch\Export\Exports;
use IronLatch\Export\Folder;
use IronLatch\Layout\ReturnedFiles;
use IronLatch\View\WiringDrawing;

/** What leaves the desk: all of it in one package, and piece by piece; and what comes back, held against the board. */
final readonly class HandOverScreen implements Screen
{
    public function __construct(private Exports $exports, private ReturnedFiles $returned) {}

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

        return ['folders' => $titles, ...$this->back($look)];
    }

    /**
     * What came back: all of it with what was said of it, and one file as it is read today.
     *
     * @return array<string, mixed>
     */
    private function back(Look $look): array
    {
        $files = $this->returned->of($look->opened);
        $chosen = '' === $look->open ? null : $this->returned->one($look->opened, $look->open);
        try {
            $read = null === $chosen ? null : $this->returned->read($look->opened, $chosen);
            $fault = '';
        } catch (Unreadable $unreadable) {
            [$read, $fault] = [null, $unreadable->getMessage()];
        }

        return [
            'returned' => $files,
            'against' => $read->hash ?? ([] === $files ? '' : Returned::hashOf($look->inspection)),
            'chosen' => $chosen,
            'read' => $read,
            'read_fault' => $fault,
            'column_names' => array_column(ListColumn::cases(), 'value'),
            'given' => '',
            'settled' => $this->returned->decisions($look->opened),
        ];
    }

    /** A sheet of the wiring by its name: “Low voltage 2” for low-2. */
    private static function drawing(string $subject): ?string
    {
        [$tab, $number] = [...explode('-', $subject, 2), ''];

        return '' === $number || !isset(WiringDrawing::TABS[$tab]) ? null : WiringDrawing::TABS[$tab] . ' ' . $number;
    }
}
